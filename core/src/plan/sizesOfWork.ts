import type { FabricRound } from '../fabric';
import { FABRIC } from '../figures';
import { formRange, layerSize } from '../form';
import { ranged, type Ranged } from '../gauge';
import type { PartModel } from '../model';
import { decimals, planWords as say, type UnitWords } from '../words';

const SHORT_MM = 20;

/** A length with its range; short ones in tenths. */
const between = ({ value, low, high }: Ranged, { length, fine, bare }: UnitWords): string =>
  value < SHORT_MM
    ? say.between(fine(value), fine(low), fine(high))
    : say.between(length(value), bare(low), bare(high));

/** How long and how deep a frill or an edging is; nothing of a fold, which has no size of its own. */
export function layerWords({ form, fabric }: PartModel, index: number, units: UnitWords): string[] {
  if (fabric.layers[index].kind === 'fold') return [];
  const { edge, deep, fullness } = layerSize(form.layers[index]);
  const times = fullness < FABRIC.ruffleFullness ? null : decimals(fullness, 1);
  return [say.layerSize(between(edge, units), between(deep, units), times)];
}

/** The chains of some rounds that come back and hang, such as roots and tentacles: how many of each length. */
export function chainWords(
  { form, fabric }: PartModel,
  rounds: readonly FabricRound[],
  units: UnitWords,
): string[] {
  const many = new Map<number, number>();
  for (const { at, chain, worked } of fabric.strands)
    if (rounds.some((r) => at >= r.from && at < r.from + r.count)) {
      const stitches = Math.max(1, worked > 0 ? worked : chain);
      many.set(stitches, (many.get(stitches) ?? 0) + 1);
    }
  const { across } = formRange(form);
  return [...many].map(([stitches, n]) =>
    say.chainsHang(n, between(ranged(stitches * form.gauge.stitchMm, across), units)),
  );
}
