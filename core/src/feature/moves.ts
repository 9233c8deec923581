import { centreCoord, coordAt, courseOf, pointOf, polarOf, roundOf } from '../address';
import { distance, type PartForm } from '../form';
import { resolveEyes, type EyesAt } from './eyes';
import type { EyePair, PairPlace } from './feature';
import { besideFace, faceCentre, faceCoord, faceDirection, type Head } from './head';
import type { BetterHoles } from './level';

const NO_OFFSET = { left: [0, 0] as [number, number], right: [0, 0] as [number, number] };

/** How few and how many stitches from post to post a round allows: washers lie beside each other inside, and no further than half round. */
export function reachOf(head: Head, eyes: EyePair): { least: number; most: number } {
  const { form } = head;
  const round = roundOf(form.fabric, eyes.pair.course);
  const { count } = form.fabric.rounds[round] ?? { count: 2 };
  return { least: round < 0 ? 1 : leastOn(form, eyes, round), most: Math.max(1, Math.floor(count / 2)) };
}

/** What may not overlap: washers inside, or embroidered outlines. mm */
export const roomOf = (eyes: Pick<EyePair, 'making' | 'washerMm' | 'eyeMm'>): number =>
  eyes.making === 'embroidered' ? eyes.eyeMm : Math.max(eyes.washerMm, eyes.eyeMm);

/** The fewest stitches from post to post at which two posts on a round have room, by the chord of its ring. */
function leastOn(form: PartForm, eyes: EyePair, round: number): number {
  const { count } = form.fabric.rounds[round];
  const radius = form.rounds[round].radiusMm;
  for (let on = 1; on < count / 2; on++)
    if (2 * radius * Math.sin((Math.PI * on) / count) >= roomOf(eyes)) return on;
  return Math.max(1, Math.floor(count / 2));
}

/** The same pair with another number of stitches from post to post; the centre stays where the face looks. */
export function withBetween(head: Head, eyes: EyePair, between: number): EyePair {
  const { least, most } = reachOf(head, eyes);
  const k = Math.max(Math.min(least, most), Math.min(most, between));
  const round = roundOf(head.form.fabric, eyes.pair.course);
  const { centre, at } = eyes.pair;
  const parity = ((k - eyes.pair.between) % 2) / 2;
  const next =
    parity === 0 || round < 0
      ? centre
      : centre.by === 'chosen'
        ? { ...centre, coord: centre.coord + Math.abs(parity) }
        : faceCentre(head, centre.by, round, k, eyes.washerMm, at);
  return { ...eyes, pair: { ...eyes.pair, between: k, centre: next } };
}

/** How far the middle of a pair lies from the middle of its face, along its round, mm: a whole number of stitches seldom falls on it. Null where it has no round, or where its maker chose the middle. */
export function offMiddleMm(head: Head, eyes: EyePair): number | null {
  const { form } = head;
  const round = roundOf(form.fabric, eyes.pair.course);
  const now = resolveEyes(head, eyes);
  if (round < 0 || now.state === 'homeless' || eyes.pair.centre.by === 'chosen') return null;
  const { centre, at } = eyes.pair;
  const { count } = form.fabric.rounds[round];
  const off = now.centre - faceCoord(head, centre.by, round, eyes.washerMm, at);
  const near = off - Math.round(off / count) * count;
  const [a, b] = [0, 1].map((k) => pointOf(form, polarOf(form, round, now.centre + k, at)));
  return Math.abs(near) * distance(a, b);
}

/** The same pair so many rounds further from the ring, straight along the fabric; `null` where there is no such round. */
export function movedRound(head: Head, eyes: EyePair, by: number): EyePair | null {
  const { form } = head;
  const from = roundOf(form.fabric, eyes.pair.course);
  const round = from + by;
  if (from < 0 || round < 1 || round >= form.fabric.rounds.length) return null;
  const between = Math.min(eyes.pair.between, Math.max(1, Math.floor(form.fabric.rounds[round].count / 2)));
  const now = resolveEyes(head, eyes);
  const { at, centre } = eyes.pair;
  const straight = now.state === 'homeless' ? 0 : polarOf(form, from, now.centre, at).angleRad;
  const next =
    centre.by === 'chosen'
      ? {
          coord: centreCoord(form, round, straight, between, at),
          of: form.fabric.rounds[round].count,
          by: centre.by,
        }
      : faceCentre(head, centre.by, round, between, eyes.washerMm, at);
  return { ...eyes, pair: { ...eyes.pair, course: courseOf(form.fabric, round), centre: next, between } };
}

/** Puts one post elsewhere on its round. A linked pair mirrors the other post; otherwise only this one moves, on purpose. */
export function movedPost(head: Head, eyes: EyePair, post: 0 | 1, coord: number): EyePair {
  const now = resolveEyes(head, eyes);
  if (now.state === 'homeless') return eyes;
  if (eyes.pair.linked)
    return withBetween(
      head,
      keptHere(head, eyes),
      Math.max(1, Math.round(2 * (post === 0 ? now.centre - coord : coord - now.centre))),
    );
  const { least } = reachOf(head, eyes);
  const free =
    now.rounds[0] !== now.rounds[1]
      ? coord
      : post === 0
        ? Math.min(coord, now.coords[1] - least)
        : Math.max(coord, now.coords[0] + least);
  return withOffset(eyes, now, post, free, now.rounds[post]);
}

