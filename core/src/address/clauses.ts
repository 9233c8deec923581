import { lies, senseOfRing } from './sense';
import { distance, type PartForm } from '../form';
import { numberSaid, NUMBERS, ORDINALS } from '../notation';
import { placeWords as say } from '../words';
import { pointOf, polarOf } from './position';
import {
  centredPair,
  degreesApart,
  marksOf,
  middlePlace,
  wrapped,
  type AlongSchool,
  type PlaceContext,
  type RoundSchool,
  type Said,
} from './said';
import { surfaceDistance } from './surfaceDistance';

const N = `(\\d{1,4}|${NUMBERS.join('|')})`;
const TH = `(\\d{1,4}(?:st|nd|rd|th)|${ORDINALS.join('|')}|last)`;
const REAL = '(\\d{1,4}(?:[.,]\\d{1,2})?)';
const ROUND = '(?:rounds?|rnds?|rows?|r)\\.?\\s*';
const BETWEEN = '(?:in\\s+)?(?:between|betw\\.?|btwn|btw)';
const STITCHES = '(?:stitch(?:es)?|sts?)\\.?';
const AND = '\\s*(?:and|&|\\+|·|-|–|/|to)\\s*';
const MANNER = '(straight(?:\\s+across)?|along\\s+the\\s+(?:fabric|surface|curve|round)|on\\s+the\\s+curve)';
const EDGE =
  '(?:the\\s+)?(finished\\s+|open\\s+|last\\s+|neck\\s+|bottom\\s+)?(?:end|edge|opening)(\\s+(?:at|of)\\s+(?:the|that)\\s+pause|\\s+when\\s+finished)?';

/** A round that words may mean. */
export interface Where {
  round: number;
  /** null where the words leave it to the stitch */
  at: 'hole' | 'middle' | null;
  school: RoundSchool;
}
/** What words say along a round. */
export interface Along {
  school: AlongSchool;
  /** what it is on a given round, or why not */
  on: (context: PlaceContext, round: number, at: 'hole' | 'middle') => Said | string;
  /** which kind of place the words name by themselves */
  at: 'hole' | 'middle' | null;
}
export type Fault = { fault: string };
/** A piece of a phrase and what it says: of the round, or along it. */
export interface Clause {
  pattern: RegExp;
  where?: (m: RegExpExecArray, context: PlaceContext) => Where[] | Fault;
  along?: (m: RegExpExecArray, context: PlaceContext) => Along[] | Fault;
}

const real = (said: string): number => Number(said.replace(',', '.'));
const clause = (source: string): RegExp => new RegExp(`^${source}(?![\\p{L}\\p{N}])`, 'u');

/** The index of a round by its number; a fault when there is none. */
function roundAt(form: PartForm, number: number): number | Fault {
  const index = form.rounds.findIndex((r) => r.number === number);
  return index >= 0
    ? index
    : { fault: say.noSuchRound(number, form.rounds[form.rounds.length - 1]?.number ?? 0) };
}

function where(form: PartForm, number: number, at: Where['at'], school: RoundSchool): Where[] | Fault {
  const round = roundAt(form, number);
  // A hole at the base of the first round would lie in the ring itself.
  if (typeof round === 'number' && at === 'hole' && round === 0)
    return { fault: say.noSuchRound(number - 1, form.rounds[form.rounds.length - 1].number) };
  return typeof round === 'number' ? [{ round, at, school }] : round;
}

const betweenRounds = (form: PartForm, a: number, b: number, school: RoundSchool): Where[] | Fault =>
  Math.abs(a - b) === 1 ? where(form, Math.max(a, b), 'hole', school) : { fault: say.notNeighbours(a, b) };

