export { courseOf, coordOf, resolvePlace, roundOf } from './place';
export type { Course, Place, Resolved } from './place';
export { alongRound, coordAt, distance, frameAt, nearestPlace, pointOf, polarOf, positionOf, profileAt } from './position';
export type { Near, Polar, Vec3 } from './position';
export { centreCoord, frontAngle, holeName, holeTag, levelDifference, mirrored } from './face';
export type { HoleName, RingIs } from './face';
