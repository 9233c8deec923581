import {
  holeName,
  mirrored,
  nearestPlace,
  onBody,
  pointOf,
  polarOf,
  resolve,
  type HoleName,
  type Place,
  type Polar,
} from '../address';
import { add, ringPoint, scale, sub, unit, type PartForm, type Vec3 } from '../form';
import { ownDirections, type Piece } from './piece';

/** A hole of a host through which something runs. */
export interface Exit {
  round: number;
  index: number;
  name: HoleName;
  polar: Polar;
  /** the hole in the host's frame, mm */
  point: Vec3;
}

/** Two holes of a host and the straight way between them. */
export interface Exits {
  state: 'at' | 'moved';
  first: Exit;
  other: Exit;
  /** from hole to hole through the host, mm: how wide it is there */
  widthMm: number;
  /** from the first to the other, a unit vector in the host's frame */
  across: Vec3;
}

function exitAt(form: PartForm, { round, index }: Pick<Exit, 'round' | 'index'>): Exit {
  const polar = polarOf(form, round, index, 'hole');
  return { round, index, name: holeName(form, round, index), polar, point: pointOf(form, polar) };
}

/** Where something that is drawn through a host goes in and comes out; without a place of its own the other hole is the one nearest to the first's mirror image. Null where they are one hole, or gone. */
export function exitsOf(host: Piece, at: Place, out: Place | null): Exits | null {
  const { form } = host;
  const found = onBody(resolve(form, at));
  if (!found) return null;
  const first = exitAt(form, found);
  const end = out
    ? onBody(resolve(form, out))
    : nearestPlace(form, mirrored(form, ownDirections(host), first.polar), 'hole');
  if (!end) return null;
  const other = exitAt(form, end);
  const way = sub(other.point, first.point);
  const widthMm = Math.hypot(...way);
  // Neighbouring holes have nothing between them but a stitch.
  if (widthMm < 1.5 * form.gauge.stitchMm) return null;
  const moved = found.state === 'moved' || ('state' in end && end.state === 'moved');
  return { state: moved ? 'moved' : 'at', first, other, widthMm, across: unit(way, [1, 0, 0]) };
}

/** A piece's long axis in its own frame. */
export interface LongAxis {
  from: Vec3;
  to: Vec3;
  middle: Vec3;
  /** from the start to the last round, or along the rows of a piece that is wider than tall; a unit vector */
  way: Vec3;
  lengthMm: number;
}

const AROUND = 12;

/** The middle of one of a piece's rings or rows. */
export function middleOfRing(form: PartForm, ring: number): Vec3 {
  const points = Array.from({ length: AROUND }, (_, k) =>
    ringPoint(form, ring, (2 * Math.PI * (k + 0.5)) / AROUND),
  );
  return scale(points.reduce(add, [0, 0, 0]), 1 / AROUND);
}

/** The straight line from the middle of a piece's start to that of its end; of rows, along whichever is longer. */
export function longAxis({ form }: Piece): LongAxis {
  const last = form.r.length - 1;
  const rounds = between(middleOfRing(form, 0), middleOfRing(form, last));
  if (form.section !== 'sheet') return rounds;
  const row = Math.floor(last / 2);
  const along = between(ringPoint(form, row, 0), ringPoint(form, row, 2 * Math.PI - 1e-9));
  return along.lengthMm > rounds.lengthMm ? along : rounds;
}

function between(from: Vec3, to: Vec3): LongAxis {
  const along = sub(to, from);
  return {
    from,
    to,
    middle: scale(add(from, to), 0.5),
    way: unit(along, [0, 0, 1]),
    lengthMm: Math.hypot(...along),
  };
}
