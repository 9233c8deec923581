import { GAUGE } from '../figures';
import { kept } from '../kept';
import { ranged, type Ranged } from '../gauge';
import { formOf, formRange, type PartForm } from './form';

/** How far a form's height and inner volume may be off because nobody has measured how much its posts give, as shares of what is stated. */
export interface GiveSpread {
  height: { low: number; high: number };
  volume: { low: number; high: number };
}

const NONE: GiveSpread = { height: { low: 1, high: 1 }, volume: { low: 1, high: 1 } };

/**
 * The spread between the ends of the range of `figures`, GAUGE.postGive (of the maker's own measurement, its error): the ring model solved at both.
 * Parts that are empty, flat, folded or pushed in do not depend on it.
 */
export const giveSpread = kept((form: PartForm): GiveSpread => {
  const depends =
    form.fill !== 'empty' &&
    form.section === 'ring' &&
    !form.folded &&
    form.rim === null &&
    form.innerCm3 > 0 &&
    form.rounds.length > 0;
  return depends ? solved(form) : NONE;
});

function solved(form: PartForm): GiveSpread {
  const { gauge, fabric, fill, fills } = form;
  const figure = GAUGE.postGive;
  const ends =
    gauge.postSource === 'measured'
      ? [
          gauge.postGive * (1 - gauge.postRangePercent / 100),
          gauge.postGive * (1 + gauge.postRangePercent / 100),
        ]
      : [figure.low!, figure.high!];
  const forms = ends.map((postGive) =>
    formOf(fabric, { ...gauge, postGive: Math.max(0.05, postGive) }, { fill, fills }),
  );
  const share = (of: (f: PartForm) => number) => {
    const shares = forms.map((f) => of(f) / Math.max(of(form), 1e-6));
    return { low: Math.min(1, ...shares), high: Math.max(1, ...shares) };
  };
  return { height: share((f) => f.heightMm), volume: share((f) => f.innerCm3) };
}

/** Width, depth and height of a form with their ranges, in mm. */
export function sizeOf(form: PartForm): { width: Ranged; depth: Ranged; height: Ranged } {
  const { across, along } = formRange(form);
  const height = ranged(form.heightMm, along);
  const give = giveSpread(form).height;
  // Independent errors, as those of gauge and model are.
  const off = (share: number) => Math.hypot(along.rangePercent / 100, share);
  return {
    width: ranged(form.widthMm, across),
    depth: ranged(form.depthMm, across),
    height: {
      ...height,
      low: form.heightMm * (1 - off(1 - give.low)),
      high: form.heightMm * (1 + off(give.high - 1)),
    },
  };
}
