import { courseOf } from '../address';
import { buildFabric } from '../fabric';
import { distance, dot, formOf, sub, type Vec3 } from '../form';
import { gaugeOf } from '../gauge';
import { read } from '../notation';
import {
  bareHead,
  faceCentre,
  newPair,
  newStitching,
  resolveEyes,
  resolveStitching,
  type Embroidery,
  type EyePair,
  type EyesAt,
  type FaceMarks,
  type Head,
  type ThreadEnd,
  type ThreadPlace,
} from './index';

let seed = 11;
const random = () => (seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0) / 4294967296;
const below = (n: number) => Math.floor(random() * n);
export const halfOf = (n: number) => below(4 * n + 1) / 2 - n;

export interface Face {
  head: Head;
  marks: FaceMarks;
  eyes: EyePair;
}

/** A generated head of a ball's shape with a pair of eyes on it, both hands, with lean or without. */
export function face({
  hand = 'right',
  lean = 0,
  round = 9,
}: { hand?: 'left' | 'right'; lean?: number; round?: number } = {}): Face {
  const text =
    'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6: (4 sc, inc) x6\nR7: (5 sc, inc) x6\nR8-14: sc around\nR15: (5 sc, dec) x6\nR16: (4 sc, dec) x6\nR17: (3 sc, dec) x6\nR18: (2 sc, dec) x6';
  const form = formOf(
    buildFabric(
      read(text).parts[0],
      text.split('\n').map((_, i) => `m${i}`),
    ),
    gaugeOf({ hookMm: 3, hand, yarnUnder: false, leanStitches: lean, stitchMm: 5, roundMm: 4.8 }),
    { fill: 'firm' },
  );
  const head = bareHead(form);
  const usual = newPair(head, { id: 'e', part: 'p', copy: null })!;
  const eyes: EyePair = {
    ...usual,
    eyeMm: 9,
    pair: {
      ...usual.pair,
      course: courseOf(form.fabric, round),
      between: 8,
      centre: faceCentre(head, 'marker', round, 8, usual.washerMm),
    },
  };
  return { head, eyes, marks: { eyes: resolveEyes(head, eyes) as EyesAt, nose: null } };
}

export const IDS = { id: 's', part: 'p', copy: null, name: 'Mouth', colour: '#000000' };
export const made = (f: Face, ends: readonly ThreadEnd[], more: Partial<Embroidery> = {}): Embroidery => ({
  ...newStitching(f.head, f.marks, IDS, 'mouth line'),
  ends,
  twin: 'none',
  ...more,
});
export const placesOf = ({ head, marks }: Face, f: Embroidery, side = 0): readonly ThreadPlace[] => {
  const state = resolveStitching(head, f, marks);
  if (state.state !== 'at') throw new Error(state.why);
  return state.runs[side].places;
};
/** From the mirror image about the plane of the face, mm: the test's own arithmetic. */
export function mirrorMiss({ head }: Face, left: Vec3, p: Vec3, q: Vec3): number {
  const image = sub(p, left.map((x) => 2 * x * dot(p, left)) as unknown as Vec3);
  if (head.form.axis) throw new Error('a bent head has no plane of its own here');
  return distance(image, q);
}
