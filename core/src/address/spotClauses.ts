import { numberSaid } from '../notation';
import { postsAt } from './pairClauses';
import { senseOfRing } from './sense';
import { placeWords as say } from '../words';
import { wrapped, type AlongSchool, type PlaceContext, middlePlace } from './said';
import { type Along, type Fault, AND, N, STITCHES, TH, clause, type Clause } from './clauseParts';

export function place(
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

/** A hole by the stitches on both sides of it. */
export function holeBetween(a: number, b: number): Along[] | Fault {
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

/** What can be said of one place along its round, longest first. */
export const SPOT_CLAUSES: readonly Clause[] = [
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
