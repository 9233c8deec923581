import { frameAt, pointOf, ResolvedPlace, type Polar } from '../address';
import { ringPoint, scale, type PartForm, type Vec3 } from '../form';
import type { EdgeLine } from './edgeLine';
import { groundAt, lengthOf, type Footprint, type Ground } from './footprint';
import { middleOfPoints } from './order';
import { ownDirections, toyDirections, type Placed } from './piece';
import { turn, turnBack } from './space';

/** Which end of a piece: where it was begun, or where it was ended. */
export type EndIs = 'start' | 'last';

/** The end that a place on the whole edge of a piece means: that of its round. */
export const endOf = (found: ResolvedPlace): EndIs =>
  found.round === 0 && found.form.fabric.rounds.length > 1 ? 'start' : 'last';

/** The outermost ring of an end. */
export const outermost = (form: PartForm, end: EndIs): number => (end === 'start' ? 0 : form.r.length - 1);

/** Whether an end is open, so that its rim can be sewn. */
export function isOpenEnd(form: PartForm, end: EndIs): boolean {
  const ring = outermost(form, end);
  return form.r[ring] > 1e-6 || form.straight[ring] > 1e-6;
}

/** The way out of a piece at its end, in its own frame. */
function axisAt(form: PartForm, end: EndIs): Vec3 {
  const sign = end === 'start' ? -1 : 1;
  if (!form.axis) return [0, 0, sign];
  const { rotation: m } = form.axis;
  const k = 9 * Math.min(outermost(form, end), m.length / 9 - 1);
  return [sign * m[k + 2], sign * m[k + 5], sign * m[k + 8]];
}

/** Just beside the middle of a closed end, where a skin still has directions, rows. */
const BESIDE_ROWS = 0.02;

/** The ground of a whole end: out along the axis, up where the host's face looks. */
export function groundOfEnd(host: Placed, end: EndIs): Ground {
  const ring = outermost(host.form, end);
  const row = end === 'start' ? ring + BESIDE_ROWS : ring - BESIDE_ROWS;
  const { front, up } = ownDirections(host);
  return groundAt({ angleRad: host.frontRad, row }, axisAt(host.form, end), front, up);
}

/** The ground of a place on the surface: up is the toy's as it stands; where the fabric lies level, away from the toy's face. */
export function groundOf(host: Placed, polar: Polar): Ground {
  const toy = toyDirections(host);
  return groundAt(polar, frameAt(host.form, polar).normal, toy.up, scale(toy.front, -1));
}

/** An edge laid round its host along one of its rings: every point of it in its own direction. */
export function ringFootprint(
  host: PartForm,
  ring: number,
  line: EdgeLine,
  rows: readonly [Vec3, Vec3, Vec3],
): Footprint {
  const polars = line.points.map((p): Polar => {
    const [x, y] = turn({ rows }, [p[0] - line.centre[0], p[1] - line.centre[1], p[2] - line.centre[2]]);
    const level = host.axis ? turnBack({ rows: ringRows(host, ring) }, [x, y, 0]) : [x, y, 0];
    return { angleRad: host.direction * Math.atan2(level[1], level[0]), row: ring };
  });
  const points = polars.map((p) => ringPoint(host, ring, p.angleRad));
  return { points, polars, lengthMm: lengthOf(points, line.closed), reachMm: host.r[ring], cut: false };
}

function ringRows({ axis }: PartForm, ring: number): readonly [Vec3, Vec3, Vec3] {
  const { rotation: m } = axis!;
  const k = 9 * Math.min(ring, m.length / 9 - 1);
  const row = (i: number): Vec3 => [m[k + 3 * i], m[k + 3 * i + 1], m[k + 3 * i + 2]];
  return [row(0), row(1), row(2)];
}

/** The round to whose stitches an edge of so many stitches and mm is sewn round a closed end: as long and with as many stitches as can be; between the end and the host's middle. */
export function roundRoundEnd(form: PartForm, end: EndIs, count: number, edgeMm: number): number {
  const last = form.fabric.rounds.length - 1;
  const [from, to] = end === 'last' ? [Math.floor(last / 2), last] : [0, Math.floor(last / 2)];
  const miss = (i: number) =>
    Math.abs(2 * Math.PI * form.r[i + 1] + 2 * form.straight[i + 1] - edgeMm) +
    form.gauge.stitchMm * Math.abs(form.fabric.rounds[i].count - count);
  let best = end === 'last' ? to : from;
  for (let i = from; i <= to; i++) if (miss(i) < miss(best)) best = i;
  return best;
}

/** The middle of a place of a host, mm: of an open end the middle of its opening. */
export function middleOfPlace(host: PartForm, ground: Ground, footprint: Footprint | null): Vec3 {
  if (!footprint) return pointOf(host, ground.polar);
  return middleOfPoints(footprint.points);
}
