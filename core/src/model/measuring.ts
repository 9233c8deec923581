import {
  COUNTED,
  fromTenRounds,
  fromTenStitches,
  fromUnravelled,
  fromWander,
  gaugeOf,
  type Calibrated,
  type Gauge,
  type GaugeChange,
  type GaugeSettings,
} from '../gauge';
import { fromPart, measuredOn, type PartMeasure } from '../form';
import { gaugeSettingsOf, type NamedGauge } from '../toy';
import { lengthMm, type Units } from '../words';
import type { PartModel } from './part';

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

/** What was found out by measuring, with its number; lengths in mm. */
export type Found =
  | { what: 'wander'; stitches: number; side: 'left' | 'right' }
  | { what: 'yarn a stitch' | 'round' | 'stitch'; mm: number }
  | { what: 'give'; give: number }
  | { what: 'stitch and give'; mm: number; give: number };

/** What a measurement says: a change that can be used, what is wrong, or nothing yet. `usualMm` is what would be expected. */
export type Said =
  | { state: 'nothing' }
  | { state: 'fault'; why: 'not a number' | 'not a length' }
  | { state: 'fault'; why: 'far off'; usualMm: number }
  | { state: 'good'; change: GaugeChange; found: Found };

/** Twenty stitches are unravelled. */
const UNRAVELLED = 20;

/** The round that a girth is taken round: the first of the widest. */
export const widestRound = (part: PartModel): number =>
  part.form.rounds.reduce(
    (best, r, i) => (r.radiusMm > part.form.rounds[best].radiusMm + 0.01 ? i : best),
    0,
  );

/** What a measurement would read under the gauge as it is, mm, or stitches for the marker. */
export function expected(measured: Measured, part: PartModel): number {
  const { gauge, form } = part;
  switch (measured.way) {
    case 'stitches':
      return COUNTED * gauge.stitchMm;
    case 'rounds':
      return COUNTED * gauge.roundMm;
    case 'part': {
      const what = measured.on === 'both' ? 'width' : measured.on;
      return measuredOn(form, { what, round: widestRound(part), mm: 0 });
    }
    case 'wander':
      return COUNTED * Math.abs(gauge.leanStitches);
    case 'yarn':
      return UNRAVELLED * gauge.yarnWidths * gauge.stitchMm;
  }
}

/** Reads what was typed, in the maker's units, and works out what follows from it. */
export function saidBy(measured: Measured, part: PartModel, named: NamedGauge, units: Units): Said {
  if (measured.typed.trim() === '') return { state: 'nothing' };
  const settings = gaugeSettingsOf(named, part.reading);
  if (measured.way === 'wander') return wandered(measured, part, settings);
  const mm = lengthMm(measured.typed, units);
  if (mm === null || mm <= 0) return { state: 'fault', why: 'not a length' };
  const both = measured.way === 'part' && measured.on === 'both';
  if (both && measured.typedHeight.trim() === '') return { state: 'nothing' };
  const tall = both ? lengthMm(measured.typedHeight, units) : 0;
  if (tall === null) return { state: 'fault', why: 'not a length' };
  const found = worked(measured, part, settings, [mm, tall]);
  if (found.fault !== undefined) return faulty(found.fault, expected(measured, part));
  const gauge = gaugeOf({ ...settings, ...found.change });
  return { state: 'good', change: found.change, found: foundBy(measured, found.change, gauge, mm) };
}

function wandered(measured: Measured, part: PartModel, settings: GaugeSettings): Said {
  const stitches = Number(measured.typed.replace(',', '.'));
  if (!Number.isFinite(stitches) || stitches < 0) return { state: 'fault', why: 'not a number' };
  const wrongSideOut = part.part.pose.out === 'wrong side';
  const worked = fromWander(settings, stitches, measured.side, COUNTED, wrongSideOut);
  if (worked.fault !== undefined) return { state: 'fault', why: 'not a number' };
  return { state: 'good', change: worked.change, found: { what: 'wander', stitches, side: measured.side } };
}

function worked(
  { way, on }: Measured,
  part: PartModel,
  settings: GaugeSettings,
  [mm, tall]: readonly [number, number],
): Calibrated {
  switch (way) {
    case 'rounds':
      return fromTenRounds(settings, mm);
    case 'yarn':
      return fromUnravelled(settings, mm);
    case 'part': {
      const measures: PartMeasure[] =
        on === 'both'
          ? [
              { what: 'width', mm },
              { what: 'height', mm: tall },
            ]
          : [{ what: on, round: widestRound(part), mm }];
      const wrongSideOut = part.part.pose.out === 'wrong side';
      return fromPart(
        settings,
        part.fabric,
        { fill: part.fill, fills: part.form.fills, wrongSideOut },
        ...measures,
      );
    }
    default:
      return fromTenStitches(settings, mm);
  }
}

function foundBy({ way, on }: Measured, change: GaugeChange, gauge: Gauge, mm: number): Found {
  const gives = change.postGive !== undefined;
  if (way === 'yarn') return { what: 'yarn a stitch', mm: mm / UNRAVELLED };
  if (gives && change.stitchMm === undefined) return { what: 'give', give: gauge.postGive };
  if (way === 'rounds' || (way === 'part' && on === 'height')) return { what: 'round', mm: gauge.roundMm };
  if (way === 'part' && gives) return { what: 'stitch and give', mm: gauge.stitchMm, give: gauge.postGive };
  return { what: 'stitch', mm: gauge.stitchMm };
}

const faulty = (fault: string, usualMm: number): Said =>
  fault === 'not a length'
    ? { state: 'fault', why: 'not a length' }
    : { state: 'fault', why: 'far off', usualMm };
