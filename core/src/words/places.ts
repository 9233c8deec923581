import { plural } from './plural';

/** Words for places on a part. What is printed here is read again by `address/readWords.ts`. */
export const placeWords = {
  between: (a: number, b: number) => `between R${a} and R${b}`,
  onRound: (n: number) => `in R${n}`,
  fromRing: (n: number) => `${plural(n, 'round')} down from the ring`,
  onFromRing: (n: number) => `in the ${ordinal(n)} round from the ring`,
  fromEdge: (a: number, b: number, edge: 'finished' | 'pause') =>
    `between the ${ordinal(a)} and ${ordinal(b)} round from the ${edges[edge]}`,
  onFromEdge: (n: number, edge: 'finished' | 'pause') => `in the ${ordinal(n)} round from the ${edges[edge]}`,
  afterMark: (n: number, mark: 'ridge' | 'colour step') => `in the ${ordinal(n)} round after the ${mark}`,
  betweenStitches: (a: number, b: number) => `between stitches ${a} and ${b}`,
  inStitch: (n: number) => `in stitch ${n}`,
  holesBeforeEnd: (n: number) => `${plural(n, 'hole')} before the end of the round`,
  stitchFromEnd: (n: number) => `in the ${ordinal(n)} stitch from the end of the round`,
  inTheMiddle: 'in the middle of the face',
  besideMiddle: (n: number, what: 'hole' | 'stitch', side: 'left' | 'right') =>
    `${plural(n, what, what === 'stitch' ? 'stitches' : 'holes')} to the toy’s ${side} of the middle`,
  stitchesBetween: (n: number) => `${plural(n, 'stitch', 'stitches')} between`,
  stitchesOn: (n: number) => `${plural(n, 'stitch', 'stitches')} on`,
  holesOn: (n: number) => `${plural(n, 'hole')} on`,
  holesShowing: (n: number) => `${plural(n, 'hole')} showing between`,
  countingBoth: (n: number) => `${n} holes, counting both posts`,
  eachSide: (k: number, what: 'hole' | 'stitch', middle: 'hole' | 'stitch') =>
    `the ${ordinal(k)} ${what} on each side of the middle ${middle}`,
  mmStraight: (mm: string) => `${mm} mm apart, straight`,
  mmAlong: (mm: string) => `${mm} mm apart along the fabric`,
  degrees: (n: string) => `${n} degrees apart as seen from above`,
  onSide: (side: 'left' | 'right', words: string) => `toy’s ${side}: ${words}`,
  moved: (was: number, now: number) =>
    `The round had ${was} stitches when this was placed and has ${now} now. Moved: please look.`,
  homeless: 'The round this stood on is gone. Choose a new place.',

  unknown: (word: string) =>
    `“${word}” is not understood here. A place is said by a round and a stitch, such as “between R13 and R14, between stitches 18 and 19”, or a pair by how far apart, such as “7 stitches between”.`,
  noRoundSaid:
    'Which round? Say for example “between R13 and R14”, “13 rounds down from the ring” or “in R14”.',
  noSuchRound: (n: number, last: number) => `There is no R${n}: this part ends at R${last}.`,
  notNeighbours: (a: number, b: number) =>
    `R${a} and R${b} are not neighbours: a post stands between one round and the next.`,
  stitchesNotNeighbours: (a: number, b: number) =>
    `Stitches ${a} and ${b} are not neighbours: a hole lies between one stitch and the next.`,
  noSuchStitch: (n: number, label: string, count: number) =>
    `${label} has ${plural(count, 'stitch', 'stitches')}, so there is no stitch ${n} in it.`,
  tooWide: (n: number, label: string, count: number) =>
    `${n} is too far apart for ${label}: it has ${plural(count, 'stitch', 'stitches')}, and half of them is as far apart as two posts can be.`,
  oneOfTwo: (a: number, b: number) =>
    `${a} and ${b} are two different distances, and which one is the maker’s to say: say ${a}, or say ${b}.`,
  oneHole: 'With nothing between them both posts would stand in one hole. Say at least one.',
  noMark: (mark: string) => `There is no ${mark} on this part.`,
  noFeature: (name: string) => `There is no “${name}” on this part to measure from.`,
  saidTwice: (first: string, second: string) =>
    `“${first}” and “${second}” say two different things. Say one of them.`,
  noStitchSaid:
    'Where on the round? Say a stitch, such as “between stitches 18 and 19”, or for a pair how far apart, such as “7 stitches between”.',
};

const edges = { finished: 'finished edge', pause: 'edge at the pause' } as const;

/** 1 -> "1st", 12 -> "12th". */
export function ordinal(n: number): string {
  const tail =
    n % 100 >= 11 && n % 100 <= 13
      ? 'th'
      : n % 10 === 1
        ? 'st'
        : n % 10 === 2
          ? 'nd'
          : n % 10 === 3
            ? 'rd'
            : 'th';
  return `${n}${tail}`;
}

/** Which side of a seam a pin holds; left and right are the toy's own. */
export const pinWords = {
  top: 'top',
  bottom: 'bottom',
  left: 'toy’s left',
  right: 'toy’s right',
  front: 'front',
  back: 'back',
};

/** How the signs of an address are said. */
export const spokenWords = {
  betweenRounds: (a: string, b: string) => `between rounds ${a} and ${b}`,
  rounds: (a: string, b: string) => `rounds ${a} to ${b}`,
  round: (n: string) => `round ${n}`,
  betweenStitches: (a: string, b: string) => `between stitches ${a} and ${b}`,
  stitch: (n: string) => `stitch ${n}`,
};

/** Rounds of an address as they are said: "R13·14" is "between rounds 13 and 14", whatever stands around it. */
const spokenRounds = (words: string): string =>
  words
    .replace(/\bR(\d+)·(\d+)/g, (_, a: string, b: string) => spokenWords.betweenRounds(a, b))
    .replace(/\bR(\d+)–(\d+)/g, (_, a: string, b: string) => spokenWords.rounds(a, b))
    .replace(/\bR(\d+)\b/g, (_, n: string) => spokenWords.round(n));

/** An address as it is said, with its stitches: "18·19" is "between stitches 18 and 19", "18" is "stitch 18". */
export function spokenPlace(rounds: string, stitches?: string): string {
  if (stitches === undefined) return spokenRounds(rounds);
  const said = stitches
    .replace(/(\d+)·(\d+)/g, (_, a: string, b: string) => spokenWords.betweenStitches(a, b))
    .replace(/^\d+$/, (n) => spokenWords.stitch(n));
  return `${spokenRounds(rounds)}, ${said}`;
}
