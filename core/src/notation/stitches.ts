import { own } from '../own';
import { STITCH_KINDS, STITCHES } from '../figures';
import type { StitchItem, StitchKind, Terms } from './syntax';
import type { Cursor } from './cursor';

/** What one word of the craft does: uses `eats` stitches of the round below and leaves `makes`. Source: the table "What counts" of the house's notation. */
export type CraftWord = Pick<StitchItem, 'kind' | 'eats' | 'makes' | 'invisible' | 'post' | 'spike'>;

const TERMS: readonly Terms[] = ['us', 'uk'];
const inTerms = <T>(of: (terms: Terms) => T): Record<Terms, T> =>
  Object.fromEntries(TERMS.map((terms) => [terms, of(terms)])) as Record<Terms, T>;

/** Kinds by their words. */
const BY_WORD = inTerms(
  (terms) =>
    new Map<string, StitchKind>(
      STITCH_KINDS.flatMap((kind) =>
        STITCHES[kind][terms].words.flatMap((word) =>
          (word === 'st' || word.endsWith('s') ? [word] : [word, `${word}s`]).map((w) => [w, kind] as const),
        ),
      ),
    ),
);

/** The kind of a word that may be part of a compound, such as `sc2tog`. */
function plainKind(word: string, terms: Terms): StitchKind | null {
  const kind = BY_WORD[terms].get(word);
  return kind && STITCHES[kind].compounds ? kind : null;
}

/** Stitches in full words, longest first. */
export const SPELLED: Record<Terms, readonly (readonly [string[], StitchKind])[]> = inTerms((terms) =>
  STITCH_KINDS.flatMap((kind) => {
    const written: { phrases?: readonly string[] } = STITCHES[kind][terms];
    return (written.phrases ?? []).flatMap((phrase): [string[], StitchKind][] =>
      ['', 's', ' stitches', ' stitch'].map((end) => [`${phrase}${end}`.split(' '), kind]),
    );
  }).sort(([a], [b]) => b.length - a.length),
);

/** The word for a kind of stitch in the terms asked. */
export const WORD_OF: Record<Terms, Record<StitchKind, string>> = inTerms(
  (terms) =>
    Object.fromEntries(STITCH_KINDS.map((kind) => [kind, STITCHES[kind][terms].print])) as Record<
      StitchKind,
      string
    >,
);

const INC = new Set(['inc', 'incs', 'increase', 'increases']);
const DEC = new Set(['dec', 'decs', 'decrease', 'decreases']);

/** Looks one word up; `null` when the craft does not know it in these terms. */
export function craftWord(word: string, terms: Terms): CraftWord | null {
  const kind = BY_WORD[terms].get(word);
  if (kind) return { kind, eats: STITCHES[kind].eats, makes: 1 };
  if (INC.has(word)) return { kind: 'sc', eats: 1, makes: 2 };
  if (DEC.has(word)) return { kind: 'sc', eats: 2, makes: 1 };
  // `inc1, dec1`
  if (word === 'inc1') return { kind: 'sc', eats: 1, makes: 2 };
  if (word === 'dec1') return { kind: 'sc', eats: 2, makes: 1 };
  if (word === 'invdec') return { kind: 'sc', eats: 2, makes: 1, invisible: true };
  if (word.length < 4) return null;
  const many = /^inc([2-9])$/.exec(word);
  if (many) return { kind: 'sc', eats: 1, makes: Number(many[1]) };
  const together = /^([a-z]+?)([2-9])tog$/.exec(word);
  const joined = together && plainKind(together[1], terms);
  if (joined) return { kind: joined, eats: Number(together[2]), makes: 1 };
  const post = /^([fb])p([a-z]+)$/.exec(word);
  const round = post && plainKind(post[2], terms);
  if (round) return { kind: round, eats: 1, makes: 1, post: post[1] === 'f' ? 'front' : 'back' };
  return null;
}

/** Takes the word or words of one stitch at the cursor: `sc`, `sl st`, `inv dec`, `hdc inc`, `spike sc`, `sc next 2 tog`. */
export function takeStitch(c: Cursor): CraftWord | null {
  const start = c.at;
  const spike = c.takeAny('spike');
  const word = takePlainStitch(c);
  if (!word) {
    if (spike && (c.takeAny('stitch', 'stitches', 'st') || true))
      return { kind: 'sc', eats: 1, makes: 1, spike: true };
    c.at = start;
    return null;
  }
  if (spike || c.takeAny('spike')) return { ...word, spike: true };
  return word;
}

/** Stitches of written symbol charts. */
const SYMBOLS: Record<string, CraftWord | undefined> = {
  x: { kind: 'sc', eats: 1, makes: 1 },
  v: { kind: 'sc', eats: 1, makes: 2 },
  a: { kind: 'sc', eats: 2, makes: 1 },
};

/** `sc-inc`: a dash with no space on either side; `2 sc - inc` is two stitches and an increase. */
const isHyphen = (c: Cursor): boolean =>
  c.is('-') && c.peek()!.from === c.peek(-1)?.to && c.peek()!.to === c.peek(1)?.from;

