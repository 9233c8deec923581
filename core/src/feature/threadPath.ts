import { frameAt, pointOf, type Directions, type Polar } from '../address';
import { SATIN_MM, THREAD } from '../figures';
import { add, cross, distance, dot, scale, sub, unit, type PartForm, type Vec3 } from '../form';
import type { Embroidery } from './feature';
import type { ThreadPlace } from './faceCanvas';
import type { ThreadRun } from './stitching';

/** A stretch of thread over the fabric, in places of the ring model; one place alone is a knot. */
export type ThreadLine = readonly Polar[];

/** Places along a stretch are no further apart, mm. */
const STEP_MM = 1.5;

/** The place of the fabric nearest to a point beside it. Of a part that is bent, oval or flat the places between two ends are taken instead. */
function onto(form: PartForm, p: Vec3): Polar {
  const { r, z } = form;
  const around = Math.hypot(p[0], p[1]);
  let row = 0;
  let least = Infinity;
  for (let i = 0; i + 1 < r.length; i++) {
    const [dr, dz] = [r[i + 1] - r[i], z[i + 1] - z[i]];
    const along = ((around - r[i]) * dr + (p[2] - z[i]) * dz) / Math.max(dr * dr + dz * dz, 1e-12);
    const t = Math.max(0, Math.min(1, along));
    const off = Math.hypot(around - r[i] - t * dr, p[2] - z[i] - t * dz);
    if (off < least) [least, row] = [off, i + t];
  }
  return { angleRad: form.direction * Math.atan2(p[1], p[0]), row };
}

/** A part that is round about a straight axis. */
const isPlain = (form: PartForm): boolean =>
  form.section === 'ring' && !form.axis && form.straight.every((x) => x < 1e-6);

/** Thread drawn straight over the fabric from one place to another. */
export function straight(form: PartForm, a: Polar, b: Polar): Polar[] {
  const [p, q] = [pointOf(form, a), pointOf(form, b)];
  const parts = Math.max(1, Math.ceil(distance(p, q) / STEP_MM));
  const turn = Math.atan2(Math.sin(b.angleRad - a.angleRad), Math.cos(b.angleRad - a.angleRad));
  return Array.from({ length: parts + 1 }, (_, k): Polar => {
    const t = k / parts;
    if (k === 0) return a;
    if (k === parts) return b;
    return isPlain(form)
      ? onto(form, add(scale(p, 1 - t), scale(q, t)))
      : { angleRad: a.angleRad + t * turn, row: a.row + t * (b.row - a.row) };
  });
}

/** A smooth way through places, held at each: a curve through the tacks of a long thread. Catmull and Rom's, laid on the fabric. */
function curved(form: PartForm, places: readonly Polar[]): Polar[] {
  const p = places.map((at) => pointOf(form, at));
  const at = (i: number): Vec3 => {
    if (i < 0) return sub(scale(p[0], 2), p[1]);
    return i < p.length ? p[i] : sub(scale(p[p.length - 1], 2), p[p.length - 2]);
  };
  const between = p.slice(1).flatMap((next, i): Polar[] => {
    const parts = Math.max(2, Math.ceil(distance(p[i], next) / STEP_MM));
    return Array.from({ length: parts }, (_, k) => {
      const t = k / parts;
      if (k === 0) return places[i];
      const [a, b, c, d] = [at(i - 1), p[i], next, at(i + 2)];
      const cubic = (x: 0 | 1 | 2) =>
        0.5 *
        (2 * b[x] +
          (c[x] - a[x]) * t +
          (2 * a[x] - 5 * b[x] + 4 * c[x] - d[x]) * t * t +
          (3 * b[x] - a[x] - 3 * c[x] + d[x]) * t * t * t);
      return onto(form, [cubic(0), cubic(1), cubic(2)]);
    });
  });
  return [...between, places[places.length - 1]];
}

/** A corner or an edge of an outline, mm to the toy's left and up from its middle. */
type Flat = readonly [left: number, up: number];

/** The outline that satin fills about a place, as wide and high as it is said. */
function outlineOf({ shape, widthMm, heightMm }: NonNullable<Embroidery['satin']>): Flat[] {
  const [w, h] = [widthMm / 2, heightMm / 2];
  if (shape === 'triangle')
    return [
      [-w, h],
      [w, h],
      [0, -h],
    ];
  const AROUND = 48;
  return Array.from({ length: AROUND }, (_, k): Flat => {
    const a = (2 * Math.PI * k) / AROUND;
    return [w * Math.cos(a), h * Math.sin(a)];
  });
}

