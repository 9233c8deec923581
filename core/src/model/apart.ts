import type { Vec3 } from '../form';
import { pieceKey, turn, type AnySite, type Placed } from '../join';
import { everyJoin, type ToyModel } from './toy';

/** The way a guest came on, in the whole toy: as it points from its host; what runs through comes from the side of its first hole. */
function wayOf(site: AnySite, host: Placed): Vec3 {
  if ('direction' in site) return turn(host.placement, site.direction);
  const out = turn(host.placement, site.exits.across);
  const sign = site.copy === site.join.guest.copy ? -1 : 1;
  return [sign * out[0], sign * out[1], sign * out[2]];
}

/** The toy taken apart along its seams: each piece so many mm off its host, with all that is on it; what stands on the ground first. */
export function takenApart(model: ToyModel, mm: number): Placed[] {
  const by = new Map<string, Vec3>();
  const shiftOf = (piece: Placed, depth = 0): Vec3 => {
    const key = pieceKey(piece);
    const known = by.get(key);
    if (known || depth > model.placed.length) return known ?? [0, 0, 0];
    for (const { join, sites } of everyJoin(model)) {
      const site = sites.find((s) => pieceKey({ part: join.guest.part, copy: s.copy }) === key);
      const host = site && model.placed.find((p) => pieceKey(p) === pieceKey(join.at));
      if (!site || !host) continue;
      const [base, way] = [shiftOf(host, depth + 1), wayOf(site, host)];
      const shift: Vec3 = [base[0] + mm * way[0], base[1] + mm * way[1], base[2] + mm * way[2]];
      by.set(key, shift);
      return shift;
    }
    by.set(key, [0, 0, 0]);
    return [0, 0, 0];
  };
  return model.placed.map((piece) => {
    const [x, y, z] = shiftOf(piece);
    const { shift } = piece.placement;
    return {
      ...piece,
      placement: { ...piece.placement, shift: [shift[0] + x, shift[1] + y, shift[2] + z] },
    };
  });
}
