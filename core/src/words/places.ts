import { plural } from './plural';

/** Words for places on a part. */
export const placeWords = {
  between: (a: string, b: string) => `between ${a} and ${b}`,
  fromFinishedEdge: (a: number, b: number) => `between the ${ordinal(a)} and ${ordinal(b)} round from the finished edge`,
  fromPauseEdge: (a: number, b: number) => `between the ${ordinal(a)} and ${ordinal(b)} round from the edge at the pause`,
  fromRing: (n: number) => `${plural(n, 'round')} down from the ring`,
  stitchesBetween: (n: number) => `${plural(n, 'stitch', 'stitches')} between`,
  holesOn: (n: number) => `${plural(n, 'hole')} on`,
  holesShowing: (n: number) => `${plural(n, 'hole')} showing between`,
  countingBoth: (n: number) => `${n} holes, counting both posts`,
  moved: (was: number, now: number) => `The round had ${was} stitches when this was placed and has ${now} now. Moved: please look.`,
  homeless: 'The round this stood on is gone. Choose a new place.',
};

/** 1 -> "1st", 12 -> "12th". */
export function ordinal(n: number): string {
  const tail = n % 100 >= 11 && n % 100 <= 13 ? 'th' : n % 10 === 1 ? 'st' : n % 10 === 2 ? 'nd' : n % 10 === 3 ? 'rd' : 'th';
  return `${n}${tail}`;
}
