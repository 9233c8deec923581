import { coordAt, pointOf, type Polar } from '@hoppla/core/address';
import { add, scale, type Looks, type PartForm, type Vec3 } from '@hoppla/core/form';

/** A place of the ring model on the fabric as it is drawn: it goes with the four stitches about it, the nearer the more. */
export function draped(form: PartForm, looks: Looks, polar: Polar): Vec3 {
  const p = pointOf(form, polar);
  const { rounds } = form.fabric;
  let sum: Vec3 = [0, 0, 0];
  const low = Math.floor(polar.row - 0.5);
  for (const round of [low, low + 1]) {
    const i = Math.max(0, Math.min(rounds.length - 1, round));
    const byRow = 1 - Math.min(1, Math.abs(polar.row - 0.5 - round));
    const coord = coordAt(form, i, polar.angleRad, 'middle') - 0.5;
    for (const stitch of [Math.floor(coord), Math.floor(coord) + 1]) {
      const { count } = rounds[i];
      const s = 3 * stitchIndex(form, 0, i, ((stitch % count) + count) % count);
      const weight = byRow * (1 - Math.abs(coord - stitch));
      if (s + 2 < looks.shift.length)
        sum = add(sum, scale([looks.shift[s], looks.shift[s + 1], looks.shift[s + 2]], weight));
    }
  }
  return add(p, sum);
}

/** Index of a stitch in the looks of its piece. */
export function stitchIndex({ fabric }: PartForm, layer: number, round: number, index: number): number {
  const sum = (rounds: readonly { count: number }[]) => rounds.reduce((total, r) => total + r.count, 0);
  if (layer === 0) return sum(fabric.rounds.slice(0, round)) + index;
  const before = fabric.layers.slice(0, layer - 1).filter((l) => l.kind !== 'fold');
  return (
    sum(fabric.rounds) +
    before.reduce((total, l) => total + sum(l.rounds), 0) +
    sum(fabric.layers[layer - 1].rounds.slice(0, round)) +
    index
  );
}
