const MOST_TEXTS = 4096;
const MOST_LETTERS = 1_000_000;
const LONGEST = 4000;

/** The same letters in a string of their own: a piece cut out of a text holds on to all of it (V8's sliced strings), and so does what is made of the piece. */
export const ownLetters = (text: string): string => ` ${text}`.slice(1);

/** Answers by a text; when it is full the older half goes. Memory is bounded: longer texts than `LONGEST` letters are not kept, and no text that a piece was cut out of. What an answer holds is for its maker to cut loose. */
export class Known<T> {
  private now = new Map<string, T>();
  private before = new Map<string, T>();
  private letters = 0;

  get(text: string): T | undefined {
    const answer = this.now.get(text);
    if (answer !== undefined) return answer;
    const older = this.before.get(text);
    if (older !== undefined) this.set(text, older);
    return older;
  }

  set(text: string, answer: T): void {
    if (text.length > LONGEST) return;
    if (this.now.size >= MOST_TEXTS || this.letters > MOST_LETTERS) {
      this.letters = 0;
      this.before = this.now;
      this.now = new Map();
    }
    this.letters += text.length;
    this.now.set(ownLetters(text), answer);
  }
}

/** A function of one text that remembers what it answered: an edit of one line asks the others again as they were. `make` must be pure, and nobody may change its answers. */
export function knownByText<T>(make: (text: string) => T): (text: string) => T {
  const known = new Known<T>();
  return (text) => {
    const found = known.get(text);
    if (found !== undefined) return found;
    const answer = make(ownLetters(text));
    known.set(text, answer);
    return answer;
  };
}
