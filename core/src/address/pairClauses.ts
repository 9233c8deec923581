import { numberSaid } from '../notation';
import { lies } from './sense';
import { distance } from '../form';
import { placeWords as say } from '../words';
import { pointOf, polarOf } from './position';
import { centredPair, degreesApart, type AlongSchool, type PlaceContext } from './said';
import { surfaceDistance } from './surfaceDistance';
import {
  type Along,
  type Fault,
  MANNER,
  N,
  REAL,
  STITCHES,
  TH,
  clause,
  real,
  type Clause,
} from './clauseParts';

export function pair(
  school: AlongSchool,
  on: (at: 'hole' | 'middle') => number,
  at: Along['at'] = null,
): Along {
  return {
    school,
    at,
    on: (context, round, kind) => {
      const k = on(kind);
      const { count: n, label } = context.form.fabric.rounds[round];
      if (k < 1) return say.oneHole;
      // Further than half round, the posts are nearer the other way.
      return k <= n / 2 ? centredPair(context, round, kind, k) : say.tooWide(k, label, n);
    },
  };
}

/** The pair whose posts come nearest to a distance in mm. */
export function pairByMm(school: 'mm-straight' | 'mm-along', mm: number): Along {
  return {
    school,
    at: null,
    on: (context, round, at) => {
      const { form } = context;
      const { count: n, label } = form.fabric.rounds[round];
      const long = (on: number): number => {
        const { low, high } = centredPair(context, round, at, on);
        const [a, b] = [polarOf(form, round, low, at), polarOf(form, round, high, at)];
        return school === 'mm-straight'
          ? distance(pointOf(form, a), pointOf(form, b))
          : surfaceDistance(form, a, b);
      };
      // Up to half the round the distance grows with every stitch.
      let [from, to] = [1, Math.max(1, Math.floor(n / 2))];
      while (to - from > 1) {
        const half = (from + to) >> 1;
        if (long(half) < mm) from = half;
        else to = half;
      }
      const on = Math.abs(long(from) - mm) <= Math.abs(long(to) - mm) ? from : to;
      return Math.abs(long(on) - mm) <= Math.max(form.gauge.stitchMm, 0.12 * mm)
        ? centredPair(context, round, at, on)
        : say.tooWide(mm, label, n);
    },
  };
}

/** How many on come nearest to an angle as seen from above. */
export function onByDegrees(
  context: PlaceContext,
  round: number,
  at: 'hole' | 'middle',
  degrees: number,
): number {
  const { count: n } = context.form.fabric.rounds[round];
  if (!lies(context.faceAt(round).own)) return Math.max(1, Math.round((degrees / 360) * n));
  const off = (on: number) => Math.abs(degreesApart(context, centredPair(context, round, at, on)) - degrees);
  let best = 1;
  for (let on = 2; on <= n / 2; on++) if (off(on) < off(best)) best = on;
  return best;
}

export const stitchesApart = (n: number): Along[] => [
  pair('stitches-between', (at) => (at === 'hole' ? n : n + 1)),
  pair('stitches-on', (at) => (at === 'hole' ? n - 1 : n)),
];

export const holesApart = (n: number): Along[] => [
  pair('holes-on', () => n),
  pair('holes-showing', () => n + 1),
  pair('holes-counting-both', () => n - 1),
];

export const unitMm = (unit: string): number => (unit === 'cm' ? 10 : unit === 'mm' ? 1 : 25.4);

/** Two posts by their own holes (two numbers each) or middles (one each), as on a tag. */
export function postsAt(a: number[], b: number[]): Along[] | Fault {
  const hole = a.length === 2;
  for (const post of [a, b])
    if (hole && post[1] !== post[0] + 1 && post[1] !== 1)
      return { fault: say.stitchesNotNeighbours(post[0], post[1]) };
  return [
    {
      school: 'tag',
      at: hole ? 'hole' : 'middle',
      on: (context, round, at) => {
        const { count: n, label } = context.form.fabric.rounds[round];
        const coord = (post: number[]) => (hole ? post[0] % n : post[0] - 0.5);
        for (const post of [a, b]) if (post[0] < 1 || post[0] > n) return say.noSuchStitch(post[0], label, n);
        const [low, high] = [coord(a), coord(b)];
        // A pair that straddles the start of the round goes on into the next turn.
        const on = (((high - low) % n) + n) % n;
        return { what: 'pair', round, at, on, low, high: low + on };
      },
    },
  ];
}

/** The k-th hole or stitch on each side of the middle: the middle itself is a hole or a stitch. */
export function eachSide(k: number, what: string, middle: string | undefined): Along[] {
  const at = what === 'hole' ? 'hole' : what === 'stitch' ? 'middle' : null;
  const on = (own: boolean) => (own ? 2 * k : 2 * k - 1);
  // A middle of the posts' own kind is not counted, so the k-th on each side are 2 k on; else 2 k - 1.
  if (!middle) return [pair('each-side', () => on(false), at), pair('each-side', () => on(true), at)];
  return [pair('each-side', (kind) => on((middle === 'hole') === (kind === 'hole')), at)];
}

