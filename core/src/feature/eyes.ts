import {
  angleFromAbove,
  coordAt,
  levelDifference,
  pointOf,
  polarOf,
  postName,
  roundOf,
  surfaceDistance,
  type Directions,
  type HoleName,
  type Polar,
} from '../address';
import { EYE_GRAMS, EYES } from '../figures';
import { distance, dot, sub, type PartForm, type Vec3, type WorkWindow } from '../form';
import { acrossRange, ranged, type Ranged } from '../gauge';
import type { EyePair } from './feature';
import { directionsOfHead, faceDirection, featureWindow, firstThere, type Head } from './head';
import type { FeatureKind } from './kinds';
import { retentionOf, type Retention } from './retention';

/** Where a pair of eyes is now. Left and right are the toy's own. */
export type EyeState = { state: 'homeless' } | EyesAt;

export interface EyesAt {
  state: 'at' | 'moved';
  was: number;
  now: number;
  at: 'hole' | 'middle';
  /** index of the later round */
  round: number;
  /** index of each post's own round; others than `round` only when a post was moved on purpose */
  rounds: [number, number];
  /** stitches from the round's start of the lower- and the higher-numbered post, each on its own round */
  coords: [number, number];
  /** where both stand on `round` itself: the same, but for a post on another round the place straight over or under it, not rounded */
  onRound: [number, number];
  names: [HoleName, HoleName];
  /** which of the toy's own sides each post is on */
  sides: ['left' | 'right', 'left' | 'right'];
  polar: [Polar, Polar];
  points: [Vec3, Vec3];
  centre: number;
  spacing: Spacing;
  /** how much higher one post stands than the other in the part's pose, mm */
  levelErrorMm: number;
  window: WorkWindow;
  retention: Retention;
}

/** The distance between two posts in every school (decision 22). */
export interface Spacing {
  stitchesBetween: number;
  /** holes or stitches from post to post */
  on: number;
  /** empty places of the posts' own kind between them */
  showing: number;
  countingBoth: number;
  straightMm: Ranged;
  rimMm: Ranged;
  alongMm: Ranged;
  /** angle between the posts as seen from above the part in its pose */
  angleDeg: number;
  /** what the middle of the face is */
  middle: 'stitch' | 'hole';
}

/** The nearest row of the eye table. */
export function eyeRow(eyeMm: number): (typeof EYES)[number] {
  return EYES.reduce((best, row) =>
    Math.abs(row.eyeMm - eyeMm) < Math.abs(best.eyeMm - eyeMm) ? row : best,
  );
}

/** Eyes further than this from any row of the table have posts and washers that nobody can tell, mm. */
const OFF_THE_TABLE_MM = 1;

/** An eye with its post and washer: those of the nearest row of the table; beyond the table only in proportion, and not known. */
export function hardwareOf(eyeMm: number): Pick<EyePair, 'eyeMm' | 'postMm' | 'washerMm' | 'washerKnown'> {
  const row = eyeRow(eyeMm);
  if (Math.abs(row.eyeMm - eyeMm) <= OFF_THE_TABLE_MM)
    return { eyeMm, postMm: row.postMm, washerMm: row.washerMm, washerKnown: true };
  const share = eyeMm / row.eyeMm;
  return { eyeMm, postMm: row.postMm * share, washerMm: row.washerMm * share, washerKnown: false };
}

/** Mass of one eye or nose of so many mm, g. Source: `figures`, EYE_GRAMS. */
export function eyeGrams(mm: number): number {
  const [a, b] = EYE_GRAMS;
  return Math.max(0, a.grams + ((mm - a.eyeMm) * (b.grams - a.grams)) / (b.eyeMm - a.eyeMm));
}

/** What is asked of eyes as one kind of feature among others. */
export const eyesKind: FeatureKind<EyePair> = {
  onRounds: (eyes, of) => ({ ...eyes, pair: { ...eyes.pair, course: of(eyes.part)(eyes.pair.course) } }),
  // Eyes that looked over a part which is taken off stay where they are.
  withoutJoins: (eyes, joins) => {
    const { by } = eyes.pair.centre;
    if (typeof by === 'string' || !('over' in by) || !joins.includes(by.over)) return eyes;
    return { ...eyes, pair: { ...eyes.pair, centre: { ...eyes.pair.centre, by: 'chosen' } } };
  },
  spots: () => [],
  thing: () => null,
  grams: (eyes) => (eyes.making === 'safety eye' ? 2 * eyeGrams(eyes.eyeMm) : 0),
};

