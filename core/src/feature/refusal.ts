import { roundOf } from '../address';
import { resolveEyes, type EyesAt } from './eyes';
import type { EyePair } from './feature';
import type { Head } from './head';
import { movedRound, reachOf, roomOf, withBetween } from './moves';

/** Why a pair cannot be where it was wished, for a physical reason (decision 17), and the nearest pair that can. */
export interface Refusal {
  why: 'past the window' | 'gathered end' | 'no room';
  nearest: EyePair | null;
}

/** Judges a pair where it stands. `null` when it can be made. Nothing is moved by itself. */
export function refusalOf(head: Head, eyes: EyePair, at: EyesAt): Refusal | null {
  const why = whyNot(head, eyes, at);
  return why === null ? null : { why, nearest: nearestTo(head, eyes) };
}

function whyNot({ form }: Head, eyes: EyePair, at: EyesAt): Refusal['why'] | null {
  // The stitches of a gathered end are drawn into one another: there is no hole to stay open.
  if (form.closed && at.rounds.some((r) => r >= form.fabric.rounds.length - 1)) return 'gathered end';
  // While the hook is not known nobody can tell what goes through: that is said, and refuses nothing.
  if (eyes.making === 'safety eye' && at.window.known && at.window.lastPossible === null)
    return 'past the window';
  return at.spacing.straightMm.value < roomOf(eyes) - 1e-6 ? 'no room' : null;
}

/** The nearest pair that can be made: the same round with more room, then rounds further and further away, then a smaller eye's room counts no more. */
function nearestTo(head: Head, eyes: EyePair): EyePair | null {
  const { form } = head;
  const linked: EyePair = {
    ...eyes,
    pair: { ...eyes.pair, linked: true, offset: { left: [0, 0], right: [0, 0] } },
  };
  const good = (pair: EyePair | null): EyePair | null => {
    if (!pair) return null;
    const roomy = withBetween(head, pair, Math.max(pair.pair.between, reachOf(head, pair).least));
    for (const tried of [pair, roomy, withBetween(head, roomy, roomy.pair.between + 1)]) {
      const at = resolveEyes(head, tried);
      if (at.state !== 'homeless' && whyNot(head, tried, at) === null) return tried;
    }
    return null;
  };
  const from = roundOf(form.fabric, eyes.pair.course);
  for (let by = 0; from >= 0 && by < form.fabric.rounds.length; by++) {
    const found =
      good(by === 0 ? linked : movedRound(head, linked, -by)) ??
      (by === 0 ? null : good(movedRound(head, linked, by)));
    if (found) return found;
  }
  return null;
}
