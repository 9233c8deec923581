import type { AgeGroup } from '../toy';
import type { PartModel, ToyModel } from '../model';
import type { Profile } from './profiles';

/** The fifteen checks of a plan, by their numbers on the house's safety page; `age` and `look` are who it is for. */
export const CHECKS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15] as const;
export type CheckNumber = (typeof CHECKS)[number];

/** One safety point: what, why, what would mend it. `stop` and `open` count on the shield; `advice` does not. */
export interface SafetyPoint {
  id: string;
  check: CheckNumber | 'age' | 'look';
  weight: 'stop' | 'open' | 'advice';
  title: string;
  reason: string;
  mend: string;
  feature?: string;
  part?: string;
  /** line of the part's text that the point is about, counted from 1 */
  line?: number;
}

/** What a check is given. */
export interface Checked {
  model: ToyModel;
  profile: Profile;
  age: AgeGroup;
  parts: readonly PartModel[];
}

/** Unknown counts as under 18 months. */
export const isUnder36 = (age: AgeGroup): boolean =>
  age === 'under 18 months' || age === '18 to 36 months' || age === 'unknown';
export const isUnder18 = (age: AgeGroup): boolean => age === 'under 18 months' || age === 'unknown';
