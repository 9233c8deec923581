import type { RingInput, Rings } from '../rings';

const W = 5;
const H = 4.5;
const FLAT = (6 * W) / (2 * Math.PI);

/** One quantity of the house's test table (geometry, section 4): its ideal and how far it may be off, in its own unit. */
export interface Row {
  id: string;
  what: string;
  input: RingInput;
  quantity: (rings: Pick<Rings, 'r' | 'z'>) => number;
  ideal: number;
  /** least and most of got minus ideal */
  off: readonly [number, number];
}

const percent = (ideal: number, low: number, high = low): readonly [number, number] => [
  (-low * ideal) / 100,
  (high * ideal) / 100,
];
const input = (counts: number[], more: Partial<RingInput> = {}, h = H): RingInput => ({
  counts,
  heightsMm: counts.map(() => h),
  stitchMm: W,
  roundMm: h,
  startRadiusMm: 0,
  closed: false,
  stretch: 0,
  ...more,
});
const widest = ({ r }: Pick<Rings, 'r' | 'z'>): number => Math.max(...r);

/** Volume by thin slices, mm3: a second, plainer way than the frusta of the form. */
export function slicedVolume({ r, z }: Pick<Rings, 'r' | 'z'>): number {
  let volume = 0;
  for (let i = 1; i < r.length; i++) {
    const SLICES = 40;
    for (let k = 0; k < SLICES; k++)
      volume +=
        Math.PI * (r[i - 1] + ((r[i] - r[i - 1]) * (k + 0.5)) / SLICES) ** 2 * ((z[i] - z[i - 1]) / SLICES);
  }
  return volume;
}

/** Side area by thin slices, mm2. */
const slicedArea = ({ r, z }: Pick<Rings, 'r' | 'z'>): number =>
  Array.from(r).reduce(
    (sum, _, i) =>
      i ? sum + 2 * Math.PI * ((r[i] + r[i - 1]) / 2) * Math.hypot(r[i] - r[i - 1], z[i] - z[i - 1]) : 0,
    0,
  );

/** The counts of a ball of radius R. */
export function ballCounts(R: number): number[] {
  const n = Math.round((Math.PI * R) / H);
  return Array.from({ length: n - 1 }, (_, i) =>
    Math.max(3, Math.round((2 * Math.PI * R * Math.sin((Math.PI * (i + 1)) / n)) / W)),
  );
}

const discs = [6, 12].flatMap((n): Row[] => {
  const disc = input(
    Array.from({ length: n }, (_, i) => 6 * (i + 1)),
    {},
    FLAT,
  );
  const radius = n === 6 ? 28.65 : 57.3;
  return [
    {
      id: `DISC ${n}`,
      what: 'last radius mm',
      input: disc,
      quantity: ({ r }) => r[n],
      ideal: radius,
      off: percent(radius, 1),
    },
    {
      id: `DISC ${n}`,
      what: 'z range mm',
      input: disc,
      quantity: ({ z }) => Math.max(...z) - Math.min(...z),
      ideal: 0,
      off: [0, 0.02 * W],
    },
    {
      id: `DISC ${n}`,
      what: 'area mm2',
      input: disc,
      quantity: slicedArea,
      ideal: Math.PI * radius ** 2,
      off: percent(Math.PI * radius ** 2, 4),
    },
  ];
});

const tubes = (
  [
    [12, 1],
    [24, 0.5],
    [48, 0.5],
  ] as const
).flatMap(([n, tolerance]): Row[] => {
  const tube = input(
    Array.from({ length: 20 }, () => n),
    { startRadiusMm: null },
  );
  const radius = (n * W) / (2 * Math.PI);
  return [
    {
      id: `TUBE ${n}`,
      what: 'middle radius mm',
      input: tube,
      quantity: ({ r }) => r[10],
      ideal: radius,
      off: percent(radius, tolerance),
    },
    {
      id: `TUBE ${n}`,
      what: '10 rounds mm',
      input: tube,
      quantity: ({ z }) => z[15] - z[5],
      ideal: 45,
      off: percent(45, 1),
    },
    {
      id: `TUBE ${n}`,
      what: 'opening mm',
      input: tube,
      quantity: ({ r }) => 2 * r[20],
      ideal: 2 * radius,
      off: percent(2 * radius, 1),
    },
  ];
});

const balls = [20, 30, 60].flatMap((R): Row[] => {
  const at = (stretch: number) => input(ballCounts(R), { closed: true, stretch });
  const volume = (4 / 3) * Math.PI * R ** 3;
  return [
    {
      id: `SPHERE ${R}`,
      what: 'radius at 0.01',
      input: at(0.01),
      quantity: widest,
      ideal: R,
      off: percent(R, 1, 2),
    },
    {
      id: `SPHERE ${R}`,
      what: 'volume at 0.01',
      input: at(0.01),
      quantity: slicedVolume,
      ideal: volume,
      off: percent(volume, 5),
    },
    {
      id: `SPHERE ${R}`,
      what: 'radius at 0.04',
      input: at(0.04),
      quantity: widest,
      ideal: R,
      off: percent(R, -2.5, 5.5),
    },
    { id: `SPHERE ${R}`, what: 'radius empty', input: at(0), quantity: widest, ideal: R, off: percent(R, 3) },
  ];
});

const cones = (
  [
    [2, 20.7],
    [3, 32],
    [4, 45],
  ] as const
).map(([k, degrees]): Row => ({
  id: `CONE ${k}`,
  what: 'half-angle degrees',
  input: input(Array.from({ length: 15 }, (_, i) => 6 + k * i)),
  quantity: ({ r, z }) => (Math.atan2(r[12] - r[6], z[12] - z[6]) * 180) / Math.PI,
  ideal: degrees,
  off: [-1, 1],
}));

const up = Array.from({ length: 30 }, (_, i) => 6 * (i + 1));
const bagInput = input(
  [...up, ...up.slice(0, 29).reverse()],
  { closed: true, stretch: 0.005, gathering: 0.002, bendStiffness: 0 },
  FLAT,
);
const bag: Row[] = [
  {
    id: 'BAG',
    what: 'radius mm',
    input: bagInput,
    quantity: widest,
    ideal: 0.7627 * 30 * FLAT,
    off: percent(0.7627 * 30 * FLAT, 2),
  },
  // The volume belongs to the radius that the bag came to.
  {
    id: 'BAG',
    what: 'volume / (2/3 pi a r2)',
    input: bagInput,
    quantity: (s) => slicedVolume(s) / ((2 / 3) * Math.PI * 30 * FLAT * widest(s) ** 2),
    ideal: 1,
    off: percent(1, 4),
  },
];

/** The rows that a ring model alone decides. */
export const TABLE: readonly Row[] = [...discs, ...tubes, ...balls, ...cones, ...bag];

/** Absurd parts too: 2,000 of them, the same each time. */
export function* wildParts(): Generator<RingInput> {
  let seed = 7;
  const random = () => (seed = (Math.imul(seed, 1103515245) + 12345) >>> 0) / 4294967296;
  for (let part = 0; part < 2000; part++) {
    const rounds = 1 + Math.floor(random() * 20);
    let n = 3 + Math.floor(random() * 10);
    yield input(
      Array.from(
        { length: rounds },
        () => (n = Math.max(1, Math.min(150, Math.round(n * (0.3 + random() * 1.9))))),
      ),
      { stretch: [0, 0.01, 0.03, 0.06][part % 4], closed: part % 3 > 0 },
    );
  }
}
