import type { PartForm } from '../form';
import { placeWords as say } from '../words';
import type { EyesAt } from './eyes';

/** One way to say a place or a distance, with the numbers it rests on. */
export interface School {
  id: 'between-rounds' | 'from-ring' | 'from-finished-edge' | 'from-pause-edge' | 'stitches-between' | 'holes-on' | 'holes-showing' | 'holes-counting-both';
  words: string;
}

/**
 * A pair of posts in every counting school (decisions 22 and 23). Rounds from an edge count that edge's round as the
 * first: of 21 rounds, R13 is the 9th from the end. `pause` is the number of the round after which the posts go in.
 */
export function schoolsOf(form: PartForm, at: EyesAt, pause: number): School[] {
  const [low, high] = at.names[0].round;
  const last = form.rounds[form.rounds.length - 1].number;
  const fromEnd = (edge: number) => [edge - low + 1, edge - high + 1] as const;
  const { spacing } = at;
  const finished = fromEnd(last);
  const paused = fromEnd(Math.max(pause, high));
  return [
    { id: 'between-rounds', words: say.between(`R${low}`, `R${high}`) },
    { id: 'from-ring', words: say.fromRing(low) },
    { id: 'from-finished-edge', words: say.fromFinishedEdge(finished[0], finished[1]) },
    { id: 'from-pause-edge', words: say.fromPauseEdge(paused[0], paused[1]) },
    { id: 'stitches-between', words: say.stitchesBetween(spacing.stitchesBetween) },
    { id: 'holes-on', words: say.holesOn(spacing.holesOn) },
    { id: 'holes-showing', words: say.holesShowing(spacing.holesShowing) },
    { id: 'holes-counting-both', words: say.countingBoth(spacing.holesCountingBoth) },
  ];
}