/** Puts one post of an unlinked pair so many rounds further from the ring, straight along the fabric; `null` where there is no such round. */
export function movedPostRound(head: Head, eyes: EyePair, post: 0 | 1, by: number): EyePair | null {
  const { form } = head;
  const now = resolveEyes(head, eyes);
  if (now.state === 'homeless') return null;
  const round = now.rounds[post] + by;
  if (round < 1 || round >= form.fabric.rounds.length) return null;
  const half = now.at === 'hole' ? 0 : 0.5;
  // The same direction on the other round, counted on from the same turn.
  const exact = coordAt(form, round, now.polar[post].angleRad, now.at);
  const near =
    exact +
    Math.round((now.coords[post] - exact) / form.fabric.rounds[round].count) *
      form.fabric.rounds[round].count;
  return withOffset(keptHere(head, eyes), now, post, Math.round(near - half) + half, round);
}

function withOffset(eyes: EyePair, now: EyesAt, post: 0 | 1, coord: number, round: number): EyePair {
  const linked = now.centre + (post === 0 ? -1 : 1) * (eyes.pair.between / 2);
  const kept = eyes.pair.linked ? NO_OFFSET : eyes.pair.offset;
  return {
    ...eyes,
    pair: {
      ...eyes.pair,
      linked: false,
      offset: { ...kept, [post === 0 ? 'left' : 'right']: [coord - linked, round - now.round] },
    },
  };
}

/** Links the posts again, or frees them where they stand. */
export function withLink(eyes: EyePair, linked: boolean): EyePair {
  return { ...eyes, pair: { ...eyes.pair, linked, offset: linked ? NO_OFFSET : eyes.pair.offset } };
}

/** Makes the face follow something else, or a place of the maker's own; the posts go with it. */
export function withCentre(head: Head, eyes: EyePair, by: PairPlace['centre']['by']): EyePair {
  const now = resolveEyes(head, eyes);
  if (now.state === 'homeless') return eyes;
  const centre =
    by === 'chosen'
      ? { coord: now.centre, of: now.now, by }
      : faceCentre(head, by, now.round, eyes.pair.between, eyes.washerMm, now.at);
  return { ...eyes, pair: { ...eyes.pair, centre } };
}

/** Puts the posts into the better holes that were found. A pair that is still one of a round stays linked; others are crooked in the numbers, and even in space. */
export function withBetterHoles(head: Head, eyes: EyePair, at: EyesAt, better: BetterHoles): EyePair {
  const { form } = head;
  const [low, high] = better.coords;
  if (eyes.pair.linked && better.rounds[0] === better.rounds[1] && better.moved[0] && better.moved[1])
    return {
      ...eyes,
      pair: {
        ...eyes.pair,
        course: courseOf(form.fabric, better.rounds[0]),
        between: high - low,
        centre: {
          coord: (low + high) / 2,
          of: form.fabric.rounds[better.rounds[0]].count,
          by: eyes.pair.centre.by,
        },
      },
    };
  return ([0, 1] as const).reduce(
    (so, post) =>
      better.moved[post] ? withOffset(so, at, post, better.coords[post], better.rounds[post]) : so,
    eyes,
  );
}

/** The pair with one post on a place that was touched, the other mirrored about the face; of an unlinked pair only the post `alone`, or else the one of that side, moves. */
export function pairAt(
  head: Head,
  eyes: EyePair,
  round: number,
  at: 'hole' | 'middle',
  coord: number,
  alone: 0 | 1 | null = null,
): EyePair {
  const { form } = head;
  const { count } = form.fabric.rounds[round];
  const now = resolveEyes(head, eyes);
  const by = eyes.pair.centre.by === 'chosen' ? 'marker' : eyes.pair.centre.by;
  const off = besideFace(head, by, round, coord, eyes.washerMm, at);
  if (!eyes.pair.linked && now.state !== 'homeless') {
    // The other post keeps its kind of place, so this one takes the nearest of that kind.
    const half = now.at === 'hole' ? 0 : 0.5;
    const own = Math.round(coord - half) + half;
    return withOffset(
      keptHere(head, eyes),
      now,
      alone ?? (off < 0 ? 0 : 1),
      own + Math.round((now.centre - own) / count) * count,
      round,
    );
  }
  // Of the numbers that come near, the one whose mirrored pair stands on the place itself.
  const wanted = Math.max(1, Math.round(2 * Math.abs(off)));
  const tried = [wanted, wanted + 1, wanted - 1]
    .filter((on) => on >= 1)
    .map((on) => {
      const centre = centreCoord(form, round, faceDirection(head, by, round, eyes.washerMm), on, at);
      const miss = (off < 0 ? centre - on / 2 : centre + on / 2) - coord;
      return { on, centre, miss: miss - Math.round(miss / count) * count };
    });
  const best = tried.reduce((a, b) => (Math.abs(b.miss) < Math.abs(a.miss) - 1e-9 ? b : a));
  return {
    ...eyes,
    pair: {
      course: courseOf(form.fabric, round),
      at,
      centre: { coord: best.centre, of: count, by },
      between: best.on,
      linked: true,
      offset: NO_OFFSET,
    },
  };
}

/** Writes down where a moved pair stands now: the maker has looked. */
export function keptHere(head: Head, eyes: EyePair): EyePair {
  const now = resolveEyes(head, eyes);
  if (now.state !== 'moved') return eyes;
  return { ...eyes, pair: { ...eyes.pair, centre: { ...eyes.pair.centre, coord: now.centre, of: now.now } } };
}