/** Rounds counted from an edge: the finished one, the one at the pause, or both where the words leave it open (decision 23). */
function fromEdge(
  context: PlaceContext,
  said: string | undefined,
  which: string | undefined,
  number: (last: number) => number,
  at: Where['at'],
): Where[] | Fault {
  const { form } = context;
  const finished = /finished/.test(said ?? '') || /finished/.test(which ?? '');
  const paused = /pause/.test(which ?? '');
  const lastNumber = form.rounds[form.rounds.length - 1]?.number ?? 0;
  const all = [
    ...(finished ? [] : [atThePause(context, number, at)]),
    ...(paused ? [] : [where(form, number(lastNumber), at, 'from-finished-edge')]),
  ];
  const good = all.filter((w): w is Where[] => Array.isArray(w)).flat();
  return good.length ? good : (all[0] as Fault);
}

/** The round that lies so far from the edge at the pause that posts on it get; a later pause moves that edge. */
function atThePause(
  { form, faceAt }: PlaceContext,
  number: (last: number) => number,
  at: Where['at'],
): Where[] | Fault {
  const edge = (round: number) => form.rounds[faceAt(round).pause]?.number ?? 0;
  const round = form.rounds.findIndex((r, i) => number(edge(i)) === r.number);
  const nearest = form.rounds[round]?.number ?? number(edge(0));
  return where(form, nearest, at, 'from-pause-edge');
}

/** Rounds from the top or the bottom of the finished toy: the ring or the edges, whichever is there in the part's pose. */
function fromPole(context: PlaceContext, n: number, top: boolean): Where[] | Fault {
  const ringUp = senseOfRing(context.form, context.ringIs).roundsUp < 0;
  return top === ringUp
    ? where(context.form, n + 1, 'hole', 'from-ring')
    : fromEdge(context, undefined, undefined, (last) => last - n + 1, 'hole');
}

/** Rounds before or after a ridge, a colour step or a feature. "Above" and "below" are those of the finished toy; "after" and "before" those of working. */
function fromMark(context: PlaceContext, said: string, way: string, number: number): Where[] | Fault {
  const { form } = context;
  const mark = /ridge/.test(said) ? 'ridge' : /colou?r/.test(said) ? 'colour step' : null;
  const ringUp = senseOfRing(context.form, context.ringIs).roundsUp < 0;
  const later =
    way === 'after' ||
    (way === 'above' && !ringUp) ||
    (way === 'below' && ringUp) ||
    (way === 'under' && ringUp);
  if (mark) {
    const marks = marksOf(form, mark);
    if (!marks.length) return { fault: say.noMark(mark) };
    const school = mark === 'ridge' ? 'after-ridge' : 'after-colour-step';
    const all = marks.map((m) =>
      where(form, form.rounds[m].number + (later ? number - 1 : -number), 'middle', school),
    );
    const good = all.filter((w): w is Where[] => Array.isArray(w)).flat();
    return good.length ? good : (all[0] as Fault);
  }
  const feature = context.features.find((f) => said.includes(f.name));
  if (!feature) return { fault: say.noFeature(said) };
  return where(form, form.rounds[feature.round].number + (later ? number : -number), 'hole', 'by-feature');
}