function takePlainStitch(c: Cursor): CraftWord | null {
  const symbol = c.symbols ? own(SYMBOLS, c.peek()?.text ?? '') : undefined;
  if (symbol) {
    c.at++;
    return symbol;
  }
  if (c.takePhrase('sl st', 'sl sts', 'slip stitch', 'slip stitches', 'slip st', 'sl - st'))
    return together(c, { kind: 'slst', eats: 1, makes: 1 });
  if (c.is('inv') || c.is('invisible')) {
    const behind = c.is('-', 1) ? 2 : 1;
    if (DEC.has(c.peek(behind)?.text ?? '')) {
      c.at += behind + 1;
      return { kind: 'sc', eats: 2, makes: 1, invisible: true };
    }
    return null;
  }
  const token = c.peek();
  if (token?.type !== 'word') return null;
  // `FLO 2 tog`: through the front loops of two.
  if (c.is('flo') && (c.is('2', 1) || c.is('3', 1)) && (c.is('tog', 2) || c.is('together', 2))) {
    const eats = Number(c.peek(1)!.text);
    c.at += 3;
    return { kind: 'sc', eats, makes: 1, invisible: true };
  }
  const kind = takeKind(c);
  if (kind) {
    if (isHyphen(c) && (INC.has(c.peek(1)?.text ?? '') || DEC.has(c.peek(1)?.text ?? ''))) c.at++;
    if (INC.has(c.peek()?.text ?? '')) {
      c.at++;
      return { kind, eats: 1, makes: 2 };
    }
    if (DEC.has(c.peek()?.text ?? '')) {
      c.at++;
      return { kind, eats: 2, makes: 1 };
    }
    return together(c, { kind, eats: STITCHES[kind].eats, makes: 1 });
  }
  const word = craftWord(token.text, c.terms);
  if (!word) return null;
  c.at++;
  if ((INC.has(token.text) || DEC.has(token.text)) && c.peek()?.type === 'word') {
    const other = takeKind(c);
    if (other && other !== 'ch') return { ...word, kind: other };
    if (other) c.at--;
  }
  return word;
}

function takeKind(c: Cursor): StitchKind | null {
  for (const [words, kind] of SPELLED[c.terms]) if (c.takeWords(...words)) return kind;
  const kind = plainKind(c.peek()?.text ?? '', c.terms);
  if (kind) c.at++;
  return kind;
}

/** `sc next 2 tog`, `dc 2 together`, `sl st next 2 FLO tog`. */
function together(c: Cursor, word: CraftWord): CraftWord {
  const start = c.at;
  c.takeAny('the');
  c.takeAny('next');
  const n = c.number();
  if (n) c.takeAny('st', 'sts', 'stitches');
  if (n && n.value >= 2 && n.value <= 9) {
    const front = c.takeAny('flo');
    if (c.takeAny('tog', 'together'))
      return { ...word, eats: n.value, makes: 1, ...(front ? { invisible: true } : {}) };
  }
  c.at = start;
  return word;
}

/** Words that a reader meets besides stitches; used to find the nearest known word. */
const OTHER = [
  'around',
  'ring',
  'join',
  'turn',
  'skip',
  'each',
  'next',
  'repeat',
  'times',
  'twice',
  'even',
  'change',
  'stuff',
  'close',
  'over',
];

/** English, not spelling mistakes. */
const SMALL_WORDS = new Set(['in', 'on', 'of', 'to', 'for', 'at', 'by', 'is', 'it', 'or', 'as']);

/** Words of the craft in these terms, for completion and for the nearest known word. */
export function knownWords(terms: Terms): string[] {
  return [
    ...STITCH_KINDS.map((kind) => STITCHES[kind][terms].print),
    'inc',
    'dec',
    'invdec',
    'picot',
    ...OTHER,
  ];
}

/** The known word with the smallest edit distance, or `null` when none is near. */
export function nearestWord(word: string, terms: Terms): string | null {
  if (word.length < 2 || word.length > 24 || SMALL_WORDS.has(word)) return null;
  let best: string | null = null;
  let bestDistance = word.length <= 3 ? 2 : 3;
  for (const candidate of knownWords(terms)) {
    if (Math.abs(candidate.length - word.length) > 3) continue;
    const d = editDistance(word, candidate);
    if (d < bestDistance || (d === bestDistance && best === null && sameLetters(word, candidate))) {
      best = candidate;
      bestDistance = d;
    }
  }
  return best;
}

const sameLetters = (a: string, b: string) => [...a].sort().join('') === [...b].sort().join('');

/** Restricted Damerau-Levenshtein distance: a swap of neighbours counts once. */
function editDistance(a: string, b: string): number {
  const row: number[][] = Array.from({ length: a.length + 1 }, (_, i) => [i]);
  for (let j = 0; j <= b.length; j++) row[0][j] = j;
  for (let i = 1; i <= a.length; i++)
    for (let j = 1; j <= b.length; j++) {
      const cost = a[i - 1] === b[j - 1] ? 0 : 1;
      row[i][j] = Math.min(row[i - 1][j] + 1, row[i][j - 1] + 1, row[i - 1][j - 1] + cost);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        row[i][j] = Math.min(row[i][j], row[i - 2][j - 2] + 1);
    }
  return row[a.length][b.length];
}
