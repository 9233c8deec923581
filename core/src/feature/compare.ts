import { courseOf } from '../address';
import { lineOf } from './advice';
import { resolveEyes, type EyesAt } from './eyes';
import { pairFor } from './faces';
import type { EyePair, OnPart } from './feature';
import { faceCentre, type Head } from './head';

/** A pair where it stands on its head. */
export interface Face {
  head: Head;
  eyes: EyePair;
  at: EyesAt;
}

/** One thing in which two faces may differ. Numbers are this face's less the other's; mm, degrees, rounds or stitches. */
export interface Difference {
  about:
    | 'round from the ring'
    | 'stitches between'
    | 'straight'
    | 'rim to rim'
    | 'angle'
    | 'line'
    | 'uneven'
    | 'eye'
    | 'washer'
    | 'made as';
  unit: 'rounds' | 'stitches' | 'mm' | 'deg' | 'percent' | 'word';
  own: number | string;
  other: number | string;
  /** 0 or '' when they are the same */
  by: number;
}

/** What differs between two faces, in places and mm, in the order in which one looks: where, how far apart, how even, what. */
export function compareFaces(own: Face, other: Face): Difference[] {
  const number = (
    about: Difference['about'],
    unit: Difference['unit'],
    of: (f: Face) => number,
  ): Difference => ({ about, unit, own: of(own), other: of(other), by: of(own) - of(other) });
  return [
    number(
      'round from the ring',
      'rounds',
      (f) => f.head.form.rounds[f.at.round].number - (f.at.at === 'hole' ? 1 : 0),
    ),
    number('stitches between', 'stitches', (f) => f.at.spacing.stitchesBetween),
    number('straight', 'mm', (f) => f.at.spacing.straightMm.value),
    number('rim to rim', 'mm', (f) => f.at.spacing.rimMm.value),
    number('angle', 'deg', (f) => f.at.spacing.angleDeg),
    number('line', 'percent', (f) => 100 * lineOf(f.head, f.eyes, f.at)),
    number('uneven', 'mm', (f) => f.at.levelErrorMm),
    number('eye', 'mm', (f) => f.eyes.eyeMm),
    number('washer', 'mm', (f) => f.eyes.washerMm),
    {
      about: 'made as',
      unit: 'word',
      own: own.eyes.making,
      other: other.eyes.making,
      by: own.eyes.making === other.eyes.making ? 0 : 1,
    },
  ];
}

/** A pair "like on that toy". */
export interface LikeReading {
  how: 'same counts' | 'same face';
  eyes: EyePair;
}

/**
 * The pairs that "like on that toy" may mean: the same round and number of stitches, where this head has them, or the same line and angle on a head of another size.
 * One reading when both are the same places. Size, colour and what they are made of come along; crooked on purpose comes along with the same counts.
 */
export function pairsLike(head: Head, ids: { id: string } & OnPart, other: Face): LikeReading[] {
  const { form } = head;
  const { eyes, at } = other;
  const base: EyePair = { ...eyes, ...ids };
  // What the other face follows may not be on this head, and a place chosen there means nothing here.
  const { by: theirs } = eyes.pair.centre;
  const here =
    typeof theirs !== 'string' &&
    ('patch' in theirs
      ? form.fabric.colours.includes(theirs.patch)
      : head.things.some((t) => t.id === theirs.over));
  const by = here ? theirs : 'marker';
  const found: LikeReading[] = [];
  const round = form.rounds.findIndex((r) => r.number === other.head.form.rounds[at.round].number);
  if (round > 0 && eyes.pair.between < form.fabric.rounds[round].count / 2)
    found.push({
      how: 'same counts',
      eyes: {
        ...base,
        pair: {
          ...eyes.pair,
          course: courseOf(form.fabric, round),
          centre: faceCentre(head, by, round, eyes.pair.between, eyes.washerMm, eyes.pair.at),
        },
      },
    });
  const like = pairFor(
    head,
    { ...base, pair: { ...eyes.pair, centre: { ...eyes.pair.centre, by } } },
    lineOf(other.head, eyes, at),
    at.spacing.angleDeg,
    round,
  );
  if (like && !found.some((f) => same(head, f.eyes, like))) found.push({ how: 'same face', eyes: like });
  return found;
}

function same(head: Head, a: EyePair, b: EyePair): boolean {
  const [x, y] = [resolveEyes(head, a), resolveEyes(head, b)];
  return (
    x.state !== 'homeless' &&
    y.state !== 'homeless' &&
    JSON.stringify([x.rounds, x.coords]) === JSON.stringify([y.rounds, y.coords])
  );
}
