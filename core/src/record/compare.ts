import { sizeOf } from '../form';
import type { Ranged } from '../gauge';
import { copyName, modelOf, type ToyModel } from '../model';
import type { Progress } from './progress';

/** Something that a ruler can tell of the finished piece. `of` is its stable key in the log, made of data alone. */
export interface Measurable {
  of: string;
  is: 'eyes apart' | 'width' | 'height';
  part: string;
  /** null for what is on the part, whichever copy */
  copy: string | null;
  /** as planned, mm, with its range */
  planned: Ranged;
}

/** What can be measured on a toy: how far apart its eyes are, middle to middle straight across, and how wide and tall each piece is by itself. */
export function measurables(model: ToyModel): Measurable[] {
  const eyes = model.eyes.flatMap(({ eyes: pair, state }): Measurable[] =>
    state.state === 'homeless'
      ? []
      : [
          {
            of: `eyes:${pair.id}`,
            is: 'eyes apart',
            part: pair.part,
            copy: null,
            planned: state.spacing.straightMm,
          },
        ],
  );
  const pieces = model.parts
    .filter((p) => p.fabric.rounds.length > 0)
    .flatMap((p) => {
      const { width, height } = sizeOf(p.form);
      return p.copies.flatMap((copy): Measurable[] =>
        (['width', 'height'] as const).map((is) => ({
          of: `${is}:${p.part.id}:${copy.id}`,
          is,
          part: p.part.id,
          copy: copy.id,
          planned: is === 'width' ? width : height,
        })),
      );
    });
  return [...eyes, ...pieces];
}

/** A length that one is laid beside, mm; low and high are the same where it was measured. */
export interface Beside {
  mm: number;
  low: number;
  high: number;
}

/** What a piece is compared with: its plan, the making of that number, or another toy by what is called alike. */
export type Against =
  | { with: 'plan' }
  | { with: 'making'; number: number }
  | { with: 'toy'; model: ToyModel; progress: Progress };

export interface Row {
  what: Measurable;
  mine: number | null;
  /** null where the other has nothing of this kind, or it was never measured */
  beside: Beside | null;
  /** mine less the other's, mm; null where one is not known */
  offMm: number | null;
  /** whether what is off lies within what a ruler and the plan's range leave open */
  within: boolean | null;
}

/** What a ruler on soft fabric tells, each way, mm. Judged. */
const RULER_MM = 1;

/** Whether two toys' things are the same: of one kind, on parts of one name, the same copy by its place in the row. */
function sameThing(model: ToyModel, what: Measurable, other: ToyModel): Measurable | null {
  const named = (m: ToyModel, { part, copy }: Measurable): string => {
    const p = modelOf(m, part);
    return `${p.name.trim().toLowerCase()} ${copy === null ? '' : p.copies.findIndex((c) => c.id === copy)}`;
  };
  // Several pairs on one part are told apart by their order.
  const alike = (m: ToyModel, like: string): Measurable[] =>
    measurables(m).filter((w) => w.is === what.is && named(m, w) === like);
  const like = named(model, what);
  const mine = alike(model, like).findIndex((w) => w.of === what.of);
  return alike(other, like)[mine] ?? null;
}

const exactly = (mm: number | undefined): Beside | null =>
  mm === undefined ? null : { mm, low: mm, high: mm };

function makingOf(progress: Progress, number: number): Progress | null {
  for (let now: Progress | null = progress; now; now = now.before) if (now.making === number) return now;
  return null;
}

function besideOf(model: ToyModel, what: Measurable, progress: Progress, against: Against): Beside | null {
  const planned = ({ planned: { value, low, high } }: Measurable): Beside => ({ mm: value, low, high });
  if (against.with === 'plan') return planned(what);
  if (against.with === 'making') return exactly(makingOf(progress, against.number)?.sizesMm[what.of]);
  const theirs = sameThing(model, what, against.model);
  if (!theirs) return null;
  return exactly(against.progress.sizesMm[theirs.of]) ?? planned(theirs);
}

/** This piece beside its plan, another making or another toy: a row each thing that can be measured. */
export function compared(model: ToyModel, progress: Progress, against: Against): Row[] {
  return measurables(model).map((what) => {
    const mine = progress.sizesMm[what.of] ?? null;
    const beside = besideOf(model, what, progress, against);
    if (mine === null || !beside) return { what, mine, beside, offMm: null, within: null };
    const within = mine >= beside.low - RULER_MM && mine <= beside.high + RULER_MM;
    return { what, mine, beside, offMm: mine - beside.mm, within };
  });
}

/** Pieces of one part that came out unlike: by how much the longest is longer than the shortest, mm; only what a ruler can tell. */
export function unlike(
  model: ToyModel,
  progress: Progress,
): { part: string; is: Measurable['is']; mm: number; shortest: string; longest: string }[] {
  return model.parts
    .filter((p) => p.copies.length > 1)
    .flatMap((p) =>
      (['width', 'height'] as const).flatMap((is) => {
        const known = p.copies
          .map((c) => ({ name: copyName(p, c.id), mm: progress.sizesMm[`${is}:${p.part.id}:${c.id}`] }))
          .filter((c) => c.mm !== undefined)
          .sort((a, b) => a.mm - b.mm);
        if (known.length < 2) return [];
        const [first, last] = [known[0], known[known.length - 1]];
        const mm = last.mm - first.mm;
        return mm > 2 * RULER_MM
          ? [{ part: p.part.id, is, mm, shortest: first.name, longest: last.name }]
          : [];
      }),
    );
}
