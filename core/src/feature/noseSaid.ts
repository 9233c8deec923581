import type { FaceMarks } from './faceCanvas';
import type { Nose } from './feature';
import type { Head } from './head';
import { nosePut } from './nose';
import { readEnd } from './stitchSaid';
import { resolveStitching } from './stitching';

/**
 * A nose where its maker says, as ends of thread are said: so far from an eye or the middle of the face, so many rounds lower. A place in
 * the fibres goes through the middle of its stitch; half a stitch between two rounds goes to the hole beside it. Null where it is not
 * understood, or there is no such place. `rim` is how far an eye reaches from its middle, in stitches.
 */
export function noseSaid(head: Head, nose: Nose, marks: FaceMarks, words: string, rim: number): Nose | null {
  const end = readEnd(words, { from: 'face', across: 0, down: 0 }, rim);
  if (!end) return null;
  const state = resolveStitching(head, { ends: [end], twin: 'none' }, { ...marks, nose: null });
  if (state.state !== 'at') return null;
  const [{ round, coord, name }] = state.runs[0].places;
  return nosePut(head.form, nose, round, coord, name.round[0] === name.round[1] ? 'middle' : 'hole');
}
