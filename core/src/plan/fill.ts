import { OPENINGS } from '../figures';
import { worstOpening } from '../form';
import {
  bodyRounds,
  bothFillings,
  fillBetween,
  isFilled,
  stretchesOf,
  type PartModel,
  type ToyModel,
} from '../model';
import { roundsWorked } from '../safety';
import { compareAt, fullAt, isLater, momentOf, openingThen, saidAt, type At } from './moment';
import { filledBefore } from './seamFill';
import { taskKey, type OfPiece } from './task';
import type { Trouble } from './trouble';

/** One go of the filling: when, and the round (an index) that it was planned for, which names it for ever. */
export interface FillGo {
  at: At;
  of: number;
  /** the text or the maker says when; else it is the program's own wish, and may wait */
  said: boolean;
}

type Part = Pick<PartModel, 'gauge' | 'form'>;

/** Whether filling still passes, in tufts with a stick. Worst end of the gauge. */
const passes = ({ form }: Part, at: At): boolean =>
  (openingThen(form, at) ?? Infinity) >= OPENINGS.fill.possibleMm;

/** What a hole must be to be filled in comfort, pulled, mm: the maker's own smallest replaces the figure. */
const comfort = (model: ToyModel): number => model.toy.settings.ownSmallestMm ?? OPENINGS.fill.comfortableMm;

/** The round before which the last tufts go in, as so many rounds: a closed part's last one is left for them. */
const lastTufts = (part: PartModel): number => {
  const last = roundsWorked(part);
  return part.reading.closed ? Math.max(1, last - 1) : last;
};

/** When the text fills a part, first to last; empty where it says nothing. */
function saidGoes(part: PartModel): At[] {
  const { pauses } = part.reading;
  const at = pauses.flatMap(({ what, round, stitch }): At[] => {
    const after = bodyRounds(part, round);
    if (what !== 'stuff' || after === 0) return [];
    const inside = stitch !== null && stitch < part.fabric.rounds[after - 1].count;
    return [inside ? { after: after - 1, stitches: stitch } : fullAt(after)];
  });
  const sorted = at.sort(compareAt);
  const last = sorted.at(-1);
  if (!last) return [];
  const end = lastTufts(part);
  return part.reading.closed && last.after < end ? [...sorted, fullAt(end)] : sorted;
}

/**
 * As usual: each stretch before it narrows, the last one while it is wide, again before the last round. The maker says in how many goes:
 * one (while it is wide), two, or three (one more between).
 */
function usualGoes(model: ToyModel, part: PartModel): At[] {
  const { form } = part;
  const wideMm = comfort(model);
  const stretches = stretchesOf(part);
  const end = lastTufts(part);
  const early = stretches.slice(0, -1).flatMap(({ from, to }): At[] => {
    const rounds = Array.from({ length: to - from + 1 }, (_, k) => to - k);
    const good = rounds.find((i) => worstOpening(form, i) >= wideMm);
    const after = (good ?? rounds.find((i) => passes(part, fullAt(i + 1))) ?? to) + 1;
    return after < end ? [fullAt(after)] : [];
  });
  const { from } = stretches[stretches.length - 1];
  if (!part.reading.closed) return [...early, fullAt(end)];
  let wide = 0;
  for (let i = from + Math.floor((end - from) / 2); i < end && worstOpening(form, i) >= wideMm; i++)
    wide = i + 1;
  return [...early, ...goesBetween(wide < end ? wide : 0, end, part.part.goes ?? model.toy.plan.goes)];
}

function goesBetween(wide: number, end: number, goes: 1 | 2 | 3 | null): At[] {
  if (wide === 0) return [fullAt(end)];
  if (goes === 1) return [fullAt(wide)];
  const between = Math.round((wide + end) / 2);
  const more = goes === 3 && between > wide && between < end ? [fullAt(between)] : [];
  return [fullAt(wide), ...more, fullAt(end)];
}

/** What a text fills too late goes in at the last moment that lets it through; null where there is none. */
function throughHole(part: PartModel, at: At): At | null {
  if (passes(part, at)) return at;
  const end = part.reading.closed ? roundsWorked(part) - 1 : roundsWorked(part);
  const open = Array.from({ length: Math.max(0, end) }, (_, i) => fullAt(i + 1)).filter((o) =>
    passes(part, o),
  );
  return open.filter((o) => !isLater(o, at)).at(-1) ?? open[0] ?? null;
}

