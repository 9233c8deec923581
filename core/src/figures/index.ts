import { figure, HOUSE, JUDGED, type Figure } from './figure';

export type { Figure };
export { BOUNDS, isWithin } from './bounds';
export type { Bound } from './bounds';
export { GAPS, HOLDS, JUDGE } from './gaps';
export const GAUGE = {
  stitchPerHookMm: figure(1.45, 'ratio'),
  /** the stitch of a yarn that is thicker than its hook says, by the yarn's kind; others follow `stitchPerHookMm` */
  stitchPerHookOf: {
    plush: figure(1.9, 'ratio', {
      low: 1.6,
      high: 2.25,
      source: 'plush stitches of 8 to 9 mm at a hook of 4 to 5 mm',
    }),
    // What older files call one yarn is either of two.
    'super-bulky or plush': figure(1.7, 'ratio', {
      low: 1.28,
      high: 2.25,
      source: 'super-bulky or plush: not known which',
    }),
  } as Readonly<Record<string, Figure>>,
  yarnUnder: figure(0.94, 'ratio'),
  roundPerStitch: figure(0.92, 'ratio', { low: 0.82, high: 0.96 }),
  leanYarnOver: figure(-0.25, 'stitches a round', { low: -0.4, high: -0.1 }),
  leanYarnUnder: figure(-0.1, 'stitches a round', { low: -0.25, high: 0 }),
  holeStretch: figure(1.6, 'ratio'),
  yarnPerStitch: figure(6.5, 'w', { low: 5.5, high: 7.5 }),
  assumedRange: figure(12, 'percent', { source: 'decision 14: an assumed gauge is +-12 percent' }),
  unknownRange: figure(60, 'percent', {
    source:
      'hooks for toys run from about 1.5 to 6 mm: until the hook is said, a length may be half or twice',
  }),
  /** posts give more than rows when the fabric is stretched: their stiffness over that of rows. Calibrated by the height of a finished, filled part */
  postGive: figure(0.4, 'ratio', {
    low: 0.25,
    high: 0.7,
    source:
      'the craft’s ball recipe: k rounds of increases, k even, k - 1 of decreases are a ball when filled firmly',
  }),
  measuredRange: figure(3, 'percent', { source: 'reading a ruler to 1 mm over ten stitches' }),
  pulledPerRing: figure(1.25, 'ratio', { source: 'decision 15' }),
} as const;

/** What measuring itself adds. */
export const MEASURING = {
  ruler: figure(1, 'mm', { source: 'half a millimetre at each end of a ruler' }),
  variation: figure(2, 'percent', {
    source: 'makers vary by about so much from one spot of their fabric to the next',
  }),
  /** a stiffness of posts outside these is taken for another round height instead */
  postGive: figure(1, 'ratio', {
    low: 0.12,
    high: 1.2,
    source: 'twice as soft and twice as stiff as the range of GAUGE.postGive',
  }),
  /** outside this share of what is expected, a measurement is asked again */
  believable: figure(1, 'ratio', { low: 0.5, high: 2 }),
} as const;

/** Yarn of a decrease as a share of its stitch's; an increase is two stitches. */
export const YARN_OF_DEC = { plain: 1.4, invisible: 1.2 } as const;

/** Constants of the ring model. Source: the house's geometry, "the ring model", tried and measured before the project. */
export const FABRIC = {
  gathering: 0.25,
  bendStiffness: 0.05,
  gatheredHeight: 0.35,
  liftOfRoundHeight: 0.15,
  thicknessPerStitch: 0.6,
  /** stretch of a stuffed ball */
  stretch: { empty: 0, soft: 0.01, medium: 0.03, firm: 0.06 },
  ruffleFullness: 1.1,
} as const;

/** How far the lengths of each model may be off by themselves, percent, beside the gauge. Source: the ring model against the fully relaxed fabric (2.3 mm on 94 mm); the others are judged, not measured. */
export const MODEL_RANGE = {
  'ring model': 2.5,
  'bent ring model': 8,
  'oval model': 10,
  flattened: 8,
  folded: 8,
  'flat rows': 3,
  chain: 5,
} as const;

/** Pulled diameters of an opening in mm. */
export const OPENINGS = {
  washer: { comfortableLeastMm: 24, comfortableOverWasherMm: 10, possibleOverWasherMm: 4 },
  embroider: { comfortableMm: 25 },
  fill: { comfortableMm: 28, possibleMm: 9 },
  hardwareKnot: { comfortableMm: 30, possibleMm: 20 },
  source: HOUSE,
} as const;

