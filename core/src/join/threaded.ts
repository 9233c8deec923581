import type { Place } from '../address';
import { add, cross, depthInside, dot, ringPoint, scale, sub, type PartForm, type Vec3 } from '../form';
import { kept } from '../kept';
import { exitsOf, longAxis, middleOfRing } from './exits';
import type { Hang } from './hang';
import type { JoinKind } from './kinds';
import { ownDirections, placedKey, toyDirections, type OfPiece, type Piece, type Placed } from './piece';
import type { ThreadedSite } from './site';
import { across, carried, move, moveBack, rotation, type Placement } from './space';

/** Where a limb is pierced: so many rounds from its start or its last round. */
export interface Pierced {
  from: 'start' | 'last';
  rounds: number;
}

/**
 * Limbs on a yarn that goes through one, the host, the other and back, so that they turn. The first limb lies at `at`, the other
 * one at its mirror image; without another one the yarn is anchored there.
 */
export interface ThreadedJoin {
  kind: 'threaded';
  id: string;
  guest: OfPiece;
  at: Place;
  twin: { copy: string } | null;
  hang: Hang | null;
  pierced: Pierced;
  /** how it is turned on the yarn as it is shown: 0 hangs down, 90 points forward, degrees */
  poseDeg: number;
}

export const threaded: JoinKind<ThreadedJoin, ThreadedSite> = {
  guests: ({ guest, twin }) => [guest, ...(twin ? [{ part: guest.part, copy: twin.copy }] : [])],
  fault: (join, host, guest) => {
    if (host.form.section !== 'ring' || !exitsOf(host, join.at, null)) return 'no way through';
    return pierceable(guest.form) ? null : 'not pierced';
  },
  sites: (join, host, guest) => sitesOf(join, host, guest),
  reach: (join, { form }) => {
    const mm = radiusAt(form, ringOf(form, join.pierced));
    return { upMm: mm, alongMm: mm };
  },
  other: () => ({ at: null }),
  onPlaces: (join, change) => ({ ...join, at: change(join.at) }),
};

/** A yarn through a chain or a flat piece would lie in it, not hold it. */
const pierceable = (form: PartForm): boolean => form.section === 'ring';

/** The ring at which a limb is pierced; further from its end than it is long is its other end. */
function ringOf(form: PartForm, { from, rounds }: Pierced): number {
  const last = form.fabric.rounds.length;
  const at = Math.min(Math.max(1, rounds), last);
  return from === 'start' ? at : last - at;
}

const radiusAt = (form: PartForm, ring: number): number => form.r[ring] ?? 0;

/** Where a limb is usually pierced: about half its width from its upper end. */
export function usuallyPierced({ form }: Piece): Pierced {
  const last = form.fabric.rounds.length;
  const half = Math.max(...form.r) / form.gauge.roundMm;
  return { from: 'last', rounds: Math.min(Math.max(1, Math.round(half)), Math.max(1, last - 1)) };
}

const sitesOf = kept(
  (join: ThreadedJoin, host: Placed, guest: Piece): ThreadedSite[] => {
    const exits = exitsOf(host, join.at, null);
    if (!exits) return [];
    const { up } = toyDirections(host);
    const ring = ringOf(guest.form, join.pierced);
    const shared = {
      join,
      how: 'threaded' as const,
      exits,
      risesMm: exits.widthMm * dot(exits.across, up),
      pierced: guest.form.fabric.rounds[Math.max(0, ring - 1)].label,
    };
    const limb = (copy: string, at: Vec3, out: Vec3) => ({
      ...shared,
      copy,
      placement: limbAt(join, host, guest, ring, at, out),
    });
    return [
      limb(join.guest.copy, exits.first.point, scale(exits.across, -1)),
      ...(join.twin ? [limb(join.twin.copy, exits.other.point, exits.across)] : []),
    ];
  },
  (_, host, guest) => [...placedKey(host), guest.form, guest.ringIs, guest.frontRad],
);

/** The limb beside its host: pierced at the exit, hanging as it is turned, drawn clear of the host's fabric. */
function limbAt(
  { pierced, poseDeg }: ThreadedJoin,
  host: Placed,
  guest: Piece,
  ring: number,
  at: Vec3,
  out: Vec3,
): Placement {
  const toy = toyDirections(host);
  const down = across(scale(toy.up, -1), out);
  const side = cross(out, down);
  const forward = dot(side, toy.front) >= 0 ? side : scale(side, -1);
  const turn = (poseDeg * Math.PI) / 180;
  const hangs = add(scale(down, Math.cos(turn)), scale(forward, Math.sin(turn)));
  const { way } = longAxis(guest);
  const rows = rotation(
    across(ownDirections(guest).front, way),
    way,
    across(toy.front, hangs),
    scale(hangs, pierced.from === 'last' ? -1 : 1),
  );
  const middle = middleOfRing(guest.form, ring);
  let off = radiusAt(guest.form, ring);
  let placement = carried(host.placement, rows, middle, add(at, scale(out, off)));
  for (let step = 0; step < STEPS; step++) {
    const depth = deepest(host, guest.form, placement);
    if (depth < CLEAR_MM) break;
    off += depth;
    placement = carried(host.placement, rows, middle, add(at, scale(out, off)));
  }
  return placement;
}

/** A limb is drawn clear of its host up to so much, in so many steps. */
const CLEAR_MM = 0.5;
const STEPS = 8;
const AROUND = 12;

/** How deep a limb lies in its host, mm. */
function deepest(host: Placed, form: PartForm, placement: Placement): number {
  let most = 0;
  for (let ring = 0; ring < form.r.length; ring++)
    for (let k = 0; k < AROUND; k++) {
      const p = move(placement, ringPoint(form, ring, (2 * Math.PI * k) / AROUND));
      most = Math.max(most, depthInside(host.form, moveBack(host.placement, p)));
    }
  return most;
}

/** How far the fabric of a limb stands off its host where the yarn goes through it, mm: its belly, or its host's, is in between. */
export function standsOffMm(site: ThreadedSite, host: Placed, guest: Piece): number {
  const { form } = guest;
  const ring = ringOf(form, site.join.pierced);
  const at = site.copy === site.join.guest.copy ? site.exits.first.point : site.exits.other.point;
  const middle = moveBack(host.placement, move(site.placement, middleOfRing(form, ring)));
  return Math.max(0, Math.hypot(...sub(middle, at)) - radiusAt(form, ring));
}
