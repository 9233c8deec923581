import {
  centreCoord,
  coordAt,
  directionsOf,
  faceAngle,
  frontAngle,
  type Directions,
  type HoleName,
  type Polar,
  type RingIs,
  type RoundSpan,
} from '../address';
import { OPENINGS } from '../figures';
import { windowOf, type PartForm, type WorkWindow } from '../form';
import type { CentreBy } from './feature';

/** Something else on the same part: a face may look over it, a place be measured from it, an eye touch it. */
export interface Thing {
  id: string;
  kind: 'part' | 'nose' | 'embroidery';
  /** as the maker calls it, in lower case */
  name: string;
  /** index of the round it stands on */
  round: number;
  polar: Polar;
  /** there is another one mirrored about the face */
  twin: boolean;
  /** how far it reaches over the fabric from its middle, mm */
  reachMm: number;
}

/** A part that gets a face: its form, which of its rounds are the head (decision 38), what its ring is, the maker's own smallest hole, and what else is on it. */
export interface Head {
  form: PartForm;
  /** the rounds of the head, indices, both among it; the rest of a one-piece toy is its body */
  rounds: RoundSpan;
  /** after how many rounds the text stuffs it */
  stuffedAfter: readonly number[];
  /** a small part that is sewn on a face and gets no eyes of its own, such as a snout */
  muzzle: boolean;
  ringIs: RingIs;
  ownSmallestMm?: number;
  things: readonly Thing[];
}

/** A head with nothing else on it. */
export const bareHead = (form: PartForm, ringIs: RingIs = 'crown', ownSmallestMm?: number): Head => ({
  form,
  rounds: { from: 0, to: form.fabric.rounds.length - 1 },
  stuffedAfter: [],
  muzzle: false,
  ringIs,
  ownSmallestMm,
  things: [],
});

/** How wide a head is, mm: its widest round. */
export function headWidthMm({ form, rounds: { from, to } }: Head): number {
  let widest = 0;
  for (let i = from; i <= to; i++) widest = Math.max(widest, 2 * form.r[i + 1] + form.straight[i + 1]);
  return widest;
}

/** Whether a round, an index, is one of the head's. */
export const isOfHead = ({ rounds: { from, to } }: Head, round: number): boolean =>
  round >= from && round <= to;

/** What an opening must be (pulled, mm) to fit a washer; a maker's own smallest hole replaces the comfortable figure. */
export function washerNeeds(
  washerMm: number,
  ownSmallestMm?: number,
): { comfortable: number; possible: number } {
  const f = OPENINGS.washer;
  const possible = washerMm + f.possibleOverWasherMm;
  const usual = Math.max(f.comfortableLeastMm, washerMm + f.comfortableOverWasherMm);
  return { comfortable: Math.max(possible, ownSmallestMm ?? usual), possible };
}

/** The first round after which a place is there, a number, and which of its stitches must be worked for that. */
export interface FirstThere {
  round: number;
  stitch?: number;
}

/** From when on posts with these names have fabric round them: the last of their stitches in the last of their rounds. */
export function firstThere(names: readonly HoleName[]): Required<FirstThere> {
  const round = Math.max(...names.map((n) => n.round[1]));
  const stitch = Math.max(...names.filter((n) => n.round[1] === round).map((n) => Math.max(...n.stitch)));
  return { round, stitch };
}

/** When a washer can still be put on a post that stands there. */
export function washerWindow(
  { form, ownSmallestMm, stuffedAfter }: Head,
  first: FirstThere,
  washerMm: number,
): WorkWindow {
  const { comfortable, possible } = washerNeeds(washerMm, ownSmallestMm);
  return windowOf(form, first.round, {
    comfortableMm: comfortable,
    possibleMm: possible,
    stuffedAfter,
    firstStitch: first.stitch,
  });
}

/** In which rounds an eye or nose can be put in: a washer needs its room, thread a hand that ties its ends inside; through the fabric it can be worked at any time. */
export function featureWindow(
  head: Head,
  first: FirstThere,
  f: { making: string; washerMm: number },
): WorkWindow {
  if (f.making !== 'embroidered') return washerWindow(head, first, f.washerMm);
  return windowOf(head.form, first.round, {
    comfortableMm: head.ownSmallestMm ?? OPENINGS.embroider.comfortableMm,
    possibleMm: 0,
    stuffedAfter: head.stuffedAfter,
    firstStitch: first.stitch,
  });
}

/** The round (a number) in or after which posts go in. */
export const pauseOf = (window: WorkWindow): number => window.rest.round;

/** The direction of a face for posts on a round, radians in the working direction: what it was told to follow, or else opposite the marker at the pause (decision 24). */
export function faceDirection(head: Head, by: CentreBy, round: number, washerMm: number): number {
  const { form } = head;
  const followed =
    typeof by === 'string'
      ? null
      : 'patch' in by
        ? faceAngle(form, { by: 'patch', colour: by.patch })
        : (head.things.find((t) => t.id === by.over)?.polar.angleRad ?? null);
  if (followed !== null) return followed;
  const { number } = form.fabric.rounds[round];
  const pause = form.fabric.rounds.findIndex(
    (r) => r.number === pauseOf(washerWindow(head, { round: number }, washerMm)),
  );
  return frontAngle(form, pause < 0 ? round : pause);
}

/** Up, front and left of a head whose face looks that way. */
export const directionsOfHead = ({ form, ringIs }: Head, faceRad: number): Directions =>
  directionsOf(form, ringIs, faceRad);

/** The middle of a pair on a round, as near to the face's direction as its posts allow: shifted by half a stitch when the number asks for it. */
export function faceCentre(
  head: Head,
  by: CentreBy,
  round: number,
  between: number,
  washerMm: number,
  at: 'hole' | 'middle' = 'hole',
): { coord: number; of: number; by: CentreBy } {
  const angle = faceDirection(head, by, round, washerMm);
  return {
    coord: centreCoord(head.form, round, angle, between, at),
    of: head.form.fabric.rounds[round].count,
    by,
  };
}

/** Where the face's direction meets a round, in stitches from the round's start, not rounded. */
export function faceCoord(
  head: Head,
  by: CentreBy,
  round: number,
  washerMm: number,
  at: 'hole' | 'middle' = 'hole',
): number {
  return coordAt(head.form, round, faceDirection(head, by, round, washerMm), at);
}

/** How many stitches a coordinate on a round lies beside the face's direction. */
export function besideFace(
  head: Head,
  by: CentreBy,
  round: number,
  coord: number,
  washerMm: number,
  at: 'hole' | 'middle' = 'hole',
): number {
  const { count } = head.form.fabric.rounds[round];
  const off = coord - faceCoord(head, by, round, washerMm, at);
  return off - Math.round(off / count) * count;
}