/** How far in through an opening something is reached to be held, clicked or tied: by fingers, or by a whole hand where the narrowest ring on the way, pulled open, lets one through. The low end is comfortable, the high one possible. */
export const REACH = {
  fingersMm: figure(70, 'mm', { low: 60, high: 80, source: JUDGED }),
  handMm: figure(160, 'mm', { low: 140, high: 180, source: JUDGED }),
  handThroughMm: figure(75, 'mm', { low: 65, high: 85, source: JUDGED }),
} as const;

/** Mass of a ring, a clip or a bell for the square of its width: one of 25 mm is taken for 4 g. */
export const HANGER_GRAMS_PER_MM2 = figure(0.0064, 'g/mm2', { low: 0.003, high: 0.013, source: JUDGED });

/** What holding a strand takes of it: in stitch widths of its fabric, and in mm. Folded in half, or pulled through, both its ends hang; of a dot none does. */
export const STRANDS = {
  'looped in': {
    folded: true,
    takesWidths: figure(4, 'w', { low: 3, high: 6, source: JUDGED }),
    takesMm: figure(0, 'mm', { source: JUDGED }),
  },
  'looped in and knotted': {
    folded: true,
    takesWidths: figure(4, 'w', { low: 3, high: 6, source: JUDGED }),
    takesMm: figure(12, 'mm', { low: 8, high: 20, source: JUDGED }),
  },
  'pulled through': {
    folded: true,
    takesWidths: figure(1, 'w', { low: 1, high: 2, source: JUDGED }),
    takesMm: figure(0, 'mm', { source: JUDGED }),
  },
  'knotted as a dot': {
    folded: false,
    takesWidths: figure(1, 'w', { low: 1, high: 2, source: JUDGED }),
    takesMm: figure(120, 'mm', { low: 80, high: 160, source: 'an end of 60 mm on both sides to tie inside' }),
  },
  'sewn through': {
    folded: false,
    takesWidths: figure(2, 'w', { low: 1, high: 4, source: JUDGED }),
    takesMm: figure(60, 'mm', { low: 40, high: 120, source: 'half of weaving in an end on both sides' }),
  },
} as const;

/** A neck: the girth where a part is narrowest, as a share of what is wider on both its sides. Judged. */
export const NECK = figure(0.8, 'ratio', { low: 0.7, high: 0.85 });

/** How a toy stands. Source: house figures, "Balance". */
export const BALANCE = {
  /** what lies so near to the lowest point carries: a soft toy gives where it stands. Judged */
  carriesMm: figure(1.5, 'mm', { low: 0.5, high: 3 }),
  tipsUnderMm: figure(3, 'mm'),
  /** a soft toy may lean so far until more of it carries, and still stands. Judged */
  leansUpToDeg: figure(5, 'degrees', { low: 3, high: 8 }),
  /** head over neck, g for each cm of girth: above it a neck wobbles */
  neckGPerCm: 3,
} as const;

/** Parts that lie in one another by no more than this touch, mm: fabric gives. Judged. */
export const TOUCH_MM = figure(1, 'mm', { low: 0.5, high: 2 });

/** Advice for a pair of eyes; never a rule. */
export const FACE_ADVICE = {
  eyePerWidth: { low: 0.12, middle: 0.17, high: 0.25 },
  angleDeg: { low: 50, high: 110 },
  lineFromLowest: { low: 0.3, high: 0.55 },
  source: HOUSE,
  /** a flat washer that stands so far off the round fabric shows outside, mm; judged, not measured */
  washerProudMm: 1,
  /** washers nearer than this hinder each other while they are pressed on, mm; judged, not measured */
  washersApartMm: 2,
} as const;

/** Faces to choose from: how far each goes from the face as it is. Judged: a step that one sees at once and still calls the same animal. */
export const FACE_STEPS = { line: 0.09, angleRatio: 1.28 } as const;

/** A nose on one post: its height as a share of its width, its width of the head's, and of a muzzle's (0.35 to 0.5 is usual); post and washer are those of the eye of the same width, as no table of noses is known. */
export const NOSE = { heightPerWidth: 0.75, perWidth: 0.16, perMuzzle: 0.42 } as const;

/** Thread that fills an embroidered outline: strands lie so far apart, mm. Source: one strand of a toy's yarn split in two plies covers about a millimetre. */
export const SATIN_MM = 1;

/** Thread on a face: what one knot of two turns winds up, and how wide yarn and floss lie for each strand, as shares of a stitch and in mm. */
export const THREAD = {
  knotMm: figure(25, 'mm', { low: 15, high: 40, source: JUDGED }),
  yarnPerStitch: figure(0.29, 'ratio', { low: 0.2, high: 0.4, source: JUDGED }),
  flossMm: figure(0.45, 'mm', { low: 0.3, high: 0.6, source: JUDGED }),
} as const;

