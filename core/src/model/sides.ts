import { add, ringPoint, scale, type Vec3 } from '../form';
import { move, pieceKey, type Placed } from '../join';
import { everyJoin, type ToyModel } from './toy';

/** A pair laid over each other: the left one mirrored about the toy's middle, and how far it then is from the right one, mm: along its axis or between their seams, the furthest. */
export interface SidesPair {
  part: string;
  left: Placed;
  right: Placed;
  apartMm: number;
}

const AROUND = 16;

/** The middles of a piece's rings in the whole toy. */
function spine({ form, placement }: Placed): Vec3[] {
  return Array.from({ length: form.r.length }, (_, ring) =>
    scale(
      Array.from({ length: AROUND }, (_, k) =>
        move(placement, ringPoint(form, ring, (2 * Math.PI * k) / AROUND)),
      ).reduce(add, [0, 0, 0]),
      1 / AROUND,
    ),
  );
}

/** Where the toy's middle plane is: through the middle of the piece that everything hangs on. */
function middleX(model: ToyModel): number {
  const held = new Set(
    everyJoin(model).flatMap(({ join, sites }) =>
      sites.map((s) => pieceKey({ part: join.guest.part, copy: s.copy })),
    ),
  );
  const root = model.placed.find((p) => !held.has(pieceKey(p))) ?? model.placed[0];
  const points = root ? spine(root) : [];
  return points.reduce((sum, p) => sum + p[0], 0) / Math.max(1, points.length);
}

/** A point mirrored about the toy's middle plane. */
export const mirroredAbout = (x: number, [px, py, pz]: Vec3): Vec3 => [2 * x - px, py, pz];

/** How far the seams of a pair are from being mirror images, mm. */
const missOf = (model: ToyModel, part: string): number =>
  Math.max(
    0,
    ...model.sites.flatMap(({ join, sites }) => (join.guest.part === part ? sites.map((s) => s.missMm) : [])),
  );

/** Every pair of a toy that stands on both its sides, left against right. */
export function sidesOf(model: ToyModel): { middle: number; pairs: SidesPair[] } {
  const middle = middleX(model);
  const meanX = (p: Placed) => spine(p).reduce((sum, q) => sum + q[0], 0) / p.form.r.length;
  const parts = [...new Set(model.placed.map((p) => p.part))];
  const pairs = parts.flatMap((part): SidesPair[] => {
    const copies = model.placed.filter((p) => p.part === part);
    if (copies.length !== 2) return [];
    const [right, left] = [...copies].sort((a, b) => meanX(a) - meanX(b));
    const others = spine(right);
    const apartMm = Math.max(
      ...spine(left).map((p, k) => {
        const [x, y, z] = mirroredAbout(middle, p);
        return Math.hypot(x - others[k][0], y - others[k][1], z - others[k][2]);
      }),
    );
    // A twin is drawn at the mirror image of the first; its seam lies on the nearest holes.
    return [{ part, left, right, apartMm: Math.max(apartMm, missOf(model, part)) }];
  });
  return { middle, pairs };
}