/**
 * When one piece of a part is filled: in as many goes as the maker says of this part, else where the text says, else as
 * usual, and where the maker moved a go. A hole that is too small for a stick moves a go back to the last that lets filling
 * through, and trouble says so; where there is none, nothing is filled. What stays empty gets no go: nothing is a step of no grams.
 */
export function fillGoes(model: ToyModel, part: PartModel, of: OfPiece, trouble: Trouble[]): FillGo[] {
  const { fabric, form } = part;
  if (!isFilled(part) || fabric.rounds.length === 0 || form.section !== 'ring') return [];
  // How often the maker fills this very part goes before what its text says.
  const said = part.part.goes === null ? saidGoes(part) : [];
  // Walls that lie on one another hold nothing, unless the text has it filled.
  if (said.length === 0 && form.innerCm3 <= 0) return [];
  const found = (said.length > 0 ? said : usualGoes(model, part)).flatMap((at): FillGo[] => {
    const to = throughHole(part, at);
    if (to !== at && to !== null && said.includes(at) && fits(part, at)) trouble.push(tooLate(part, at, to));
    return to
      ? [
          {
            at: to,
            of: Math.max(0, to.stitches > 0 ? to.after : to.after - 1),
            said: said.includes(at) && fits(part, at),
          },
        ]
      : [];
  });
  if (found.length === 0) {
    const widestMm = Math.max(...form.rounds.map((_, i) => worstOpening(form, i)));
    trouble.push({ what: 'no way in for fill', part: part.part.id, widestMm });
  }
  const planned = found.filter((go, i) => found.findIndex((g) => compareAt(g.at, go.at) === 0) === i);
  const moved = planned.map((go) => movedGo(model, part, of, go, trouble));
  return goesWithFill(
    model,
    part,
    of,
    moved.sort((a, b) => compareAt(a.at, b.at)),
  ).map(({ go }) => go);
}

/** The last tufts are the program's own wish; only what the text itself says is told when it is too late. */
const fits = (part: PartModel, at: At): boolean =>
  part.reading.pauses.some(
    (p) => p.what === 'stuff' && bodyRounds(part, p.round) === (at.stitches > 0 ? at.after + 1 : at.after),
  );

/** The key of a go; never a label (decision 31). */
export const goKey = ({ fabric }: PartModel, copy: string, { of }: FillGo): string =>
  taskKey('stuff', copy, `${fabric.rounds[of].mark}.${fabric.rounds[of].nth}`);

function movedGo(model: ToyModel, part: PartModel, of: OfPiece, go: FillGo, trouble: Trouble[]): FillGo {
  const at = saidAt(model.toy, part.fabric, goKey(part, of.copy, go));
  if (!at || compareAt(at, go.at) === 0) return go;
  if (passes(part, at)) return { ...go, at, said: true };
  trouble.push(tooLate(part, at, go.at));
  return go;
}

/** What each go fills: from where the one before ended up to its own edge, the last one all that is left but what goes in through a seam. Rounds are indices, both among it. */
function filledBy(
  model: ToyModel,
  part: PartModel,
  of: OfPiece,
  goes: readonly FillGo[],
): { from: number; to: number }[] {
  const whole = filledBefore(model, part, of, roundsWorked(part));
  let { from } = whole;
  return goes.map(({ at }, i) => {
    const to = i === goes.length - 1 ? whole.to : Math.min(whole.to, at.after - 1);
    const range = { from, to };
    from = Math.max(from, to + 1);
    return range;
  });
}

/** Goes in which something goes in, each with the rounds that it fills: what lies in empty lengths alone is left out, the next one takes over. */
export function goesWithFill(
  model: ToyModel,
  part: PartModel,
  of: OfPiece,
  goes: readonly FillGo[],
): { go: FillGo; range: { from: number; to: number } }[] {
  const ranges = filledBy(model, part, of, goes);
  return goes.flatMap((go, i) => {
    const range = ranges[i];
    const grams =
      range.to < range.from ? 0 : bothFillings(fillBetween(model, part, range.from, range.to)).value;
    return grams > 0 || part.form.innerCm3 <= 0 ? [{ go, range }] : [];
  });
}

const tooLate = (part: PartModel, said: At, instead: At): Trouble => ({
  what: 'filled too late',
  part: part.part.id,
  said: momentOf(part.fabric, said)!,
  openingMm: Math.max(0, openingThen(part.form, said) ?? 0),
  instead: momentOf(part.fabric, instead)!,
});
