import { centreCoord, coordAt, directionsOf, frontAngle, holeName, levelDifference, pointOf, polarOf, roundOf, surfaceDistance, type HoleName, type Polar, type RingIs } from '../address';
import { EYES, FACE_ADVICE, OPENINGS } from '../figures';
import { distance, windowOf, type PartForm, type Vec3, type WorkWindow } from '../form';
import { acrossRange, ranged, type Ranged } from '../gauge';
import type { EyePair } from './feature';

/** Where a pair of eyes is now. Left and right are the toy's own. */
export type EyeState = { state: 'homeless' } | EyesAt;

export interface EyesAt {
  state: 'at' | 'moved';
  was: number;
  now: number;
  /** index of the later round */
  round: number;
  /** stitches from the round's start of the lower- and the higher-numbered post */
  coords: [number, number];
  names: [HoleName, HoleName];
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
  holesOn: number;
  holesShowing: number;
  holesCountingBoth: number;
  straightMm: Ranged;
  rimMm: Ranged;
  alongMm: Ranged;
  angleDeg: number;
  middle: 'stitch' | 'hole';
}

/** Washer against the widest opening of the stretched fabric; `band` 1 = stop, 2 = backing advised, 3 = covers well. */
export interface Retention {
  washerMm: number;
  index: number;
  /** at the worst end of the gauge's range */
  worst: number;
  band: 1 | 2 | 3;
}

/** The smallest index of bands 2 and 3. Source: the house's safety page, "washer and fabric". */
export const RETENTION_BANDS = { backing: 1.2, covers: 1.6 } as const;

/** Post and washer for an eye: the nearest row of the eye table. */
export function eyeRow(eyeMm: number): (typeof EYES)[number] {
  return EYES.reduce((best, row) => (Math.abs(row.eyeMm - eyeMm) < Math.abs(best.eyeMm - eyeMm) ? row : best));
}

/** Retention index = washer / (stitch width x hole stretch), judged at the worst end (decision 14). */
export function retentionOf(washerMm: number, form: PartForm): Retention {
  const widest = form.gauge.stitchMm * form.gauge.holeStretch;
  const worst = washerMm / (widest * (1 + form.gauge.stitchRangePercent / 100));
  const band = worst < RETENTION_BANDS.backing ? 1 : worst <= RETENTION_BANDS.covers ? 2 : 3;
  return { washerMm, index: washerMm / widest, worst, band };
}

/** What an opening must be (pulled, mm) to fit a washer; a maker's own smallest hole replaces the comfortable figure. */
export function washerNeeds(washerMm: number, ownSmallestMm?: number): { comfortable: number; possible: number } {
  const f = OPENINGS.washer;
  const possible = washerMm + f.possibleOverWasherMm;
  const usual = Math.max(f.comfortableLeastMm, washerMm + f.comfortableOverWasherMm);
  return { comfortable: Math.max(possible, ownSmallestMm ?? usual), possible };
}

/** Places a pair in the fabric as it is now, with its distances, window and washer. Never writes back. */
export function resolveEyes(form: PartForm, eyes: EyePair, ownSmallestMm?: number, ringIs: RingIs = 'crown'): EyeState {
  const round = roundOf(form.fabric, eyes.pair.course);
  if (round < 0 || form.fabric.rounds[round].count === 0) return { state: 'homeless' };
  const now = form.fabric.rounds[round].count;
  const { centre, between, offset, linked } = eyes.pair;
  const half = (between % 2) / 2;
  const scaled = now === centre.of ? centre.coord : Math.round((centre.coord * now) / centre.of - half) + half;
  const shift = linked ? ([0, 0] as const) : ([offset.left, offset.right] as const);
  const lower = scaled - between / 2;
  const higher = scaled + between / 2;
  const rounds: [number, number] = linked ? [round, round] : [clampRound(form, round + (shift[0] as number[])[1]), clampRound(form, round + (shift[1] as number[])[1])];
  const coords: [number, number] = linked ? [lower, higher] : [lower + (shift[0] as number[])[0], higher + (shift[1] as number[])[0]];
  const polar: [Polar, Polar] = [polarOf(form, rounds[0], coords[0], 'hole'), polarOf(form, rounds[1], coords[1], 'hole')];
  const points: [Vec3, Vec3] = [pointOf(form, polar[0]), pointOf(form, polar[1])];
  const needs = washerNeeds(eyes.washerMm, ownSmallestMm);
  const later = Math.max(...rounds.map((r, k) => holeName(form, r, coords[k]).round[1]));
  return {
    state: now === centre.of ? 'at' : 'moved', was: centre.of, now, round, coords, points, polar, centre: scaled,
    names: [holeName(form, rounds[0], coords[0]), holeName(form, rounds[1], coords[1])],
    spacing: spacingOf(form, polar, points, coords[1] - coords[0], eyes.eyeMm),
    levelErrorMm: Math.abs(levelDifference(form, directionsOf(form, ringIs, faceDirection(form, round, eyes.washerMm, ownSmallestMm)), polar[0], polar[1])),
    window: windowOf(form, later, needs.comfortable, needs.possible),
    retention: retentionOf(eyes.washerMm, form),
  };
}

