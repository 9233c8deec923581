import { lies } from '../address';
import { NOSE } from '../figures';
import type { Embroidery, OnPart, ThreadEnd } from './feature';
import { headWidthMm, type Head } from './head';
import { half, type FaceMarks } from './faceCanvas';
import { evened, upOfFace } from './stitching';

/** What a maker adds to a face with one tap. */
export const STITCH_WORKS = [
  'mouth V',
  'smile',
  'mouth line',
  'lips',
  'nose',
  'brows',
  'lashes',
  'cheeks',
  'whiskers',
  'freckles',
  'stitched eyes',
] as const;
export type StitchWork = (typeof STITCH_WORKS)[number];

type Made = Pick<Embroidery, 'how' | 'ends'> & Partial<Pick<Embroidery, 'twin' | 'satin' | 'thread'>>;

const end = (from: ThreadEnd['from'], across: number, down: number): ThreadEnd => ({
  from,
  across: half(across),
  down: half(down),
});

/** Thread that shows on most fabrics while nobody has chosen a colour. */
export const DARK = '#33231d';

const ONE = { of: 'yarn', strands: 1, passes: 1 } as const;
const TWO = { of: 'yarn', strands: 2, passes: 1 } as const;

/** Where things are usual on a face: measured from its eyes where there are some, else from its middle. Judged: what makers' faces have in common. */
interface Room {
  /** half the way from eye to eye, stitches */
  half: number;
  /** from an eye's middle to its rim, stitches */
  rim: number;
  widthMm: number;
  stitchMm: number;
  eyed: boolean;
}

/** On a face without eyes an eye's place is so far to the side of its middle. */
const atEye = ({ eyed, half: side }: Room, across: number, down: number): ThreadEnd =>
  eyed ? end('left eye', across, down) : end('face', side + across, down);

const WORKS: Record<StitchWork, (room: Room) => Made> = {
  'mouth V': (room) => ({
    how: 'line',
    ends: [
      atEye(room, -room.rim, 1),
      end('face', 0, 3),
      ...(room.eyed ? [end('right eye', -room.rim, 1)] : [end('face', room.rim - room.half, 1)]),
    ],
    thread: TWO,
  }),
  smile: ({ half: side }) => ({
    how: 'curve',
    ends: [end('face', side * 0.55, 3), end('face', 0, 4), end('face', -side * 0.55, 3)],
    thread: TWO,
  }),
  'mouth line': () => ({ how: 'line', ends: [end('face', 1, 3), end('face', -1, 3)], thread: TWO }),
  // Doubled for fullness: over the upper lip and back over the lower one.
  lips: ({ half: side }) => ({
    how: 'curve',
    ends: [
      end('face', side * 0.4, 3.5),
      end('face', 0, 3),
      end('face', -side * 0.4, 3.5),
      end('face', 0, 4.5),
      end('face', side * 0.4, 3.5),
    ],
    thread: TWO,
  }),
  nose: ({ widthMm }) => ({
    how: 'satin',
    ends: [end('face', 0, 2)],
    satin: {
      shape: 'triangle',
      widthMm: Math.max(4, Math.round(widthMm * NOSE.perWidth)),
      heightMm: Math.max(3, Math.round(widthMm * NOSE.perWidth * NOSE.heightPerWidth)),
    },
  }),
  brows: (room) => ({
    how: 'line',
    ends: [atEye(room, -1, -2.5 - room.rim / 2), atEye(room, 1, -2 - room.rim / 2)],
    twin: 'mirrored',
    thread: TWO,
  }),
  lashes: (room) => ({
    how: 'ticks',
    ends: [
      atEye(room, room.rim, 0),
      atEye(room, room.rim + 1, -0.5),
      atEye(room, room.rim - 0.5, -0.5),
      atEye(room, room.rim + 0.5, -1.5),
    ],
    twin: 'mirrored',
  }),
  cheeks: (room) => ({
    how: 'ticks',
    ends: [atEye(room, 0.5, 2.5), atEye(room, 1.5, 2.5), atEye(room, 0.5, 3.5), atEye(room, 1.5, 3.5)],
    twin: 'mirrored',
    thread: TWO,
  }),
  whiskers: ({ half: side }) => ({
    how: 'ticks',
    ends: [
      end('face', side * 0.6, 2.5),
      end('face', side * 0.6 + 3, 2),
      end('face', side * 0.6, 3),
      end('face', side * 0.6 + 3, 3.5),
    ],
    twin: 'mirrored',
  }),
  // Up below, in above, at a side, above again, at the other side; so many whole stitches are between the two.
  'stitched eyes': ({ half: side }) => {
    const across = (Math.max(1, Math.round(2 * side - 1)) + 1) / 2;
    const [below, above] = [end('face', across, 0.5), end('face', across, -0.5)];
    const sides = [end('face', across - 0.5, 0), end('face', across + 0.5, 0)];
    return {
      how: 'ticks',
      ends: [below, above, below, sides[0], below, above, below, sides[1]],
      twin: 'mirrored',
      thread: TWO,
    };
  },
  freckles: (room) => ({
    how: 'knots',
    ends: [atEye(room, 0, 2), atEye(room, 1, 2.5), atEye(room, 0, 3)],
    twin: 'mirrored',
  }),
};

/** On a part whose ring is the middle of its face, such as a snout, the face is measured from the ring. */
const ON_RING: Partial<Record<StitchWork, (room: Room) => Made>> = {
  nose: ({ widthMm }) => ({
    how: 'satin',
    ends: [end('face', 0, -0.5)],
    satin: {
      shape: 'triangle',
      widthMm: Math.round(widthMm * NOSE.perMuzzle),
      heightMm: Math.round(widthMm * NOSE.perMuzzle * NOSE.heightPerWidth),
    },
  }),
  'mouth V': () => ({
    how: 'line',
    ends: [end('face', 1.5, 3), end('face', 0, 2), end('face', -1.5, 3)],
    thread: TWO,
  }),
  smile: () => ({
    how: 'curve',
    ends: [end('face', 2, 1.5), end('face', 0, 2.5), end('face', -2, 1.5)],
    thread: TWO,
  }),
  'mouth line': () => ({ how: 'line', ends: [end('face', 0, 1), end('face', 0, 3)], thread: TWO }),
};

/** Embroidery of a kind at its usual place on a head, of a colour. */
export function newStitching(
  head: Head,
  marks: FaceMarks,
  ids: { id: string; name: string; colour: string } & OnPart,
  work: StitchWork,
): Embroidery {
  const { eyes } = marks;
  const { stitchMm } = head.form.gauge;
  const widthMm = headWidthMm(head);
  const apart = eyes ? Math.abs(eyes.onRound[1] - eyes.onRound[0]) : (0.42 * widthMm) / stitchMm;
  const room: Room = {
    half: apart / 2,
    rim: eyes ? half((eyes.spacing.straightMm.value - eyes.spacing.rimMm.value) / 2 / stitchMm) : 1,
    widthMm,
    stitchMm,
    eyed: eyes !== null,
  };
  const onRing = !eyes && lies(upOfFace(head, marks)) ? ON_RING[work] : undefined;
  const made = (onRing ?? WORKS[work])(room);
  const usual: Embroidery = {
    kind: 'embroidery',
    ...ids,
    when: 'before filling',
    twin: 'none',
    satin: null,
    thread: ONE,
    ...made,
  };
  return usual.twin === 'none' ? evened(head, usual, marks) : usual;
}
