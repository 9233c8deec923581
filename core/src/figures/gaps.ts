import { HOUSE, JUDGED, figure } from './figure';

/**
 * Gaps between stitches at rest, in stitch widths, and how far filling spreads them. Judged: nobody has measured them yet.
 */
export const GAPS = {
  plain: figure(0.22, 'w', { source: JUDGED }),
  hdc: figure(0.42, 'w', { source: JUDGED }),
  dc: figure(0.65, 'w', { source: JUDGED }),
  tr: figure(0.9, 'w', { source: JUDGED }),
  chainSpace: figure(1, 'w', { source: JUDGED }),
  decrease: figure(0.42, 'w', { source: JUDGED }),
  invisibleDecrease: figure(0.3, 'w', { source: JUDGED }),
  /** of a ring drawn shut, for six stitches in it */
  ringOfSix: figure(0.3, 'w', { source: JUDGED }),
  spread: {
    empty: figure(1, 'ratio', { source: JUDGED }),
    soft: figure(1.05, 'ratio', { source: JUDGED }),
    medium: figure(1.15, 'ratio', { source: JUDGED }),
    firm: figure(1.25, 'ratio', { source: JUDGED }),
    'yarn ends': figure(1.15, 'ratio', { source: JUDGED }),
  },
  rangePercent: figure(30, 'percent', { source: JUDGED }),
  /** from so wide a gap on filling shows and works its way out, mm */
  fillShowsMm: {
    polyester: figure(3.5, 'mm', { source: JUDGED }),
    cotton: figure(3, 'mm', { source: JUDGED }),
    wool: figure(3.5, 'mm', { source: JUDGED }),
    'yarn ends': figure(5, 'mm', { source: JUDGED }),
  },
} as const;

/** What holds: an end that is buried so deep after its knot, and a seam of so few stitches that it is told. */
export const HOLDS = {
  buriedMm: figure(40, 'mm', { source: HOUSE }),
  fewStitches: figure(5, 'ratio', { source: JUDGED }),
  /** how much longer a crocheted cord is under the load of the law, at most */
  cordStretch: figure(2, 'ratio', { source: JUDGED }),
} as const;

/** How a curve of a pull is judged: how far the load may dip while it is held, how much faster than the rule it may rise, and how often it must be read. */
export const JUDGE = {
  dipPercent: figure(5, 'percent', { source: JUDGED }),
  riseShare: figure(0.8, 'ratio', { source: JUDGED }),
  longestGapS: 0.5,
  driftN: figure(2, 'ratio', { source: JUDGED }),
} as const;
