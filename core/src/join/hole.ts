import { courseOf, middleOf, nearestPlace, nearestPolar, reachAlong, type Place } from '../address';
import { add, scale, type Vec3 } from '../form';
import { holePlace, ownDirections, type Piece } from './piece';

/** The place of a whole end of a piece. */
export function endPlace(piece: Piece, end: 'start' | 'last'): Place {
  const { fabric } = piece.form;
  const round = end === 'start' ? 0 : fabric.rounds.length - 1;
  const of = fabric.rounds[round].count;
  return { part: piece.part, copy: piece.copy, course: courseOf(fabric, round), at: 'edge', index: 0, of };
}

/** The hole of a host nearest to so far round from the face at a share of its height, as on an egg of its size. */
export function holeAt(host: Piece, { turnDeg, height }: { turnDeg: number; height: number }): Place {
  const { form } = host;
  const own = ownDirections(host);
  const half = (way: Vec3) => {
    const { low, high } = reachAlong(form, way);
    return (high - low) / 2;
  };
  const sine = Math.max(-1, Math.min(1, 2 * height - 1));
  const flat = Math.sqrt(1 - sine * sine);
  const turn = (turnDeg * Math.PI) / 180;
  const at = add(
    add(middleOf(form), scale(own.up, half(own.up) * sine)),
    add(
      scale(own.front, half(own.front) * flat * Math.cos(turn)),
      scale(own.left, half(own.left) * flat * Math.sin(turn)),
    ),
  );
  const near = nearestPlace(form, nearestPolar(form, at), 'hole');
  return holePlace(host, near?.round ?? 1, near?.index ?? 0);
}