/** g/cm3 */
export const FILL_DENSITY = {
  polyester: { soft: 0.022, medium: 0.035, firm: 0.05 },
  cotton: { soft: 0.045, medium: 0.07, firm: 0.1 },
  wool: { soft: 0.03, medium: 0.05, firm: 0.075 },
  'yarn ends': { soft: 0.12, medium: 0.12, firm: 0.12 },
  source: HOUSE,
} as const;
export const FILL_RANGE_PERCENT = figure(25, 'percent', {
  source: 'makers differ by about a quarter in how densely they fill, until they weigh',
});

/** What a kitchen scale shows is rounded to so much; a difference of two readings may be off by as much. */
export const SCALE_STEP_G = figure(1, 'g', { source: 'kitchen scales that show whole grams' });

/** How much of its height a softly filled toy loses with play. */
export const SETTLING = {
  soft: figure(15, 'percent', { low: 10, high: 20, source: HOUSE }),
} as const;

/** How near to what the bag told the filling comes: in the part that was weighed, and in others of the same hand. */
export const FILL_WEIGHED_PERCENT = {
  own: figure(3, 'percent', { source: 'a kitchen scale of 1 g on a part of some 30 g' }),
  others: figure(10, 'percent', { source: JUDGED }),
} as const;

export const YARN_RANGE_PERCENT = figure(15, 'percent', {
  source: 'the yarn in a stitch lies between 5.5 and 7.5 stitch widths',
});

/** What is bought beside what is used. */
export const MATERIALS = {
  /** more yarn than worked out, so that the last ball does not end a round too early */
  spare: figure(10, 'percent', { source: JUDGED }),
  /** how far yarns of one weight differ in grams a metre */
  gramsPerMetrePercent: figure(25, 'percent', { source: 'labels of one weight differ by about a quarter' }),
} as const;

/** Yarn ends in mm: `perStitch` x n x w, or `perPath` x path, plus a fixed length; rounded up once to `step`. */
export const ENDS = {
  /** `mostOnce`: a last round has 4 to 9 stitches; up to half as many again (judged) can still be drawn together, twice round */
  gather: { perStitch: 1.6, plusMm: 150, mostOnce: 9, most: 14 },
  /** a star: once round its loops as when gathered, and once across the hole at each of its points. Legs stand in this share of the rounds before it; both judged */
  star: { perPoint: 1, legsWithin: 1 / 3 },
  /** sewn shut flat: each stitch takes two of the edge */
  sewnShut: { perPair: 3.5, plusMm: 200 },
  whip: { perStitch: 3, plusMm: 200 },
  flattened: { perStitch: 3.5, plusMm: 200 },
  mattress: { perStitch: 3.5, plusMm: 200 },
  chainEnd: { mm: 250 },
  embroidery: { perPath: 2.2, plusMm: 200 },
  /** through both limbs and back, by the host's width */
  threaded: { perWidth: 4, plusMm: 300 },
  weaveIn: { mm: 120 },
  startMm: 150,
  /** a starting tail that holds a ring, a clip or a bell: a few passes through it and the fabric, as a chain is sewn by its end */
  hardware: { mm: 250 },
  /** two ends of yarn a change, worked over or knotted, each so long */
  colourChange: { ends: 2, mm: 100 },
  stepMm: 50,
  source: HOUSE,
} as const;

/**
 * So many rounds on end that grow by more than so many times what lies flat ruffle; at an edge one does. Source: the house's
 * notation, "ruffle", for 1.35; four rounds of 8 sc are no longer smooth, while one that grows with plain ones behind it is a dome.
 */
export const RUFFLES = [
  { rounds: 2, from: 1.35 },
  { rounds: 3, from: 1.35 },
  { rounds: 4, from: 1.28 },
] as const;

export { ASSUMED_HOOK_MM, hookMm, hookName, HOOKS } from './hooks';
export type { HookSystem } from './hooks';
export { singular, trunkOf, UNKNOWN_PLACE, USUAL_PLACES, usualPlaceOf } from './usualPlaces';
export type { UsualPlace } from './usualPlaces';
export { DISC_OVER_WASHER_MM, DISCS_MM, EYE_GRAMS, EYE_SIZES_MM, EYES } from './eyes';
export { FELT, SCULPT } from './needle';
export { TIME, TIME_RANGE_PERCENT } from './time';
export { usualGramsPerMetre, YARNS, yarnIn } from './yarns';

export { STITCH_KINDS, STITCHES } from './stitches';
export type { StitchKind } from './stitches';
