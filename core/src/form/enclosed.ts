/** An open edge of a part: its points in a row, and which way it is wound beside the triangles. */
export interface Rim {
  from: number;
  to: number;
  way: 1 | -1;
}

/** Volume inside triangles and lids over the open rims, in the sense of the triangles; its slope times 6 `k` is added to `g`. Source: the divergence theorem. */
export function enclosed(
  x: Float64Array,
  triangles: Int32Array,
  rims: readonly Rim[],
  g: Float64Array | null,
  k: number,
): number {
  let six = 0;
  for (let t = 0; t < triangles.length; t += 3)
    six += wedge(x, 3 * triangles[t], 3 * triangles[t + 1], 3 * triangles[t + 2], g, k);
  for (let i = 0; i < rims.length; i++) six += lid(x, rims[i], g, k);
  return six / 6;
}

/** Six times the volume under a lid from a rim to its middle: the fill of an open part presses on it. */
function lid(x: Float64Array, { from, to, way }: Rim, g: Float64Array | null, k: number): number {
  const n = to - from;
  let cx = 0;
  let cy = 0;
  let cz = 0;
  for (let p = 3 * from; p < 3 * to; p += 3) {
    cx += x[p];
    cy += x[p + 1];
    cz += x[p + 2];
  }
  cx /= n;
  cy /= n;
  cz /= n;
  let six = 0;
  let nx = 0;
  let ny = 0;
  let nz = 0;
  for (let j = 0; j < n; j++) {
    const a = 3 * (from + j);
    const b = 3 * (from + ((j + 1) % n));
    const crossX = x[a + 1] * x[b + 2] - x[a + 2] * x[b + 1];
    const crossY = x[a + 2] * x[b] - x[a] * x[b + 2];
    const crossZ = x[a] * x[b + 1] - x[a + 1] * x[b];
    six += crossX * cx + crossY * cy + crossZ * cz;
    nx += crossX;
    ny += crossY;
    nz += crossZ;
    if (!g) continue;
    const f = way * k;
    g[a] += f * (x[b + 1] * cz - x[b + 2] * cy);
    g[a + 1] += f * (x[b + 2] * cx - x[b] * cz);
    g[a + 2] += f * (x[b] * cy - x[b + 1] * cx);
    g[b] += f * (cy * x[a + 2] - cz * x[a + 1]);
    g[b + 1] += f * (cz * x[a] - cx * x[a + 2]);
    g[b + 2] += f * (cx * x[a + 1] - cy * x[a]);
  }
  if (g) {
    const f = (way * k) / n;
    for (let p = 3 * from; p < 3 * to; p += 3) {
      g[p] += f * nx;
      g[p + 1] += f * ny;
      g[p + 2] += f * nz;
    }
  }
  return way * six;
}

/** Six times the signed volume between a triangle and the origin. */
function wedge(x: Float64Array, a: number, b: number, c: number, g: Float64Array | null, k: number): number {
  const ax = x[a];
  const ay = x[a + 1];
  const az = x[a + 2];
  const bx = x[b];
  const by = x[b + 1];
  const bz = x[b + 2];
  const cx = x[c];
  const cy = x[c + 1];
  const cz = x[c + 2];
  const nx = by * cz - bz * cy;
  const ny = bz * cx - bx * cz;
  const nz = bx * cy - by * cx;
  if (g) {
    g[a] += k * nx;
    g[a + 1] += k * ny;
    g[a + 2] += k * nz;
    g[b] += k * (cy * az - cz * ay);
    g[b + 1] += k * (cz * ax - cx * az);
    g[b + 2] += k * (cx * ay - cy * ax);
    g[c] += k * (ay * bz - az * by);
    g[c + 1] += k * (az * bx - ax * bz);
    g[c + 2] += k * (ax * by - ay * bx);
  }
  return ax * nx + ay * ny + az * nz;
}