/** What can be said of a pair along its round, longest first. */
export const PAIR_CLAUSES: readonly Clause[] = [
  {
    // "6-7 stitches apart" leaves the count to the maker; a half stitch is none.
    pattern: clause(
      `(?:with\\s+)?${N}\\s*(?:-|–|to|or)\\s*${N}\\s*(?:(?:empty|visible|free)\\s+)?(?:holes?|${STITCHES})?\\s*(?:in\\s+between|between|apart|showing|on)`,
    ),
    along: (m) => ({ fault: say.oneOfTwo(numberSaid(m[1]), numberSaid(m[2])) }),
  },
  {
    pattern: clause(
      `(?:with\\s+)?${N}\\s+(?:empty\\s+)?holes?\\s+(?:showing|free|empty|left|visible|in\\s+between|between)(?:\\s+(?:between|in\\s+between))?(?:\\s+(?:them|the\\s+posts|the\\s+eyes))?`,
    ),
    along: (m) => [pair('holes-showing', (at) => (at === 'hole' ? numberSaid(m[1]) + 1 : numberSaid(m[1])))],
  },
  {
    pattern: clause(
      `${N}\\s+holes?,?\\s+(?:counting|with|including)\\s+both(?:\\s+(?:posts|eyes|ends|post\\s+holes))?(?:\\s+apart)?`,
    ),
    along: (m) => [pair('holes-counting-both', () => numberSaid(m[1]) - 1, 'hole')],
  },
  {
    pattern: clause(`${N}\\s+holes?\\s+on`),
    along: (m) => [pair('holes-on', () => numberSaid(m[1]), 'hole')],
  },
  { pattern: clause(`${N}\\s+holes?\\s+apart`), along: (m) => holesApart(numberSaid(m[1])) },
  {
    pattern: clause(
      `(?:with\\s+)?${N}\\s+(?:visible\\s+)?${STITCHES}\\s*(?:in\\s+between|between|showing)(?:\\s+(?:them|the\\s+posts|the\\s+eyes))?`,
    ),
    along: (m) => [
      pair('stitches-between', (at) => (at === 'hole' ? numberSaid(m[1]) : numberSaid(m[1]) + 1)),
    ],
  },
  {
    pattern: clause(`${N}\\s+${STITCHES}\\s*on`),
    along: (m) => [pair('stitches-on', () => numberSaid(m[1]), 'middle')],
  },
  { pattern: clause(`${N}\\s+${STITCHES}\\s*apart`), along: (m) => stitchesApart(numberSaid(m[1])) },
  {
    pattern: clause(`${REAL}\\s*(mm|cm|in|inch|inches|")(?:\\s+apart,?)?\\s+${MANNER}`),
    along: (m) => [
      pairByMm(m[3].startsWith('straight') ? 'mm-straight' : 'mm-along', real(m[1]) * unitMm(m[2])),
    ],
  },
  {
    pattern: clause(`${REAL}\\s*(mm|cm|in|inch|inches|")\\s+apart`),
    along: (m) => [
      pairByMm('mm-straight', real(m[1]) * unitMm(m[2])),
      pairByMm('mm-along', real(m[1]) * unitMm(m[2])),
    ],
  },
  {
    pattern: clause(`${REAL}\\s*(?:°|degrees?)\\s*(?:apart)?(?:\\s+as\\s+seen\\s+from\\s+above)?`),
    along: (m) => [
      {
        school: 'degrees',
        at: null,
        on: (context, round, at) =>
          pair('degrees', () => onByDegrees(context, round, at, real(m[1]))).on(context, round, at),
      },
    ],
  },
  {
    pattern: clause(
      `(?:in\\s+|through\\s+)?(?:the\\s+)?${TH}\\s+(hole|stitch|place)\\s+(?:to|on|from)?\\s*(?:each|either|both)\\s+sides?\\s+of\\s+(?:the\\s+)?(?:middle|centre|center)(?:\\s+(hole|stitch))?`,
    ),
    along: (m) => eachSide(numberSaid(m[1]), m[2], m[3]),
  },
  {
    pattern: clause(
      `${N}\\s+(holes?|${STITCHES})\\s+(?:to|on)?\\s*(?:each|either|both)\\s+sides?\\s+of\\s+(?:the\\s+)?(?:middle|centre|center|face)`,
    ),
    along: (m) => [
      pair('each-side', () => 2 * numberSaid(m[1])),
      pair('each-side', () => 2 * numberSaid(m[1]) + 1),
    ],
  },
  {
    pattern: clause(`${N}\\s+apart`),
    along: (m) => [...stitchesApart(numberSaid(m[1])), ...holesApart(numberSaid(m[1]))],
  },
  {
    pattern: clause(`${N}\\s+(?:between|in\\s+between)`),
    along: (m) => [
      pair('stitches-between', (at) => (at === 'hole' ? numberSaid(m[1]) : numberSaid(m[1]) + 1)),
    ],
  },
];
