import { courseOf } from '../address';
import { EYES, FACE_ADVICE } from '../figures';
import { hardwareOf, resolveEyes } from './eyes';
import { pairFor } from './faces';
import type { EyePair, OnPart } from './feature';
import { faceCentre, headWidthMm, type Head } from './head';
import { retentionOf } from './retention';

const middle = ({ low, high }: { low: number; high: number }): number => (low + high) / 2;

/** Eye sizes of the table, those nearest to a wanted size first, none so large that it fills the face. */
const sizesNear = (wantedMm: number, mostMm: number): number[] =>
  EYES.map((row) => row.eyeMm)
    .filter((mm) => mm <= Math.max(mostMm, EYES[0].eyeMm))
    .sort((a, b) => Math.abs(a - wantedMm) - Math.abs(b - wantedMm));

/**
 * A usual pair for a head: on the middle of the face, in the middle of the advice on size, line and angle; above the nose
 * where the ring is one. Its washer is never one that the fabric would let through: where none of the table stops, the pair is
 * offered embroidered. `null` for fewer than three rounds.
 */
export function newPair(head: Head, ids: { id: string } & OnPart): EyePair | null {
  const { form, ringIs } = head;
  if (form.fabric.rounds.length < 3) return null;
  const { middle: share, high } = FACE_ADVICE.eyePerWidth;
  const widthMm = headWidthMm(head);
  const sizes = sizesNear(widthMm * share, widthMm * high);
  const line =
    ringIs === 'nose' || ringIs === 'mouth'
      ? FACE_ADVICE.lineFromLowest.high
      : middle(FACE_ADVICE.lineFromLowest);
  const made = (eyeMm: number, making: EyePair['making']): EyePair => {
    const eyes = bareUsual(head, ids, eyeMm, making);
    return pairFor(head, eyes, line, middle(FACE_ADVICE.angleDeg), 0) ?? eyes;
  };
  const stops = (eyeMm: number) => retentionOf(hardwareOf(eyeMm), form, []).band === 1;
  for (const eyeMm of sizes.filter((mm) => !stops(mm))) {
    const pair = made(eyeMm, 'safety eye');
    const at = resolveEyes(head, pair);
    if (at.state !== 'homeless' && at.retention.band !== 1) return pair;
  }
  return made(sizes[0], 'embroidered');
}

function bareUsual(
  head: Head,
  ids: { id: string } & OnPart,
  eyeMm: number,
  making: EyePair['making'],
): EyePair {
  const hardware = hardwareOf(eyeMm);
  return {
    kind: 'eyes',
    ...ids,
    making,
    ...hardware,
    loose: [],
    felt: null,
    backing: 'as needed',
    look: 'front',
    colour: '#111214',
    saidAs: 'stitches-between',
    pair: {
      course: courseOf(head.form.fabric, Math.max(1, head.rounds.from)),
      at: 'hole',
      centre: faceCentre(head, 'marker', Math.max(1, head.rounds.from), 1, hardware.washerMm),
      between: 1,
      linked: true,
      offset: { left: [0, 0], right: [0, 0] },
    },
  };
}
