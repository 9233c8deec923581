import { MEASURING } from '../figures';
import type { Fabric } from '../fabric';
import { gaugeOf, rulerRange, type Calibrated, type GaugeSettings } from '../gauge';
import { formOf, type FormOptions, type PartForm } from './form';

/** What a maker can measure on a finished part. A girth is taken round one round. */
export interface PartMeasure {
  what: 'width' | 'height' | 'girth';
  /** index of the round a girth is taken round */
  round?: number;
  mm: number;
}

const ROUNDS_OF_FITTING = 16;
const PROBE = 1.01;
/** A size that grows less than this share with its stitch says nothing of it. */
const LEAST_SLOPE = 0.2;

/** What the form says of a measure, mm. */
export function measuredOn(form: PartForm, measure: PartMeasure): number {
  if (form.rounds.length === 0) return 0;
  if (measure.what === 'width') return form.widthMm;
  if (measure.what === 'height') return form.heightMm;
  const i = Math.max(0, Math.min(form.rounds.length - 1, measure.round ?? 0)) + 1;
  return 2 * Math.PI * form.r[i] + 2 * form.straight[i];
}

/**
 * The gauge under which a part has the size that was measured on it: width and girth give the stitch (and with it a round that
 * nobody has measured), height the round. Newton's steps on the logarithms. Where the size hardly depends on the stitch, as
 * across a disc whose width its rounds decide, the measurement says little about it: the range grows by as much.
 */
export function fromPart(
  settings: GaugeSettings,
  fabric: Fabric,
  options: FormOptions,
  measure: PartMeasure,
): Calibrated {
  if (!(measure.mm > 0) || fabric.rounds.length === 0) return { fault: 'not a length' };
  const field = measure.what === 'height' ? 'roundMm' : 'stitchMm';
  const first = gaugeOf(settings)[field];
  const read = (value: number): number =>
    Math.max(1e-6, measuredOn(formOf(fabric, gaugeOf({ ...settings, [field]: value }), options), measure));
  let value = first;
  let slope = 1;
  let off = Infinity;
  for (let k = 0; k < ROUNDS_OF_FITTING && Math.abs(off) > 1e-6; k++) {
    const here = read(value);
    slope = Math.max(LEAST_SLOPE, Math.log(read(value * PROBE) / here) / Math.log(PROBE));
    off = Math.log(measure.mm / here);
    value *= Math.exp(off / slope);
    if (!(value > first * MEASURING.believable.low! && value < first * MEASURING.believable.high!))
      return { fault: 'far off' };
  }
  if (Math.abs(off) > 0.005) return { fault: 'far off' };
  const range = rulerRange(measure.mm) / slope;
  return {
    change:
      field === 'roundMm'
        ? { roundMm: value, roundRangePercent: range }
        : { stitchMm: value, stitchRangePercent: range },
  };
}
