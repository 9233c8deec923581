/**
 * What a number of a toy can be at all, smallest and largest; what is outside is a slip of the pen or a damaged file and is refused with its place.
 * Source: judged, wide: from the finest thread under a lens to work with the arms, and a toy as tall as a house. No figure of the craft
 * is read from here.
 */
export const BOUNDS = {
  hookMm: [0.2, 100],
  /** width of a stitch and height of a round */
  stitchMm: [0.1, 300],
  roundMm: [0.1, 300],
  yarnPerStitchMm: [0.1, 10_000],
  gramsPerMetre: [1e-5, 1000],
  postGive: [0.01, 100],
  /** stitches to either side in one round */
  leanStitches: [-20, 20],
  holeStretch: [0.05, 20],
  percent: [0, 1000],
  /** a length on a toy, and across an eye */
  mm: [0.01, 20_000],
  /** the smallest hole that a maker works through: from a hook alone to a whole hand */
  ownHoleMm: [8, 60],
  grams: [0.001, 1e6],
  metres: [0.001, 1e6],
  /** stitches, rounds, copies, numbers in a row */
  count: [0, 1e6],
  /** places and turns: either way */
  shift: [-1e6, 1e6],
  /** stitches in a minute */
  aMinute: [0.1, 600],
  money: [0, 1e9],
  seconds: [0.001, 1e6],
  newtons: [1e-6, 1e6],
} as const satisfies Record<string, readonly [number, number]>;

export type Bound = keyof typeof BOUNDS;

/** Whether a number is one that a toy can have. */
export const isWithin = (bound: Bound, value: number): boolean =>
  value >= BOUNDS[bound][0] && value <= BOUNDS[bound][1];
