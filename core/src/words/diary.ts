import { plural } from './plural';

/** What was done, told line by line. */
export const diaryWords = {
  rounds: (piece: string, first: string, last: string) =>
    first === last ? `${piece}: ${first}` : `${piece}: ${first} to ${last}`,
  gone: 'A step that is planned no more',
  steps: (n: number) => (n === 1 ? 'A step that is planned no more' : `${n} steps that are planned no more`),
  takenBack: (step: string) => `Taken back: ${step}`,
  counted: (step: string, n: number) => `${step}: ${plural(n, 'stitch', 'stitches')} counted`,
  across: (step: string, length: string) => `${step}: ${length} across, pressed flat`,
  sized: (thing: string, length: string) => `${thing}: ${length}`,
  sizes: {
    'eyes apart': (piece: string) => `Eyes of ${piece}, middle to middle`,
    width: (piece: string) => `${piece}, width`,
    height: (piece: string) => `${piece}, height`,
  },
  sizeGone: 'Something that the toy has no more',
  cut: (step: string, length: string) => `${step}: an end of ${length}`,
  changed: {
    text: (part: string) => `Changed meanwhile: the text of ${part}`,
    part: (part: string) => `Changed meanwhile: what is said of ${part}`,
    parts: () => 'Changed meanwhile: which parts there are',
    features: () => 'Changed meanwhile: eyes, stitches or what hangs on it',
    joins: () => 'Changed meanwhile: how pieces are joined',
    yarn: () => 'Changed meanwhile: yarn or gauge',
    plan: () => 'Changed meanwhile: plan or settings',
  },
  partGone: 'a part that is gone',
  another: (n: number) => `Number ${n} was begun`,
  earlier: (n: number) => `Back to number ${n}`,
  photo: 'A photo',
  // ends of yarn that were left
  endLong: (left: string, need: string) => `${left} is enough: its work needs about ${need}.`,
  endTight: (left: string, low: string, high: string) =>
    `${left} may be tight: its work needs between ${low} and ${high}.`,
  endShort: (left: string, need: string) =>
    `${left} is too short: its work needs about ${need}. Join a new length for it.`,
};
