import { kept } from '../kept';
import { meshOf, type Mesh, type PartForm } from '../form';
import { pointOf, polarOf, type Polar } from './position';

/** A part's triangles with their points, and the triangles that meet in each vertex. */
interface Field {
  mesh: Mesh;
  points: Float64Array;
  /** triangles of vertex v: `around[from[v]..from[v + 1]]`, each by the index of its first corner */
  from: Int32Array;
  around: Int32Array;
  far: Float64Array;
  done: Uint8Array;
  heap: Int32Array;
  place: Int32Array;
}

const fieldOf = kept((form: PartForm): Field => {
  const mesh = meshOf(form);
  const n = mesh.vertices;
  const points = new Float64Array(3 * n);
  form.fabric.rounds.forEach((round, i) => {
    for (let j = 0; j < round.count; j++)
      points.set(pointOf(form, polarOf(form, i, j + 0.5, 'middle')), 3 * (mesh.first[i] + j));
  });
  if (mesh.centre >= 0) points.set(pointOf(form, { angleRad: 0, row: 0 }), 3 * mesh.centre);
  if (mesh.cap >= 0) points.set(pointOf(form, { angleRad: 0, row: form.r.length - 1 }), 3 * mesh.cap);
  const from = new Int32Array(n + 1);
  for (const v of mesh.triangles) from[v + 1]++;
  for (let v = 0; v < n; v++) from[v + 1] += from[v];
  const around = new Int32Array(mesh.triangles.length);
  const fill = from.slice();
  for (let k = 0; k < mesh.triangles.length; k++) around[fill[mesh.triangles[k]]++] = k - (k % 3);
  return {
    mesh,
    points,
    from,
    around,
    far: new Float64Array(n),
    done: new Uint8Array(n),
    heap: new Int32Array(n),
    place: new Int32Array(n),
  };
});

/** Cells round a place within which the fabric counts as flat. */
const FLAT_CELLS = 1.6;

/**
 * The distance between two places of a part along its fabric, mm: fast marching over the triangles between stitches with
 * an unfolded virtual source. Flat and bare pieces answer the straight distance. Works on shared arrays: one call at a time.
 * Source: the house's geometry, section 6.
 */
export function surfaceDistance(form: PartForm, a: Polar, b: Polar): number {
  const [p, q] = [pointOf(form, a), pointOf(form, b)];
  const direct = Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);
  const cell = Math.hypot(form.gauge.stitchMm, form.gauge.roundMm);
  if (form.section !== 'ring' || form.folded || direct < FLAT_CELLS * cell || form.fabric.rounds.length < 2)
    return direct;
  return new March(fieldOf(form), FLAT_CELLS * cell).from(p).to(q, direct);
}

/** One front that grows over the surface from a point. */
class March {
  private size = 0;

  constructor(
    private readonly f: Field,
    private readonly near: number,
  ) {
    f.far.fill(Infinity);
    f.done.fill(0);
    f.place.fill(-1);
  }

  from(p: readonly [number, number, number]): this {
    let seeds = 0;
    for (let reach = this.near; seeds < 3 && reach < 64 * this.near; reach *= 2) seeds = this.seed(p, reach);
    return this;
  }

  private seed(p: readonly [number, number, number], reach: number): number {
    const { points, far, mesh } = this.f;
    let seeds = 0;
    for (let v = 0; v < mesh.vertices; v++) {
      const d = this.distanceTo(points, v, p);
      if (d <= reach) {
        far[v] = d;
        this.lift(v);
        seeds++;
      }
    }
    return seeds;
  }

  private distanceTo(points: Float64Array, v: number, p: readonly [number, number, number]): number {
    return Math.sqrt(
      (points[3 * v] - p[0]) ** 2 + (points[3 * v + 1] - p[1]) ** 2 + (points[3 * v + 2] - p[2]) ** 2,
    );
  }

