import type { PartForm } from './form';

/** In which rounds something can still be done through the open end. Round numbers; `null` when there is no such round. */
export interface WorkWindow {
  /** false while nobody can tell the size of a stitch: then no round is named */
  known: boolean;
  /** the first round after which the place exists */
  first: number;
  lastComfortable: number | null;
  lastPossible: number | null;
  /** pulled opening after the last comfortable (or else possible) round, at the worst end of its range, mm */
  openingMm: number | null;
  /** how many stitches of the round after the last possible one may be worked before the opening is too small at all; null when not even one */
  into: { round: number; stitches: number; of: number } | null;
}

/** The opening after a round, pulled open by hand, at the worst (smallest) end of its range, in mm. */
export function worstOpening(form: PartForm, index: number): number {
  return form.rounds[index].pulledMm * (1 - form.gauge.stitchRangePercent / 100);
}

/**
 * The window of a piece of work that needs an opening: from the round `first` on, as long as every round so far leaves
 * the opening wide enough. Worst end of the range (decision 14); widths are pulled diameters (decision 15).
 * A part that is not closed stays as open as its last round.
 */
export function windowOf(
  form: PartForm,
  first: number,
  comfortableMm: number,
  possibleMm: number,
): WorkWindow {
  if (form.gauge.stitchSource === 'not known')
    return { known: false, first, lastComfortable: null, lastPossible: null, openingMm: null, into: null };
  const start = form.rounds.findIndex((r) => r.number === first);
  const last = (needMm: number): number | null => {
    let found: number | null = null;
    for (let i = start; i >= 0 && i < form.rounds.length; i++) {
      if (worstOpening(form, i) < needMm) break;
      found = form.rounds[i].number;
    }
    return found;
  };
  const lastComfortable = last(comfortableMm);
  const lastPossible = last(possibleMm);
  const at = lastComfortable ?? lastPossible;
  const index = form.rounds.findIndex((r) => r.number === at);
  const lastIndex = form.rounds.findIndex((r) => r.number === lastPossible);
  return {
    known: true,
    first,
    lastComfortable,
    lastPossible,
    openingMm: index < 0 ? null : worstOpening(form, index),
    into: lastIndex < 0 ? null : stitchesInto(form, lastIndex + 1, possibleMm),
  };
}

/** How many stitches of a round can be worked before the edge, with what is still to be worked into, is too small. */
function stitchesInto(form: PartForm, index: number, needMm: number): WorkWindow['into'] {
  const round = form.fabric.rounds[index];
  if (!round) return null;
  const { parentFrom, parentTo } = form.fabric;
  const below = form.fabric.rounds[index - 1].count;
  const perStitch = worstOpening(form, index - 1) / below;
  let edge = below;
  let stitches = 0;
  while (stitches < round.count) {
    const s = round.from + stitches;
    // The second stitch of an increase takes nothing more from the edge.
    const eaten = stitches > 0 && parentFrom[s] === parentFrom[s - 1] ? 0 : parentTo[s] - parentFrom[s];
    edge += 1 - eaten;
    if (edge * perStitch < needMm) break;
    stitches++;
  }
  return stitches > 0 && stitches < round.count ? { round: round.number, stitches, of: round.count } : null;
}
