import { plural } from './plural';

const st = (n: number) => plural(n, 'stitch', 'stitches');

/** As a maker writes it. */
const often = (n: number): string => (n === 1 ? 'once' : `${n} times`);

/** Sentences of the reader of written rounds. */
export const notationWords = {
  /** a kind of stitch, with what it is called in full in the terms at hand: of some words two kinds of stitch are meant */
  stitchNamed: (_kind: string, full: string) => full,
  tooFewRepeat: (times: number, group: string, eaten: number, offered: number) =>
    `${plural(times, 'repeat')} of ${group} use ${eaten} of the ${st(offered)}; ${offered - eaten} ${offered - eaten === 1 ? 'is' : 'are'} left.`,
  tooManyRepeat: (times: number, group: string, eaten: number, offered: number) =>
    `${plural(times, 'repeat')} of ${group} need ${st(eaten)}; only ${offered} ${offered === 1 ? 'is' : 'are'} there.`,
  tooFew: (eaten: number, offered: number) =>
    `Uses ${eaten} of the ${st(offered)}: ${offered - eaten} left over.`,
  tooMany: (eaten: number, offered: number) =>
    `Needs ${st(eaten)}; only ${offered} ${offered === 1 ? 'is' : 'are'} there.`,
  countMismatch: (made: number, stated: number) => `Makes ${made}, the line says ${stated}.`,
  doesNotDivide: (offered: number, group: string, eats: number, fits: number, left: number) =>
    `${offered} is ${fits} times ${group}, which uses ${eats}, and ${left} left.`,
  aroundAgain:
    'This goes around a second time, and the stitches of the round are used by then: write it as a round of its own, on its own line.',
  onTheRing: 'This goes around what the ring has just made: write it as a round of its own, on its own line.',
  nothingEaten: (group: string) => `${group} uses no stitch, so it cannot go around.`,
  unknownWord: (word: string, nearest: string | null) => {
    if (nearest === word) return `“${word}” stands here without a stitch. Say which, such as “sc in next 2”.`;
    return `“${word}” is not a word I know.${nearest ? ` Did you mean “${nearest}”?` : ''}`;
  },
  unclosed: (bracket: string) => `The bracket “${bracket}” is never closed.`,
  otherRounds: (first: number, last: number, said: number) =>
    `R${first}-${last} are ${last - first + 1} rounds, the line says ${said}. Which of the two is meant?`,
  labelGap: (expected: number, found: number) => `R${expected} should come next, this line says R${found}.`,
  labelRepeat: (found: number) => `R${found} is already written above.`,
  termsSuspect: (looksLike: string, readAs: string) =>
    `This looks like ${looksLike} terms, but it is read as ${readAs}.`,
  ruffle: (made: number, offered: number, rounds: number) =>
    `From ${offered} to ${made} in ${rounds === 1 ? 'one round' : `${rounds} rounds`} is more than lies flat: it will ruffle.`,
  cup: (made: number, offered: number) =>
    `From ${offered} to ${made} more than halves the round: it will pucker.`,
  stacked: (times: number) =>
    `The ${times} increases stand above those of the round before and make corners.`,
  makesNothing: 'This makes no stitch: nothing is left for the next round.',
  ofAll: (times: number) => `${times} times is read of all that stands before it: that adds up.`,
  sizesRead: (sizes: number, first: string | null) =>
    `This page gives its numbers for ${sizes} sizes: the first is read${first ? `, ${first}` : ''}. For another one, write its numbers first.`,
  spreadEvenly: (round: string) =>
    `Only the count is written, not where it changes: spread evenly, as ${round}.`,
  twoEdges: (each: number) => `Read as joining two edges of ${each} stitches each.`,
  assumed: (carried: number) => `Counted on from ${carried}, which was not certain.`,
  countMismatchMend: (made: number, stated: number, mend: string) =>
    `Makes ${made}, the line says ${stated}. ${mend}: that makes ${stated}.`,
  chainUse: (chain: number, offered: number, eaten: number) =>
    `A chain of ${chain} offers ${st(offered)} here; ${eaten} ${eaten === 1 ? 'is' : 'are'} used.`,
  givenUnknown: 'The first round must say its count, so that the next one can be counted on.',
  noStar:
    'No line above begins with a star: which rounds are meant is not known. Say them, such as “repeat R3-R6 4 times”.',
  loopsOfOther: (n: number) =>
    `Begins on loops of R${n} of another part: how many there are is taken from the count, not from that part.`,
  otherChain: (here: number, of: string, there: number | null) =>
    there === null
      ? `A chain of ${here} is said here; “${of}” begins on none.`
      : `The chain is ${here} here and ${there} in “${of}”. Which of the two is meant?`,
  noSuchRound: (n: number, of: string | null = null) =>
    of === null ? `There is no R${n} above this line.` : `There is no R${n} of “${of}” above this line.`,
  loopsGone: (loop: string, n: number, by: string | null) =>
    by
      ? `${by} works through both loops of R${n}: no ${loop} loop is left.`
      : `R${n} has no free ${loop} loops.`,
  loopsTaken: (loop: string, n: number, by: string) =>
    `The ${loop} loops of R${n} are taken already, by ${by}.`,
  loopHeld: (loop: string, by: string) =>
    `The ${loop} loops below are taken by ${by}; this round works into them too.`,
  theLayer: (line: number) => `the layer in line ${line}`,
  unknownPart: (name: string) => `No part is called “${name}”. Add it, or name one that is there.`,
  notFinished: (name: string) => `“${name}” must be made before this round; it is written further down.`,
  untilNever: (offered: number, left: number) => `From ${offered}, this repeat never leaves exactly ${left}.`,
  soManyThere: (n: number) => `There are ${n} rounds already: nothing is worked again.`,
  repeatRead: (n: number, more: boolean) =>
    more
      ? `“Repeat ${often(n)}” is read as ${n} more, ${n + 1} in all: that adds up.`
      : `“Repeat ${often(n)}” is read as ${n} in all: that adds up.`,
  repeatDoubt: (n: number) =>
    `“Repeat ${often(n)}” may mean ${n} in all or ${n} more; read as ${n} in all. Write x${n} or x${n + 1} to be sure.`,
  soundsLikeWork: 'This sounds like work and is not read.',
  symbolsRead: 'X, V and A are read as sc, inc and dec.',
  takeUp: (times: number, work: string, instead: string, uses: number, makes: number) =>
    `${times === 1 ? 'Once' : `${times} times`}, work ${work} instead of ${instead}: the round uses ${uses} and still makes ${makes}.`,
  mendFree: (label: string, loops: string) => `Work ${label} ${loops}`,
  mendStagger: 'Stagger the increases',
  mendNote: 'Keep it as a note',
  mendLayer: (n: number) => `Write R${n}`,
  mendLoops: (loops: string) => `Work this round ${loops}`,
  mendRepeat: (n: number) => `Repeat ${n} times`,
  mendWrite: (words: string) => `Write ${words}`,
  mendCount: (n: number) => `Write (${n})`,
};