  /** Marches until nothing nearer to q can come, and answers q's distance. */
  to(q: readonly [number, number, number], atMost: number): number {
    const { points, far, done, mesh, from, around } = this.f;
    const close: number[] = [];
    for (let reach = this.near; close.length < 3 && reach < 64 * this.near; reach *= 2) {
      close.length = 0;
      for (let v = 0; v < mesh.vertices; v++) if (this.distanceTo(points, v, q) <= reach) close.push(v);
    }
    const isClose = new Set(close);
    let waiting = close.length;
    while (this.size > 0 && waiting > 0) {
      const v = this.pop();
      done[v] = 1;
      if (isClose.has(v)) waiting--;
      for (let k = from[v]; k < from[v + 1]; k++) {
        const t = around[k];
        const [x, y] = this.others(t, v);
        this.update(v, y, x);
        this.update(v, x, y);
      }
    }
    let best = Infinity;
    for (const v of close) {
      best = Math.min(best, far[v] + this.distanceTo(points, v, q));
      for (let k = from[v]; k < from[v + 1]; k++)
        for (const u of this.others(around[k], v))
          if (u > v && isClose.has(u))
            best = Math.min(best, unfolded(points, v, u, q[0], q[1], q[2], far[v], far[u]));
    }
    return best === Infinity ? atMost : Math.max(best, atMost);
  }

  private others(t: number, v: number): [number, number] {
    const { triangles } = this.f.mesh;
    const [a, b, c] = [triangles[t], triangles[t + 1], triangles[t + 2]];
    return a === v ? [b, c] : b === v ? [c, a] : [a, b];
  }

  /** A better distance for c over the edge a b, both reached. */
  private update(a: number, b: number, c: number): void {
    const { points, far, done } = this.f;
    if (done[c]) return;
    let d = far[a] + edge(points, a, c);
    if (done[b])
      d = Math.min(
        d,
        unfolded(points, a, b, points[3 * c], points[3 * c + 1], points[3 * c + 2], far[a], far[b]),
      );
    if (d < far[c]) {
      far[c] = d;
      this.lift(c);
    }
  }

  /** Puts a vertex into the heap, or higher up in it. */
  private lift(v: number): void {
    const { heap, place, far } = this.f;
    let i = place[v] >= 0 ? place[v] : this.size++;
    while (i > 0) {
      const up = (i - 1) >> 1;
      if (far[heap[up]] <= far[v]) break;
      heap[i] = heap[up];
      place[heap[i]] = i;
      i = up;
    }
    heap[i] = v;
    place[v] = i;
  }

  private pop(): number {
    const { heap, place, far } = this.f;
    const top = heap[0];
    const v = heap[--this.size];
    place[top] = -2;
    let i = 0;
    for (;;) {
      let down = 2 * i + 1;
      if (down >= this.size) break;
      if (down + 1 < this.size && far[heap[down + 1]] < far[heap[down]]) down++;
      if (far[heap[down]] >= far[v]) break;
      heap[i] = heap[down];
      place[heap[i]] = i;
      i = down;
    }
    if (this.size > 0) {
      heap[i] = v;
      place[v] = i;
    }
    return top;
  }
}

function edge(points: Float64Array, a: number, b: number): number {
  return Math.sqrt(
    (points[3 * a] - points[3 * b]) ** 2 +
      (points[3 * a + 1] - points[3 * b + 1]) ** 2 +
      (points[3 * a + 2] - points[3 * b + 2]) ** 2,
  );
}

/**
 * The distance of the point (x, y, z) from the source over the edge a b: the source is laid into the plane of the
 * triangle from its distances da and db on the far side of the edge. Infinite when its straight line misses the edge.
 */
function unfolded(
  points: Float64Array,
  a: number,
  b: number,
  x: number,
  y: number,
  z: number,
  da: number,
  db: number,
): number {
  const ab = edge(points, a, b);
  if (ab < 1e-9) return Infinity;
  const [ux, uy, uz] = [
    (points[3 * b] - points[3 * a]) / ab,
    (points[3 * b + 1] - points[3 * a + 1]) / ab,
    (points[3 * b + 2] - points[3 * a + 2]) / ab,
  ];
  const [cx, cy, cz] = [x - points[3 * a], y - points[3 * a + 1], z - points[3 * a + 2]];
  const along = cx * ux + cy * uy + cz * uz;
  const off = Math.sqrt(Math.max(0, cx * cx + cy * cy + cz * cz - along * along));
  const sx = (da * da - db * db + ab * ab) / (2 * ab);
  const below = da * da - sx * sx;
  if (below < 0) return Infinity;
  const sy = Math.sqrt(below);
  const cross = sx + ((along - sx) * sy) / Math.max(sy + off, 1e-12);
  if (cross < 0 || cross > ab) return Infinity;
  return Math.sqrt((along - sx) ** 2 + (off + sy) ** 2);
}
