import { svgPathProperties } from 'svg-path-properties';
import type { Flat } from './chart';
import { MOST_PATCHED, type Patch } from './patch';

type Outlined = Pick<Patch, 'shape' | 'widthMm' | 'heightMm' | 'path' | 'turnDeg'>;

/** Corners of a curved outline. */
const AROUND = 64;

const round = (at: (turn: number) => Flat, from = 0, to = 2 * Math.PI, closed = true): Flat[] =>
  Array.from({ length: AROUND }, (_, k) => at(from + ((to - from) * k) / (closed ? AROUND : AROUND - 1)));

/** A drop's width at the turn where it is widest: the most of sin t sin t/2. */
const DROP = 4 / (3 * Math.sqrt(3));

/** Outlines of a width and a height of 2 about their middle, to the left and up. */
const SHAPES: Record<Exclude<Patch['shape'], 'own'>, () => Flat[]> = {
  circle: () => round((a) => [Math.cos(a), Math.sin(a)]),
  oval: () => round((a) => [Math.cos(a), Math.sin(a)]),
  // The flat side is below.
  half: () => round((a) => [Math.cos(a), 2 * Math.sin(a) - 1], 0, Math.PI, false),
  // The point is above.
  drop: () => round((a) => [(Math.sin(a) * Math.sin(a / 2)) / DROP, Math.cos(a)]),
  triangle: () => [
    [-1, 1],
    [1, 1],
    [0, -1],
  ],
  strip: () => [
    [-1, 1],
    [1, 1],
    [1, -1],
    [-1, -1],
  ],
};

/** An outline drawn by hand as corners of a size of 2 about its middle; null where it is no closed line that has a width and a height. */
export function readOutline(path: string): Flat[] | null {
  if (path.length > MOST_PATCHED.path || !/^\s*m/i.test(path) || (path.match(/m/gi) ?? []).length > 1)
    return null;
  let corners: { x: number; y: number }[];
  try {
    const line = new svgPathProperties(path);
    // Corners of straight pieces stay corners.
    corners = line.getParts().flatMap((part) => {
      const parts = Math.max(1, Math.ceil((AROUND * part.length) / Math.max(line.getTotalLength(), 1e-9)));
      return Array.from({ length: parts }, (_, k) => part.getPointAtLength((part.length * k) / parts));
    });
  } catch {
    return null;
  }
  if (corners.length < 3 || corners.some((p) => !Number.isFinite(p.x) || !Number.isFinite(p.y))) return null;
  const [left, right] = [Math.min(...corners.map((p) => p.x)), Math.max(...corners.map((p) => p.x))];
  const [top, bottom] = [Math.min(...corners.map((p) => p.y)), Math.max(...corners.map((p) => p.y))];
  if (right - left < 1e-6 || bottom - top < 1e-6) return null;
  // Drawn as one looks at it: to the right on paper is the toy's left.
  const flat = corners.map(({ x, y }): Flat => [
    (2 * (x - left)) / (right - left) - 1,
    1 - (2 * (y - top)) / (bottom - top),
  ]);
  return areaMm2(flat) > 1e-3 ? flat : null;
}

/** The outline of a patch as it is cut, mm to the toy's left and up from its middle, turned as it lies; on the other side mirrored. */
export function outlineOf({ shape, widthMm, heightMm, path, turnDeg }: Outlined, mirrored = false): Flat[] {
  const plain = (shape === 'own' ? readOutline(path ?? '') : SHAPES[shape]()) ?? SHAPES.oval();
  const a = (-turnDeg * Math.PI) / 180;
  return plain.map(([x, y]): Flat => {
    // One looks at the face: clockwise goes from up to the toy's left.
    const [u, v] = [(x * widthMm) / 2, (y * (shape === 'circle' ? widthMm : heightMm)) / 2];
    const [left, up] = [u * Math.cos(a) - v * Math.sin(a), u * Math.sin(a) + v * Math.cos(a)];
    return [mirrored ? -left : left, up];
  });
}

const sides = (outline: readonly Flat[]): (readonly [Flat, Flat])[] =>
  outline.map((p, i) => [p, outline[(i + 1) % outline.length]]);

/** Length of an outline, mm. */
export const edgeMm = (outline: readonly Flat[]): number =>
  sides(outline).reduce((sum, [a, b]) => sum + Math.hypot(b[0] - a[0], b[1] - a[1]), 0);

/** Area within an outline, mm2. */
export const areaMm2 = (outline: readonly Flat[]): number =>
  Math.abs(sides(outline).reduce((sum, [a, b]) => sum + a[0] * b[1] - b[0] * a[1], 0)) / 2;

/** Whether a place lies within an outline. */
export const isWithin = (outline: readonly Flat[], [x, y]: Flat): boolean =>
  sides(outline).reduce(
    (odd, [a, b]) =>
      a[1] > y !== b[1] > y && x < a[0] + ((y - a[1]) / (b[1] - a[1])) * (b[0] - a[0]) ? !odd : odd,
    false,
  );
