import type { PlaceReading } from './readWords';
import type { AlongSchool, RoundSchool } from './said';

/** What words can leave open, by the schools that they may mean (decisions 22 and 23). */
export const LEFT_OPEN = {
  'holes apart': ['holes-on', 'holes-showing', 'holes-counting-both'],
  'stitches apart': ['stitches-between', 'stitches-on'],
  'mm apart': ['mm-straight', 'mm-along'],
  apart: ['stitches-between', 'stitches-on', 'holes-on', 'holes-showing', 'holes-counting-both'],
  'from the edge': ['from-pause-edge', 'from-finished-edge'],
} as const satisfies Record<string, readonly (AlongSchool | RoundSchool)[]>;

export type LeftOpen = keyof typeof LEFT_OPEN;

/** How a maker counts what words leave open: asked once, then remembered. */
export type Habits = Partial<Record<LeftOpen, AlongSchool | RoundSchool>>;

/** How a reading counts what was left open. */
export const schoolOf = (
  about: LeftOpen,
  r: Pick<PlaceReading, 'round' | 'along'>,
): AlongSchool | RoundSchool => (about === 'from the edge' ? r.round : r.along);

/** What these readings of one phrase leave open. */
export function questionsIn(readings: readonly Pick<PlaceReading, 'round' | 'along'>[]): LeftOpen[] {
  return (Object.keys(LEFT_OPEN) as LeftOpen[]).filter((about, _, all) => {
    const schools = new Set(readings.map((r) => schoolOf(about, r)));
    const holds = (k: LeftOpen) => [...schools].every((s) => (LEFT_OPEN[k] as readonly string[]).includes(s));
    // "n apart" says neither stitches nor holes: only then is the wider question asked.
    return (
      schools.size > 1 &&
      holds(about) &&
      (about !== 'apart' || !all.some((k) => k !== 'apart' && k !== 'from the edge' && holds(k)))
    );
  });
}

/** The readings that are left when a maker's habits are known; all of them where a habit fits none. */
export function withHabits<R extends Pick<PlaceReading, 'round' | 'along'>>(
  readings: readonly R[],
  habits: Habits,
): R[] {
  return questionsIn(readings).reduce<R[]>(
    (left, about) => {
      const fitting = left.filter((r) => schoolOf(about, r) === habits[about]);
      return fitting.length ? fitting : left;
    },
    [...readings],
  );
}

/** The habits that choosing one reading among several tells. */
export function habitsTold<R extends Pick<PlaceReading, 'round' | 'along'>>(
  readings: readonly R[],
  chosen: R,
): Habits {
  return Object.fromEntries(questionsIn(readings).map((about) => [about, schoolOf(about, chosen)]));
}
