export { asTilt, MOST_TILT_DEG, STRAIGHT_OUT } from './aim';
export type { Aim, Way } from './aim';
export type { SeamSaid, SewnJoin, Twin } from './sewn';
export type { ThroughJoin } from './through';
export { standsOffMm } from './threaded';
export type { Pierced, ThreadedJoin } from './threaded';
export type { Exit, Exits } from './exits';
export { heldAs } from './heldAs';
export { aimedAt, tipOf } from './tipped';
export {
  edgeCount,
  edgeRange,
  edgeReach,
  edgesOf,
  isFlattened,
  isFoldedShut,
  liesAs,
  reachesOf,
  wholeCount,
  wholeEdge,
} from './edge';
export type { Edge, EdgeIs, EdgeLies } from './edge';
export { guestsOf, onPlaces, otherOf, reachOf, sitesOf } from './kinds';
export type { Join, JoinKind, StoredJoin } from './kinds';
export { clampedOf, sameClamp, USUALLY_CLAMPED } from './clamped';
export type { Clamped, ClampKey, ClampSaid } from './clamped';
export { caughtEdge } from './caught';
export type { CaughtJoin } from './caught';
export { movedHole, movedJoin } from './moves';
export type { Centre, JoinMove, MovedJoin } from './moves';
export { hungPlace } from './hang';
export type { Along, Hang, HangFault, Hanging, HangThing, Height } from './hang';
export { readHang } from './hangWords';
export type { HangContext, HangRead, NamedThing } from './hangWords';
export { endPlace } from './hole';
export { endsTaken } from './sewnEnds';
export type { SewnEnd } from './sewnEnds';
export { freeCopies, newJoin, usualJoin } from './usual';
export type { Named, Taken } from './usual';
export { holePlace, holeSpot, ownDirections, pieceKey, stand, toyDirections } from './piece';
export type { OfPiece, Piece, Placed } from './piece';
export type { AnySite, CaughtSite, DrawnSite, JoinSite, Pin, PinAt, ThreadedSite, ThroughSite } from './site';
export { sharedIn } from './seam';
export type { SeamStitch } from './seam';
export {
  lastFilled,
  pauseInSeam,
  roundUpEnd,
  seamEndMm,
  seamKind,
  seamNeedMm,
  threadedEndMm,
} from './stitching';
export type { SeamKind } from './stitching';
export { assemble } from './tree';
export type { Assembly, FaultyJoin } from './tree';
export { across, move, moveBack, moveRigid, rotation, turn, turnBack, turnNormal } from './space';
export type { Placement } from './space';
export { lineOnToy, onToy, outAt, placeOn } from './lineOnToy';
export type { OnToy, ToyLine } from './lineOnToy';
export { laidLooks } from './laidLooks';
export { laidNormal, laidPoint } from './lay';
export type { Laid } from './lay';
export { hullOf, leaningOf, marginIn, massesOf, pointsOf, standingOf } from './balance';
export type { PointMass, Standing } from './balance';
