import type { AgeGroup } from '../toy';
import { safetyWords, type UnitWords } from '../words';
import type { PartModel, ToyModel } from '../model';
import type { Mend } from './mend';
import type { Limits, Profile } from './profiles';

/** The checks of a plan, by their numbers on the house's safety page; each has its name there. `age` and `look` are who it is for. */
export type CheckNumber = keyof typeof safetyWords.checks;
export const CHECKS = Object.keys(safetyWords.checks).map(Number) as CheckNumber[];

/** One safety point: what, where, why, what would mend it. `stop` and `open` count on the shield; `advice` does not. */
export interface SafetyPoint {
  id: string;
  check: CheckNumber | 'age' | 'look';
  weight: 'stop' | 'open' | 'advice';
  title: string;
  reason: string;
  mend: string;
  feature?: string;
  part?: string;
  join?: string;
  /** where on the toy, as places are printed; the part's name stands before them */
  tags?: readonly string[];
  /** line of the part's text that the point is about, counted from 1 */
  line?: number;
  /** a mend that one tap makes */
  does?: Mend;
  /** a question: nothing on the toy or in its texts tells, and the maker's answer settles it */
  asks?: true;
  /** waits for a test of this thing on a piece */
  tests?: string;
}

/** What a check is given. */
export interface Checked {
  model: ToyModel;
  profile: Profile;
  age: AgeGroup;
  /** of the toy's age, and of the youngest, whose figures stand where its own has none */
  limits: Limits;
  youngest: Limits;
  parts: readonly PartModel[];
  /** how the maker reads lengths */
  units: UnitWords;
}

/** Unknown counts as under 18 months. */
export const isUnder36 = (age: AgeGroup): boolean =>
  age === 'under 18 months' || age === '18 to 36 months' || age === 'unknown';
export const isUnder18 = (age: AgeGroup): boolean => age === 'under 18 months' || age === 'unknown';

/** How bad something too long is: a stop for a baby, open for a small child, else advice. */
export function weightOfLength(age: AgeGroup, over: boolean): SafetyPoint['weight'] {
  if (isUnder18(age) && over) return 'stop';
  return isUnder36(age) ? 'open' : 'advice';
}
