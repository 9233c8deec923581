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

const ROUNDS_OF_FITTING = 12;

/** What the form says of a measure, mm. */
export function measuredOn(form: PartForm, measure: PartMeasure): number {
  if (measure.what === 'width') return form.widthMm;
  if (measure.what === 'height') return form.heightMm;
  const i = Math.max(0, Math.min(form.rounds.length - 1, measure.round ?? 0)) + 1;
  return 2 * Math.PI * form.r[i] + 2 * form.straight[i];
}

/**
 * The gauge under which a part has the size that was measured on it: width and girth give the stitch, height the round. Each step
 * scales by how far the form is off; the form is nearly in proportion, so a few steps are enough.
 */
export function fromPart(settings: GaugeSettings, fabric: Fabric, options: FormOptions, measure: PartMeasure): Calibrated {
  if (!(measure.mm > 0) || fabric.rounds.length === 0) return { fault: 'not a length' };
  const height = measure.what === 'height';
  const first = gaugeOf(settings);
  const range = rulerRange(measure.mm);
  let change: Partial<GaugeSettings> = {};
  for (let k = 0; k < ROUNDS_OF_FITTING; k++) {
    const gauge = gaugeOf({ ...settings, ...change });
    const off = measure.mm / Math.max(measuredOn(formOf(fabric, gauge, options), measure), 1e-6);
    change = height ? { roundMm: gauge.roundMm * off, roundRangePercent: range } : { stitchMm: gauge.stitchMm * off, stitchRangePercent: range };
    if (Math.abs(off - 1) < 1e-6) break;
  }
  const now = gaugeOf({ ...settings, ...change });
  const scale = height ? now.roundMm / first.roundMm : now.stitchMm / first.stitchMm;
  if (!(scale >= MEASURING.believable.low! && scale <= MEASURING.believable.high!)) return { fault: 'far off' };
  return { change };
}
