import type { Ranged } from './gauge';

/** A figure that does not go with any gauge. */
export const fixed = (value: number): Ranged => ({ value, low: value, high: value, source: 'assumed' });

/** A figure that may be so many percent off, either way. */
export const within = (value: number, percent: number): Ranged => ({
  value,
  low: value * (1 - percent / 100),
  high: value * (1 + percent / 100),
  source: 'assumed',
});

export const NOTHING: Ranged = fixed(0);

/** Two figures together; what nobody has measured decides what the sum rests on. */
export function plusRange(a: Ranged, b: Ranged): Ranged {
  const [one, other] = a.value === 0 ? [b, b] : [a, b.value === 0 ? a : b];
  const source =
    one.source === 'measured' && other.source === 'measured' ? 'measured' : worse(one.source, other.source);
  return { value: a.value + b.value, low: a.low + b.low, high: a.high + b.high, source };
}

const worse = (a: Ranged['source'], b: Ranged['source']): Ranged['source'] =>
  a === 'not known' || b === 'not known' ? 'not known' : 'assumed';

/** So many times a figure, or a share of it. */
export const timesRange = (a: Ranged, times: number): Ranged => ({
  ...a,
  value: a.value * times,
  low: a.low * times,
  high: a.high * times,
});
