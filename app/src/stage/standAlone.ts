import { stand, type Piece, type Placed } from '@hoppla/core/join';

/** A part by itself, as it lies in the hand: soles and chins below, every other ring up, its face to the viewer. */
export function standAlone(piece: Piece): Placed {
  const ringUp = piece.ringIs !== 'sole' && piece.ringIs !== 'chin';
  return stand({ ...piece, ringIs: ringUp ? 'crown' : 'sole' });
}
