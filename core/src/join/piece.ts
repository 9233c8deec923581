import { courseOf, directionsOf, type Directions, type Place, type RingIs, type Spot } from '../address';
import type { Fabric } from '../fabric';
import type { PartForm, Vec3 } from '../form';
import { across, rotation, type Placement } from './space';

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

/** Stands a part on its own: its up is up, its face looks at the viewer. */
export function stand(piece: Piece): Placed {
  const { up, front } = ownDirections(piece);
  return { ...piece, placement: { rows: rotation(across(front, up), up, FRONT, UP), shift: [0, 0, 0] } };
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
