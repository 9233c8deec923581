import { GAUGE } from '../figures';
import { heightOf, type Fabric, type FabricRound } from '../fabric';
import type { Gauge } from '../gauge';
import type { RoundForm } from './form';

/** Rounds in millimetres from the rings that carry them. */
export function roundForms(
  rounds: readonly FabricRound[],
  gauge: Gauge,
  r: Float64Array,
  z: Float64Array,
  straight: Float64Array,
): RoundForm[] {
  return rounds.map((round, i) => {
    const count = Math.max(1, round.count);
    const ringMm = (count * gauge.stitchMm) / Math.PI;
    const around = 2 * Math.PI * r[i + 1] + 2 * straight[i + 1];
    return {
      label: round.label,
      number: round.number,
      count: round.count,
      ringMm,
      pulledMm: ringMm * GAUGE.pulledPerRing.value,
      radiusMm: r[i + 1],
      heightMm: z[i + 1],
      fullness: (count * gauge.stitchMm) / Math.max(around, 1e-6),
    };
  });
}

/** Mean height of a round's stitches, in single crochets. */
export function meanHeight(fabric: Fabric, round: FabricRound): number {
  let sum = 0;
  for (let s = round.from; s < round.from + round.count; s++) sum += heightOf(fabric.kind[s]);
  return round.count ? sum / round.count : 1;
}
