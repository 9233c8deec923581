import { JUDGE } from '../figures';
import type { Verdict } from '../toy';

/** What a pull or a torque is held against. Loads in N (torque in N·m), times in s. */
export interface PullRule {
  target: number;
  riseS: number;
  holdS: number;
  /** how far the load may fall while it is held, percent of the target */
  dipPercent: number;
  source: string;
}

/** Time and reading, in time's order. */
export type Curve = readonly (readonly [number, number])[];

/** Why a curve is judged as it is. All but the first two are no judgement: the run is done again. */
export const WHYS = [
  'held',
  'let go',
  'no readings',
  'bad reading',
  'cut out',
  'not at rest',
  'drift',
  'wrong unit',
  'not reached',
  'too fast',
  'dip',
  'slip',
  'released early',
  'two pulls',
] as const;
export type Why = (typeof WHYS)[number];

export interface Judged {
  verdict: Verdict;
  why: Why;
  /** the largest load, spikes of one reading left out */
  peak: number;
  /** how long the load was held, s */
  heldS: number;
  /** how long it took to rise, s; null where it never did */
  riseS: number | null;
}

/** Fewer readings than these tell nothing. */
const LEAST_READINGS = 8;
/** A load that falls by so much of what it was within so long has let go; a hand takes longer. */
const LETS_GO = { share: 0.6, withinS: 0.15 };
/** Other units of force, as shares of a newton, that a gauge may be left in. */
const UNITS = [1 / 9.80665, 1 / 4.4482216] as const;
const UNIT_WITHIN = 0.12;

/** The reading of the middle of five: a spike of one reading moves nothing. */
function smoothed(curve: Curve): number[] {
  return curve.map((_, i) => {
    const near = curve.slice(Math.max(0, i - 2), i + 3).map(([, n]) => n);
    return near.sort((a, b) => a - b)[Math.floor(near.length / 2)];
  });
}

/** The largest load: a reading counts as far as the two before it lead to it, so that one that leaps out of the line does not. */
function peakOf(curve: Curve, { target }: PullRule): number {
  return curve.reduce((most, [, n], i) => {
    const [before, earlier] = [curve[i - 1]?.[1] ?? n, curve[i - 2]?.[1] ?? n];
    return Math.max(most, Math.min(n, before + Math.abs(before - earlier) + 0.01 * target));
  }, 0);
}

const notJudged = (why: Why, peak: number, heldS = 0, riseS: number | null = null): Judged => ({
  verdict: 'not judged',
  why,
  peak,
  heldS,
  riseS,
});

/**
 * Judges a run against a rule: raised over at least the rise, held, no dip. What lets go is told as that whatever else was wrong with the run;
 * a run that was not made as the rule has it is not judged, whichever way it came out. `broken`: the connection was lost.
 */
export function judge(curve: Curve, rule: PullRule, broken = false): Judged {
  if (curve.length < LEAST_READINGS) return notJudged('no readings', 0);
  if (
    curve.some(([t, n], i) => !Number.isFinite(t) || !Number.isFinite(n) || (i > 0 && t <= curve[i - 1][0]))
  )
    return notJudged('bad reading', 0);
  const loads = smoothed(curve);
  const peak = peakOf(curve, rule);
  const rest = restOf(curve, loads);
  const loadAt = 0.05 * rule.target;
  const start = loads.findIndex((n) => n - rest > loadAt);
  const reached = loads.findIndex((n) => n >= rule.target);
  const gone = letGoAt(curve, loads, rule);
  const gap = longestGap(curve);
  // What let go within readings that are there has let go, broken or not.
  if (gone >= 0 && !heldBefore(curve, loads, rule, gone)) {
    const heldS = reached >= 0 && reached < gone ? curve[gone][0] - curve[reached][0] : 0;
    return { verdict: 'let go', why: 'let go', peak, heldS, riseS: null };
  }
  if (broken || gap > JUDGE.longestGapS) return notJudged('cut out', peak);
  if (Math.abs(rest) > restAllowed(rule)) return notJudged('not at rest', peak);
  if (reached < 0)
    return notJudged(inOtherUnit(curve, loads, peak, rule) ? 'wrong unit' : 'not reached', peak);
  const riseS = curve[reached][0] - curve[Math.max(0, start - 1)][0];
  const least = rule.target * (1 - rule.dipPercent / 100);
  const fell = loads.findIndex((n, i) => i > reached && n < least);
  const heldS = (fell < 0 ? curve[curve.length - 1][0] : curve[fell - 1][0]) - curve[reached][0];
  if (riseS < rule.riseS * JUDGE.riseShare.value) return notJudged('too fast', peak, heldS, riseS);
  if (heldS < rule.holdS - 1e-9)
    return notJudged(whyShort(curve, loads, { fell, least, rule }), peak, heldS, riseS);
  const end = loads[loads.length - 1];
  if (fell >= 0 && end < least / 2 && Math.abs(end - rest) > restAllowed(rule))
    return notJudged('drift', peak, heldS, riseS);
  return { verdict: 'held', why: 'held', peak, heldS, riseS };
}

