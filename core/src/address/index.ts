export { courseOf, coordOf, formOfLayer, roundOf } from './place';
export type { Course, Place, Spot } from './place';
export { coordAt, frameAt, nearestPlace, pointOf, polarOf, positionOf, profileAt } from './position';
export type { Near, Polar } from './position';
export {
  angleFromAbove,
  directionsOf,
  faceAngle,
  frontAngle,
  heightFraction,
  levelDifference,
  middleOf,
  mirrorPoint,
  reachAlong,
} from './pose';
export type { Directions, FaceBy, RingIs, RoundSpan } from './pose';
export { level, mirrored, nearestPolar, opposite, straight, walkInPlane } from './directions';
export type { Walk } from './directions';
export { onBody, resolve, ResolvedPlace } from './resolve';
export type { NotFound, Seen } from './resolve';
export { growsRight, lies, senseOf, senseOfRing, standingAlone } from './sense';
export type { Sense } from './sense';
export { surfaceDistance } from './surfaceDistance';
export { centreCoord } from './face';
export { holeKey, holeName, holeTag, pairTag, postName, postTag } from './tag';
export type { HoleName } from './tag';
export { readPlaceWords } from './readWords';
export type { PlaceReading, PlaceWordsRead } from './readWords';
export { habitsTold, LEFT_OPEN, questionsIn, schoolOf, withHabits } from './habits';
export type { Habits, LeftOpen } from './habits';
export { nearestWords } from './nearest';
export type { NearestWords } from './nearest';
export { pairWords, roundWords, stitchWords, tagOf } from './printWords';
export type { Phrase } from './printWords';
export { centredPair, marksOf, wrapped } from './said';
export type { AlongSchool, FaceAt, PlaceContext, RoundSchool, Said, SaidPair, SaidPlace } from './said';
