import { type Projection, project } from '@hoppla/core/picture';
import { Circle, G, Path } from 'react-native-svg';
import { moveRigid } from '@hoppla/core/join';
import { MatText } from '../controls';
import { usePalette } from '../theme';
import { type Pick } from './picker';
import { pointOfPick } from './reading';
import { stitchAt, type Shown } from './shown';

/** Numbers along the round that is read, on the side that is seen, and a sign at the place itself. */
export function RoundMarks({
  piece,
  pick,
  projection,
}: {
  piece: Shown;
  pick: Pick;
  projection: Projection;
}) {
  const c = usePalette();
  const { fabric } = piece.placed.form;
  const round = (pick.layer ? fabric.layers[pick.layer - 1].rounds : fabric.rounds)[pick.round];
  const first = pick.stitch - stitchAt(piece, pick.stitch).index;
  const seen = (k: number) =>
    project(
      projection,
      moveRigid(piece.placed.placement, [
        piece.looks.middles[3 * k],
        piece.looks.middles[3 * k + 1],
        piece.looks.middles[3 * k + 2],
      ]),
    );
  const axis = project(
    projection,
    moveRigid(piece.placed.placement, [0, 0, piece.placed.form.z[pick.round + 1] ?? 0]),
  );
  const numbers = [];
  for (let j = 4; j < round.count; j += 5) {
    const p = seen(first + j);
    if (p.depth > axis.depth + 0.2 && j !== pick.index) numbers.push({ p, n: j + 1 });
  }
  const at = project(projection, pointOfPick(piece, pick));
  return (
    <G>
      {numbers.map(({ p, n }) => (
        <MatText
          key={n}
          x={p.x}
          y={p.y + 4}
          size={12}
          anchor="middle"
          number
          halo={c.tapeInk}
          colour={c.tapeHi}
        >
          {String(n)}
        </MatText>
      ))}
      <Circle
        cx={at.x}
        cy={at.y}
        r={pick.at === 'hole' ? 5 : 8}
        fill="none"
        stroke={c.tapeInk}
        strokeWidth={4.6}
      />
      <Circle
        cx={at.x}
        cy={at.y}
        r={pick.at === 'hole' ? 5 : 8}
        fill="none"
        stroke={c.pinMat}
        strokeWidth={2.6}
      />
    </G>
  );
}

export function Measured({ a, b }: { a: { x: number; y: number }; b: { x: number; y: number } }) {
  const c = usePalette();
  const d = `M${a.x} ${a.y}L${b.x} ${b.y}`;
  return (
    <G>
      <Path d={d} stroke={c.tapeInk} strokeWidth={5} strokeLinecap="round" />
      <Path d={d} stroke={c.tape} strokeWidth={2.6} strokeLinecap="round" />
      <Circle cx={a.x} cy={a.y} r={5} fill={c.tape} stroke={c.tapeInk} strokeWidth={1.6} />
    </G>
  );
}
