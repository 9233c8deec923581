import { fromTenStitches, rulerRange, type Calibrated } from '../gauge';
import type { PartModel } from '../model';
import { gaugeSettingsOf, type NamedGauge } from '../toy';

/** How wide the edge lies when it is pressed flat after a round, mm, with the gauge's range: half its way round. */
export function flatEdge(
  { fabric, gauge }: PartModel,
  round: number,
): { mm: number; low: number; high: number } {
  const mm = (fabric.rounds[round].count * gauge.stitchMm) / 2;
  const off = (mm * gauge.stitchRangePercent) / 100;
  return { mm, low: mm - off, high: mm + off };
}

/** How much larger than planned a piece comes out, percent; less than none is smaller. */
export const largerBy = (part: PartModel, round: number, acrossMm: number): number =>
  100 * (acrossMm / flatEdge(part, round).mm - 1);

/** The gauge that an edge of this width tells. Ten of its stitches are 20 / count of its width. */
export const gaugeFromEdge = (
  part: PartModel,
  named: NamedGauge,
  round: number,
  acrossMm: number,
): Calibrated => {
  const ten = (20 * acrossMm) / part.fabric.rounds[round].count;
  const found = fromTenStitches(gaugeSettingsOf(named, part.reading), ten);
  if (found.fault !== undefined) return found;
  // The ruler was laid on the edge, not on ten stitches.
  return { change: { ...found.change, stitchRangePercent: rulerRange(acrossMm) } };
};
