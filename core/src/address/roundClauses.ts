import { numberSaid } from '../notation';
import { senseOfRing } from './sense';
import { type PartForm } from '../form';
import { placeWords as say } from '../words';
import { marksOf, type PlaceContext, type RoundSchool } from './said';
import { type Where, type Fault, AND, BETWEEN, EDGE, N, ROUND, TH, clause, type Clause } from './clauseParts';

/** The index of a round by its number; a fault when there is none. */
function roundAt(form: PartForm, number: number): number | Fault {
  const index = form.rounds.findIndex((r) => r.number === number);
  return index >= 0
    ? index
    : { fault: say.noSuchRound(number, form.rounds[form.rounds.length - 1]?.number ?? 0) };
}

export function where(form: PartForm, number: number, at: Where['at'], school: RoundSchool): Where[] | Fault {
  const round = roundAt(form, number);
  // A hole at the base of the first round would lie in the ring itself.
  if (typeof round === 'number' && at === 'hole' && round === 0)
    return { fault: say.noSuchRound(number - 1, form.rounds[form.rounds.length - 1].number) };
  return typeof round === 'number' ? [{ round, at, school }] : round;
}

export const betweenRounds = (form: PartForm, a: number, b: number, school: RoundSchool): Where[] | Fault =>
  Math.abs(a - b) === 1 ? where(form, Math.max(a, b), 'hole', school) : { fault: say.notNeighbours(a, b) };

/** Rounds counted from an edge: the finished one, the one at the pause, or both where the words leave it open (decision 23). */
export function fromEdge(
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
export function fromPole(context: PlaceContext, n: number, top: boolean): Where[] | Fault {
  const ringUp = senseOfRing(context.form, context.ringIs).roundsUp < 0;
  return top === ringUp
    ? where(context.form, n + 1, 'hole', 'from-ring')
    : fromEdge(context, undefined, undefined, (last) => last - n + 1, 'hole');
}

/** Rounds before or after a ridge, a colour step or a feature. "Above" and "below" are those of the finished toy; "after" and "before" those of working. */
export function fromMark(context: PlaceContext, said: string, way: string, number: number): Where[] | Fault {
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

/** What can be said of the round, longest first. */
export const ROUND_CLAUSES: readonly Clause[] = [
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
];
