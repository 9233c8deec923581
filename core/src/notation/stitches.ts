import type { StitchKind, Terms } from './syntax';

/** What one word of the craft does: uses `eats` stitches of the round below and leaves `makes`. Source: the table "What counts" of the house's notation. */
export interface CraftWord {
  kind: StitchKind;
  eats: number;
  makes: number;
  invisible?: boolean;
}

const BASE: Record<Terms, Record<string, StitchKind>> = {
  us: { sc: 'sc', hdc: 'hdc', dc: 'dc', tr: 'tr', slst: 'slst', ss: 'slst', ch: 'ch', st: 'sc' },
  uk: { dc: 'sc', htr: 'hdc', tr: 'dc', dtr: 'tr', slst: 'slst', ss: 'slst', ch: 'ch', st: 'sc' },
};

/** The word for a kind of stitch in the terms asked. */
export const WORD_OF: Record<Terms, Record<StitchKind, string>> = {
  us: { sc: 'sc', hdc: 'hdc', dc: 'dc', tr: 'tr', slst: 'sl st', ch: 'ch' },
  uk: { sc: 'dc', hdc: 'htr', dc: 'tr', tr: 'dtr', slst: 'sl st', ch: 'ch' },
};

/** Looks a word up; `null` when the craft does not know it in these terms. */
export function craftWord(word: string, terms: Terms): CraftWord | null {
  const kind = BASE[terms][word];
  if (kind) return { kind, eats: kind === 'ch' ? 0 : 1, makes: 1 };
  if (word === 'inc' || word === 'increase' || word === 'increases') return { kind: 'sc', eats: 1, makes: 2 };
  const many = /^inc(\d)$/.exec(word);
  if (many) return { kind: 'sc', eats: 1, makes: Number(many[1]) };
  if (word === 'dec' || word === 'decrease' || word === 'decreases') return { kind: 'sc', eats: 2, makes: 1 };
  if (word === 'invdec') return { kind: 'sc', eats: 2, makes: 1, invisible: true };
  const together = /^([a-z]+?)([2-9])tog$/.exec(word);
  if (together && BASE[terms][together[1]]) return { kind: BASE[terms][together[1]], eats: Number(together[2]), makes: 1 };
  return null;
}

/** Words that a reader meets besides stitches; used to find the nearest known word. */
const OTHER = ['around', 'ring', 'join', 'turn', 'skip', 'each', 'next', 'repeat', 'times', 'twice', 'even', 'change', 'stuff', 'close'];

/** English, not spelling mistakes. */
const SMALL_WORDS = new Set(['in', 'on', 'of', 'to', 'for', 'at', 'by', 'is', 'it', 'or', 'as']);

/** The known word with the smallest edit distance, or `null` when none is near. */
export function nearestWord(word: string, terms: Terms): string | null {
  if (word.length < 2 || SMALL_WORDS.has(word)) return null;
  const known = [...Object.keys(BASE[terms]).filter((w) => w !== 'st' && w !== 'ss'), 'inc', 'dec', 'invdec', ...OTHER];
  let best: string | null = null;
  let bestDistance = word.length <= 3 ? 2 : 3;
  for (const candidate of known) {
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
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) row[i][j] = Math.min(row[i][j], row[i - 2][j - 2] + 1);
    }
  return row[a.length][b.length];
}

/** Whether a text looks like UK terms: it never says `sc` or `hdc`, but says `dc`. */
export function guessTerms(plain: string): { terms: Terms; sure: boolean } {
  const says = (word: RegExp) => word.test(plain);
  const us = says(/(^|[^a-z])\d*(sc|hdc|sc\d?tog)(?![a-z])/m);
  const uk = says(/(^|[^a-z])\d*(htr|dtr|dc2tog)(?![a-z])/m);
  const dc = says(/(^|[^a-z])\d*dc(?![a-z])/m);
  if (us) return { terms: 'us', sure: true };
  if (uk || dc) return { terms: 'uk', sure: true };
  return { terms: 'us', sure: false };
}
