/** A sentence that a translation does not say as the original does. */
export interface Unlike {
  path: string;
  /** how each tells the same */
  of: string;
  said: string;
}

type Sentence = (...of: unknown[]) => unknown;

/** Every sentence of a catalogue with its path; arrays are told by their places. */
export function sentencesIn(own: unknown, path = ''): (readonly [string, string | Sentence])[] {
  if (typeof own === 'string' || typeof own === 'function') return [[path, own as string | Sentence]];
  if (typeof own !== 'object' || own === null) return [];
  return Object.entries(own).flatMap(([key, it]) => sentencesIn(it, path ? `${path}.${key}` : key));
}

/** What sentences that are handed one thing ask of it. */
const THING = {
  times: 2,
  loops: '§l',
  from: '§m',
  where: { from: 74, to: 75 },
  fill: 'soft',
  only: true,
};

/** What could be handed to a sentence: words, numbers, nothing, lists, and each word that its own text compares with. */
function handed(sentence: Sentence): unknown[] {
  const compared = [...sentence.toString().matchAll(/['"]([a-z0-9][a-z0-9 -]*)['"]/g)].map(
    ([, word]) => word,
  );
  return ['§a', 71, 1, 0, true, false, null, ['§b', '§c'], [72, 73], THING, ...new Set(compared)];
}

/** All ways to hand so many things, or some thousand of them, spread evenly, where there are more. */
function* waysToHand(all: readonly unknown[], places: number, most = 4000): Generator<unknown[]> {
  const ways = all.length ** places;
  // A step that shares no factor with the number of things reaches every one of them at every place.
  const step = ways <= most ? 1 : Math.floor(ways / most) * all.length + 1;
  for (let way = 0; way < ways; way += step)
    yield Array.from({ length: places }, (_, k) => {
      const it = all[Math.floor(way / all.length ** k) % all.length];
      // The same word at two places would not tell which of them was lost.
      if (it === '§a') return `§${'defg'[k % 4]}${k}`;
      return typeof it === 'number' && it > 70 ? it + 10 * k : it;
    });
}

const told = (text: string): Set<string> => new Set(text.toLowerCase().match(/§[a-z]\d?|\d+/g) ?? []);
const makesSense = (text: unknown): text is string =>
  typeof text === 'string' && !/undefined|NaN|\[object|=>/.test(text);

function saidOf(sentence: Sentence, of: unknown[]): string | null {
  try {
    const text = sentence(...of);
    const whole = typeof text === 'number' ? String(text) : text;
    return makesSense(whole) ? whole : null;
  } catch {
    return null;
  }
}

/** How a translated sentence tells other things than its original, whatever is handed to it; null where it never does. */
export function unlike(path: string, own: Sentence, said: Sentence): Unlike | null {
  for (const of of waysToHand(handed(own), Math.max(own.length, said.length))) {
    const first = saidOf(own, of);
    if (first === null) continue;
    const second = saidOf(said, of);
    const [a, b] = [told(first), told(second ?? '')];
    if (second === null || a.size !== b.size || [...a].some((it) => !b.has(it)))
      return { path, of: first, said: second ?? 'nothing' };
  }
  return null;
}

/** Compares a catalogue with its translation: what is missing, what tells other things, and what is the same in both. */
export function compared(own: object, said: object): { missing: string[]; unlike: Unlike[]; same: string[] } {
  const there = new Map(sentencesIn(said));
  const found = { missing: [] as string[], unlike: [] as Unlike[], same: [] as string[] };
  for (const [path, sentence] of sentencesIn(own)) {
    const other = there.get(path);
    if (other === undefined || typeof other !== typeof sentence) found.missing.push(path);
    else if (typeof sentence === 'string') {
      if (sentence === other && /\p{L}{3}/u.test(sentence)) found.same.push(sentence);
    } else {
      const fault = unlike(path, sentence, other as Sentence);
      if (fault) found.unlike.push(fault);
    }
  }
  return found;
}
