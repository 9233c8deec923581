/**
 * Region profiles: indicative limits as data, each with its source and year, editable by the user. Never constants in
 * code, never legal advice.
 */
export interface Profile {
  id: 'eu-uk' | 'us' | 'own';
  name: string;
  source: string;
  year: number;
  /** small-parts cylinder: inner diameter, and its depth at the deep end of the slanted floor, mm */
  cylinderMm: number;
  cylinderDeepMm: number;
  /** pull on an attached part, N, by its largest accessible dimension or by age */
  pullN: { small: number; large: number; smallUpToMm: number };
  /** free cord length under load for under 18 months */
  cord: { mostMm: number; loadN: number };
  loop: { mostMm: number };
  fingerProbeMm: { under36: number; over36: number };
}

const EU: Profile = {
  id: 'eu-uk',
  name: 'EU / UK style',
  source: 'EN 71-1, indicative, to be checked against the current text',
  year: 2018,
  cylinderMm: 31.7,
  cylinderDeepMm: 57.1,
  pullN: { small: 50, large: 90, smallUpToMm: 6 },
  cord: { mostMm: 220, loadN: 25 },
  loop: { mostMm: 380 },
  fingerProbeMm: { under36: 5.6, over36: 8.6 },
};
const US: Profile = {
  id: 'us',
  name: 'US style',
  source: 'ASTM F963 and 16 CFR 1500.51-.53, 1501, indicative, to be checked against the current text',
  year: 2023,
  cylinderMm: 31.7,
  cylinderDeepMm: 57.1,
  pullN: { small: 66.7, large: 66.7, smallUpToMm: 0 },
  cord: { mostMm: 300, loadN: 22 },
  loop: { mostMm: 360 },
  fingerProbeMm: { under36: 5.6, over36: 8.6 },
};

/** The stricter value of the two, where "my own rules" begin. */
const OWN: Profile = {
  ...EU,
  id: 'own',
  name: 'My own rules',
  source: 'the stricter of the two profiles',
  pullN: {
    small: Math.max(EU.pullN.small, US.pullN.small),
    large: Math.max(EU.pullN.large, US.pullN.large),
    smallUpToMm: EU.pullN.smallUpToMm,
  },
  cord: { mostMm: Math.min(EU.cord.mostMm, US.cord.mostMm), loadN: Math.max(EU.cord.loadN, US.cord.loadN) },
  loop: { mostMm: Math.min(EU.loop.mostMm, US.loop.mostMm) },
};

export const PROFILES: Record<Profile['id'], Profile> = { 'eu-uk': EU, us: US, own: OWN };

/** A part narrower than this, pulled thin by hand, is looked at as a cord, mm. Source: house figure. */
export const CORD_UP_TO_MM = 12;

/** A thin part is called a cord from so many of its widths on; the lengths that the law limits are twenty and more. House figure. */
export const CORD_FROM_WIDTHS = 3;
