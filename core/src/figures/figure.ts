/**
 * Default figures of the craft, as data: value, unit, where it is from and how far it may be off. Ground floor.
 * A user's own measurement replaces any of them. Source unless said otherwise: rules of thumb of hand work, collected
 * before the project began ("house figures").
 */
export interface Figure {
  value: number;
  unit:
    | 'mm'
    | 'ratio'
    | 'stitches a round'
    | 'g/cm3'
    | 'g/mm2'
    | 'percent'
    | 'minutes'
    | 'stitches a minute'
    | 'w'
    | 'g'
    | 'degrees';
  source: string;
  low?: number;
  high?: number;
}

export const HOUSE = 'house figures, rules of thumb of hand work';
export const JUDGED = 'judged: nobody has measured it yet';
export const figure = (value: number, unit: Figure['unit'], more: Partial<Figure> = {}): Figure => ({
  value,
  unit,
  source: HOUSE,
  ...more,
});
