import {
  coordOf,
  holeName,
  middleOf,
  mirrored,
  nearestPlace,
  onBody,
  pointOf,
  polarOf,
  resolve,
  ResolvedPlace,
  type Place,
  type Polar,
} from '../address';
import { dot, scale, type Vec3 } from '../form';
import { kept } from '../kept';
import { asTilt, sideOf, wantedWay, type Aim } from './aim';
import { asItLies, edgeCount, edgeRound, isFlattened, liesAs, reachesOf, type Edge } from './edge';
import { edgeLine, type EdgeLine } from './edgeLine';
import { footprintOf, type Footprint, type Ground } from './footprint';
import {
  endOf,
  groundOf,
  groundOfEnd,
  isOpenEnd,
  middleOfPlace,
  outermost,
  ringFootprint,
  roundRoundEnd,
  type EndIs,
} from './ground';
import type { Hang } from './hang';
import type { JoinKind } from './kinds';
import { ownDirections, placedKey, toyDirections, type OfPiece, type Piece, type Placed } from './piece';
import { pinsOf } from './pins';
import { restingWay } from './rest';
import { begunAt, roundSeam, surfaceSeam, wantedStitches, type SeamStitch } from './seam';
import type { JoinSite } from './site';
import { imageOf, likeTwin, missOf, settledSeam } from './settle';
import { burialOf, placedOn, rowsFor } from './standing';

/** Whose yarn sews, and how: what the maker has said of a seam. */
export interface SeamSaid {
  /** sewn round a second time */
  twice: boolean;
  yarn: 'guest' | 'host';
  /** the stitch of the edge at which it begins; null where the guest's tail hangs */
  startAt: number | null;
}

/** The other copy of a pair: mirrored about the host's face plane, or where the maker wants it, crooked on purpose. */
export interface Twin {
  copy: string;
  at: Place | null;
}

/**
 * An edge of a guest sewn on a host. The guest's edge is centred on `at`; an `edge` place means an end of the host: rim to rim
 * when it is open, round its middle when it is closed. The place of a linked twin is computed, never stored.
 */
export interface SewnJoin {
  kind: 'sewn';
  id: string;
  guest: OfPiece;
  at: Place;
  edge: Edge;
  aim: Aim;
  twin: Twin | null;
  /** what the place hangs on and follows; null for one that stays where it was put */
  hang: Hang | null;
  seam: SeamSaid;
}

export const sewn: JoinKind<SewnJoin, JoinSite> = {
  guests: ({ guest, twin }) => [guest, ...(twin ? [{ part: guest.part, copy: twin.copy }] : [])],
  fault: (join, host, guest) => {
    if (!edgeRound(guest.form, join.edge)) return 'no such edge';
    if (host.form.section === 'cord') return 'host is a cord';
    const found = resolve(host.form, join.at);
    return found instanceof ResolvedPlace && (join.at.at === 'edge' || onBody(found)) ? null : 'homeless';
  },
  sites: (join, host, guest) => sitesOf(join, host, guest),
  reach: ({ edge, aim }, { form }) => reachesOf(form, edge, aim.turnDeg),
  other: ({ twin }) => twin,
  onPlaces: (join, change) => ({
    ...join,
    at: change(join.at),
    twin: join.twin?.at ? { ...join.twin, at: change(join.twin.at) } : join.twin,
  }),
};

/** Twins are mirror images when the middles of their seams are, within so many stitches. Source: the house's geometry, section 7. */
const MIRRORED = 0.6;