/** What the instrument shows before anything is pulled: the middle of its first readings. */
function restOf(curve: Curve, loads: readonly number[]): number {
  const first = loads.filter((_, i) => curve[i][0] - curve[0][0] <= 0.3).sort((a, b) => a - b);
  return first[Math.floor(first.length / 2)];
}

const restAllowed = ({ target }: PullRule): number =>
  Math.max(0.02 * target, Math.min(JUDGE.driftN.value, 0.05 * target));

const longestGap = (curve: Curve): number =>
  curve.reduce((most, [t], i) => (i === 0 ? 0 : Math.max(most, t - curve[i - 1][0])), 0);

/** Index of the last reading before the load was gone at once, and stayed gone; -1 where it never was. */
function letGoAt(curve: Curve, loads: readonly number[], { target }: PullRule): number {
  let most = 0;
  return loads.findIndex((n, i) => {
    most = Math.max(most, n);
    // A hand that lets down is fast against what little is left of the load.
    if (n < 0.1 * target || n < LETS_GO.share * most) return false;
    const after = loads.findIndex((m, k) => k > i && m < n * (1 - LETS_GO.share));
    if (after < 0 || curve[after][0] - curve[i][0] > LETS_GO.withinS) return false;
    return loads.slice(after, after + 6).every((m) => m < n * 0.5);
  });
}

/** Whether the load was held long enough before it went. */
function heldBefore(curve: Curve, loads: readonly number[], rule: PullRule, gone: number): boolean {
  const reached = loads.findIndex((n) => n >= rule.target);
  if (reached < 0 || reached > gone) return false;
  const least = rule.target * (1 - rule.dipPercent / 100);
  const fell = loads.findIndex((n, i) => i > reached && i <= gone && n < least);
  return (fell < 0 ? curve[gone][0] : curve[fell - 1][0]) - curve[reached][0] >= rule.holdS - 0.05;
}

/** A load that is held level, as high as the target would be in another unit. */
function inOtherUnit(
  curve: Curve,
  loads: readonly number[],
  peak: number,
  { target, holdS }: PullRule,
): boolean {
  const level = loads.filter((n) => n > 0.9 * peak).length / loads.length;
  const seconds = level * (curve[curve.length - 1][0] - curve[0][0]);
  return seconds > holdS / 2 && UNITS.some((u) => Math.abs(peak / (target * u) - 1) < UNIT_WITHIN);
}

/** Why a load was not held long enough. */
function whyShort(
  curve: Curve,
  loads: readonly number[],
  { fell, least, rule }: { fell: number; least: number; rule: PullRule },
): Why {
  if (fell < 0) return 'released early';
  const again = loads.findIndex((n, i) => i > fell && n >= least);
  const deepest = Math.min(...loads.slice(fell, again < 0 ? undefined : again));
  if (again < 0) return 'released early';
  if (deepest < 0.2 * rule.target) return 'two pulls';
  const before = loads[fell - 1];
  const sharp = loads.findIndex((n, i) => i >= fell && n < before * 0.88);
  return sharp >= 0 && curve[sharp][0] - curve[fell - 1][0] <= LETS_GO.withinS ? 'slip' : 'dip';
}
