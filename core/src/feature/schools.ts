import { pairWords, roundWords, stitchWords, type FaceAt, type PlaceContext } from '../address';
import { placeWords as say } from '../words';
import type { EyesAt } from './eyes';
import type { CentreBy } from './feature';
import { directionsOfHead, faceDirection, featureWindow, pauseOf, type Head } from './head';

/** What words about places on a head rest on: its pose, what else is on it, and for each round the face and the pause that posts of this kind get there. */
export function wordsContext(
  head: Head,
  by: CentreBy,
  posts: { making: string; washerMm: number },
): PlaceContext {
  const { form, ringIs } = head;
  const found = new Map<number, FaceAt>();
  const faceAt = (round: number): FaceAt => {
    const frontRad = faceDirection(head, by, round, posts.washerMm);
    const pause = pauseOf(featureWindow(head, { round: form.rounds[round].number }, posts));
    const index = form.rounds.findIndex((r) => r.number === pause);
    return { frontRad, own: directionsOfHead(head, frontRad), pause: Math.max(0, index) };
  };
  return {
    form,
    ringIs,
    faceAt: (round) => {
      const known = found.get(round) ?? faceAt(round);
      found.set(round, known);
      return known;
    },
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
