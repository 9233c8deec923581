import type { Vec3 } from '@hoppla/core/form';
import { type Projection, project } from '@hoppla/core/picture';
import { Circle, G, Path } from 'react-native-svg';
import { moveRigid } from '@hoppla/core/join';
import { MatText } from '../controls';
import { usePalette } from '../theme';
import { type Pick } from './picker';
import { pointOfPick } from './reading';
import { stitchAt, type Shown } from './shown';

interface RoundMarksProps {
  piece: Shown;
  pick: Pick;
  projection: Projection;
}

/** Numbers along the round that is read, on the side that is seen, and a sign at the place itself. */
export function RoundMarks({ piece, pick, projection }: RoundMarksProps) {
  const c = usePalette();
  const { fabric } = piece.placed.form;
  const round = (pick.layer ? fabric.layers[pick.layer - 1].rounds : fabric.rounds)[pick.round];
  const first = pick.stitch - stitchAt(piece, pick.stitch).index;
  const { middles } = piece.looks;
  const onScreen = (at: Vec3) => project(projection, moveRigid(piece.placed.placement, at));
  const seen = (k: number) => onScreen([middles[3 * k], middles[3 * k + 1], middles[3 * k + 2]]);
  const axis = onScreen([0, 0, piece.placed.form.z[pick.round + 1] ?? 0]);
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
      {[
        { ink: c.tapeInk, wide: 4.6 },
        { ink: c.pinMat, wide: 2.6 },
      ].map(({ ink, wide }) => (
        <Circle
          key={wide}
          cx={at.x}
          cy={at.y}
          r={pick.at === 'hole' ? 5 : 8}
          fill="none"
          stroke={ink}
          strokeWidth={wide}
        />
      ))}
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
