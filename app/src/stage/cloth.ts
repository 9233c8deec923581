import { frameAt, pointOf, type Polar } from '@hoppla/core/address';
import { isOn, isWithin, type Flat, type LaidPatch } from '@hoppla/core/feature';
import { add, distance, scale, type Looks, type Vec3 } from '@hoppla/core/form';
import { laidNormal, laidPoint, type Placed } from '@hoppla/core/join';
import { patches, postsOnPart, type ToyModel } from '@hoppla/core/model';
import { draped } from './draped';
import type { ShownPatch } from './shown';

/** How far the top of felt lies out of the middle of its fabric: on the legs of the stitches, in stitch widths, and its own thickness, mm. */
const ON_LEGS = 0.42;
const FELT_MM = 0.9;
/** Places of cloth inside its outline are about so far apart, mm. */
const STEP_MM = 3;
/** An outline that no one place sees whole is laid in strips of so many mm. */
const STRIP_MM = 0.8;

/** How far the top of cloth lies out of the middle of its fabric, mm. */
export const clothTop = (stitchMm: number): number => ON_LEGS * stitchMm + FELT_MM;

/** Whether cloth lies under a place of a piece: thread and eyes stand on it. */
export function clothUnder(model: ToyModel, { form, ...piece }: Placed): (polar: Polar) => boolean {
  const laid = patches(model)
    .filter((p) => isOn(p.feature, piece) && p.feature.eyes === 'under')
    .flatMap((p) => p.sides.flatMap((s) => s.pieces))
    .map((p) => ({ ...p, reach: Math.max(...p.flat.map((c) => Math.hypot(...c))) }));
  return (polar) =>
    laid.some(
      (p) => distance(pointOf(form, polar), p.place.point) < p.reach && isWithin(p.flat, p.chart.flat(polar)),
    );
}

/** Everything that is laid on a piece. */
export const patchesOn = (model: ToyModel, placed: Placed, looks: Looks): ShownPatch[] =>
  patches(model).flatMap(({ feature: f, sides }) =>
    isOn(f, placed)
      ? sides.flatMap((side) =>
          side.pieces.map((piece) => ({
            ...laidCloth(model, placed, looks, piece, f.eyes === 'over'),
            colour: f.colour,
          })),
        )
      : [],
  );

/** How high a dome stands over its place, mm: its height at a distance from its middle. */
const domeMm = (radius: number, off: number): number =>
  off < radius ? 0.62 * radius * (0.35 + Math.sqrt(1 - (off / radius) ** 2)) : 0;

function laidCloth(
  model: ToyModel,
  placed: Placed,
  looks: Looks,
  piece: LaidPatch,
  isOver: boolean,
): Omit<ShownPatch, 'colour'> {
  const {
    form,
    placement: { laid },
  } = placed;
  const { flats, triangles, edge } = meshOf(piece.flat);
  const top = clothTop(form.gauge.stitchMm);
  const over = isOver ? heightOverEyes(model, placed) : () => 0;
  const lifted = flats.map((flat) => {
    const polar = piece.chart.lay(flat);
    const { normal } = frameAt(form, polar);
    const p = add(draped(form, looks, polar), scale(normal, Math.max(top, over(polar))));
    return laid ? { p: laidPoint(laid, p), normal: laidNormal(laid, p, normal) } : { p, normal };
  });
  return { points: lifted.map((x) => x.p), normals: lifted.map((x) => x.normal as Vec3), triangles, edge };
}

/** How far the top of a lid lies out of the middle of its fabric, mm: over the domes of plastic eyes, wherever these stand. */
function heightOverEyes(model: ToyModel, placed: Placed): (polar: Polar) => number {
  const { form, part } = placed;
  const isCloth = clothUnder(model, placed);
  const domes = postsOnPart(model, part)
    .filter((p) => p.is !== 'nose' && p.postMm > 0)
    .map((p) => ({
      radius: p.radiusMm,
      at: pointOf(form, p.polar),
      lift: isCloth(p.polar) ? clothTop(form.gauge.stitchMm) : 0,
    }));
  return (polar) =>
    Math.max(
      0,
      ...domes.map(({ radius, at, lift }) => {
        const dome = domeMm(radius, distance(at, pointOf(form, polar)));
        return dome > 0 ? lift + dome + FELT_MM : 0;
      }),
    );
}