/** Where a seam stands on its host, for the guest and, if there is one, its twin. */
const sitesOf = kept(
  (said: SewnJoin, host: Placed, guest: Piece): JoinSite[] => {
    const join = { ...said, edge: asItLies(guest.form, said.edge) };
    const found = resolve(host.form, join.at);
    const line = edgeLine(guest, join.edge);
    if (!(found instanceof ResolvedPlace) || !line) return [];
    if (join.at.at === 'edge') return [endSite(join, host, guest, line, endOf(found))];
    const polar = polarOf(host.form, found.round, found.coord, found.at);
    const asked = { join, host, guest, line, copy: join.guest.copy, isTwin: false };
    const first = surfaceSite({ ...asked, like: null }, polar, found);
    if (!join.twin) return [first];
    const twin = twinSite(join, host, guest, line, first, join.twin);
    const fine = MIRRORED * host.form.gauge.stitchMm;
    // A bent host has no mirror image of its own.
    if (join.twin.at || twin.missMm <= fine || host.form.axis) return [first, twin];
    // No holes near enough to the first's mirror image: the first settles towards the twin's.
    const settled = surfaceSite({ ...asked, like: twin }, polar, found);
    return settled.missMm <= fine
      ? [
          { ...settled, missMm: 0 },
          { ...twin, missMm: settled.missMm },
        ]
      : [first, twin];
  },
  (_, host, guest) => [...placedKey(host), guest.form, guest.ringIs, guest.frontRad],
);

/** One guest of a join that is being worked out: the first or the other one, and the site whose mirror image its seam is to be. */
interface Asked {
  join: SewnJoin;
  host: Placed;
  guest: Piece;
  line: EdgeLine;
  copy: string;
  isTwin: boolean;
  like: JoinSite | null;
}

function twinSite(
  join: SewnJoin,
  host: Placed,
  guest: Piece,
  line: EdgeLine,
  first: JoinSite,
  twin: Twin,
): JoinSite {
  const asked = { join, host, guest, line, copy: twin.copy, isTwin: true };
  const own = twin.at ? onBody(resolve(host.form, twin.at)) : null;
  if (own) {
    const site = surfaceSite({ ...asked, like: null }, own.polar, own);
    return { ...site, missMm: missOf(host, first, site) };
  }
  const polar = mirrored(host.form, ownDirections(host), first.polar);
  const near = nearestPlace(host.form, polar, 'hole');
  const found = { round: near?.round ?? first.round, index: near?.index ?? first.index, state: first.state };
  return surfaceSite({ ...asked, like: first }, polar, { ...found, at: 'hole' });
}

interface Found {
  round: number;
  index: number;
  at: 'hole' | 'middle';
  state: 'at' | 'moved';
}

/** A seam on the surface of its host, centred on a place. */
function surfaceSite(asked: Asked, polar: Polar, found: Found): JoinSite {
  const { join, host, guest, line, isTwin, like } = asked;
  const { form } = host;
  const ground = groundOf(host, polar);
  const at = pointOf(form, polar);
  const toy = toyDirections(host);
  const side = sideOf(at, middleOf(form), ownDirections(host), isTwin);
  const wanted = wantedWay(join.aim, ground, toy, side);
  const turnDeg = isTwin ? -join.aim.turnDeg : join.aim.turnDeg;
  const rowsTo = (direction: Vec3) => rowsFor(guest, line, direction, ground.up, turnDeg, false);
  const { direction, heldOffDeg } = restingWay(form, guest.form, line, at, wanted, ground.normal, rowsTo);
  const rows = rowsTo(direction);
  const footprint = footprintOf(form, ground, line, liesAs(join.edge), axesOf(line, rows), stitchMm(asked));
  const stitches = footprint ? wantedStitches(line, footprint, isFlattened(join.edge)) : [];
  const seam = settledSeam(
    host,
    ground,
    like ? likeTwin(host, like, stitches) : stitches,
    line.closed && !isFlattened(join.edge),
    {
      middle: middleOfPlace(form, ground, footprint),
      image: like && imageOf(host, like),
    },
  );
  const site = {
    ...standingAt(asked, ground, footprint, rows),
    state: found.state,
    how: 'surface' as const,
    round: found.round,
    name: holeName(form, found.round, coordOf(found.at, found.index)),
    index: found.index,
    polar,
    seam: begunAt(seam, join.seam.startAt),
    pins: pinsOf(seam, ground, toy),
    hostEdge: form.fabric.rounds[found.round].count,
    direction,
    heldOffDeg,
    ...asTilt(direction, ground, side),
    missMm: 0,
  };
  return like ? { ...site, missMm: missOf(host, like, site) } : site;
}

const stitchMm = ({ guest }: Asked): number => guest.form.gauge.stitchMm;

