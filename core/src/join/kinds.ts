import type { Place } from '../address';
import type { JoinFault } from '../words';
import type { OfPiece, Piece, Placed } from './piece';
import { caught, type CaughtJoin } from './caught';
import { sewn, type SewnJoin } from './sewn';
import type { AnySite, CaughtSite, DrawnSite, JoinSite } from './site';
import { threaded, type ThreadedJoin } from './threaded';
import { through, type ThroughJoin } from './through';

/** Every kind of join. */
export type Join = StoredJoin | CaughtJoin;
/** A join that the maker makes; the others the text says. */
export type StoredJoin = SewnJoin | ThroughJoin | ThreadedJoin;

/** All that is asked of a kind of join. */
export interface JoinKind<J extends Join, S extends AnySite> {
  /** the copies that it puts on its host, in the order of their sites */
  guests: (join: J) => OfPiece[];
  /** why it cannot be made on a host that is there; null when it can */
  fault: (join: J, host: Piece, guest: Piece) => JoinFault | null;
  /** where it stands on its placed host, with its guests placed; empty when its place is gone */
  sites: (join: J, host: Placed, guest: Piece) => S[];
  /** how far it reaches up and along its host from its middle, mm */
  reach: (join: J, guest: Pick<Piece, 'form'>) => { upMm: number; alongMm: number };
  /** what of it is on the other side of its host, and where: null for the mirror image; null for a join that stands once */
  other: (join: J) => { at: Place | null } | null;
  /** the same join with each of its own places changed */
  onPlaces: (join: J, change: (place: Place) => Place) => J;
}

/** What a kind's join becomes when it is worked out. */
interface Sites {
  caught: CaughtSite;
  sewn: JoinSite;
  through: DrawnSite & { how: 'through' };
  threaded: DrawnSite & { how: 'threaded' };
}

/** The table of kinds: a kind of join is one file and one line here. */
const KINDS: { [K in Join['kind']]: JoinKind<Extract<Join, { kind: K }>, Sites[K]> } = {
  caught,
  sewn,
  through,
  threaded,
};

const kindOf = <J extends Join>(join: J): JoinKind<J, AnySite> =>
  KINDS[join.kind] as unknown as JoinKind<J, AnySite>;

export const guestsOf = (join: Join): OfPiece[] => kindOf(join).guests(join);
export const faultOf = (join: Join, host: Piece, guest: Piece): JoinFault | null =>
  kindOf(join).fault(join, host, guest);
export const reachOf = (join: Join, guest: Pick<Piece, 'form'>): { upMm: number; alongMm: number } =>
  kindOf(join).reach(join, guest);
export const otherOf = (join: Join): { at: Place | null } | null => kindOf(join).other(join);
/** A join with each of its own places changed. */
export const onPlaces = <J extends Join>(join: J, change: (place: Place) => Place): J =>
  kindOf(join).onPlaces(join, change);

/** Where a join stands on its host, a site for each of its guests. Empty when its place is gone. */
export const sitesOf = (join: Join, host: Placed, guest: Piece): AnySite[] =>
  faultOf(join, host, guest) ? [] : kindOf(join).sites(join, host, guest);
