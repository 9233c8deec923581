import type { PartForm } from './form';
import { type Net } from './net';
import { cross, sub, unit, type Vec3 } from './vectors';
import { THICK } from './looks';

/** Appends the matrix of a leg that lies from a foot to a top, `normal` out of the fabric. Always a proper one: a leg is never mirrored. */
export function legMatrix(from: Vec3, to: Vec3, normal: Vec3, halfWidth: number, out: number[]): void {
  const long = sub(to, from);
  const along = unit(long);
  const across = unit(cross(normal, along));
  const up = cross(along, across);
  out.push(
    long[0],
    long[1],
    long[2],
    0,
    across[0] * halfWidth,
    across[1] * halfWidth,
    across[2] * halfWidth,
    0,
    up[0] * halfWidth * THICK,
    up[1] * halfWidth * THICK,
    up[2] * halfWidth * THICK,
    0,
    from[0],
    from[1],
    from[2],
    1,
  );
}

export const add3 = (a: Vec3, b: Vec3, c: Vec3 = [0, 0, 0]): Vec3 => [
  a[0] + b[0] + c[0],
  a[1] + b[1] + c[1],
  a[2] + b[2] + c[2],
];

export const half = (a: Vec3, b: Vec3): Vec3 => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2, (a[2] + b[2]) / 2];

export function mean(x: Float64Array, low: number, high: number): Vec3 {
  let [a, b, c] = [0, 0, 0];
  for (let p = low; p < high; p++) {
    a += x[3 * p];
    b += x[3 * p + 1];
    c += x[3 * p + 2];
  }
  return [a / (high - low), b / (high - low), c / (high - low)];
}

/** How far a stitch stands from its neighbours, mm. */
export function spacing(net: Net, x: Float64Array, s: number): number {
  const [a, b] = [net.before[s], net.after[s]];
  const steps = (a !== s ? 1 : 0) + (b !== s ? 1 : 0);
  return steps
    ? Math.hypot(x[3 * b] - x[3 * a], x[3 * b + 1] - x[3 * a + 1], x[3 * b + 2] - x[3 * a + 2]) / steps
    : Infinity;
}

/** Triangles between the stitches; a sheet has no seam, a cord none at all. */
export function trianglesOf(form: PartForm, net: Net): ArrayLike<number> {
  if (form.section === 'ring') return net.mesh.triangles;
  const { triangles, first } = net.mesh;
  if (form.section === 'cord') return [];
  const kept: number[] = [];
  for (let t = 0; t < triangles.length; t += 3) {
    const on = [0, 1, 2].map((k) => triangles[t + k]);
    if (on.some((p) => p >= net.stitches)) continue;
    // What would close the sheet to a tube spans it.
    const place = on.map((p) => net.angle[p]);
    if (Math.max(...place) - Math.min(...place) < Math.PI || first.length < 2) kept.push(...on);
  }
  return kept;
}

/** The way out of the fabric at every point. */
export function normalsOf(form: PartForm, net: Net, x: Float64Array): Float32Array {
  const normals = new Float32Array(x.length);
  if (form.section !== 'ring') {
    for (let p = 0; p < net.points; p++) normals.set([0, -1, 0], 3 * p);
    return normals;
  }
  const { triangles } = net.mesh;
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [3 * triangles[t], 3 * triangles[t + 1], 3 * triangles[t + 2]];
    const n = cross(
      [x[b] - x[a], x[b + 1] - x[a + 1], x[b + 2] - x[a + 2]],
      [x[c] - x[a], x[c + 1] - x[a + 1], x[c + 2] - x[a + 2]],
    );
    for (const p of [a, b, c]) for (let k = 0; k < 3; k++) normals[p + k] += form.direction * n[k];
  }
  for (let p = 0; p < normals.length; p += 3)
    normals.set(unit([normals[p], normals[p + 1], normals[p + 2]]), p);
  return normals;
}