/** The guest's own axes as directions on the host. */
const axesOf = ({ out, wide, thin }: EdgeLine, rows: readonly [Vec3, Vec3, Vec3]) => {
  const on = (v: Vec3): Vec3 => [
    rows[0][0] * v[0] + rows[0][1] * v[1] + rows[0][2] * v[2],
    rows[1][0] * v[0] + rows[1][1] * v[1] + rows[1][2] * v[2],
    rows[2][0] * v[0] + rows[2][1] * v[1] + rows[2][2] * v[2],
  ];
  return { away: on(scale(out, -1)), wide: on(wide), thin: on(thin) };
};

/** A seam at an end of its host: rim to rim when it is open, else round its middle. */
function endSite(join: SewnJoin, host: Placed, guest: Piece, line: EdgeLine, end: EndIs): JoinSite {
  const asked: Asked = { join, host, guest, line, copy: join.guest.copy, isTwin: false, like: null };
  const { form } = host;
  const ground = groundOfEnd(host, end);
  const toy = toyDirections(host);
  const direction = wantedWay({ ...join.aim, way: null }, ground, toy, toy.left);
  const rows = rowsFor(guest, line, direction, ground.up, join.aim.turnDeg, true);
  const open = isOpenEnd(form, end);
  // Round an end, a seam runs along one round; only what does not run round itself lies across it.
  const along = line.closed && (open || !isFlattened(join.edge));
  const last = end === 'start' ? 0 : form.fabric.rounds.length - 1;
  const seamRound = open ? last : roundRoundEnd(form, end, line.count, line.lengthMm);
  const footprint = along
    ? ringFootprint(form, open ? outermost(form, end) : seamRound + 1, line, rows)
    : footprintOf(form, ground, line, liesAs(join.edge), axesOf(line, rows), stitchMm(asked));
  const stitches = footprint ? wantedStitches(line, footprint, !along && isFlattened(join.edge)) : [];
  const seam = along
    ? roundSeam(
        form,
        seamRound,
        end === 'start' && open ? seamRound : seamRound + 1,
        stitches,
        stitches.length === line.count,
      )
    : surfaceSeam(form, ground, stitches, false);
  const round = along ? seamRound : middleRound(seam, last);
  return {
    ...standingAt(asked, ground, footprint, rows),
    state: 'at',
    how: along && open ? 'rim' : 'end',
    round,
    name: null,
    index: 0,
    polar: ground.polar,
    seam: begunAt(seam, join.seam.startAt),
    pins: pinsOf(seam, ground, toy),
    hostEdge: form.fabric.rounds[round].count,
    direction,
    heldOffDeg: 0,
    tiltDeg: join.aim.tiltDeg,
    towardDeg: join.aim.towardDeg,
    missMm: 0,
  };
}

/** The round in which most of a seam's stitches lie. */
function middleRound(seam: readonly SeamStitch[], otherwise: number): number {
  const rounds = seam.map((s) => s.round).sort((a, b) => a - b);
  return rounds[Math.floor(rounds.length / 2)] ?? otherwise;
}

/** What of a site follows from how its guest stands. */
function standingAt(
  { join, host, guest, line, copy }: Asked,
  ground: Ground,
  footprint: Footprint | null,
  rows: readonly [Vec3, Vec3, Vec3],
): Pick<JoinSite, 'join' | 'copy' | 'guestEdge' | 'footprint' | 'placement' | 'burial'> {
  const centre = middleOfPlace(host.form, ground, footprint);
  const away = axesOf(line, rows).away;
  const tiltRad = Math.acos(Math.max(-1, Math.min(1, dot(away, ground.normal))));
  const placement = placedOn(host, guest, line, rows, centre, footprint, tiltRad);
  return {
    join,
    copy,
    guestEdge: edgeCount(guest.form, join.edge),
    footprint,
    placement,
    burial: once(() => burialOf(host, guest, line, placement, footprint)),
  };
}

/** Works something out the first time it is asked. */
function once<T>(make: () => T): () => T {
  let made: { value: T } | null = null;
  return () => (made ??= { value: make() }).value;
}
