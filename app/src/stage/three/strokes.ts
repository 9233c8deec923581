import { add, cross, distance, dot, scale, sub, unit, type Vec3 } from '@hoppla/core/form';
import type { ThreadOn } from '../shown';

/** A stroke of thread that lies on the fabric, mm. */
export interface Stroke {
  from: Vec3;
  to: Vec3;
  normal: Vec3;
  halfWidth: number;
}

/** Half the width of embroidery thread, mm. */
const THREAD = 0.62;

/** Thread along a way over the fabric, in strokes that run into one another; one place alone is a knot. */
export function along({ points, normals }: ThreadOn, halfWidth: number): Stroke[] {
  if (points.length === 1) return knot(points[0], normals[0], halfWidth);
  const strokes = points
    .slice(1)
    .flatMap((to, i) =>
      arch(
        { p: points[i], n: normals[i] },
        { p: to, n: normals[i + 1] },
        Math.max(1, Math.round(distance(points[i], to) / 5)),
        halfWidth,
        distance(points[i], to) < SHORT_MM ? 0.5 : 0.12,
      ),
    );
  // It ends where its needle went in; only within it strokes run into one another.
  const last = strokes.length - 1;
  return strokes.map((s, k) => ({
    ...s,
    from: k === 0 ? points[0] : s.from,
    to: k === last ? points[points.length - 1] : s.to,
  }));
}

/** Strokes shorter than this are seen as one thread, mm. */
const SHORT_MM = 3;

/** A knot: thread wound over itself. */
function knot(at: Vec3, normal: Vec3, halfWidth: number): Stroke[] {
  const side = unit(cross(normal, [0, 0, 1]), [1, 0, 0]);
  const p = add(at, scale(normal, halfWidth));
  return [side, cross(normal, side)].map((way) => ({
    from: sub(p, scale(way, 1.6 * halfWidth)),
    to: add(p, scale(way, 1.6 * halfWidth)),
    normal,
    halfWidth: 1.5 * halfWidth,
  }));
}

interface End {
  p: Vec3;
  n: Vec3;
}

/** Strokes from end to end over the curve of the fabric, which the ways out at both ends tell; each overlaps the next by a share of itself. */
function arch(from: End, to: End, parts: number, halfWidth: number, overlap: number): Stroke[] {
  const long = distance(from.p, to.p);
  // Rise of an arc over its chord: half the chord times the tangent of a quarter of its angle.
  const rise = (long / 2) * Math.tan(Math.acos(Math.max(-1, Math.min(1, dot(from.n, to.n)))) / 4);
  const normal = (t: number) => unit(add(scale(from.n, 1 - t), scale(to.n, t)));
  const at = (t: number) =>
    add(add(from.p, scale(sub(to.p, from.p), t)), scale(normal(t), 4 * t * (1 - t) * rise));
  return Array.from({ length: parts }, (_, k) => {
    const [a, b] = [at(k / parts), at((k + 1) / parts)];
    const step = sub(b, a);
    return {
      from: sub(a, scale(step, overlap)),
      to: add(b, scale(step, overlap)),
      normal: normal((k + 0.5) / parts),
      halfWidth,
    };
  });
}

/** Strokes across an outline, from side to side, each a thread's width from the next. */
export function satin({ points, normals }: ThreadOn): Stroke[] {
  const middle = scale(
    points.reduce((a, b) => add(a, b), [0, 0, 0] as Vec3),
    1 / points.length,
  );
  const normal = unit(normals.reduce((a, b) => add(a, b), [0, 0, 0] as Vec3));
  const down = unit(sub([0, 0, 1], scale(normal, normal[2])), [0, 1, 0]);
  const height = (p: Vec3) => dot(sub(p, middle), down);
  const side = cross(down, normal);
  const [low, high] = [Math.min(...points.map(height)), Math.max(...points.map(height))];
  const rows = Math.max(2, Math.round((high - low) / THREAD));
  const out: Stroke[] = [];
  for (let k = 0; k < rows; k++) {
    const y = low + ((k + 0.5) * (high - low)) / rows;
    const cuts: End[] = [];
    points.forEach((a, i) => {
      const j = (i + 1) % points.length;
      const b = points[j];
      if (height(a) <= y === height(b) <= y) return;
      const f = (y - height(a)) / (height(b) - height(a));
      cuts.push({
        p: add(a, scale(sub(b, a), f)),
        n: unit(add(scale(normals[i], 1 - f), scale(normals[j], f))),
      });
    });
    cuts.sort((a, b) => dot(a.p, side) - dot(b.p, side));
    if (cuts.length < 2) continue;
    const [from, to] = [cuts[0], cuts[cuts.length - 1]].map(({ p, n }) => ({ p: add(p, scale(n, 0.4)), n }));
    out.push(...arch(from, to, Math.max(1, Math.round(distance(from.p, to.p) / 4)), THREAD, 0.3));
  }
  return out;
}
