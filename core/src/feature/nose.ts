import {
  centreCoord,
  courseOf,
  postName,
  onBody,
  resolve,
  senseOfRing,
  type HoleName,
  type Spot,
  type Polar,
} from '../address';
import { NOSE } from '../figures';
import type { PartForm, Vec3, WorkWindow } from '../form';
import { eyeGrams, eyeRow, hardwareOf } from './eyes';
import type { FeatureKind } from './kinds';
import { retentionOf, type Retention } from './retention';
import type { Nose, OnPart } from './feature';
import { faceDirection, featureWindow, firstThere, headWidthMm, type Head } from './head';

/** Where a nose is now. */
export type NoseState = { state: 'homeless' } | NoseAt;

export interface NoseAt {
  state: 'at' | 'moved';
  was: number;
  now: number;
  round: number;
  name: HoleName;
  polar: Polar;
  point: Vec3;
  normal: Vec3;
  window: WorkWindow;
  retention: Retention;
}

/** What is asked of a nose as one kind of feature among others. */
export const noseKind: FeatureKind<Nose> = {
  onRounds: (nose, of) => ({ ...nose, place: { ...nose.place, course: of(nose.part)(nose.place.course) } }),
  spots: (nose) => [nose.place],
  thing: (nose) => ({ kind: 'nose', name: 'nose', reachMm: Math.max(nose.widthMm, nose.heightMm) / 2 }),
  grams: (nose) => (nose.making === 'safety nose' ? eyeGrams(nose.widthMm) : 0),
};

/** Finds a nose in the fabric as it is now. Never writes back. */
export function resolveNose(head: Head, nose: Nose): NoseState {
  const { form } = head;
  const found = onBody(resolve(form, nose.place));
  if (!found) return { state: 'homeless' };
  const { at, coord } = found;
  const name = postName(form, found.round, coord, at);
  return {
    state: found.state,
    was: found.was,
    now: found.now,
    round: found.round,
    name,
    polar: found.polar,
    point: found.point,
    normal: found.normal,
    window: featureWindow(head, firstThere([name]), nose),
    retention: retentionOf(nose, form, [{ round: found.round, coord, at }]),
  };
}

/** A usual nose on the middle of the face: so many rounds below the eyes' as the eyes are apart by half; on a head that begins at its nose as near the ring as it goes. */
export function newNose(
  head: Head,
  ids: { id: string } & OnPart,
  eyes: { round: number; straightMm: number } | null,
): Nose | null {
  const { form, ringIs } = head;
  if (form.fabric.rounds.length < 3) return null;
  const share = head.muzzle ? NOSE.perMuzzle : NOSE.perWidth;
  const row = hardwareOf(eyeRow(headWidthMm(head) * share).eyeMm);
  const down = -senseOfRing(form, ringIs).roundsUp;
  const below = eyes ? Math.max(2, Math.round((0.35 * eyes.straightMm) / form.gauge.roundMm)) : 0;
  const wanted =
    ringIs === 'nose' || ringIs === 'mouth' || ringIs === 'tip'
      ? 1
      : (eyes?.round ?? Math.round((head.rounds.from + head.rounds.to) / 2)) + down * below;
  const { from, to } = head.rounds;
  const round = Math.max(1, from, Math.min(form.fabric.rounds.length - 2, to, wanted));
  return {
    kind: 'nose',
    ...ids,
    making: 'safety nose',
    widthMm: row.eyeMm,
    heightMm: Math.round(row.eyeMm * NOSE.heightPerWidth),
    postMm: row.postMm,
    washerMm: row.washerMm,
    loose: [],
    felt: null,
    backing: 'as needed',
    colour: '#33231d',
    place: middleOfFace(head, round, row.washerMm),
  };
}

/** The hole on the middle of the face, on a round. */
export function middleOfFace(head: Head, round: number, washerMm: number): Spot {
  const { count } = head.form.fabric.rounds[round];
  const coord = centreCoord(head.form, round, faceDirection(head, 'marker', round, washerMm), 2, 'hole');
  return {
    course: courseOf(head.form.fabric, round),
    at: 'hole',
    index: ((coord % count) + count) % count,
    of: count,
  };
}

/** The same nose in a hole before a round, or through the middle of one of its stitches; `coord` in stitches from the round's start. */
export function nosePut(
  { fabric }: PartForm,
  nose: Nose,
  round: number,
  coord: number,
  at: 'hole' | 'middle',
): Nose {
  const { count } = fabric.rounds[round];
  const on = ((coord % count) + count) % count;
  return {
    ...nose,
    place: {
      ...nose.place,
      at,
      course: courseOf(fabric, round),
      index: at === 'hole' ? Math.round(on) % count : Math.floor(on) + 1,
      of: count,
    },
  };
}

/** The same nose so many rounds or holes on; `null` where there is no such round. A middle stays a middle. */
export function movedNose(form: PartForm, nose: Nose, by: { rounds: number; holes: number }): Nose | null {
  const found = onBody(resolve(form, nose.place));
  if (!found) return null;
  const round = found.round + by.rounds;
  if (round < 1 || round >= form.fabric.rounds.length) return null;
  const { at, coord: before } = found;
  const { count } = form.fabric.rounds[round];
  const straight = by.rounds === 0 ? before : centreCoord(form, round, found.polar.angleRad, 2, at);
  const coord = (((straight + by.holes) % count) + count) % count;
  return nosePut(form, nose, round, coord, at);
}
