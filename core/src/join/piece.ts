import { courseOf, directionsOf, type Directions, type Place, type RingIs, type Spot } from '../address';
import type { Fabric } from '../fabric';
import type { PartForm, Vec3 } from '../form';
import { across, rotation, turnBack, type Placement } from './space';

/** A part as the assembly sees it. `frontRad` is the direction of its face in the working direction. */
export interface Piece {
  part: string;
  copy: string;
  form: PartForm;
  ringIs: RingIs;
  frontRad: number;
}

export interface Placed extends Piece {
  placement: Placement;
}

/** One copy of a part. */
export interface OfPiece {
  part: string;
  copy: string;
}

export const pieceKey = ({ part, copy }: OfPiece): string => `${part}/${copy}`;

const UP: Vec3 = [0, 1, 0];
const FRONT: Vec3 = [0, 0, 1];

/** A piece's own up, front and left, in its own frame. */
export const ownDirections = (piece: Piece): Directions =>
  directionsOf(piece.form, piece.ringIs, piece.frontRad);

/** The whole toy's up, front and left as directions in the frame of one of its pieces (decision 41). */
export const toyDirections = ({ placement }: Placed): Directions => ({
  up: turnBack(placement, UP),
  front: turnBack(placement, FRONT),
  left: turnBack(placement, [1, 0, 0]),
});

/** Stands a part on its own: its up is up, its face looks at the viewer. */
export function stand(piece: Piece): Placed {
  const { up, front } = ownDirections(piece);
  const rows = rotation(across(front, up), up, FRONT, UP);
  return { ...piece, placement: { rows, shift: [0, 0, 0], laid: null } };
}

/** The spot of a hole of a round, ready to be stored; an index outside the round is brought into it. */
export function holeSpot(fabric: Fabric, round: number, index: number): Spot {
  const of = fabric.rounds[round].count;
  return { course: courseOf(fabric, round), at: 'hole', index: ((index % of) + of) % of, of };
}

/** The place of a hole of a piece's round, ready to be stored. */
export const holePlace = (
  piece: Pick<Piece, 'part' | 'copy' | 'form'>,
  round: number,
  index: number,
): Place => ({ part: piece.part, copy: piece.copy, ...holeSpot(piece.form.fabric, round, index) });

/** What a placed host is, for what is worked out on it. */
export const placedKey = ({ form, ringIs, frontRad, placement }: Placed): readonly unknown[] => [
  form,
  ringIs,
  frontRad,
  placement.laid,
  ...placement.rows.flat(),
  ...placement.shift,
];
