import { GAUGE, isWithin, MEASURING } from '../figures';
import { rulerRange, stitchPerHook, type GaugeSettings } from './gauge';

/** A change of the gauge that a measurement asks for. */
export type GaugeChange = Partial<GaugeSettings>;

/** A measurement that cannot be right, or a gauge that follows from it. `sentence` names the fault; the words are the catalogue's. */
export type Calibrated = { change: GaugeChange; fault?: undefined } | { fault: 'not a length' | 'far off' };

/** Stitches and rounds that a maker counts off. */
export const COUNTED = 10;
const UNRAVELLED = 20;

/** The stitch that hook and yarn alone would give, mm. */
const hookStitch = ({ hookMm, yarn }: GaugeSettings): number => hookMm * stitchPerHook(yarn).value;

const believable = (value: number, expected: number): boolean =>
  value >= expected * MEASURING.believable.low! && value <= expected * MEASURING.believable.high!;

/** Ten stitches of a plain tube, mm over all of them. */
export function fromTenStitches(settings: GaugeSettings, overMm: number): Calibrated {
  if (!(overMm > 0)) return { fault: 'not a length' };
  const stitchMm = overMm / COUNTED;
  if (!believable(stitchMm, hookStitch(settings))) return { fault: 'far off' };
  return { change: { stitchMm, stitchRangePercent: rulerRange(overMm) } };
}

/** Ten rounds of a plain tube, mm over all of them. */
export function fromTenRounds(settings: GaugeSettings, overMm: number): Calibrated {
  if (!(overMm > 0)) return { fault: 'not a length' };
  const roundMm = overMm / COUNTED;
  const stitchMm = settings.stitchMm ?? hookStitch(settings);
  if (!believable(roundMm, stitchMm * GAUGE.roundPerStitch.value)) return { fault: 'far off' };
  return { change: { roundMm, roundRangePercent: rulerRange(overMm) } };
}

/**
 * How the start of the round wandered, as seen from outside with the open edge up: so many stitches to the left or right
 * in so many rounds. Right-handed and right side out, right is against the working direction (decision 16); left hands and
 * work turned inside out mirror it.
 */
export function fromWander(
  settings: GaugeSettings,
  stitches: number,
  side: 'left' | 'right',
  rounds = COUNTED,
  wrongSideOut = false,
): Calibrated {
  if (!(stitches >= 0) || !(rounds > 0)) return { fault: 'not a length' };
  const perRound = stitches / rounds;
  if (perRound > MEASURING.believable.high!) return { fault: 'far off' };
  const against = (side === 'right') === ((settings.hand === 'right') !== wrongSideOut);
  return { change: { leanStitches: perRound === 0 ? 0 : against ? -perRound : perRound } };
}

/** The same the other way round, for showing: stitches in ten rounds, and to which side. */
export function wanderOf(
  leanStitches: number,
  hand: 'right' | 'left',
  wrongSideOut = false,
): { stitches: number; side: 'left' | 'right' } {
  return {
    stitches: Math.abs(leanStitches) * COUNTED,
    side: leanStitches <= 0 === ((hand === 'right') !== wrongSideOut) ? 'right' : 'left',
  };
}

/** Twenty single crochets unravelled, mm of yarn. */
export function fromUnravelled(settings: GaugeSettings, overMm: number): Calibrated {
  if (!(overMm > 0)) return { fault: 'not a length' };
  const yarnPerStitchMm = overMm / UNRAVELLED;
  const stitchMm = settings.stitchMm ?? hookStitch(settings);
  if (!believable(yarnPerStitchMm, stitchMm * GAUGE.yarnPerStitch.value)) return { fault: 'far off' };
  return { change: { yarnPerStitchMm } };
}

/** The label of a ball: so many grams, so many metres. */
export function fromLabel(grams: number, metres: number): Calibrated {
  if (!(grams > 0) || !(metres > 0)) return { fault: 'not a length' };
  const gramsPerMetre = grams / metres;
  return isWithin('gramsPerMetre', gramsPerMetre) ? { change: { gramsPerMetre } } : { fault: 'far off' };
}
