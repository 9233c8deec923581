export { checkToy, isUnder36, openPoints } from './checks';
export type { SafetyPoint } from './checks';
export { PROFILES } from './profiles';
export type { Profile } from './profiles';
