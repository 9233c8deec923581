import { BANDS, RULES, type AgeBand, type AgeGroup, type RuleId, type Settings, type Toy } from '../toy';

/**
 * Region profiles: indicative limits as data, banded by age, each with its source and year, editable by the user. Never constants in code, never
 * legal advice.
 */
export type Limits = Readonly<Record<Exclude<RuleId, 'cordMm' | 'loopMm'>, number>> & {
  /** the longest free cord and the largest loop; null where no figure for this age is among the data */
  readonly cordMm: number | null;
  readonly loopMm: number | null;
};

export interface Profile {
  id: Settings['region'];
  name: string;
  source: string;
  year: number;
  limits: Readonly<Record<AgeBand, Limits>>;
  /** what both take alike: up to which size the small pull counts, the cylinder's shallow side, the load on a cord, degrees of a torque */
  smallUpToMm: number;
  cylinderShallowMm: number;
  cordLoadN: number;
  torqueDegrees: number;
}

/** What is alike at every age. Lengths in mm, forces in N, times in s. */
const CYLINDER = { cylinderMm: 31.7, cylinderDeepMm: 57.1, riseS: 5, holdS: 10 };
const NO_CORD = { cordMm: null, loopMm: null };
const PROBE = { small: 5.6, older: 8.6 };

const EU: Profile = {
  id: 'eu-uk',
  name: 'EU / UK style',
  source: 'EN 71-1, indicative, to be checked against the current text',
  year: 2018,
  limits: {
    'under 18 months': {
      ...CYLINDER,
      pullSmallN: 50,
      pullLargeN: 90,
      torqueNm: 0.34,
      seamN: 70,
      cordMm: 220,
      loopMm: 380,
      probeMm: PROBE.small,
    },
    '18 to 36 months': {
      ...CYLINDER,
      ...NO_CORD,
      pullSmallN: 50,
      pullLargeN: 90,
      torqueNm: 0.34,
      seamN: 70,
      probeMm: PROBE.small,
    },
    '3 years and over': {
      ...CYLINDER,
      ...NO_CORD,
      pullSmallN: 50,
      pullLargeN: 90,
      torqueNm: 0.34,
      seamN: 70,
      probeMm: PROBE.older,
    },
  },
  smallUpToMm: 6,
  cylinderShallowMm: 25.4,
  cordLoadN: 25,
  torqueDegrees: 180,
};

const US: Profile = {
  id: 'us',
  name: 'US style',
  source: 'ASTM F963 and 16 CFR 1500.51-.53, 1501, indicative, to be checked against the current text',
  year: 2023,
  limits: {
    'under 18 months': {
      ...CYLINDER,
      pullSmallN: 44.5,
      pullLargeN: 44.5,
      torqueNm: 0.23,
      seamN: 44.5,
      cordMm: 300,
      loopMm: 360,
      probeMm: PROBE.small,
    },
    '18 to 36 months': {
      ...CYLINDER,
      ...NO_CORD,
      pullSmallN: 66.7,
      pullLargeN: 66.7,
      torqueNm: 0.34,
      seamN: 66.7,
      probeMm: PROBE.small,
    },
    '3 years and over': {
      ...CYLINDER,
      ...NO_CORD,
      pullSmallN: 66.7,
      pullLargeN: 66.7,
      torqueNm: 0.45,
      seamN: 66.7,
      probeMm: PROBE.older,
    },
  },
  smallUpToMm: 0,
  cylinderShallowMm: 25.4,
  cordLoadN: 22,
  torqueDegrees: 180,
};

/** Which way of a limit is the stricter one. */
const STRICTER: Readonly<Record<RuleId, 'more' | 'less'>> = {
  cylinderMm: 'more',
  cylinderDeepMm: 'more',
  pullSmallN: 'more',
  pullLargeN: 'more',
  torqueNm: 'more',
  seamN: 'more',
  riseS: 'less',
  holdS: 'more',
  cordMm: 'less',
  loopMm: 'less',
  probeMm: 'less',
};

/** The two of law, by their region. */
const PROFILES: Readonly<Record<Exclude<Settings['region'], 'own'>, Profile>> = { 'eu-uk': EU, us: US };
export const REGIONS: readonly Settings['region'][] = ['eu-uk', 'us', 'own'];

function stricterOf(band: AgeBand, rule: RuleId): number | null {
  const both = [EU, US].map((p) => p.limits[band][rule]).filter((n): n is number => n !== null);
  if (both.length === 0) return null;
  return STRICTER[rule] === 'more' ? Math.max(...both) : Math.min(...both);
}

/** The stricter limit of the two profiles, rule by rule, with what the maker has said otherwise. */
function ownLimits(own: Toy['safety']['own']): Profile['limits'] {
  const of = (band: AgeBand): Limits =>
    Object.fromEntries(
      RULES.map((rule) => [rule, own[band]?.[rule] ?? stricterOf(band, rule)]),
    ) as unknown as Limits;
  return Object.fromEntries(BANDS.map((band) => [band, of(band)])) as unknown as Profile['limits'];
}

/** The profile of a toy's region; "my own rules" as its file has them. */
export function profileOf({ settings, safety }: Pick<Toy, 'settings' | 'safety'>): Profile {
  if (settings.region !== 'own') return PROFILES[settings.region];
  return {
    ...EU,
    id: 'own',
    name: 'My own rules',
    source: 'the stricter of the two profiles, and what the maker says',
    year: Math.max(EU.year, US.year),
    limits: ownLimits(safety.own),
    cordLoadN: Math.max(EU.cordLoadN, US.cordLoadN),
  };
}

/** The band that an age is held against: unknown counts as the youngest, what is no toy as the oldest. */
export function bandOf(age: AgeGroup): AgeBand {
  if (age === 'unknown') return 'under 18 months';
  return age === 'accessory' || age === 'display only' ? '3 years and over' : age;
}

/** What an attached thing of this size is pulled with, N. */
export const pullN = ({ smallUpToMm }: Profile, limits: Limits, mm: number): number =>
  mm <= smallUpToMm ? limits.pullSmallN : limits.pullLargeN;

/** The longest cord, mm: of this age, or where no figure for it is among the data, of the youngest. */
export const cordLimit = (limits: Limits, youngest: Limits): number => limits.cordMm ?? youngest.cordMm ?? 0;
export const loopLimit = (limits: Limits, youngest: Limits): number => limits.loopMm ?? youngest.loopMm ?? 0;

/** A part narrower than this, pulled thin by hand, is looked at as a cord, mm. Source: house figure. */
export const CORD_UP_TO_MM = 12;

/** A thin part is called a cord from so many of its widths on; the lengths that the law limits are twenty and more. House figure. */
export const CORD_FROM_WIDTHS = 3;
