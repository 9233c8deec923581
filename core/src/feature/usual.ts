import { courseOf } from '../address';
import { FACE_ADVICE } from '../figures';
import { eyeRow } from './eyes';
import { pairFor } from './faces';
import type { EyePair } from './feature';
import { faceCentre, type Head } from './head';

const middle = ({ low, high }: { low: number; high: number }): number => (low + high) / 2;

/** A usual pair for a part: on the middle of the face, in the middle of the advice on size, line and angle; above the nose where the ring is one. `null` for fewer than three rounds. */
export function newPair(head: Head, ids: { id: string; part: string; copy: string }): EyePair | null {
  const { form, ringIs } = head;
  if (form.fabric.rounds.length < 3) return null;
  const row = eyeRow(form.widthMm * FACE_ADVICE.eyePerWidth.middle);
  const eyes: EyePair = {
    kind: 'eyes',
    ...ids,
    making: 'safety eye',
    eyeMm: row.eyeMm,
    postMm: row.postMm,
    washerMm: row.washerMm,
    loose: [],
    felt: null,
    look: 'front',
    colour: '#111214',
    saidAs: 'stitches-between',
    pair: {
      course: courseOf(form.fabric, 1),
      at: 'hole',
      centre: faceCentre(head, 'marker', 1, 1, row.washerMm),
      between: 1,
      linked: true,
      offset: { left: [0, 0], right: [0, 0] },
    },
  };
  const line =
    ringIs === 'nose' || ringIs === 'mouth'
      ? FACE_ADVICE.lineFromLowest.high
      : middle(FACE_ADVICE.lineFromLowest);
  return pairFor(head, eyes, line, middle(FACE_ADVICE.angleDeg), 0) ?? eyes;
}
