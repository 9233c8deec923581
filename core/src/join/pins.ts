import type { Directions } from '../address';
import { cross, dot, scale, sub, type Vec3 } from '../form';
import { groundAt, type Ground } from './footprint';
import { middleOfPoints } from './order';
import type { SeamStitch } from './seam';
import type { Pin, PinAt } from './site';

/**
 * The pins of a seam: those of its stitches that lie furthest up, down and to both sides of its middle, so four for a ring
 * and two for an edge that lies in a line. Directions are the toy's own, in the host's frame.
 */
export function pinsOf(seam: readonly SeamStitch[], ground: Ground, toy: Directions): Pin[] {
  if (seam.length === 0) return [];
  const middle = middleOfPoints(seam.map((s) => s.hostPoint));
  const furthest = Math.max(...seam.map((s) => Math.hypot(...sub(s.hostPoint, middle))));
  const taken = new Set<number>();
  return sidesOf(ground, toy).flatMap(({ at, way }): Pin[] => {
    // Straight up, down and level: what lies aside counts against it.
    const reach = seam.map((s) => {
      const from = sub(s.hostPoint, middle);
      const along = dot(from, way);
      return along - ASIDE * Math.abs(dot(from, cross(way, ground.normal)));
    });
    const free = reach.map((mm, k) => (taken.has(k) ? -Infinity : mm));
    const most = Math.max(...free);
    const k = free.indexOf(most);
    // In a line no stitch lies far to the sides.
    if (most < 0.1 * furthest) return [];
    taken.add(k);
    return [{ at, name: seam[k].name, edge: seam[k].edge }];
  });
}

/** The four ways along the fabric from a place, and what they are on the toy. */
function sidesOf(ground: Ground, { left, front, up: toyUp }: Directions): { at: PinAt; way: Vec3 }[] {
  // Where the fabric lies nearly level, up along it says little: there it has a front, a back and two sides.
  const lying = Math.abs(dot(ground.normal, toyUp)) > LIES_LEVEL;
  const { up, right } = lying ? groundAt(ground.polar, ground.normal, scale(front, -1), left) : ground;
  const name = (way: Vec3, choices: readonly [PinAt, Vec3][]): PinAt =>
    choices.reduce((best, c) => (dot(c[1], way) > dot(best[1], way) ? c : best))[0];
  const back = scale(front, -1);
  const upright: [PinAt, Vec3][] = [
    ['top', toyUp],
    ['bottom', scale(toyUp, -1)],
    ['front', front],
    ['back', back],
  ];
  const level: [PinAt, Vec3][] = [
    ['left', left],
    ['right', scale(left, -1)],
    ['front', front],
    ['back', back],
  ];
  const down = scale(up, -1);
  const side = scale(right, -1);
  return [
    { at: name(up, upright), way: up },
    { at: name(down, upright), way: down },
    { at: name(right, level), way: right },
    { at: name(side, level), way: side },
  ];
}

/** Cosine of the fabric's slope from which on it lies nearly level: 45 degrees. */
const LIES_LEVEL = Math.SQRT1_2;

/** How much a pin's distance aside counts against how far it lies. */
const ASIDE = 0.6;
