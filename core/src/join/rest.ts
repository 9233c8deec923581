import { add, depthInside, dot, ringPoint, scale, sub, unit, type PartForm, type Vec3 } from '../form';
import type { EdgeLine } from './edgeLine';
import { bendOver } from './lay';

/** The guest's rows for a direction, in the host's frame. */
export type Turned = (direction: Vec3) => readonly [Vec3, Vec3, Vec3];

/** Points of a guest that are looked at: so many rings and so many round each. */
const LOOKED = { rings: 9, around: 10 };
/** Fabric gives so much where two parts touch, mm. Judged. */
const GIVES_MM = 0.8;
const STEP_RAD = (2.5 * Math.PI) / 180;
/** Short steps in a long one. */
const LONG = 4;

/** Points of the guest behind its edge: from the middle of the edge, and how far behind it each lies, mm. */
function lookedAt(guest: PartForm, line: EdgeLine): { from: Vec3; behind: number }[] {
  const last = guest.r.length - 1;
  const out: { from: Vec3; behind: number }[] = [];
  for (let n = 0; n <= LOOKED.rings; n++) {
    const ring = Math.round((n * last) / LOOKED.rings);
    const points = Array.from({ length: LOOKED.around }, (_, k) =>
      ringPoint(guest, ring, (2 * Math.PI * k) / LOOKED.around),
    );
    const centre = scale(points.reduce(add, [0, 0, 0]), 1 / points.length);
    for (const p of [centre, ...points]) {
      const from = sub(p, line.centre);
      out.push({ from, behind: -dot(from, line.out) });
    }
  }
  return out;
}

/** Whether a guest with its edge's middle at a point lies deeper in its host than fabric gives, where its own edge does not bend. */
function liesIn(
  host: PartForm,
  at: Vec3,
  rows: readonly [Vec3, Vec3, Vec3],
  looked: readonly { from: Vec3; behind: number }[],
  bendsMm: number,
): boolean {
  return looked.some(({ from, behind }) => {
    if (behind < bendsMm) return false;
    const p: Vec3 = [at[0] + dot(rows[0], from), at[1] + dot(rows[1], from), at[2] + dot(rows[2], from)];
    return depthInside(host, p) > GIVES_MM;
  });
}

/**
 * The direction nearest to the wanted one in which a guest does not lie in its host: it is raised towards straight out until
 * it is clear. Where not even that clears it, straight out.
 */
export function restingWay(
  host: PartForm,
  guest: PartForm,
  line: EdgeLine,
  at: Vec3,
  wanted: Vec3,
  normal: Vec3,
  turned: Turned,
): { direction: Vec3; heldOffDeg: number } {
  const looked = lookedAt(guest, line);
  const whole = Math.acos(Math.max(-1, Math.min(1, dot(wanted, normal))));
  const along = unit(sub(wanted, scale(normal, dot(wanted, normal))), wanted);
  const raised = (back: number): Vec3 => {
    const tilt = whole - back;
    return unit(add(scale(normal, Math.cos(tilt)), scale(along, Math.sin(tilt))));
  };
  const isClear = (back: number): boolean =>
    !liesIn(host, at, turned(raised(back)), looked, bendOver(line.radiusMm, whole - back));
  // In long steps until it is clear, then back in short ones.
  for (let k = 0; k * LONG * STEP_RAD < whole + LONG * STEP_RAD; k++) {
    const long = Math.min(whole, k * LONG * STEP_RAD);
    if (!isClear(long)) continue;
    let back = long;
    for (let short = 1; short < LONG && back > 0 && isClear(Math.max(0, back - STEP_RAD)); short++)
      back = Math.max(0, back - STEP_RAD);
    return { direction: raised(back), heldOffDeg: (back * 180) / Math.PI };
  }
  return { direction: normal, heldOffDeg: (whole * 180) / Math.PI };
}
