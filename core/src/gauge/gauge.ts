import { own } from '../own';
import { GAUGE, MEASURING } from '../figures';

/** What the maker has said about hook, hand and stitches; anything left out is assumed from the figures. */
export interface GaugeSettings {
  hookMm: number;
  /** how the hook is known: said by the maker or the text, only assumed because nobody said one, or said in words that name no one hook */
  hookBy?: HookBy;
  /** the yarn's weight, one of `figures`, YARNS */
  yarn?: string;
  stitchMm?: number;
  roundMm?: number;
  /** how far a measured stitch or round may be off, percent */
  stitchRangePercent?: number;
  roundRangePercent?: number;
  leanStitches?: number;
  holeStretch?: number;
  /** mm of yarn in one single crochet, unravelled */
  yarnPerStitchMm?: number;
  gramsPerMetre?: number;
  /** stiffness of stretched posts over that of rows, from the height of a finished, filled part */
  postGive?: number;
  /** how far that measured figure may be off, percent */
  postRangePercent?: number;
  hand: 'right' | 'left';
  yarnUnder: boolean;
}

export type HookBy = 'said' | 'assumed' | 'not known';

/** Where a length comes from. `not known`: from a hook that nobody could tell; no check may pass on it. */
export type Source = 'measured' | 'assumed' | 'not known';

/** Millimetres per stitch and round, with their source and range. */
export interface Gauge {
  hookMm: number;
  stitchMm: number;
  roundMm: number;
  /** stitches per round in the working direction; negative = against it (decision 16) */
  leanStitches: number;
  leanSource: 'measured' | 'assumed';
  /** stretch of the fabric across a hole at a post */
  holeStretch: number;
  /** yarn in one single crochet over the stitch width, and whether it was unravelled and measured */
  yarnWidths: number;
  yarnSource: 'measured' | 'assumed';
  /** null while nobody has weighed the yarn or read its label */
  gramsPerMetre: number | null;
  hand: 'right' | 'left';
  /** stiffness of stretched posts over that of rows */
  postGive: number;
  postSource: 'measured' | 'assumed';
  /** how far a measured figure may be off, percent; an assumed one has the range of `figures`, GAUGE.postGive */
  postRangePercent: number;
  hookBy: HookBy;
  /** measured when both the stitch and the round are */
  source: Source;
  stitchSource: Source;
  /** lengths across and along the rounds may be off by so many percent, either way */
  stitchRangePercent: number;
  roundRangePercent: number;
  /** the larger of the two */
  rangePercent: number;
}

/** Works the gauge out of what is known. Source of the defaults: `figures`, GAUGE. */
export function gaugeOf(settings: GaugeSettings): Gauge {
  const under = settings.yarnUnder ? GAUGE.yarnUnder.value : 1;
  const perHook = stitchPerHook(settings.yarn);
  const stitchMm = settings.stitchMm ?? settings.hookMm * perHook.value * under;
  const stitchMeasured = settings.stitchMm !== undefined;
  const roundMeasured = settings.roundMm !== undefined;
  const hookBy = settings.hookBy ?? 'said';
  const guessed: Source = hookBy === 'not known' ? 'not known' : 'assumed';
  const guessedPercent = hookBy === 'not known' ? GAUGE.unknownRange.value : perHook.percent;
  const stitchRangePercent = stitchMeasured
    ? (settings.stitchRangePercent ?? GAUGE.measuredRange.value)
    : guessedPercent;
  // A round height taken from the stitch is off by the stitch's own error and by the ratio's.
  const ratio = GAUGE.roundPerStitch;
  const ratioPercent = (100 * (ratio.value - ratio.low!)) / ratio.value;
  const roundRangePercent = roundMeasured
    ? (settings.roundRangePercent ?? GAUGE.measuredRange.value)
    : stitchMeasured
      ? Math.hypot(stitchRangePercent, ratioPercent)
      : guessedPercent;
  return {
    hookMm: settings.hookMm,
    stitchMm,
    roundMm: settings.roundMm ?? stitchMm * ratio.value,
    leanStitches:
      settings.leanStitches ?? (settings.yarnUnder ? GAUGE.leanYarnUnder.value : GAUGE.leanYarnOver.value),
    leanSource: settings.leanStitches === undefined ? 'assumed' : 'measured',
    holeStretch: settings.holeStretch ?? GAUGE.holeStretch.value,
    yarnWidths:
      settings.yarnPerStitchMm === undefined
        ? GAUGE.yarnPerStitch.value
        : settings.yarnPerStitchMm / stitchMm,
    yarnSource: settings.yarnPerStitchMm === undefined ? 'assumed' : 'measured',
    gramsPerMetre: settings.gramsPerMetre ?? null,
    hand: settings.hand,
    postGive: settings.postGive ?? GAUGE.postGive.value,
    postSource: settings.postGive === undefined ? 'assumed' : 'measured',
    postRangePercent: settings.postRangePercent ?? 0,
    hookBy,
    source: stitchMeasured ? (roundMeasured ? 'measured' : 'assumed') : guessed,
    stitchSource: stitchMeasured ? 'measured' : guessed,
    stitchRangePercent,
    roundRangePercent,
    rangePercent: Math.max(stitchRangePercent, roundRangePercent),
  };
}

/** Stitch width over the hook for a yarn, and how far it may be off, percent. Plush is thicker than its hook says. Source: `figures`, GAUGE. */
export function stitchPerHook(yarn: string | undefined): { value: number; percent: number } {
  const known = yarn === undefined ? undefined : own(GAUGE.stitchPerHookOf, yarn);
  if (!known) return { value: GAUGE.stitchPerHookMm.value, percent: GAUGE.assumedRange.value };
  const off = Math.max(known.high! - known.value, known.value - known.low!);
  return { value: known.value, percent: (100 * off) / known.value };
}

/** A length with how far it may be off, in its own unit. */
export interface Ranged {
  value: number;
  low: number;
  high: number;
  source: Source;
}

/** A length under a gauge with its range; `power` 2 for areas, 3 for volumes. */
export function ranged(value: number, gauge: Pick<Gauge, 'rangePercent' | 'source'>, power = 1): Ranged {
  const p = gauge.rangePercent / 100;
  return { value, low: value * (1 - p) ** power, high: value * (1 + p) ** power, source: gauge.source };
}

/** The range of lengths across the rounds: openings, widths, distances along a round. */
export const acrossRange = (gauge: Gauge): Pick<Gauge, 'rangePercent' | 'source'> => ({
  rangePercent: gauge.stitchRangePercent,
  source: gauge.stitchSource,
});

/** How far a length read off a ruler may be off, percent: what makers vary from one spot of the fabric to the next, and the ruler. */
export function rulerRange(lengthMm: number): number {
  return Math.hypot(MEASURING.variation.value, (100 * MEASURING.ruler.value) / Math.max(lengthMm, 1));
}
