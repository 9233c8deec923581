import { performance } from 'node:perf_hooks';

/** Milliseconds of many runs: the median, and from where to where nine of ten lie. */
export interface Spread {
  median: number;
  low: number;
  high: number;
}

type Run = (k: number) => unknown;

/** So many runs of each, by turns, so that what else the machine does falls on both. `[ours, theirs]`. */
export function spreadsOf(ours: Run, theirs: Run, runs: number, oursEach = 1): [Spread, Spread] {
  const took = (run: Run, k: number) => {
    const began = performance.now();
    run(k);
    return performance.now() - began;
  };
  const times: [number[], number[]] = [[], []];
  for (let k = 0; k < runs; k++) {
    for (let n = 0; n < oursEach; n++) times[0].push(took(ours, k * oursEach + n));
    times[1].push(took(theirs, k));
  }
  return [spreadOf(times[0]), spreadOf(times[1])];
}

function spreadOf(times: number[]): Spread {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))];
  return { median: at(0.5), low: at(0.05), high: at(0.95) };
}
