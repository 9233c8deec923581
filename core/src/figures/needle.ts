import { HOUSE, JUDGED, type Figure } from './figure';

/** Felt and how it is sewn down. */
export const FELT = {
  /** craft felt of a millimetre */
  gramsPerMm2: { value: 0.00018, unit: 'g/mm2', low: 0.00012, high: 0.0003, source: JUDGED } satisfies Figure,
  /** thread along its edge: so many times its length, and what is left to knot, mm. Whip and back stitch as for seams (house figures); blanket: judged */
  seams: {
    whip: { perEdge: 3, plusMm: 200 },
    back: { perEdge: 3.5, plusMm: 200 },
    blanket: { perEdge: 3.5, plusMm: 200 },
  },
  /** minutes to cut a piece, and to sew so much of its edge */
  cutMinutes: { value: 2, unit: 'minutes', source: JUDGED } satisfies Figure,
  minutesPerMm: { value: 0.06, unit: 'minutes', low: 0.03, high: 0.1, source: JUDGED } satisfies Figure,
  source: HOUSE,
} as const;

/**
 * What a pull of the needle does to a filled toy: the share by which the first pass draws two eyes together, the share of an eye's
 * width that it sinks, the share of a stitch that a dip is deep, and the share of its height that a base rises. Every further pass
 * does half as much as the one before. What a maker sees at the pull decides; so the ranges are wide.
 */
export const SCULPT = {
  drawn: { value: 0.07, unit: 'ratio', low: 0.03, high: 0.14, source: JUDGED } satisfies Figure,
  sunk: { value: 0.2, unit: 'ratio', low: 0.08, high: 0.35, source: JUDGED } satisfies Figure,
  dip: { value: 0.45, unit: 'ratio', low: 0.2, high: 0.9, source: JUDGED } satisfies Figure,
  rise: { value: 0.08, unit: 'ratio', low: 0.03, high: 0.16, source: JUDGED } satisfies Figure,
  perPass: 0.5,
  /** thread to cut: so many times the distance of the eyes, or its own way where that is longer, and what is left to pull and knot, mm */
  cut: { perEyes: 8, plusMm: 300, source: HOUSE },
  /** a needle is so much longer than its longest way inside, to be held at both ends, mm */
  needleOverMm: { value: 25, unit: 'mm', low: 15, high: 40, source: JUDGED } satisfies Figure,
  minutesPerPass: { value: 6, unit: 'minutes', low: 4, high: 12, source: JUDGED } satisfies Figure,
} as const;
