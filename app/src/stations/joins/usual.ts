import { coordAt } from '@hoppla/core/address';
import { holePlace, type SewnJoin } from '@hoppla/core/join';
import type { Copy, PartModel, ToyModel } from '@hoppla/core/toy';

/** Where a pair usually stands: this far round from the face, degrees. */
const PAIR_DEG = 65;

/** Copies of a part that no join has taken yet. */
export function freeCopies(model: ToyModel, part: PartModel): readonly Copy[] {
  const taken = new Set(model.toy.joins.flatMap((j) => [j.guest.copy, ...(j.twin ? [j.twin.copy] : [])]));
  return part.copies.filter((c) => !taken.has(c.id));
}

/** The usual place of a part on another: pairs on both sides of its widest round, single parts in front of it. */
export function usualJoin(model: ToyModel, guest: PartModel, host: PartModel, id: string): SewnJoin {
  const free = freeCopies(model, guest);
  const piece = model.pieces.find((p) => p.part === host.part.id)!;
  const pair = free.length > 1;
  const counts = host.form.rounds.map((r) => r.count);
  const widest = Math.max(
    1,
    Math.round((counts.indexOf(Math.max(...counts)) + counts.lastIndexOf(Math.max(...counts))) / 2),
  );
  const round = Math.min(widest, counts.length - 1);
  const angle = piece.frontRad + (pair ? (PAIR_DEG * Math.PI) / 180 : 0);
  return {
    kind: 'sewn',
    id,
    guest: { part: guest.part.id, copy: free[0].id },
    at: holePlace(piece, round, Math.round(coordAt(host.form, round, angle, 'hole'))),
    edge: 'open',
    aim: { tiltDeg: 0, towardDeg: 0 },
    twin: pair ? { copy: free[1].id } : null,
  };
}
