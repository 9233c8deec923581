/** Simulated instruments: what a hand, a gauge and a thing that is pulled do together. No interface, no clock of its own. */
export const INSTRUMENTS = ['gauge', 'scale'] as const;
export type InstrumentId = (typeof INSTRUMENTS)[number];

/** What shall happen in a run. */
export const HAPPENINGS = [
  'holds',
  'lets go',
  'slips',
  'dips',
  'too fast',
  'released early',
  'cut out',
  'breaks off',
  'not tared',
  'drifts',
  'tare',
  'weigh',
] as const;
export type Happening = (typeof HAPPENINGS)[number];

export interface Run {
  id: InstrumentId;
  /** when it began, ms of any clock */
  at: number;
  /** the load at which the thing lets go, N */
  atN?: number;
  target?: number;
  riseS?: number;
  holdS?: number;
  /** what lies on the scale, g */
  grams?: number;
}

/** Corners of a load over time: s and N, straight between. */
type Corners = readonly (readonly [number, number])[];

const REST_S = 0.8;
const OVER = 1.03;

/** What a hand does in any run: rest, the load it brings up, when it is up, and when it has been held long enough. */
interface Hand {
  start: Corners;
  top: number;
  up: number;
  held: number;
  middle: number;
}

/** Let down from the top at some time. */
const down = (top: number, at: number): Corners => [
  [at, top],
  [at + 1, 0],
  [at + 1.6, 0],
];

/** Gone at once at a load: while it rises, or where that is over the top while it is held. */
function gone({ start, top, up, middle }: Hand, atN: number): Corners {
  const rises = atN < top;
  const at = rises ? REST_S + ((up - REST_S) * atN) / top : middle;
  const load = Math.min(atN, top);
  const after: Corners = [
    [at, load],
    [at + 0.04, load * 0.04],
    [at + 1.5, 0],
  ];
  return rises ? [...start, ...after] : [...start, [up, top], ...after];
}

/** The load that a hand brings up, holds and lets down, with what happens in it. */
export function loadOf(happen: Happening, run: Omit<Run, 'id' | 'at'>): Corners {
  const { target = 90, riseS = 5, holdS = 10, atN = target * 0.7 } = run;
  const top = target * OVER;
  const up = REST_S + riseS * (happen === 'too fast' ? 0.3 : 1.05);
  const held = up + holdS * 1.06;
  const middle = up + holdS / 2;
  const start: Corners = [
    [0, 0],
    [REST_S, 0],
  ];
  const risen: Corners = [...start, [up, top]];
  if (happen === 'lets go') return gone({ start, top, up, held, middle }, atN);
  if (happen === 'released early') return [...risen, ...down(top, middle)];
  if (happen === 'slips')
    return [
      ...risen,
      [middle, top],
      [middle + 0.05, top * 0.78],
      [middle + 1.5, top],
      ...down(top, held + 3),
    ];
  if (happen === 'dips')
    return [...risen, [middle, top], [middle + 1, top * 0.8], [middle + 2, top], ...down(top, held + 3)];
  return [...risen, ...down(top, held)];
}

/** A straight line between corners; the last one for ever after. */
function between(corners: Corners, t: number): number {
  const k = corners.findIndex(([at]) => at >= t);
  if (k < 0) return corners[corners.length - 1][1];
  if (k === 0) return corners[0][1];
  const [[t0, n0], [t1, n1]] = [corners[k - 1], corners[k]];
  return t1 === t0 ? n1 : n0 + ((n1 - n0) * (t - t0)) / (t1 - t0);
}

/** Noise of a cheap instrument, even about nought, the same for the same moment. */
const noise = (ms: number): number => Math.sin(ms * 12.9898) * 0.6 + Math.sin(ms * 0.731) * 0.4;

/** One instrument with what lies or pulls on it. */
export class Rig {
  private happen: Happening | null = null;
  private run: Run | null = null;
  private zero = 0;
  private corners: Corners = [[0, 0]];

  begin(happen: Happening, run: Run): void {
    if (happen === 'tare') {
      this.zero = 0;
      this.happen = null;
      this.run = null;
      this.corners = [[0, 0]];
      return;
    }
    this.zero = happen === 'not tared' ? 6 : 0;
    this.happen = happen;
    this.run = run;
    this.corners = loadOf(happen, run);
  }

  /** A small target is a torque: the same gauge on a lever. */
  private isTorque = (): boolean => (this.run?.target ?? 90) < 5;

  unit(id: InstrumentId): 'N' | 'N·m' | 'g' {
    if (id === 'scale') return 'g';
    return this.isTorque() ? 'N·m' : 'N';
  }

  /** What it shows: N of the gauge to a tenth, g of the scale to one. */
  read(id: InstrumentId, now: number): number {
    if (id === 'scale') {
      const grams = this.happen === 'weigh' ? (this.run?.grams ?? 0) : 0;
      return Math.round(grams + noise(now) * 0.4);
    }
    const t = this.run ? (now - this.run.at) / 1000 : 0;
    const load = between(this.corners, t);
    if (this.isTorque()) return Math.round((load + noise(now) * 0.002) * 1000) / 1000;
    const drift = this.happen === 'drifts' ? Math.min(8, t * 0.5) : 0;
    return Math.round((load + this.zero + drift + noise(now) * 0.5) * 10) / 10;
  }

  private isBetween(now: number, from: number, to: number): boolean {
    const t = this.run ? (now - this.run.at) / 1000 : -1;
    return t >= from && t <= to;
  }

  /** Nothing is sent for a second while it is held. */
  isCut(now: number): boolean {
    const middle = (this.run?.riseS ?? 5) + 3;
    return this.happen === 'cut out' && this.isBetween(now, middle, middle + 1);
  }

  /** The connection breaks while it is held. */
  breaks(now: number): boolean {
    const middle = (this.run?.riseS ?? 5) + 3;
    return this.happen === 'breaks off' && this.isBetween(now, middle, middle + 0.5);
  }
}
