import type { Step } from '../plan';
import { mustBeLookedAt, tick, untick, type Tick } from './making';
import type { Progress } from './progress';
import type { Deed } from '../toy';

/** One step of a part with its ticks, copy by copy. */
export interface SheetRow {
  key: string;
  step: Step;
  copies: readonly { copy: string; ticks: readonly Tick[] }[];
}

/** All steps as one sheet: what copies of a part do alike is one row with a box a copy. */
export function copySheet(ticks: readonly Tick[]): SheetRow[] {
  const rows = new Map<string, { step: Step; copies: Map<string, Tick[]> }>();
  for (const t of ticks) {
    const key = JSON.stringify([t.step.kind, t.step.part, t.step.about]);
    const row = rows.get(key) ?? { step: t.step, copies: new Map<string, Tick[]>() };
    row.copies.set(t.step.copy, [...(row.copies.get(t.step.copy) ?? []), t]);
    rows.set(key, row);
  }
  return [...rows].map(([key, { step, copies }]) => ({
    key,
    step,
    copies: [...copies].map(([copy, own]) => ({ copy, ticks: own })),
  }));
}

/** What a tap on a box does: ticks what is not done of it, or takes all of it back. Null where it must be looked at first. */
export function boxTapped(ticks: readonly Tick[], progress: Progress): Deed[] | null {
  const open = ticks.filter((t) => !(t.key in progress.done));
  if (open.length === 0) return ticks.map(untick);
  return open.some((t) => mustBeLookedAt(t, progress)) ? null : open.map(tick);
}
