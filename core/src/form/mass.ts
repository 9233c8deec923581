import { FILL_DENSITY, FILL_RANGE_PERCENT, STITCHES, YARN_OF_DEC, YARN_RANGE_PERCENT } from '../figures';
import type { Fabric, FabricRound } from '../fabric';
import type { Gauge, Ranged } from '../gauge';
import { giveSpread } from './give';
import type { Firmness, PartForm } from './form';

export type FillMaterial = keyof Omit<typeof FILL_DENSITY, 'source'>;

/** Grams of fill for so many cm3 of inner space; range from the filler's hand, from the gauge (volume, third power), and from how far the volume itself may be off (as shares of it). */
export function fillGrams(
  innerCm3: number,
  firmness: Firmness,
  material: FillMaterial,
  gaugeRangePercent: number,
  volume: { low: number; high: number } = { low: 1, high: 1 },
): Ranged {
  if (firmness === 'empty') return { value: 0, low: 0, high: 0, source: 'assumed' };
  const value = innerCm3 * FILL_DENSITY[material][firmness];
  const hand = FILL_RANGE_PERCENT.value / 100;
  const gauge = gaugeRangePercent / 100;
  return {
    value,
    low: value * volume.low * (1 - hand) * (1 - gauge) ** 3,
    high: value * volume.high * (1 + hand) * (1 + gauge) ** 3,
    source: 'assumed',
  };
}

/** Grams of fill for a form. Source of the ranges: the filler's hand, the gauge, and how much the posts give. */
export function fillNeed(form: PartForm, firmness: Firmness, material: FillMaterial): Ranged {
  const give = giveSpread(form);
  return fillGrams(form.innerCm3, firmness, material, form.gauge.rangePercent, give.volume);
}

/** Metres of yarn in a round, tails left aside: the figures' shares of a single crochet, scaled to the maker's own unravelled stitch. Source: `figures`, STITCHES. */
function roundMetres(round: FabricRound, gauge: Gauge): number {
  let widths = 0;
  for (const w of round.worked) {
    const one =
      w.eats > 1
        ? STITCHES[w.kind].yarnWidths * (w.invisible ? YARN_OF_DEC.invisible : YARN_OF_DEC.plain)
        : STITCHES[w.kind].yarnWidths * Math.max(1, w.makes);
    widths += one * w.times;
  }
  return (widths * (gauge.yarnWidths / STITCHES.sc.yarnWidths) * gauge.stitchMm) / 1000;
}

const allRounds = ({ rounds, layers }: Fabric, worked: number): FabricRound[] => [
  ...rounds.slice(0, worked),
  ...layers.flatMap((l) => l.rounds),
];

/** Metres of yarn in a fabric. */
export const yarnMetres = (fabric: Fabric, gauge: Gauge): number =>
  allRounds(fabric, fabric.rounds.length).reduce((sum, round) => sum + roundMetres(round, gauge), 0);

/** A length of yarn in stitches with its range: the yarn in a stitch and the gauge. */
function withRange(value: number, gauge: Gauge): Ranged {
  const percent =
    gauge.yarnSource === 'measured'
      ? gauge.stitchRangePercent
      : Math.hypot(YARN_RANGE_PERCENT.value, gauge.stitchRangePercent);
  return {
    value,
    low: value * (1 - percent / 100),
    high: value * (1 + percent / 100),
    source: gauge.yarnSource,
  };
}

/** Metres of yarn with their range. */
export const yarnNeed = ({ fabric, gauge }: Pick<PartForm, 'fabric' | 'gauge'>): Ranged =>
  withRange(yarnMetres(fabric, gauge), gauge);

/** Metres of yarn by colour, as `fabric.colours` lists them, of the first so many rounds and of all layers: a round is shared as its stitches are. */
export function yarnByColour(
  { fabric, gauge }: Pick<PartForm, 'fabric' | 'gauge'>,
  worked: number,
): Ranged[] {
  const metres = Array.from({ length: Math.max(1, fabric.colours.length) }, () => 0);
  for (const round of allRounds(fabric, worked)) {
    const all = roundMetres(round, gauge);
    for (let s = round.from; s < round.from + round.count; s++) metres[fabric.colour[s]] += all / round.count;
    // Chains that leave no top are of the colour before them.
    if (round.count === 0) metres[fabric.colour[Math.max(0, round.from - 1)]] += all;
  }
  return metres.map((m) => withRange(m, gauge));
}

/** Mass of a part, g: yarn, fill and what hardware is on it. Null while nobody has said what the yarn weighs. */
export function massOf(form: PartForm, fill: Ranged, hardwareG = 0): Ranged | null {
  const perMetre = form.gauge.gramsPerMetre;
  if (perMetre === null) return null;
  const yarn = yarnNeed(form);
  return {
    value: yarn.value * perMetre + fill.value + hardwareG,
    low: yarn.low * perMetre + fill.low + hardwareG,
    high: yarn.high * perMetre + fill.high + hardwareG,
    source: yarn.source,
  };
}
