import { plural } from './plural';

const st = (n: number) => plural(n, 'stitch', 'stitches');

/** Sentences of the reader of written rounds. */
export const notationWords = {
  tooFewRepeat: (times: number, group: string, eaten: number, offered: number) =>
    `${plural(times, 'repeat')} of ${group} use ${eaten} of the ${st(offered)}; ${offered - eaten} ${offered - eaten === 1 ? 'is' : 'are'} left.`,
  tooManyRepeat: (times: number, group: string, eaten: number, offered: number) =>
    `${plural(times, 'repeat')} of ${group} need ${st(eaten)}; only ${offered} ${offered === 1 ? 'is' : 'are'} there.`,
  tooFew: (eaten: number, offered: number) => `Uses ${eaten} of the ${st(offered)}: ${offered - eaten} left over.`,
  tooMany: (eaten: number, offered: number) => `Needs ${st(eaten)}; only ${offered} ${offered === 1 ? 'is' : 'are'} there.`,
  countMismatch: (made: number, stated: number) => `Makes ${made}, the line says ${stated}.`,
  doesNotDivide: (offered: number, group: string, eats: number, fits: number, left: number) =>
    `${offered} is ${fits} times ${group}, which uses ${eats}, and ${left} left.`,
  nothingEaten: (group: string) => `${group} uses no stitch, so it cannot go around.`,
  unknownWord: (word: string, nearest: string | null) =>
    nearest ? `“${word}” is not a word I know. Did you mean “${nearest}”?` : `“${word}” is not a word I know.`,
  unclosed: (bracket: string) => `The bracket “${bracket}” is never closed.`,
  labelGap: (expected: number, found: number) => `R${expected} should come next, this line says R${found}.`,
  labelRepeat: (found: number) => `R${found} is already written above.`,
  termsSuspect: (looksLike: string, readAs: string) => `This looks like ${looksLike} terms, but it is read as ${readAs}.`,
  ruffle: (made: number, offered: number) => `From ${offered} to ${made} in one round is more than lies flat: the edge will ruffle.`,
  cup: (made: number, offered: number) => `From ${offered} to ${made} more than halves the round: it will pucker.`,
  stacked: (times: number) => `The ${times} increases stand above those of the round before and make corners.`,
  assumed: (carried: number) => `Counted on from ${carried}, which was not certain.`,
  mendRepeat: (n: number) => `Repeat ${n} times`,
  mendWrite: (words: string) => `Write ${words}`,
  mendCount: (n: number) => `Write (${n})`,
};
