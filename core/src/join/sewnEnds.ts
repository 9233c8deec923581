import { resolve, ResolvedPlace } from '../address';
import { endOf, isOpenEnd, type EndIs } from './ground';
import type { Join } from './kinds';
import { pieceKey, type OfPiece, type Piece } from './piece';

/** A whole open end of a piece that is sewn to something. */
export interface SewnEnd {
  of: OfPiece;
  end: EndIs;
}

/** The whole open ends that a join takes: of its guest, and of its host where it is sewn rim to rim. Part of an edge leaves room for others. */
export function endsTaken(join: Join, find: (of: OfPiece) => Piece | undefined): SewnEnd[] {
  if (join.kind !== 'sewn') return [];
  const { which, from, to } = join.edge;
  if (from !== 1 || to !== null) return [];
  const own: SewnEnd[] =
    which === 'last' || which === 'first'
      ? [{ of: join.guest, end: which === 'last' ? 'last' : 'start' }]
      : [];
  const host = find(join.at);
  const found = host && join.at.at === 'edge' ? resolve(host.form, join.at) : null;
  if (!host || !(found instanceof ResolvedPlace)) return own;
  const end = endOf(found);
  return isOpenEnd(host.form, end) ? [...own, { of: host, end }] : own;
}

export const endKey = ({ of, end }: SewnEnd): string => `${pieceKey(of)}/${end}`;
