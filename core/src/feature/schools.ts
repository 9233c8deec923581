import { pairWords, roundWords, stitchWords, type PlaceContext } from '../address';
import { placeWords as say } from '../words';
import type { EyesAt } from './eyes';
import type { CentreBy } from './feature';
import { directionsOfHead, faceDirection, type Head } from './head';

/** What words about places on a head rest on: its pose, its face, the round (a number) after which the posts go in, and what else is on it. */
export function wordsContext(
  head: Head,
  by: CentreBy,
  round: number,
  washerMm: number,
  pause: number,
): PlaceContext {
  const frontRad = faceDirection(head, by, round, washerMm);
  return {
    form: head.form,
    own: directionsOfHead(head, frontRad),
    frontRad,
    pause: Math.max(
      0,
      head.form.rounds.findIndex((r) => r.number === pause),
    ),
    features: head.things,
  };
}

/**
 * A pair of posts in every counting school (decisions 22 and 23). Rounds from an edge count that edge's round as the
 * first: of 21 rounds, R13 is the 9th from the end.
 */
export function schoolsOf(context: PlaceContext, at: EyesAt): { id: string; words: string }[] {
  if (at.rounds[0] !== at.rounds[1]) return ([0, 1] as const).flatMap((k) => onePost(context, at, k));
  const round = Math.max(
    0,
    context.form.rounds.findIndex((r) => r.number === at.names[0].round[1]),
  );
  const pair = pairWords(context, {
    what: 'pair',
    round: at.round,
    at: at.at,
    on: at.spacing.on,
    low: at.coords[0],
    high: at.coords[1],
  });
  return [
    ...roundWords(context, { round, at: at.at }),
    ...pair.filter((p) => !['mm-straight', 'mm-along', 'degrees', 'each-side'].includes(p.school)),
  ].map(({ school, words }) => ({ id: school, words }));
}

/** Posts on different rounds are said one by one. */
function onePost(context: PlaceContext, at: EyesAt, k: 0 | 1): { id: string; words: string }[] {
  const round = at.rounds[k];
  const index = at.at === 'hole' ? at.coords[k] : at.coords[k] + 0.5;
  const along = stitchWords(context, { what: 'place', round, at: at.at, index });
  return roundWords(context, { round, at: at.at }).map((r, i) => ({
    id: `${r.school}-${at.sides[k]}`,
    words: say.onSide(at.sides[k], `${r.words}, ${(along[i] ?? along[0]).words}`),
  }));
}
