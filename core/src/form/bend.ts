import { heightOf, type Fabric } from '../fabric';
import type { Gauge } from '../gauge';

/** Where each ring of a bent part stands: its centre and a proper rotation, rows of three, ring by ring. mm. */
export interface Axis {
  centre: Float64Array;
  rotation: Float64Array;
}

/** Most a round can bend, radians. Source: the house's geometry, section 2. */
const MOST_BEND = 0.6;
/** Less than this over the whole part is not worth a bent axis: a tenth of a degree. */
const STRAIGHT_ENOUGH = 0.002;

/** First harmonic of the stitch heights round a round, mm: how much taller than the mean the tall side is, and where it is (radians in the working direction). */
export function tallSide(
  fabric: Fabric,
  round: number,
  gauge: Gauge,
  phase: Float64Array,
): { harmonicMm: number; angleRad: number } {
  const { from, count } = fabric.rounds[round];
  let x = 0;
  let y = 0;
  for (let j = 0; j < count; j++) {
    const h = heightOf(fabric.kind[from + j]) * gauge.roundMm;
    const a = phase[round] + (2 * Math.PI * (j + 0.5)) / count;
    x += h * Math.cos(a);
    y += h * Math.sin(a);
  }
  return { harmonicMm: count ? (2 / count) * Math.hypot(x, y) : 0, angleRad: Math.atan2(y, x) };
}

/** How far each round bends the axis, radians: the harmonic over the radius, at most 0.6. Source: the house's geometry, section 2. */
export function bendsOf(
  fabric: Fabric,
  gauge: Gauge,
  r: Float64Array,
  phase: Float64Array,
): { bendRad: number; angleRad: number }[] {
  return fabric.rounds.map((_, i) => {
    const { harmonicMm, angleRad } = tallSide(fabric, i, gauge, phase);
    const radius = (r[i] + r[i + 1]) / 2;
    return {
      bendRad: harmonicMm > 1e-9 && i > 0 ? Math.min(MOST_BEND, harmonicMm / Math.max(radius, 1e-6)) : 0,
      angleRad,
    };
  });
}

/** The bent axis of a part in which some rounds are taller on one side; `null` while it is straight. */
export function bendOf(
  fabric: Fabric,
  gauge: Gauge,
  r: Float64Array,
  z: Float64Array,
  phase: Float64Array,
  direction: 1 | -1,
): Axis | null {
  const bends = bendsOf(fabric, gauge, r, phase);
  if (bends.reduce((sum, b) => sum + b.bendRad, 0) < STRAIGHT_ENOUGH) return null;
  const rings = r.length;
  const axis: Axis = { centre: new Float64Array(3 * rings), rotation: new Float64Array(9 * rings) };
  let m = [1, 0, 0, 0, 1, 0, 0, 0, 1];
  let c = [0, 0, z[0] ?? 0];
  const put = (i: number) => {
    axis.centre.set(c, 3 * i);
    axis.rotation.set(m, 9 * i);
  };
  put(0);
  for (let i = 1; i < rings; i++) {
    const bend = bends[i - 1] ?? { bendRad: 0, angleRad: 0 };
    const half = tilt(bend.bendRad / 2, direction * bend.angleRad);
    m = times(m, half);
    const dz = z[i] - z[i - 1];
    c = [c[0] + m[2] * dz, c[1] + m[5] * dz, c[2] + m[8] * dz];
    m = times(m, half);
    put(i);
  }
  return axis;
}

/** The rotation that tips +z by `angle` away from the direction `theta` across the axis. */
function tilt(angle: number, theta: number): number[] {
  const [s, co] = [Math.sin(angle), Math.cos(angle)];
  const [kx, ky] = [-Math.sin(theta), Math.cos(theta)];
  // Turning about k by -angle takes z to -u sin + z cos, u being the tall side.
  const v = 1 - co;
  return [co + kx * kx * v, kx * ky * v, -ky * s, kx * ky * v, co + ky * ky * v, kx * s, ky * s, -kx * s, co];
}

function times(a: readonly number[], b: readonly number[]): number[] {
  const out = new Array<number>(9);
  for (let i = 0; i < 3; i++)
    for (let j = 0; j < 3; j++)
      out[3 * i + j] = a[3 * i] * b[j] + a[3 * i + 1] * b[3 + j] + a[3 * i + 2] * b[6 + j];
  return out;
}
