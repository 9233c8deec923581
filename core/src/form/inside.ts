import { kept } from '../kept';
import type { PartForm } from './form';
import type { Vec3 } from './vectors';

/** A point in a part's frame as it lies to the straight part: how far from its axis and how high. */
interface BesideAxis {
  rho: number;
  z: number;
}

/** How far a point lies inside a part, mm: positive inside, its distance from the fabric; negative outside, at least so far from it. Open ends count as closed by a lid. Flat pieces and cords have no inside. */
export function depthInside(form: PartForm, point: Vec3): number {
  if (form.section !== 'ring' || form.r.length < 2) return -Infinity;
  const { most, low, high, straight } = boundsOf(form);
  const { rho, z } = besideAxis(form, point, straight);
  const beyond = Math.max(rho - most, low - z, z - high);
  if (beyond > 0) return -beyond;
  const { r, z: heights } = form;
  const last = r.length - 1;
  let inside = false;
  let least = Infinity;
  const side = (r0: number, z0: number, r1: number, z1: number) => {
    const [dr, dz] = [r1 - r0, z1 - z0];
    const long = dr * dr + dz * dz;
    const t = long > 0 ? Math.max(0, Math.min(1, ((rho - r0) * dr + (z - z0) * dz) / long)) : 0;
    const [offRho, offZ] = [rho - r0 - t * dr, z - z0 - t * dz];
    least = Math.min(least, offRho * offRho + offZ * offZ);
    // A line outwards from the point crosses the profile an odd number of times when the point is inside.
    if (z0 > z !== z1 > z && rho < r0 + (dr * (z - z0)) / dz) inside = !inside;
  };
  for (let i = 0; i < last; i++) side(r[i], heights[i], r[i + 1], heights[i + 1]);
  if (r[0] > 0) side(0, heights[0], r[0], heights[0]);
  if (r[last] > 0) side(r[last], heights[last], 0, heights[last]);
  return inside ? Math.sqrt(least) : -Math.sqrt(least);
}

/** The widest ring, the lowest and the highest, and whether any has straights. */
const boundsOf = kept((form: PartForm) => ({
  most: form.r.reduce((a, b) => Math.max(a, b), 0),
  low: form.z.reduce((a, b) => Math.min(a, b), Infinity),
  high: form.z.reduce((a, b) => Math.max(a, b), -Infinity),
  straight: form.straight.some((l) => l > 0),
}));

function besideAxis(form: PartForm, point: Vec3, straight: boolean): BesideAxis {
  const [x, y, z] = form.axis ? straightened(form, point) : point;
  if (!straight) return { rho: Math.sqrt(x * x + y * y), z };
  // Across an oval, the straights lie between two half circles.
  const turn = form.direction * form.longRad;
  const long = Math.cos(turn) * x + Math.sin(turn) * y;
  const wide = Math.cos(turn) * y - Math.sin(turn) * x;
  let i = 0;
  while (i < form.z.length - 1 && form.z[i + 1] < z) i++;
  return { rho: Math.hypot(Math.max(0, Math.abs(long) - form.straight[i] / 2), wide), z };
}

/** A point of a bent part as it would lie if its axis were straight: in the frame of the ring whose level is nearest. */
function straightened(form: PartForm, [x, y, z]: Vec3): Vec3 {
  const { centre, rotation: m } = form.axis!;
  let best: Vec3 = [x, y, z];
  let least = Infinity;
  for (let i = 0; i < form.r.length; i++) {
    const [dx, dy, dz] = [x - centre[3 * i], y - centre[3 * i + 1], z - centre[3 * i + 2]];
    const k = 9 * i;
    const along = m[k + 2] * dx + m[k + 5] * dy + m[k + 8] * dz;
    const away = Math.hypot(dx, dy, dz);
    const miss = Math.abs(along) + 0.05 * away;
    if (miss >= least) continue;
    least = miss;
    best = [
      m[k] * dx + m[k + 3] * dy + m[k + 6] * dz,
      m[k + 1] * dx + m[k + 4] * dy + m[k + 7] * dz,
      form.z[i] + along,
    ];
  }
  return best;
}
