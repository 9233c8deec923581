import type { Plan } from '../plan';
import type { Pace } from '../record';
import type { Batch, PieceMade, ToyFile } from '../toy';
import { daysBetween } from './days';
import { minutesUntil, scheduled, type Days } from './schedule';
import { stagesOf, type Stage, type StageId } from './stages';

/** How many pieces a batch comes to. */
export const sizeOfBatch = ({ ways }: Pick<Batch, 'ways'>): number =>
  ways.reduce((sum, w) => sum + w.count, 0);

/** The pieces of a batch that are made or being made; those put aside are not among them. */
export const piecesOf = ({ pieces }: Pick<ToyFile, 'pieces'>, batch: string): PieceMade[] =>
  pieces.filter((p) => p.batch === batch && p.rejected === null);

/** A stage of a batch: how many pieces have it done, and on which days the rest is worked. */
export interface StageAhead extends Stage {
  done: number;
  days: Days<StageId> | null;
}

/** What of a batch is done, when the rest is, and what makes it late. Days as `YYYY-MM-DD`. */
export interface BatchAhead {
  count: number;
  stages: readonly StageAhead[];
  /** minutes of work that are left, all pieces */
  minutesLeft: { value: number; low: number; high: number };
  /** the last day of work: as thought, and at both ends of the range; null where it is never done or all is done */
  done: { value: string; low: string; high: string } | null;
  /** nothing is left to do */
  finished: boolean;
  /** no day has hours, so that it is never done */
  never: boolean;
  late: { days: number; perhaps: boolean; longest: StageId; hoursMissing: number } | null;
}

/** A batch as it stands on a day. */
export function batchAhead(
  { plan, pace }: { plan: Plan; pace: Pace },
  file: Pick<ToyFile, 'pieces'>,
  batch: Batch,
  today: string,
): BatchAhead {
  const count = sizeOfBatch(batch);
  const own = piecesOf(file, batch.id);
  const stages = stagesOf(plan, pace).map((stage) => ({
    ...stage,
    done: own.filter((p) => stage.id in p.stages).length,
  }));
  const work = (end: 'value' | 'low' | 'high') =>
    stages.map((s) => ({ stage: s.id, minutes: s.minutes[end] * Math.max(0, count - s.done) }));
  const days = { value: scheduled(batch, work('value'), today) };
  const last = (end: 'value' | 'low' | 'high') => scheduled(batch, work(end), today)?.at(-1)?.to ?? null;
  const [value, low, high] = [last('value'), last('low'), last('high')];
  const left = (end: 'value' | 'low' | 'high') => work(end).reduce((sum, w) => sum + w.minutes, 0);
  const finished = left('value') < 1e-9;
  const done = value && low && high ? { value, low, high } : null;
  return {
    count,
    stages: stages.map((s) => ({ ...s, days: days.value?.find((d) => d.stage === s.id) ?? null })),
    minutesLeft: { value: left('value'), low: left('low'), high: left('high') },
    done,
    finished,
    never: !finished && value === null,
    late: lateBy(batch, done, work('value'), today),
  };
}

/** How late it is for its day, or perhaps; which stage takes longest of what is left; and how many hours are missing until then. */
function lateBy(
  batch: Batch,
  done: BatchAhead['done'],
  work: readonly { stage: StageId; minutes: number }[],
  today: string,
): BatchAhead['late'] {
  if (batch.due === null || done === null) return null;
  const days = daysBetween(batch.due, done.value);
  const atWorst = daysBetween(batch.due, done.high);
  if (atWorst <= 0) return null;
  const from = daysBetween(batch.from, today) > 0 ? today : batch.from;
  const minutes = work.reduce((sum, w) => sum + w.minutes, 0) - minutesUntil(batch, from, batch.due);
  return {
    days: Math.max(0, days),
    perhaps: days <= 0,
    longest: work.reduce((a, b) => (b.minutes > a.minutes ? b : a)).stage,
    hoursMissing: Math.max(0, minutes / 60),
  };
}
