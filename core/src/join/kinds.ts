import type { JoinFault } from '../words';
import type { OfPiece, Piece, Placed } from './piece';
import { sewn, type SewnJoin } from './sewn';
import type { JoinSite } from './site';

/** Every kind of join. */
export type Join = SewnJoin;

/** All that is asked of a kind of join. */
export interface JoinKind<J extends Join> {
  /** the copies that it puts on its host, in the order of their sites */
  guests: (join: J) => OfPiece[];
  /** why it cannot be made on a host that is there; null when it can */
  fault: (join: J, host: Piece, guest: Piece) => JoinFault | null;
  /** where it stands on its placed host, with its guests placed; empty when its place is gone */
  sites: (join: J, host: Placed, guest: Piece) => JoinSite[];
}

/** The table of kinds: a kind of join is one file and one line here. */
const KINDS: { [K in Join['kind']]: JoinKind<Extract<Join, { kind: K }>> } = { sewn };

const kindOf = <J extends Join>(join: J): JoinKind<J> => KINDS[join.kind] as unknown as JoinKind<J>;

export const guestsOf = (join: Join): OfPiece[] => kindOf(join).guests(join);
export const faultOf = (join: Join, host: Piece, guest: Piece): JoinFault | null =>
  kindOf(join).fault(join, host, guest);

/** Where a join stands on its host, a site for each of its guests. Empty when its place is gone. */
export const sitesOf = (join: Join, host: Placed, guest: Piece): JoinSite[] =>
  faultOf(join, host, guest) ? [] : kindOf(join).sites(join, host, guest);
