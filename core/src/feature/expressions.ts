import type { Embroidery, EyePair, OnPart, ThreadEnd } from './feature';
import { half, type FaceMarks } from './faceCanvas';
import type { Head } from './head';
import { newPatch } from './patchUsual';
import type { Patch } from './patch';
import { DARK, newStitching } from './stitchUsual';
import { evened } from './stitching';

/** What a face says, as relations of mouth, brows and lids to the eyes. */
export const EXPRESSIONS = ['calm', 'glad', 'cross', 'sleepy'] as const;
export type Expression = (typeof EXPRESSIONS)[number];

/** Mouths as curves from the toy's left over the middle: how far its ends are out, as a share of the way from the middle to an eye, and how many rounds its ends and its middle are below the eyes. */
interface Mouth {
  out: number;
  ends: number;
  middle: number;
}
/** Brows beside an eye: stitches outwards of it and rounds above its rim, from the inner end on. */
type Brow = readonly (readonly [across: number, above: number])[];

/** Judged: how makers' faces say it. */
const FACES: Record<Expression, { mouth: Mouth; brow: Brow; lids: boolean }> = {
  calm: {
    mouth: { out: 0.4, ends: 3, middle: 4 },
    brow: [
      [-1, 1],
      [1, 1],
    ],
    lids: false,
  },
  glad: {
    mouth: { out: 0.6, ends: 3.5, middle: 5 },
    brow: [
      [-1.5, 1.5],
      [0, 2],
      [1.5, 1.5],
    ],
    lids: false,
  },
  cross: {
    mouth: { out: 0.45, ends: 5, middle: 3.5 },
    brow: [
      [-1.5, 0],
      [1.5, 1.5],
    ],
    lids: false,
  },
  sleepy: {
    mouth: { out: 0.3, ends: 4, middle: 4 },
    brow: [
      [-1, 1.5],
      [1, 1],
    ],
    lids: true,
  },
};

/** Names under which the pieces of a face are known, and replaced by those of another. */
export const FACE_PIECES = { mouth: 'Mouth', brows: 'Brows', lids: 'Lids', nose: 'Nose' } as const;

/** What of a face stands elsewhere, such as on a snout that is sewn on. */
export interface Elsewhere {
  mouth: boolean;
  nose: boolean;
}

/** Mouth, brows, nose and lids of a whole face about a pair of eyes. */
export function faceOf(
  head: Head,
  marks: FaceMarks,
  on: OnPart,
  eyes: EyePair,
  expression: Expression,
  { elsewhere, lid }: { elsewhere: Elsewhere; /** the colour of lids */ lid: string },
  newId: () => string,
): (Embroidery | Patch)[] {
  const { mouth, brow, lids } = FACES[expression];
  const ids = (name: string) => ({ id: newId(), name, colour: DARK, ...on });
  const usual = newStitching(head, marks, ids(FACE_PIECES.mouth), 'smile');
  const brows = newStitching(head, marks, ids(FACE_PIECES.brows), 'brows');
  const { roundMm, stitchMm } = head.form.gauge;
  const apart = marks.eyes ? Math.abs(marks.eyes.onRound[1] - marks.eyes.onRound[0]) / 2 : 4;
  const rimRounds = eyes.eyeMm / 2 / roundMm;
  const at = (from: ThreadEnd['from'], across: number, down: number): ThreadEnd => ({
    from,
    across: half(across),
    down: half(down),
  });
  // Larger eyes push the mouth down.
  const lower = Math.max(0, rimRounds - 1);
  const ends = [
    at('face', mouth.out * apart, mouth.ends + lower),
    at('face', 0, mouth.middle + lower),
    at('face', -mouth.out * apart, mouth.ends + lower),
  ];
  const level = mouth.ends === mouth.middle;
  const lined: Embroidery = level
    ? { ...usual, how: 'line', ends: [ends[0], ends[2]] }
    : { ...usual, how: 'curve', ends };
  const scale = Math.max(1, eyes.eyeMm / stitchMm / 2);
  return [
    {
      ...brows,
      ends: brow.map(([across, above]) => at('left eye', across * scale, -(rimRounds + above))),
    },
    ...(lids ? [newPatch(head, marks, { ...ids(FACE_PIECES.lids), colour: lid }, 'lids', eyes)] : []),
    ...(elsewhere.mouth ? [] : [evened(head, lined, marks)]),
    ...(elsewhere.nose ? [] : [newStitching(head, marks, ids(FACE_PIECES.nose), 'nose')]),
  ];
}
