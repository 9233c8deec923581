import { lies } from '../address';
import { add, cross, depthInside, dot, ringPoint, scale, sub, type PartForm, type Vec3 } from '../form';
import type { EdgeLine } from './edgeLine';
import type { Footprint } from './footprint';
import { laidOn } from './lay';
import { ownDirections, type Piece, type Placed } from './piece';
import type { Burial } from './site';
import { across, move, moveBack, rotation, turn, turnedBy, type Placement } from './space';

type Rows = readonly [Vec3, Vec3, Vec3];

/**
 * The rotation of a guest that points along a direction of its host: its edge looks back, and its upper side (its front, where it
 * is worked upright) looks up. At an end of the host, fronts look the same way. `turnDeg` turns it about its own axis.
 */
export function rowsFor(
  guest: Piece,
  line: EdgeLine,
  direction: Vec3,
  up: Vec3,
  turnDeg: number,
  atEnd: boolean,
): Rows {
  const own = ownDirections(guest);
  const away = scale(direction, -1);
  const level = across(up, away);
  const turnRad = (turnDeg * Math.PI) / 180;
  const toX = add(scale(level, Math.cos(turnRad)), scale(cross(direction, level), Math.sin(turnRad)));
  const front = atEnd && Math.abs(dot(own.front, line.out)) < 0.9;
  const from = !front && lies(own) ? own.up : own.front;
  return rotation(across(from, line.out), line.out, toX, away);
}

/** Where a guest stands in the whole, its edge laid on its footprint. `centre` is the middle of the seam in the host's frame. */
export function placedOn(
  host: Placed,
  guest: Piece,
  line: EdgeLine,
  rows: Rows,
  centre: Vec3,
  footprint: Footprint | null,
  tiltRad: number,
): Placement {
  const whole = turnedBy(host.placement.rows, rows);
  const targets = footprint?.points.map((p) => move(host.placement, p));
  const middle = targets
    ? scale(targets.reduce(add, [0, 0, 0]), 1 / targets.length)
    : move(host.placement, centre);
  const bare: Placement = { rows: whole, shift: sub(middle, turn({ rows: whole }, line.centre)), laid: null };
  if (!targets) return bare;
  const own = targets.map((p) => moveBack(bare, p));
  return {
    ...bare,
    laid: laidOn(line, own, lengthBehind(guest.form, line), guest.form.gauge.stitchMm, tiltRad),
  };
}

/** How far a piece reaches behind its edge, mm. */
function lengthBehind(form: PartForm, { centre, out }: EdgeLine): number {
  let most = 0;
  for (let ring = 0; ring < form.r.length; ring++)
    most = Math.max(most, -dot(sub(ringPoint(form, ring, 0), centre), out));
  return most;
}

const LOOKED = { rings: 24, around: 16 };
/** A point of the edge itself lies on the host; what is so near to it is its seam, not buried. mm */
const SEAM_MM = 1;

/** How far a guest stands off its host along the seam, and how deep it lies in it elsewhere, mm. */
export function burialOf(
  host: Placed,
  guest: Piece,
  line: EdgeLine,
  placement: Placement,
  footprint: Footprint | null,
): Burial {
  if (!footprint) return { gapMm: 0, buriedMm: 0 };
  const onHost = (p: Vec3): Vec3 => moveBack(host.placement, move(placement, p));
  const n = line.points.length;
  let gapMm = 0;
  for (let k = 0; k < (line.closed ? n : n - 1); k++) {
    const middle = scale(add(line.points[k], line.points[(k + 1) % n]), 0.5);
    const wanted = scale(add(footprint.points[k], footprint.points[(k + 1) % n]), 0.5);
    gapMm = Math.max(
      gapMm,
      Math.hypot(...sub(onHost(middle), moveBack(host.placement, move(host.placement, wanted)))),
    );
  }
  let buriedMm = 0;
  const last = guest.form.r.length - 1;
  for (let r = 0; r <= LOOKED.rings; r++) {
    const row = Math.round((r * last) / LOOKED.rings);
    for (let k = 0; k < LOOKED.around; k++) {
      const p = ringPoint(guest.form, row, (2 * Math.PI * k) / LOOKED.around);
      if (-dot(sub(p, line.centre), line.out) < SEAM_MM) continue;
      buriedMm = Math.max(buriedMm, depthInside(host.form, onHost(p)));
    }
  }
  return { gapMm, buriedMm };
}
