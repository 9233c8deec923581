import type { Place } from '../address';
import { add, dot, scale } from '../form';
import { kept } from '../kept';
import { exitsOf, longAxis } from './exits';
import type { Hang } from './hang';
import type { JoinKind } from './kinds';
import { ownDirections, placedKey, toyDirections, type OfPiece, type Piece, type Placed } from './piece';
import type { ThroughSite } from './site';
import { across, carried, rotation } from './space';

/**
 * One piece drawn right through its host, in at one hole and out at another: a strip that is both arms, a cord. Its start looks out
 * of `at`, its last round out of `out`; null for the mirror image of `at`. It is fixed at both.
 */
export interface ThroughJoin {
  kind: 'through';
  id: string;
  guest: OfPiece;
  at: Place;
  out: Place | null;
  hang: Hang | null;
  /** so much more of it hangs out of `at` than if both sides were alike, mm */
  shiftMm: number;
}

export const through: JoinKind<ThroughJoin, ThroughSite> = {
  guests: ({ guest }) => [guest],
  fault: (join, host, guest) => {
    if (host.form.section !== 'ring') return 'no way through';
    const exits = exitsOf(host, join.at, join.out);
    if (!exits) return 'no way through';
    return longAxis(guest).lengthMm <= exits.widthMm ? 'too short' : null;
  },
  sites: (join, host, guest) => sitesOf(join, host, guest),
  reach: (_, { form }) => {
    const thick = form.section === 'cord' ? form.gauge.stitchMm / 2 : Math.max(...form.r);
    return { upMm: thick, alongMm: thick };
  },
  other: ({ out }) => ({ at: out }),
  onPlaces: (join, change) => ({ ...join, at: change(join.at), out: join.out && change(join.out) }),
};

/** Straight from exit to exit: a soft piece hangs down outside, which is not drawn. */
const sitesOf = kept(
  (join: ThroughJoin, host: Placed, guest: Piece): ThroughSite[] => {
    const exits = exitsOf(host, join.at, join.out);
    if (!exits) return [];
    const axis = longAxis(guest);
    const toy = toyDirections(host);
    const rows = rotation(
      across(ownDirections(guest).front, axis.way),
      axis.way,
      across(toy.front, exits.across),
      exits.across,
    );
    const half = scale(add(exits.first.point, exits.other.point), 0.5);
    const at = add(half, scale(exits.across, -join.shiftMm));
    const free = (axis.lengthMm - exits.widthMm) / 2;
    return [
      {
        join,
        how: 'through',
        copy: join.guest.copy,
        exits,
        risesMm: exits.widthMm * dot(exits.across, toy.up),
        placement: carried(host.placement, rows, axis.middle, at),
        freeMm: [free + join.shiftMm, free - join.shiftMm],
      },
    ];
  },
  (_, host, guest) => [...placedKey(host), guest.form, guest.ringIs, guest.frontRad],
);
