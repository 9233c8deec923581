import { marksOf } from '../address';
import type { PartForm } from '../form';
import type { ToyModel } from '../model';
import { stitchRow } from './stitchRow';
import type { Tick } from './making';

/** What a maker can count on the piece in the hand; null for what is not counted. The loop on the hook, a join and the empty loops after an invisible decrease are no stitches. */
export interface Counted {
  /** only this part, or any */
  part: string | null;
  /** whole rounds from the start, or from the last round after a ridge: the one that is being worked is not counted */
  rounds: number | null;
  from: 'start' | 'ridge';
  /** stitches that are made since the marker */
  made: number | null;
  /** stitches of the round below that are still to be worked into up to the marker */
  left: number | null;
  /** stitches in the edge, all the way round: what is made of this round and what is left of the one below */
  edge: number | null;
  /** what the hook has made last */
  last: 'increase' | 'decrease' | 'one in one' | null;
}

/** One place where the piece can be: so many stitches of a round are made. */
export interface Situation {
  part: string;
  /** index of the round being worked; the part's number of rounds where all of them are made */
  round: number;
  made: number;
}

/** A place that fits what was counted; `off` names the one count that would have to be one more or one less, null where all fit as they are. */
export interface Answer extends Situation {
  off: { what: 'rounds' | 'made' | 'left' | 'edge'; by: 1 | -1 } | null;
}

const NUMBERS = ['rounds', 'made', 'left', 'edge'] as const;

/** What is seen on the piece in a situation, as it would be counted. */
interface Sight {
  start: number;
  ridge: number | null;
  made: number;
  left: number | null;
  edge: number;
  last: Counted['last'];
}

/** Every situation of a part with what is seen in it. */
function* sights(form: PartForm): Generator<{ round: number; made: number; sight: Sight }> {
  const { fabric } = form;
  const ridges = marksOf(form, 'ridge');
  // The round being worked may make a ridge itself: it is seen once there is a round above it.
  const overRidge = (round: number): number | null => {
    const ridge = ridges.findLast((r) => r < round);
    return ridge === undefined ? null : round - ridge;
  };
  for (let round = 0; round < fabric.rounds.length; round++) {
    const row = stitchRow(fabric, round);
    const whole = round === 0 ? 0 : fabric.rounds[round - 1].count;
    // Stitches that this round leaves unworked stand in the edge beside it to the end.
    const all = row.length > 0 && row[0].left !== null ? row[0].left + row[0].into : 0;
    for (let made = 0; made < row.length || (made === 0 && row.length === 0); made++) {
      const last = made > 0 ? row[made - 1] : null;
      const left = last ? last.left : all;
      yield {
        round,
        made,
        sight: {
          start: round,
          ridge: overRidge(round),
          made,
          left: round === 0 ? null : left,
          edge: made + (left ?? 0) + Math.max(0, whole - all),
          last: last && madeAs(last),
        },
      };
    }
  }
  const { length } = fabric.rounds;
  const end = length === 0 ? 0 : fabric.rounds[length - 1].count;
  yield {
    round: length,
    made: 0,
    sight: {
      start: length,
      ridge: overRidge(length),
      made: 0,
      left: end,
      edge: end,
      last: null,
    },
  };
}

const madeAs = ({ into, shares }: { into: number; shares: boolean }): Counted['last'] => {
  if (into > 1) return 'decrease';
  return shares ? 'increase' : 'one in one';
};

/** How far a sight is from what was counted: null where it does not fit at all, else the counts that are one off. */
function misses(sight: Sight, counted: Counted): Answer['off'][] | null {
  if (counted.last !== null && counted.last !== sight.last) return null;
  const offs: Answer['off'][] = [];
  for (const what of NUMBERS) {
    const said = counted[what];
    if (said === null) continue;
    const seen = what === 'rounds' ? sight[counted.from] : sight[what];
    if (seen === null) return null;
    const by = seen - said;
    if (by === 0) continue;
    if (by !== 1 && by !== -1) return null;
    offs.push({ what, by });
  }
  return offs;
}

/**
 * Where the piece can be, from what was counted on it: every situation that fits all counts; only where none does, those that fit when one count is
 * one more or one less (a loop on the hook counted, a first stitch worked twice, an edge with one stitch too many).
 */
export function whereItIs(model: ToyModel, counted: Counted): Answer[] {
  const found = model.parts
    .filter((p) => counted.part === null || p.part.id === counted.part)
    .flatMap((p) =>
      [...sights(p.form)].flatMap(({ round, made, sight }) => {
        const offs = misses(sight, counted);
        return offs === null ? [] : [{ part: p.part.id, round, made, offs }];
      }),
    );
  const exact = found.filter((f) => f.offs.length === 0);
  const shown = exact.length > 0 ? exact : found.filter((f) => f.offs.length === 1);
  return shown.map(({ offs, ...at }) => ({ ...at, off: offs[0] ?? null }));
}

/** The count that would part these answers best, of those that are not counted yet; null where none parts them. */
export function bestQuestion(
  model: ToyModel,
  counted: Counted,
  answers: readonly Situation[],
): 'rounds' | 'made' | 'left' | 'edge' | 'last' | null {
  if (answers.length < 2) return null;
  const open = ([...NUMBERS, 'last'] as const).filter((what) => counted[what] === null);
  const at = new Map(
    model.parts.map((p) => [
      p.part.id,
      new Map([...sights(p.form)].map((s) => [`${s.round}/${s.made}`, s.sight])),
    ]),
  );
  const kinds = (what: (typeof open)[number]): number =>
    new Set(
      answers.map((a) => {
        const sight = at.get(a.part)?.get(`${a.round}/${a.made}`);
        return what === 'rounds' ? sight?.[counted.from] : sight?.[what];
      }),
    ).size;
  const best = open.reduce<{ what: (typeof open)[number]; n: number } | null>((so, what) => {
    const n = kinds(what);
    return n > (so?.n ?? 1) ? { what, n } : so;
  }, null);
  return best?.what ?? null;
}

/** The tick of a copy that a situation stands before: its round, or what follows the last one; null where the plan has none. */
export function tickAt(ticks: readonly Tick[], { part, round }: Situation, copy: string): Tick | null {
  const own = ticks.filter((t) => t.step.part === part && t.step.copy === copy);
  const here = own.find((t) => t.round?.round === round);
  if (here) return here;
  const last = own.findLastIndex((t) => t.round !== null);
  return own[last + 1] ?? null;
}