interface FlatMesh {
  flats: Flat[];
  triangles: number[];
  /** how many of the last places are the outline, in its order; 0 for strips */
  edge: number;
}

/** Triangles of a flat outline: rings about a place that sees all of it, or else strips across it. */
export function meshOf(outline: readonly Flat[]): FlatMesh {
  const n = outline.length;
  const middle: Flat = [
    outline.reduce((sum, p) => sum + p[0], 0) / n,
    outline.reduce((sum, p) => sum + p[1], 0) / n,
  ];
  const edge = dense(outline);
  if (!seesAll(middle, outline)) return strips(outline);
  const reach = Math.max(...edge.map((p) => Math.hypot(p[0] - middle[0], p[1] - middle[1])));
  const rings = Math.max(1, Math.round(reach / STEP_MM));
  const m = edge.length;
  const flats: Flat[] = [middle];
  const triangles: number[] = [];
  for (let ring = 1; ring <= rings; ring++) {
    const t = ring / rings;
    const from = flats.length;
    for (const [x, y] of edge) flats.push([middle[0] + t * (x - middle[0]), middle[1] + t * (y - middle[1])]);
    for (let k = 0; k < m; k++) {
      const [a, b] = [from + k, from + ((k + 1) % m)];
      if (ring === 1) triangles.push(0, a, b);
      else triangles.push(a - m, a, b, a - m, b, b - m);
    }
  }
  return { flats, triangles, edge: m };
}

/** The outline with no two corners further apart than a step. */
const dense = (outline: readonly Flat[]): Flat[] =>
  outline.flatMap((a, i) => {
    const b = outline[(i + 1) % outline.length];
    const parts = Math.max(1, Math.ceil(Math.hypot(b[0] - a[0], b[1] - a[1]) / STEP_MM));
    return Array.from({ length: parts }, (_, k): Flat => {
      const t = k / parts;
      return [a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])];
    });
  });

/** Whether every side of an outline turns the same way about a place. */
function seesAll([x, y]: Flat, outline: readonly Flat[]): boolean {
  const turns = outline.map((a, i) => {
    const b = outline[(i + 1) % outline.length];
    return (a[0] - x) * (b[1] - y) - (a[1] - y) * (b[0] - x);
  });
  return turns.every((t) => t > -1e-9) || turns.every((t) => t < 1e-9);
}

function strips(outline: readonly Flat[]): FlatMesh {
  const ys = outline.map((p) => p[1]);
  const [low, high] = [Math.min(...ys), Math.max(...ys)];
  const rows = Math.max(1, Math.ceil((high - low) / STRIP_MM));
  const flats: Flat[] = [];
  const triangles: number[] = [];
  for (let row = 0; row < rows; row++) {
    const y = low + ((row + 0.5) * (high - low)) / rows;
    const half = (high - low) / rows / 2;
    const cuts = outline
      .flatMap((a, i) => {
        const b = outline[(i + 1) % outline.length];
        return a[1] <= y === b[1] <= y ? [] : [a[0] + ((y - a[1]) / (b[1] - a[1])) * (b[0] - a[0])];
      })
      .sort((a, b) => a - b);
    for (let k = 0; k + 1 < cuts.length; k += 2) {
      const parts = Math.max(1, Math.ceil((cuts[k + 1] - cuts[k]) / STEP_MM));
      for (let i = 0; i < parts; i++) {
        const [x0, x1] = [i, i + 1].map((j) => cuts[k] + (j / parts) * (cuts[k + 1] - cuts[k]));
        const from = flats.length;
        flats.push([x0, y - half], [x1, y - half], [x1, y + half], [x0, y + half]);
        triangles.push(from, from + 1, from + 2, from, from + 2, from + 3);
      }
    }
  }
  return { flats, triangles, edge: 0 };
}
