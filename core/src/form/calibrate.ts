import { MEASURING } from '../figures';
import type { Fabric } from '../fabric';
import { gaugeOf, rulerRange, type Calibrated, type GaugeChange, type GaugeSettings } from '../gauge';
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
/** Most that a logarithm changes in one step. */
const MOST_STEP = 0.5;

/** What the form says of a measure, mm. */
export function measuredOn(form: PartForm, measure: PartMeasure): number {
  if (form.rounds.length === 0) return 0;
  if (measure.what === 'width') return form.widthMm;
  if (measure.what === 'height') return form.heightMm;
  const i = Math.max(0, Math.min(form.rounds.length - 1, measure.round ?? 0)) + 1;
  return 2 * Math.PI * form.r[i] + 2 * form.straight[i];
}

/** What a measure of a part is worked back to. */
type Unknown = 'stitchMm' | 'roundMm' | 'postGive';

/** The figures that are fitted: width and girth give the stitch; height gives how much the posts give where the part is filled, else the round. */
function unknownOf(measure: PartMeasure, filled: boolean): Unknown {
  if (measure.what !== 'height') return 'stitchMm';
  return filled ? 'postGive' : 'roundMm';
}

/**
 * The gauge under which a part has the size that was measured on it, by one measure or by width (or girth) and height
 * together. Width and girth give the stitch, and with it a round that nobody has measured. The height of a filled part
 * gives the stiffness of its posts (geometry, section 2, "Posts"); that of an empty one the round; a height that no
 * stiffness reaches is taken for the round's. Newton's steps on the logarithms. Where the size hardly depends on what is
 * fitted, the measurement says little about it: the range grows by as much.
 */
export function fromPart(
  settings: GaugeSettings,
  fabric: Fabric,
  options: FormOptions,
  ...measures: readonly PartMeasure[]
): Calibrated {
  if (measures.length === 0 || measures.some((m) => !(m.mm > 0)) || fabric.rounds.length === 0)
    return { fault: 'not a length' };
  const filled = options.fill !== 'empty';
  const found = fitted(settings, fabric, options, measures, filled);
  // A filled part whose height no stiffness of its posts explains: then its rounds are other than thought.
  return found.fault === 'far off' && filled && measures.some((m) => m.what === 'height')
    ? fitted(settings, fabric, options, measures, false)
    : found;
}

function fitted(
  settings: GaugeSettings,
  fabric: Fabric,
  options: FormOptions,
  measures: readonly PartMeasure[],
  filled: boolean,
): Calibrated {
  const fields = measures.map((m) => unknownOf(m, filled));
  const first = fields.map((field) => gaugeOf(settings)[field]);
  const read = (values: readonly number[]): number[] => {
    const changed = Object.fromEntries(fields.map((field, k) => [field, values[k]]));
    const form = formOf(fabric, gaugeOf({ ...settings, ...changed }), options);
    return measures.map((m) => Math.log(Math.max(1e-6, measuredOn(form, m))));
  };
  let values = first;
  let off = measures.map(() => Infinity);
  let slopes: number[][] = [];
  for (let k = 0; k < ROUNDS_OF_FITTING && off.some((o) => Math.abs(o) > 1e-6); k++) {
    const here = read(values);
    slopes = values.map((_, j) =>
      read(values.map((v, i) => (i === j ? v * PROBE : v))).map(
        (log, i) => (log - here[i]) / Math.log(PROBE),
      ),
    );
    off = measures.map((m, i) => Math.log(m.mm) - here[i]);
    const step = solved(slopes, off);
    values = values.map((v, j) => v * Math.exp(Math.max(-MOST_STEP, Math.min(MOST_STEP, step[j]))));
    if (values.some((v, j) => !believable(fields[j], v, first[j]))) return { fault: 'far off' };
  }
  if (off.some((o) => Math.abs(o) > 0.005)) return { fault: 'far off' };
  const change: GaugeChange = {};
  fields.forEach((field, j) => {
    const range = rulerRange(measures[j].mm) / Math.max(LEAST_SLOPE, Math.abs(slopes[j][j]));
    Object.assign(
      change,
      field === 'stitchMm'
        ? { stitchMm: values[j], stitchRangePercent: range }
        : field === 'roundMm'
          ? { roundMm: values[j], roundRangePercent: range }
          : { postGive: values[j], postRangePercent: range },
    );
  });
  return { change };
}

function believable(field: Unknown, value: number, first: number): boolean {
  const { low, high } = field === 'postGive' ? MEASURING.postGive : MEASURING.believable;
  return field === 'postGive'
    ? value >= low! && value <= high!
    : value > first * low! && value < first * high!;
}

/** Steps of the one or two unknowns that take the measures home: `slopes[j][i]` is what unknown j does to measure i. A slope that says nothing is held at its least. */
function solved(slopes: readonly number[][], off: readonly number[]): number[] {
  const own = (j: number) => Math.sign(slopes[j][j] || 1) * Math.max(LEAST_SLOPE, Math.abs(slopes[j][j]));
  if (off.length === 1) return [off[0] / own(0)];
  const [a, d] = [own(0), own(1)];
  const [b, c] = [slopes[1][0], slopes[0][1]];
  const whole = a * d - b * c;
  return Math.abs(whole) < 1e-3
    ? [off[0] / a, off[1] / d]
    : [(off[0] * d - b * off[1]) / whole, (a * off[1] - c * off[0]) / whole];
}
