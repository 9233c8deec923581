import { add, cross, distance, dot, scale, sub, unit, type Vec3 } from '@hoppla/core/form';

/** A stroke of thread that lies on the fabric, mm. */
export interface Stroke {
  from: Vec3;
  to: Vec3;
  normal: Vec3;
  halfWidth: number;
}

/** Half the width of embroidery thread, mm. */
const THREAD = 0.62;

/** Embroidery as strokes: along a path, stitch behind stitch; or side by side over an outline. */
export function satin({ points, normals, filled }: { points: readonly Vec3[]; normals: readonly Vec3[]; filled: boolean; colour: string }): Stroke[] {
  return filled && points.length > 2 ? over(points, normals) : along(points, normals);
}

function along(points: readonly Vec3[], normals: readonly Vec3[]): Stroke[] {
  return points.slice(1).flatMap((to, i) => {
    const from = points[i];
    const parts = Math.max(1, Math.round(distance(from, to) / 5));
    const at = (k: number) => add(from, scale(sub(to, from), k / parts));
    return Array.from({ length: parts }, (_, k) => {
      // Back stitches meet: each begins a little inside the one before.
      const step = sub(at(k + 1), at(k));
      return { from: sub(at(k), scale(step, 0.12)), to: add(at(k + 1), scale(step, 0.12)), normal: normals[i], halfWidth: THREAD * 1.25 };
    });
  });
}

/** Strokes across an outline, from side to side in its own plane, each a thread's width from the next. */
function over(points: readonly Vec3[], normals: readonly Vec3[]): Stroke[] {
  const middle = scale(points.reduce((a, b) => add(a, b), [0, 0, 0] as Vec3), 1 / points.length);
  const normal = unit(normals.reduce((a, b) => add(a, b), [0, 0, 0] as Vec3));
  const down = unit(sub([0, 0, 1], scale(normal, normal[2])), [0, 1, 0]);
  const side = cross(down, normal);
  const flat = points.map((p) => ({ x: dot(sub(p, middle), side), y: dot(sub(p, middle), down), h: dot(sub(p, middle), normal) }));
  const [low, high] = [Math.min(...flat.map((p) => p.y)), Math.max(...flat.map((p) => p.y))];
  const rows = Math.max(2, Math.round((high - low) / (1.5 * THREAD)));
  const out: Stroke[] = [];
  for (let k = 0; k < rows; k++) {
    const y = low + ((k + 0.5) * (high - low)) / rows;
    const cuts: { x: number; h: number }[] = [];
    flat.forEach((a, i) => {
      const b = flat[(i + 1) % flat.length];
      if (a.y <= y === b.y <= y) return;
      const f = (y - a.y) / (b.y - a.y);
      cuts.push({ x: a.x + f * (b.x - a.x), h: a.h + f * (b.h - a.h) });
    });
    cuts.sort((a, b) => a.x - b.x);
    if (cuts.length < 2) continue;
    const at = ({ x, h }: { x: number; h: number }) => add(middle, add(scale(side, x), add(scale(down, y), scale(normal, h + 0.5))));
    out.push({ from: at(cuts[0]), to: at(cuts[cuts.length - 1]), normal, halfWidth: THREAD });
  }
  return out;
}
