import { unitWords } from '@hoppla/core/words';

/** Millimetres, or inches. */
export type MatUnit = 'mm' | 'in';

/** How a mat is ruled. All but `stepMm` counts steps. */
export interface Ruling {
  /** the smallest step, mm, and how many of them are one of the unit */
  stepMm: number;
  one: number;
  /** lines of the grid: fine, middle, strong */
  grid: readonly [number, number, number];
  /** from how many pixels a millimetre on which ticks and numbers are drawn: at small scales a tick each step would be a grey bar */
  rulers: readonly { from: number; fine: number; named: number }[];
  /** steps at which a tick is long, and at which it is longer than most */
  long: number;
  longer: number;
}

export const RULING: Readonly<Record<MatUnit, Ruling>> = {
  mm: {
    stepMm: 1,
    one: 1,
    grid: [5, 10, 50],
    rulers: [
      { from: 2.4, fine: 1, named: 10 },
      { from: 1.2, fine: 5, named: 20 },
      { from: 0, fine: 10, named: 50 },
    ],
    long: 10,
    longer: 5,
  },
  // Sixteenths of an inch.
  in: {
    stepMm: unitWords('inch').oneMm / 16,
    one: 16,
    grid: [4, 8, 32],
    rulers: [
      { from: 4, fine: 1, named: 8 },
      { from: 1.6, fine: 2, named: 16 },
      { from: 0.8, fine: 4, named: 16 },
      { from: 0, fine: 16, named: 32 },
    ],
    long: 16,
    longer: 8,
  },
};

/** How finely a scale is ticked and named that is so large. */
export const ticked = ({ rulers }: Ruling, pxPerMm: number) =>
  // A mat without room has no scale yet.
  rulers.find((r) => pxPerMm >= r.from) ?? rulers[rulers.length - 1];

/** The ticks of a tape from its beginning, px along it; long at each whole ten or inch, longer at its halves. */
export function tapeTicks(unit: MatUnit, pxPerMm: number, length: number): { at: number; px: number }[] {
  const ruling = RULING[unit];
  const { fine } = ticked(ruling, pxPerMm);
  const each = fine * ruling.stepMm * pxPerMm;
  return Array.from({ length: Math.floor((length + 0.01) / each) + 1 }, (_, k) => ({
    at: k * each,
    px: 2 * tickOf(k * fine, ruling),
  }));
}

/** Length of the tick at a step, in pixels. */
export function tickOf(step: number, { long, longer }: Ruling): number {
  if (step % long === 0) return 6;
  return step % longer === 0 ? 4.5 : 3;
}
