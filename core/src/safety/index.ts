export { checksMade, checksNotMade, checkToy, notKnown, openPoints } from './checks';
export { eyesNamed } from './named';
export { CHECKS, isUnder36 } from './point';
export type { CheckNumber, SafetyPoint } from './point';
export { PROFILES } from './profiles';
export type { Profile } from './profiles';
