import type { Said } from '../language';
import type { pinWords as englishPins, placeWords as english, spokenWords as englishSpoken } from '../places';
import { maschen } from './counter';

/** Was an einer gesagten Stelle nicht stimmt, auf Deutsch. Gesagte Stellen selbst bleiben in den Worten, in denen sie gelesen werden. */
export const placeWords: Pick<
  Said<typeof english>,
  | 'moved'
  | 'homeless'
  | 'unknown'
  | 'noRoundSaid'
  | 'noSuchRound'
  | 'notNeighbours'
  | 'stitchesNotNeighbours'
  | 'noSuchStitch'
  | 'tooWide'
  | 'oneOfTwo'
  | 'oneHole'
  | 'noMark'
  | 'noFeature'
  | 'saidTwice'
  | 'noStitchSaid'
> = {
  moved: (was, now) =>
    `Die Runde hatte ${was} Maschen, als das gesetzt wurde, und hat jetzt ${now}. Verschoben: bitte ansehen.`,
  homeless: 'Die Runde, auf der das stand, gibt es nicht mehr. Wähle eine neue Stelle.',
  unknown: (word) =>
    `„${word}“ ist hier nicht verstanden. Eine Stelle ist eine Runde und eine Masche, etwa “between R13 and R14, between stitches 18 and 19”, ein Paar ist, wie weit auseinander, etwa “7 stitches between”.`,
  noRoundSaid: 'Welche Runde? Sag etwa “between R13 and R14”, “13 rounds down from the ring” oder “in R14”.',
  noSuchRound: (n, last) => `R${n} gibt es nicht: dieses Teil endet bei R${last}.`,
  notNeighbours: (a, b) =>
    `R${a} und R${b} sind keine Nachbarn: ein Stift steht zwischen einer Runde und der nächsten.`,
  stitchesNotNeighbours: (a, b) =>
    `Die Maschen ${a} und ${b} sind keine Nachbarn: ein Loch liegt zwischen einer Masche und der nächsten.`,
  noSuchStitch: (n, label, count) => `${label} hat ${maschen(count)}, eine Masche ${n} gibt es darin nicht.`,
  tooWide: (n, label, count) =>
    `${n} ist zu weit auseinander für ${label}: sie hat ${maschen(count)}, und weiter als die Hälfte davon können zwei Stifte nicht stehen.`,
  oneOfTwo: (a, b) =>
    `${a} und ${b} sind zwei verschiedene Abstände; welcher gilt, sagst du: sag ${a}, oder sag ${b}.`,
  oneHole: 'Mit nichts dazwischen stünden beide Stifte in einem Loch. Sag mindestens eins.',
  noMark: (mark) => `Auf diesem Teil gibt es das nicht: ${mark}.`,
  noFeature: (name) => `„${name}“ gibt es auf diesem Teil nicht, um von dort zu messen.`,
  saidTwice: (first, second) => `„${first}“ und „${second}“ sagen zwei verschiedene Dinge. Sag eines davon.`,
  noStitchSaid:
    'Wo auf der Runde? Sag eine Masche, etwa “between stitches 18 and 19”, oder für ein Paar, wie weit auseinander, etwa “7 stitches between”.',
};

/** Welche Seite einer Naht eine Stecknadel hält; links und rechts sind die der Figur. */
export const pinWords: Said<typeof englishPins> = {
  top: 'oben',
  bottom: 'unten',
  left: 'links der Figur',
  right: 'rechts der Figur',
  front: 'vorn',
  back: 'hinten',
};

/** Wie eine Stelle vorgelesen wird. */
export const spokenWords: Said<typeof englishSpoken> = {
  betweenRounds: (a, b) => `zwischen Runde ${a} und ${b}`,
  rounds: (a, b) => `Runde ${a} bis ${b}`,
  round: (n) => `Runde ${n}`,
  betweenStitches: (a, b) => `zwischen Masche ${a} und ${b}`,
  stitch: (n) => `Masche ${n}`,
};
