import {
  COUNTED,
  fromTenRounds,
  fromTenStitches,
  fromUnravelled,
  fromWander,
  gaugeOf,
  type Calibrated,
  type GaugeChange,
} from '@hoppla/core/gauge';
import { fromPart, measuredOn, type PartMeasure } from '@hoppla/core/form';
import { gaugeSettingsOf, type NamedGauge, type PartModel } from '@hoppla/core/toy';
import { lengthMm, screenWords, type UnitWords } from '@hoppla/core/words';

const say = screenWords.gauge;

export const WAYS = ['stitches', 'rounds', 'part', 'wander', 'yarn'] as const;
export type Way = (typeof WAYS)[number];
/** What of a finished part is measured; `both` is its width and its height. */
export type PartWay = PartMeasure['what'] | 'both';

/** What the maker has chosen and typed. */
export interface Measured {
  way: Way;
  on: PartWay;
  side: 'left' | 'right';
  typed: string;
  /** the height, where both are measured */
  typedHeight: string;
}

/** What a measurement says: a change that can be used, a sentence about what is wrong, or nothing yet. */
export type Said =
  | { state: 'nothing' }
  | { state: 'fault'; sentence: string }
  | { state: 'good'; change: GaugeChange; what: string };

/** Twenty stitches are unravelled. */
const UNRAVELLED = 20;

/** What a measurement would read under the gauge as it is, mm, or stitches for the marker. */
export function expected(measured: Measured, part: PartModel): number {
  const { gauge, form } = part;
  switch (measured.way) {
    case 'stitches':
      return COUNTED * gauge.stitchMm;
    case 'rounds':
      return COUNTED * gauge.roundMm;
    case 'part':
      return measuredOn(form, {
        what: measured.on === 'both' ? 'width' : measured.on,
        round: widestRound(part),
        mm: 0,
      });
    case 'wander':
      return COUNTED * Math.abs(gauge.leanStitches);
    case 'yarn':
      return UNRAVELLED * gauge.yarnWidths * gauge.stitchMm;
  }
}

/** The round that a girth is taken round: the first of the widest. */
export const widestRound = (part: PartModel): number =>
  part.form.rounds.reduce(
    (best, r, i) => (r.radiusMm > part.form.rounds[best].radiusMm + 0.01 ? i : best),
    0,
  );

/** Reads what was typed and works out what follows from it. */
export function saidBy(measured: Measured, part: PartModel, named: NamedGauge, units: UnitWords): Said {
  if (measured.typed.trim() === '') return { state: 'nothing' };
  const settings = gaugeSettingsOf(named, part.reading);
  const wrongSideOut = part.part.pose.out === 'wrong side';
  if (measured.way === 'wander') {
    const stitches = Number(measured.typed.replace(',', '.'));
    if (!Number.isFinite(stitches) || stitches < 0) return { state: 'fault', sentence: say.notNumber };
    return answer(
      fromWander(settings, stitches, measured.side, COUNTED, wrongSideOut),
      say.wanders(String(stitches), say[measured.side]),
      say.notNumber,
      '',
    );
  }
  const mm = lengthMm(measured.typed, units.system);
  if (mm === null || mm <= 0) return { state: 'fault', sentence: say.notLength };
  const tall =
    measured.way === 'part' && measured.on === 'both' ? lengthMm(measured.typedHeight, units.system) : 0;
  if (
    tall === null ||
    (measured.on === 'both' && measured.way === 'part' && measured.typedHeight.trim() === '')
  )
    return measured.typedHeight.trim() === ''
      ? { state: 'nothing' }
      : { state: 'fault', sentence: say.notLength };
  const measures: PartMeasure[] =
    measured.on === 'both'
      ? [
          { what: 'width', mm },
          { what: 'height', mm: tall },
        ]
      : [{ what: measured.on, round: widestRound(part), mm }];
  const found =
    measured.way === 'stitches'
      ? fromTenStitches(settings, mm)
      : measured.way === 'rounds'
        ? fromTenRounds(settings, mm)
        : measured.way === 'yarn'
          ? fromUnravelled(settings, mm)
          : fromPart(settings, part.fabric, { fill: part.fill, wrongSideOut }, ...measures);
  const gauge = found.fault === undefined ? gaugeOf({ ...settings, ...found.change }) : part.gauge;
  const what =
    measured.way === 'yarn'
      ? say.yarnEach(units.length(mm / UNRAVELLED))
      : found.fault === undefined &&
          found.change.postGive !== undefined &&
          found.change.stitchMm === undefined
        ? say.give(gauge.postGive.toFixed(2))
        : measured.way === 'rounds' || (measured.way === 'part' && measured.on === 'height')
          ? say.round(units.fine(gauge.roundMm))
          : measured.way === 'part' && found.fault === undefined && found.change.postGive !== undefined
            ? `${say.stitch(units.fine(gauge.stitchMm))}, ${say.give(gauge.postGive.toFixed(2))}`
            : say.stitch(units.fine(gauge.stitchMm));
  return answer(found, what, say.notLength, units.length(expected(measured, part)));
}

function answer(found: Calibrated, what: string, notOne: string, usual: string): Said {
  if (found.fault === undefined) return { state: 'good', change: found.change, what };
  return {
    state: 'fault',
    sentence: found.fault === 'not a length' || usual === '' ? notOne : say.farOff(usual),
  };
}
