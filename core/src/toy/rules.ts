/** Ages as limits are banded; what is no toy or has no age yet is held against the band that `bandOf` gives it. */
export const BANDS = ['under 18 months', '18 to 36 months', '3 years and over'] as const;
export type AgeBand = (typeof BANDS)[number];

/** The limits that a maker may set otherwise, under "my own rules". */
export const RULES = [
  'cylinderMm',
  'cylinderDeepMm',
  'pullSmallN',
  'pullLargeN',
  'torqueNm',
  'seamN',
  'riseS',
  'holdS',
  'cordMm',
  'loopMm',
  'probeMm',
] as const;
export type RuleId = (typeof RULES)[number];
