import { GAUGE } from '../figures';

/** What the maker has said about hook, hand and stitches; anything left out is assumed from the figures. */
export interface GaugeSettings {
  hookMm: number;
  stitchMm?: number;
  roundMm?: number;
  leanStitches?: number;
  holeStretch?: number;
  hand: 'right' | 'left';
  yarnUnder: boolean;
}

/** Millimetres per stitch and round, with their source and range. */
export interface Gauge {
  stitchMm: number;
  roundMm: number;
  /** stitches per round in the working direction; negative = against it (decision 16) */
  leanStitches: number;
  /** stretch of the fabric across a hole at a post */
  holeStretch: number;
  hand: 'right' | 'left';
  source: 'measured' | 'assumed';
  /** lengths may be off by this many percent, either way */
  rangePercent: number;
}

/** Works the gauge out of what is known. Source of the defaults: `figures`, GAUGE. */
export function gaugeOf(settings: GaugeSettings): Gauge {
  const under = settings.yarnUnder ? GAUGE.yarnUnder.value : 1;
  const stitchMm = settings.stitchMm ?? settings.hookMm * GAUGE.stitchPerHookMm.value * under;
  const measured = settings.stitchMm !== undefined && settings.roundMm !== undefined;
  return {
    stitchMm,
    roundMm: settings.roundMm ?? stitchMm * GAUGE.roundPerStitch.value,
    leanStitches: settings.leanStitches ?? (settings.yarnUnder ? GAUGE.leanYarnUnder.value : GAUGE.leanYarnOver.value),
    holeStretch: settings.holeStretch ?? GAUGE.holeStretch.value,
    hand: settings.hand,
    source: measured ? 'measured' : 'assumed',
    rangePercent: measured ? GAUGE.measuredRange.value : GAUGE.assumedRange.value,
  };
}

/** A length with how far it may be off, in its own unit. */
export interface Ranged {
  value: number;
  low: number;
  high: number;
  source: 'measured' | 'assumed';
}

/** A length under a gauge with its range; `power` 2 for areas, 3 for volumes. */
export function ranged(value: number, gauge: Pick<Gauge, 'rangePercent' | 'source'>, power = 1): Ranged {
  const p = gauge.rangePercent / 100;
  return { value, low: value * (1 - p) ** power, high: value * (1 + p) ** power, source: gauge.source };
}