const UNMOVED = [0, 0] as const;

/** What is so of the left and of the right of a pair. */
const both = <T>(left: T, right: T): [T, T] => [left, right];

/** Places a pair in the fabric as it is now, with its distances, window and washer. Never writes back. */
export function resolveEyes(head: Head, eyes: EyePair): EyeState {
  const { form } = head;
  const { centre, between, offset, linked, at } = eyes.pair;
  const round = roundOf(form.fabric, eyes.pair.course);
  if (round < 0 || form.fabric.rounds[round].count === 0) return { state: 'homeless' };
  const now = form.fabric.rounds[round].count;
  const half = ((at === 'hole' ? between : between + 1) % 2) / 2;
  // Posts go through fabric where it has holes, or middles of stitches, whatever their middle was given as.
  const scaled = Math.round((centre.coord * now) / centre.of - half) + half;
  const left = linked ? UNMOVED : offset.left;
  const right = linked ? UNMOVED : offset.right;
  const rounds = both(clampRound(form, round + left[1]), clampRound(form, round + right[1]));
  const coords = both(scaled - between / 2 + left[0], scaled + between / 2 + right[0]);
  const polar = both(polarOf(form, rounds[0], coords[0], at), polarOf(form, rounds[1], coords[1], at));
  const along = (k: 0 | 1): number => {
    if (rounds[k] === round) return coords[k];
    const exact = coordAt(form, round, polar[k].angleRad, at);
    return exact + Math.round((scaled - exact) / now) * now;
  };
  const onRound = both(along(0), along(1));
  const points = both(pointOf(form, polar[0]), pointOf(form, polar[1]));
  const names = both(postName(form, rounds[0], coords[0], at), postName(form, rounds[1], coords[1], at));
  const own = directionsOfHead(head, faceDirection(head, centre.by, round, eyes.washerMm));
  return {
    state: now === centre.of ? 'at' : 'moved',
    was: centre.of,
    now,
    at,
    round,
    rounds,
    coords,
    onRound,
    points,
    polar,
    centre: scaled,
    names,
    sides: dot(sub(points[0], points[1]), own.left) >= 0 ? ['left', 'right'] : ['right', 'left'],
    spacing: spacingOf(head, own, { at, polar, points, on: onRound[1] - onRound[0], eyeMm: eyes.eyeMm }),
    levelErrorMm: Math.abs(levelDifference(form, own, polar[0], polar[1])),
    window: featureWindow(head, firstThere(names), eyes),
    retention: retentionOf(
      eyes,
      form,
      [0, 1].map((k) => ({ round: rounds[k], coord: coords[k], at })),
    ),
  };
}

function spacingOf(
  { form, rounds }: Head,
  own: Directions,
  {
    at,
    polar,
    points,
    on,
    eyeMm,
  }: { at: 'hole' | 'middle'; polar: [Polar, Polar]; points: [Vec3, Vec3]; on: number; eyeMm: number },
): Spacing {
  const straight = distance(points[0], points[1]);
  const apart = ranged(straight, acrossRange(form.gauge));
  let along: Ranged | null = null;
  return {
    stitchesBetween: at === 'hole' ? on : on - 1,
    on,
    showing: Math.max(0, on - 1),
    countingBoth: on + 1,
    straightMm: apart,
    rimMm: { ...apart, value: straight - eyeMm, low: apart.low - eyeMm, high: apart.high - eyeMm },
    // Far dearer than all the rest, and not everyone asks.
    get alongMm() {
      return (along ??= ranged(surfaceDistance(form, polar[0], polar[1]), acrossRange(form.gauge)));
    },
    angleDeg: angleFromAbove(form, own, points, rounds),
    middle: (Math.round(on) % 2 === 0) === (at === 'hole') ? 'hole' : 'stitch',
  };
}

const clampRound = (form: PartForm, round: number): number =>
  Math.max(1, Math.min(form.fabric.rounds.length - 1, round));
