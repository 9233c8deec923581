import { directionsOf, pairWords, roundWords, type PlaceContext, type RingIs } from '../address';
import type { PartForm } from '../form';
import { faceDirection, type EyesAt } from './eyes';

/** What words about a pair on a part rest on: its pose, its face, and the round (a number) after which the posts go in. */
export function eyesContext(form: PartForm, ringIs: RingIs, at: EyesAt, washerMm: number, pause: number): PlaceContext {
  const frontRad = faceDirection(form, at.round, washerMm);
  return { form, own: directionsOf(form, ringIs, frontRad), frontRad, pause: Math.max(0, form.rounds.findIndex((r) => r.number === pause)), features: [] };
}

/**
 * A pair of posts in every counting school (decisions 22 and 23). Rounds from an edge count that edge's round as the
 * first: of 21 rounds, R13 is the 9th from the end.
 */
export function schoolsOf(context: PlaceContext, at: EyesAt): { id: string; words: string }[] {
  const round = Math.max(0, context.form.rounds.findIndex((r) => r.number === at.names[0].round[1]));
  const pair = pairWords(context, { what: 'pair', round: at.round, at: 'hole', on: at.spacing.stitchesBetween, low: at.coords[0], high: at.coords[1] });
  return [...roundWords(context, { round, at: 'hole' }), ...pair.filter((p) => !['mm-straight', 'mm-along', 'degrees', 'each-side'].includes(p.school))].map(({ school, words }) => ({ id: school, words }));
}
