import { centreCoord, courseOf, polarOf, roundOf } from '../address';
import { FACE_ADVICE } from '../figures';
import type { PartForm } from '../form';
import { eyeRow, faceCentre, resolveEyes, type EyesAt } from './eyes';
import type { EyePair } from './feature';
import type { BetterHole } from './level';

/** A usual pair for a part: below its widest round, opposite the marker, in the middle of the advice. `null` for fewer than three rounds. */
export function newPair(form: PartForm, ids: { id: string; part: string; copy: string }): EyePair | null {
  const rounds = form.fabric.rounds;
  if (rounds.length < 3) return null;
  const widest = form.rounds.map((r) => r.count).lastIndexOf(Math.max(...form.rounds.map((r) => r.count)));
  const first = form.rounds.findIndex((r) => r.count === form.rounds[widest].count);
  const round = Math.max(1, Math.min(rounds.length - 2, Math.ceil((first + widest) / 2)));
  const row = eyeRow(form.widthMm * FACE_ADVICE.eyePerWidth.middle);
  const middleDeg = (FACE_ADVICE.angleDeg.low + FACE_ADVICE.angleDeg.high) / 2;
  const between = Math.max(1, Math.round((rounds[round].count * middleDeg) / 360));
  return {
    kind: 'eyes', ...ids, making: 'safety eye', eyeMm: row.eyeMm, washerMm: row.washerMm, colour: '#111214', saidAs: 'stitches-between',
    pair: { course: courseOf(form.fabric, round), centre: faceCentre(form, round, between, row.washerMm), between, linked: true, offset: { left: [0, 0], right: [0, 0] } },
  };
}

/** How few and how many stitches between the posts a round allows. */
export function reachOf(form: PartForm, eyes: EyePair): { least: number; most: number } {
  const round = roundOf(form.fabric, eyes.pair.course);
  return { least: 1, most: Math.max(1, Math.floor((form.fabric.rounds[round]?.count ?? 2) / 2)) };
}

/** The same pair with another number of stitches between; the centre stays where the face looks. */
export function withBetween(form: PartForm, eyes: EyePair, between: number): EyePair {
  const { least, most } = reachOf(form, eyes);
  const k = Math.max(least, Math.min(most, between));
  const round = roundOf(form.fabric, eyes.pair.course);
  const { centre } = eyes.pair;
  const parity = ((k - eyes.pair.between) % 2) / 2;
  const same = parity === 0 || round < 0;
  const next = same ? centre : centre.by === 'marker' ? faceCentre(form, round, k, eyes.washerMm) : { ...centre, coord: centre.coord + Math.abs(parity) };
  return { ...eyes, pair: { ...eyes.pair, between: k, centre: next } };
}

/** The same pair so many rounds further from the ring, straight along the fabric; `null` where there is no such round. */
export function movedRound(form: PartForm, eyes: EyePair, by: number): EyePair | null {
  const from = roundOf(form.fabric, eyes.pair.course);
  const round = from + by;
  if (from < 0 || round < 1 || round >= form.fabric.rounds.length) return null;
  const most = Math.max(1, Math.floor(form.fabric.rounds[round].count / 2));
  const between = Math.min(eyes.pair.between, most);
  const now = resolveEyes(form, eyes);
  const straight = now.state === 'homeless' ? 0 : polarOf(form, from, now.centre, 'hole').angleRad;
  const centre = eyes.pair.centre.by === 'marker' ? faceCentre(form, round, between, eyes.washerMm) : { coord: centreCoord(form, round, straight, between), of: form.fabric.rounds[round].count, by: 'chosen' as const };
  return { ...eyes, pair: { ...eyes.pair, course: courseOf(form.fabric, round), centre, between } };
}

/** Puts one post into another hole. A linked pair mirrors the other post; otherwise only this one moves, on purpose. */
export function movedPost(form: PartForm, eyes: EyePair, post: 0 | 1, coord: number): EyePair {
  const now = resolveEyes(form, eyes);
  if (now.state === 'homeless') return eyes;
  if (eyes.pair.linked) return withBetween(form, keptHere(form, eyes), Math.max(1, Math.round(2 * (post === 0 ? now.centre - coord : coord - now.centre))));
  const side = post === 0 ? 'left' : 'right';
  const [, rounds] = eyes.pair.offset[side];
  const linkedCoord = now.centre + (post === 0 ? -1 : 1) * (eyes.pair.between / 2);
  return { ...eyes, pair: { ...eyes.pair, offset: { ...eyes.pair.offset, [side]: [coord - linkedCoord, rounds] } } };
}

/** Puts one post into the better hole that was found; the pair is then crooked on purpose in the numbers, and even in space. */
export function withBetterHole(eyes: EyePair, at: EyesAt, better: BetterHole): EyePair {
  const side = better.post === 0 ? 'left' : 'right';
  const linkedCoord = at.centre + (better.post === 0 ? -1 : 1) * (eyes.pair.between / 2);
  const still = eyes.pair.linked ? { left: [0, 0] as [number, number], right: [0, 0] as [number, number] } : eyes.pair.offset;
  return { ...eyes, pair: { ...eyes.pair, linked: false, offset: { ...still, [side]: [better.coord - linkedCoord, better.round - at.round] } } };
}

/** Writes down where a moved pair stands now: the maker has looked. */
export function keptHere(form: PartForm, eyes: EyePair): EyePair {
  const now = resolveEyes(form, eyes);
  if (now.state !== 'moved') return eyes;
  return { ...eyes, pair: { ...eyes.pair, centre: { ...eyes.pair.centre, coord: now.centre, of: now.now } } };
}
