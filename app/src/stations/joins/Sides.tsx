import { type Projection, project } from '@hoppla/core/picture';
import { G, Path } from 'react-native-svg';
import { ringPoint } from '@hoppla/core/form';
import { move, type Placed } from '@hoppla/core/join';
import { mirroredAbout, sidesOf, type ToyModel } from '@hoppla/core/model';
import { usePalette } from '../../theme';

const AROUND = 24;

/** Some rings of a piece, mirrored about the toy's middle, as lines. */
function mirrored({ form, placement }: Placed, middle: number, projection: Projection): string[] {
  const step = Math.max(1, Math.round(form.r.length / 8));
  const rings = Array.from({ length: form.r.length }, (_, r) => r).filter((r) => r % step === 0);
  return rings.map((ring) => {
    const at = Array.from({ length: AROUND }, (_, k) =>
      project(
        projection,
        mirroredAbout(middle, move(placement, ringPoint(form, ring, (2 * Math.PI * k) / AROUND))),
      ),
    );
    return `${at.map((p, k) => `${k === 0 ? 'M' : 'L'}${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join('')}z`;
  });
}

/** The left one of every pair, mirrored and laid over the right one. */
export function Sides({ model, projection }: { model: ToyModel; projection: Projection }) {
  const c = usePalette();
  const { middle, pairs } = sidesOf(model);
  return (
    <G>
      {pairs.flatMap(({ part, left }) =>
        mirrored(left, middle, projection).map((d, k) => (
          <G key={`${part}${k}`}>
            <Path d={d} stroke="#0B1D3E" strokeWidth={3} strokeOpacity={0.5} fill="none" />
            <Path d={d} stroke={c.tape} strokeWidth={1.4} fill="none" />
          </G>
        )),
      )}
    </G>
  );
}