function pair(school: AlongSchool, on: (at: 'hole' | 'middle') => number, at: Along['at'] = null): Along {
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

function place(
  school: AlongSchool,
  at: Along['at'],
  index: (context: PlaceContext, round: number, at: 'hole' | 'middle') => number,
  bounded: boolean,
): Along {
  return {
    school,
    at,
    on: (context, round, kind) => {
      const { count: n, label } = context.form.fabric.rounds[round];
      const i = index(context, round, kind);
      if (bounded && (i < (kind === 'hole' ? 0 : 1) || i > n)) return say.noSuchStitch(i, label, n);
      return { what: 'place', round, at: kind, index: wrapped(kind, i, n) };
    },
  };
}

/** The pair whose posts come nearest to a distance in mm. */
function pairByMm(school: 'mm-straight' | 'mm-along', mm: number): Along {
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
function onByDegrees(context: PlaceContext, round: number, at: 'hole' | 'middle', degrees: number): number {
  const { count: n } = context.form.fabric.rounds[round];
  if (!lies(context.faceAt(round).own)) return Math.max(1, Math.round((degrees / 360) * n));
  const off = (on: number) => Math.abs(degreesApart(context, centredPair(context, round, at, on)) - degrees);
  let best = 1;
  for (let on = 2; on <= n / 2; on++) if (off(on) < off(best)) best = on;
  return best;
}

const stitchesApart = (n: number): Along[] => [
  pair('stitches-between', (at) => (at === 'hole' ? n : n + 1)),
  pair('stitches-on', (at) => (at === 'hole' ? n - 1 : n)),
];
const holesApart = (n: number): Along[] => [
  pair('holes-on', () => n),
  pair('holes-showing', () => n + 1),
  pair('holes-counting-both', () => n - 1),
];

/** A hole by the stitches on both sides of it. */
function holeBetween(a: number, b: number): Along[] | Fault {
  const said = (index: number): Along => ({
    school: 'from-start',
    at: 'hole',
    on: (_, round) => ({ what: 'place', round, at: 'hole', index }),
  });
  if (b === a + 1) return [place('from-start', 'hole', () => a, true)];
  if (a === b + 1) return [place('from-start', 'hole', () => b, true)];
  // Across the start of the round: the last stitch and the first.
  if (Math.min(a, b) === 1)
    return [
      {
        ...said(0),
        on: (context, round) =>
          context.form.fabric.rounds[round].count === Math.max(a, b)
            ? { what: 'place', round, at: 'hole', index: 0 }
            : say.stitchesNotNeighbours(a, b),
      },
    ];
  return { fault: say.stitchesNotNeighbours(a, b) };
}

const unitMm = (unit: string): number => (unit === 'cm' ? 10 : unit === 'mm' ? 1 : 25.4);

/** What can be said, longest first. Each takes a piece from the front of what is left. */
export const CLAUSES: readonly Clause[] = [
  // R13·14 | 18·19 and 25·26
  {
    pattern: clause(`r\\s*(\\d+)\\s*·\\s*(\\d+)(?:\\s*\\|)?`),
    where: (m, { form }) => betweenRounds(form, Number(m[1]), Number(m[2]), 'tag'),
  },
  {
    pattern: clause(`(\\d+)\\s*·\\s*(\\d+)\\s*(?:and|&|\\+)\\s*(\\d+)\\s*·\\s*(\\d+)`),
    along: (m) => postsAt([Number(m[1]), Number(m[2])], [Number(m[3]), Number(m[4])]),
  },
  {
    pattern: clause(`(?:(?:hole|gap|holes)\\s+)?(\\d+)\\s*·\\s*(\\d+)`),
    along: (m) => holeBetween(Number(m[1]), Number(m[2])),
  },
  {
    pattern: clause(`${BETWEEN}\\s+${ROUND}(\\d+)${AND}(?:${ROUND})?(\\d+)`),
    where: (m, { form }) => betweenRounds(form, Number(m[1]), Number(m[2]), 'between-rounds'),
  },
  // Two neighbours without a word between them: "rounds 10-11".
  {
    pattern: clause(
      `(?:(?:on|in|at)\\s+)?(?:rounds|rnds|rows|r)\\.?\\s*(\\d+)\\s*(?:and|&|-|–|/)\\s*(?:${ROUND})?(\\d+)`,
    ),
    where: (m, { form }) => betweenRounds(form, Number(m[1]), Number(m[2]), 'between-rounds'),
  },
  {
    pattern: clause(
      `${N}\\s+(?:rounds?|rnds?|rows?)\\s+(?:(?:down|up)\\s+)?from\\s+the\\s+(top|bottom)(?!\\s+(?:end|edge|opening))`,
    ),
    where: (m, context) => fromPole(context, numberSaid(m[1]), m[2] === 'top'),
  },
  {
    pattern: clause(
      `between\\s+(?:the\\s+)?${TH}${AND}(?:the\\s+)?${TH}\\s+(?:rounds?|rnds?)\\s+(?:(?:up\\s+)?from|before|above|below)\\s+${EDGE}`,
    ),
    where: (m, context) =>
      Math.abs(numberSaid(m[1]) - numberSaid(m[2])) === 1
        ? fromEdge(
            context,
            m[3],
            m[4],
            (last) => last - Math.min(numberSaid(m[1]), numberSaid(m[2])) + 1,
            'hole',
          )
        : { fault: say.notNeighbours(numberSaid(m[1]), numberSaid(m[2])) },
  },
  {
    pattern: clause(
      `between\\s+(?:the\\s+)?${TH}${AND}(?:the\\s+)?${TH}\\s+(?:rounds?|rnds?)(?:\\s+(?:down\\s+)?from\\s+the\\s+(?:ring|start|beginning))?`,
    ),
    where: (m, { form }) => betweenRounds(form, numberSaid(m[1]), numberSaid(m[2]), 'from-ring'),
  },
  {
    pattern: clause(
      `${N}\\s+(?:rounds?|rnds?)\\s+(?:(?:down|below|away|up)\\s*)?(?:from|below|under)?\\s*the\\s+(?:ring|start|beginning|crown|nose|chin|tip)`,
    ),
    where: (m, { form }) => where(form, numberSaid(m[1]) + 1, 'hole', 'from-ring'),
  },
  {
    pattern: clause(`${N}\\s+(?:rounds?|rnds?)\\s+down`),
    where: (m, { form }) => where(form, numberSaid(m[1]) + 1, 'hole', 'from-ring'),
  },
  {
    pattern: clause(
      `(?:in|on|through)\\s+(?:the\\s+)?${TH}\\s+(?:round|rnd)\\s+(?:(?:up\\s+)?from|before)\\s+${EDGE}`,
    ),
    where: (m, context) => fromEdge(context, m[2], m[3], (last) => last - numberSaid(m[1]) + 1, 'middle'),
  },
  {
    pattern: clause(
      `(?:in|on|through)\\s+(?:the\\s+)?${TH}\\s+(?:round|rnd)\\s+(after|above|below|under|before)\\s+the\\s+(ridge|colou?r\\s+(?:step|change)|[a-z]+)`,
    ),
    where: (m, context) => fromMark(context, m[3], m[2], numberSaid(m[1])),
  },
  {
    pattern: clause(
      `(?:in|on|through)\\s+(?:the\\s+)?${TH}\\s+(?:round|rnd)(?:\\s+(?:down\\s+)?from\\s+the\\s+(?:ring|start|beginning))?`,
    ),
    where: (m, { form }) => where(form, numberSaid(m[1]), 'middle', 'from-ring'),
  },
  {
    pattern: clause(`${N}\\s+(?:rounds?|rnds?)\\s+(?:up\\s+|in\\s+|back\\s+)?(?:from|before)\\s+${EDGE}`),
    where: (m, context) => fromEdge(context, m[2], m[3], (last) => last - numberSaid(m[1]) + 1, 'hole'),
  },
  {
    pattern: clause(`${N}\\s+(?:rounds?|rnds?)\\s+(above|below|under|after|before)\\s+the\\s+([a-z]+)`),
    where: (m, context) => fromMark(context, m[3], m[2], numberSaid(m[1])),
  },
  {
    pattern: clause(`(?:level\\s+with|at\\s+the\\s+height\\s+of)\\s+the\\s+([a-z]+)`),
    where: (m, context) => fromMark(context, m[1], 'after', 0),
  },
  {
    pattern: clause(`(?:in|on|of|at|along|through)\\s+${ROUND}(\\d+)`),
    where: (m, { form }) => where(form, Number(m[1]), null, 'between-rounds'),
  },
  {
    pattern: clause(`(?:rounds?|rnds?|rows?|r)\\.?\\s*(\\d+)(?:\\s*\\|)?`),
    where: (m, { form }) => where(form, Number(m[1]), null, 'between-rounds'),
  },
  // along the round: pairs
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
  // along the round: one place
  {
    pattern: clause(`between\\s+(?:${STITCHES}\\s+)(\\d+)${AND}(?:${STITCHES}\\s*)?(\\d+)`),
    along: (m) => holeBetween(Number(m[1]), Number(m[2])),
  },
  {
    pattern: clause(`between\\s+(?:the\\s+)?${TH}${AND}(?:the\\s+)?${TH}\\s+${STITCHES}`),
    along: (m) => holeBetween(numberSaid(m[1]), numberSaid(m[2])),
  },
  {
    pattern: clause(`${N}\\s+holes?\\s+before\\s+the\\s+end(?:\\s+of\\s+the\\s+round)?`),
    along: (m) => [
      place(
        'from-end',
        'hole',
        ({ form }, round) => form.fabric.rounds[round].count - numberSaid(m[1]),
        true,
      ),
    ],
  },
  {
    pattern: clause(
      `(?:in|through)?\\s*(?:the\\s+)?${TH}\\s+(?:stitch|st)\\s+(?:from|before)\\s+the\\s+end(?:\\s+of\\s+the\\s+round)?`,
    ),
    along: (m) => [
      place(
        'from-end',
        'middle',
        ({ form }, round) => form.fabric.rounds[round].count - numberSaid(m[1]) + 1,
        true,
      ),
    ],
  },
  {
    pattern: clause(
      `${N}\\s+(holes?|stitch(?:es)?|sts?|places?)\\s+to\\s+(?:the\\s+)?(?:toy[’']s\\s+)?(?:own\\s+)?(left|right)\\s+of\\s+the\\s+(?:middle|centre|center|face)(?:\\s+of\\s+the\\s+face)?`,
    ),
    along: (m) => {
      const at = m[2].startsWith('hole') ? 'hole' : m[2].startsWith('st') ? 'middle' : null;
      return [
        place(
          'from-middle',
          at,
          (context, round, kind) =>
            middlePlace(context, round, kind) +
            (m[3] === 'left' ? 1 : -1) *
              senseOfRing(context.form, context.ringIs).growsLeft *
              numberSaid(m[1]),
          false,
        ),
      ];
    },
  },
  {
    pattern: clause(`(?:in|on|at)\\s+the\\s+(?:middle|centre|center)(?:\\s+of\\s+the\\s+face)?`),
    along: () => [
      place('from-middle', null, (context, round, kind) => middlePlace(context, round, kind), false),
    ],
  },
  {
    pattern: clause(`opposite\\s+the\\s+(?:marker|start|seam)`),
    along: () => [
      place('from-middle', null, (context, round, kind) => middlePlace(context, round, kind), false),
    ],
  },
  {
    pattern: clause(
      `(?:in|through)?\\s*(?:the\\s+)?${TH}\\s+(stitch|st|hole)(?:\\s+(?:from|after)\\s+the\\s+(?:start|marker|beginning)(?:\\s+of\\s+the\\s+round)?)?`,
    ),
    along: (m) => [place('from-start', m[2] === 'hole' ? 'hole' : 'middle', () => numberSaid(m[1]), true)],
  },
  {
    pattern: clause(`(?:in|through|on)?\\s*(?:the\\s+middle\\s+of\\s+)?(?:stitch|st)\\.?\\s*(\\d+)`),
    along: (m) => [place('from-start', 'middle', () => Number(m[1]), true)],
  },
  { pattern: clause(`(\\d+)\\s+and\\s+(\\d+)`), along: (m) => postsAt([Number(m[1])], [Number(m[2])]) },
  { pattern: clause(`(\\d+)`), along: (m) => [place('tag', 'middle', () => Number(m[1]), true)] },
];

/** Two posts by their own holes (two numbers each) or middles (one each), as on a tag. */
function postsAt(a: number[], b: number[]): Along[] | Fault {
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
function eachSide(k: number, what: string, middle: string | undefined): Along[] {
  const at = what === 'hole' ? 'hole' : what === 'stitch' ? 'middle' : null;
  const on = (own: boolean) => (own ? 2 * k : 2 * k - 1);
  // A middle of the posts' own kind is not counted, so the k-th on each side are 2 k on; else 2 k - 1.
  if (!middle) return [pair('each-side', () => on(false), at), pair('each-side', () => on(true), at)];
  return [pair('each-side', (kind) => on((middle === 'hole') === (kind === 'hole')), at)];
}
