import type { PartForm } from '../form';
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
  fault: (join: J, host: Piece) => JoinFault | null;
  /** where it stands on its host; empty when its place is gone */
  sites: (join: J, host: Piece, guest: PartForm) => JoinSite[];
  /** puts the guest of site k on its host's placement */
  attach: (host: Placed, guest: Piece, site: JoinSite, k: number) => Placed;
}

/** The table of kinds: a kind of join is one file and one line here. */
const KINDS: { [K in Join['kind']]: JoinKind<Extract<Join, { kind: K }>> } = { sewn };

const kindOf = <J extends Join>(join: J): JoinKind<J> => KINDS[join.kind] as unknown as JoinKind<J>;

export const guestsOf = (join: Join): OfPiece[] => kindOf(join).guests(join);
export const faultOf = (join: Join, host: Piece): JoinFault | null => kindOf(join).fault(join, host);
export const attach = (host: Placed, guest: Piece, site: JoinSite, k: number): Placed =>
  kindOf(site.join).attach(host, guest, site, k);

/** Where a join stands on its host, a site for each of its guests. Empty when its place is gone or not worked out yet. */
export const sitesOf = (join: Join, host: Piece, guest: PartForm): JoinSite[] =>
  faultOf(join, host) ? [] : kindOf(join).sites(join, host, guest);