/** Where a level line crosses an outline, from its first crossing to its last; null where it does not. */
function crossing(outline: readonly Flat[], up: number): [number, number] | null {
  const cuts = outline.flatMap((a, i) => {
    const b = outline[(i + 1) % outline.length];
    return a[1] <= up === b[1] <= up ? [] : [a[0] + ((up - a[1]) / (b[1] - a[1])) * (b[0] - a[0])];
  });
  return cuts.length < 2 ? null : [Math.min(...cuts), Math.max(...cuts)];
}

/** Threads side by side over an outline, level on the face: no skew from the spiral. */
function filled(form: PartForm, f: Embroidery, places: readonly ThreadPlace[], own: Directions): Polar[][] {
  const middle = f.satin
    ? places[0].point
    : scale(
        places.reduce((sum, p) => add(sum, p.point), [0, 0, 0] as Vec3),
        1 / places.length,
      );
  const at = onto(form, middle);
  const { normal } = frameAt(form, f.satin ? places[0].polar : at);
  const up = unit(sub(own.up, scale(normal, dot(own.up, normal))), own.front);
  // To the toy's left as one looks at its face.
  const left = cross(up, normal);
  const outline = f.satin
    ? outlineOf(f.satin)
    : places.map(({ point }): Flat => {
        const way = sub(point, middle);
        return [dot(way, left), dot(way, up)];
      });
  const ups = outline.map((p) => p[1]);
  const [low, high] = [Math.min(...ups), Math.max(...ups)];
  const rows = Math.max(1, Math.round((high - low) / SATIN_MM));
  return Array.from({ length: rows }, (_, k) => {
    const y = high - ((k + 0.5) * (high - low)) / rows;
    const ends = crossing(outline, y);
    if (!ends) return [];
    const [a, b] = ends.map((x) => onto(form, add(middle, add(scale(left, x), scale(up, y)))));
    return straight(form, a, b);
  }).filter((line) => line.length > 0);
}

/** The stretches of thread of one side of embroidery. */
export function threadLines(
  form: PartForm,
  own: Directions,
  f: Embroidery,
  { places }: ThreadRun,
): ThreadLine[] {
  const polars = places.map((p) => p.polar);
  switch (f.how) {
    case 'line':
      return polars.slice(1).map((to, i) => straight(form, polars[i], to));
    case 'ticks':
      return polars.flatMap((from, i) =>
        i % 2 === 0 && polars[i + 1] ? [straight(form, from, polars[i + 1])] : [],
      );
    case 'curve':
      if (polars.length < 3 || !isPlain(form))
        return polars.slice(1).map((to, i) => straight(form, polars[i], to));
      return [curved(form, polars)];
    case 'satin':
      return f.satin || places.length > 2 ? filled(form, f, places, own) : [];
    case 'knots':
      return polars.map((at) => [at]);
  }
}

/** Half the width of what is in the needle as it lies, mm: strands side by side and on each other. Source: `figures`, THREAD. */
export function threadHalfMm(
  stitchMm: number,
  { thread: { of, strands } }: Pick<Embroidery, 'thread'>,
): number {
  const one = of === 'yarn' ? THREAD.yarnPerStitch.value * stitchMm : THREAD.flossMm.value;
  return (one * Math.sqrt(strands)) / 2;
}

/** Length of a stretch over the fabric, mm. */
export const lineMm = (form: PartForm, line: ThreadLine): number =>
  line.slice(1).reduce((sum, at, i) => sum + distance(pointOf(form, line[i]), pointOf(form, at)), 0);

/** The way of the thread on one side, mm: every stretch as often as it is passed, a knot with what it winds up. Source of a knot: `figures`, THREAD. */
export function pathMm(form: PartForm, f: Embroidery, lines: readonly ThreadLine[]): number {
  if (f.how === 'knots') return lines.length * THREAD.knotMm.value;
  const once = lines.reduce((sum, line) => sum + lineMm(form, line), 0);
  return once * f.thread.passes;
}
