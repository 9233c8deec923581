export type { Aim, Join, SewnJoin } from './join';
export { assemble, attach, edgeCount, holePlace, ownAxes, sitesOf, stand } from './assemble';
export type { JoinSite, Piece, Pins, Placed } from './assemble';
export { add, across, cross, dot, move, rotation, scale, sub, turn, unit } from './space';
export type { Placement } from './space';
