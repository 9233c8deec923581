export type { Aim, Join, SewnJoin } from './join';
export { assemble, attach, edgeCount, holePlace, ownDirections, sitesOf, stand } from './assemble';
export type { FaultyJoin, JoinSite, Piece, Pins, Placed } from './assemble';
export { across, move, rotation, turn } from './space';
export type { Placement } from './space';