function spacingOf(form: PartForm, polar: [Polar, Polar], points: [Vec3, Vec3], between: number, eyeMm: number): Spacing {
  const straight = distance(points[0], points[1]);
  const apart = ranged(straight, acrossRange(form.gauge));
  const turn = Math.abs(polar[1].angleRad - polar[0].angleRad);
  const angle = Math.min(turn, 2 * Math.PI - turn);
  return {
    stitchesBetween: between, holesOn: between, holesShowing: Math.max(0, between - 1), holesCountingBoth: between + 1,
    straightMm: apart, rimMm: { ...apart, value: straight - eyeMm, low: apart.low - eyeMm, high: apart.high - eyeMm },
    alongMm: ranged(surfaceDistance(form, polar[0], polar[1]), acrossRange(form.gauge)), angleDeg: (angle * 180) / Math.PI, middle: between % 2 === 0 ? 'hole' : 'stitch',
  };
}

const clampRound = (form: PartForm, round: number): number => Math.max(1, Math.min(form.fabric.rounds.length - 1, round));

/**
 * The face centre for a pair on a round, opposite the marker at the pause: the round at which the washers still go in
 * comfortably, or else the last possible one.
 */
export function faceCentre(form: PartForm, round: number, between: number, washerMm: number, ownSmallestMm?: number): { coord: number; of: number; by: 'marker' } {
  const angle = faceDirection(form, round, washerMm, ownSmallestMm);
  return { coord: centreCoord(form, round, angle, between), of: form.fabric.rounds[round].count, by: 'marker' };
}

/** The direction of the face, radians in the working direction. */
export function faceDirection(form: PartForm, round: number, washerMm: number, ownSmallestMm?: number): number {
  const needs = washerNeeds(washerMm, ownSmallestMm);
  const window = windowOf(form, form.fabric.rounds[round].number, needs.comfortable, needs.possible);
  const pauseNumber = window.lastComfortable ?? window.lastPossible ?? form.fabric.rounds[round].number;
  const pause = form.fabric.rounds.findIndex((r) => r.number === pauseNumber);
  return frontAngle(form, pause < 0 ? round : pause);
}

/** Whether the stored centre still faces opposite the marker: how many stitches it is off, to the nearest half. */
export function offCentre(form: PartForm, at: EyesAt, washerMm: number): number {
  const { count } = form.fabric.rounds[at.round];
  const exact = coordAt(form, at.round, faceDirection(form, at.round, washerMm), 'hole');
  const off = at.centre - exact;
  return off - Math.round(off / count) * count;
}

/** Advice on size and angle, as data; wording is the screen's. */
export function eyeAdvice(form: PartForm, at: EyesAt, eyeMm: number): { perWidth: number; small: boolean; large: boolean; close: boolean; wide: boolean } {
  const perWidth = eyeMm / Math.max(form.widthMm, 1);
  return {
    perWidth, small: perWidth < FACE_ADVICE.eyePerWidth.low, large: perWidth > FACE_ADVICE.eyePerWidth.high,
    close: at.spacing.angleDeg < FACE_ADVICE.angleDeg.low, wide: at.spacing.angleDeg > FACE_ADVICE.angleDeg.high,
  };
}
