import { type Projection, project, sceneOf } from '@hoppla/core/picture';
import { type Tint } from './three/yarnTint';
import { useMemo } from 'react';
import { type Placed } from '@hoppla/core/join';
import { type ToyModel } from '@hoppla/core/model';
import { usePalette } from '../theme';
import { type Pick } from './picker';
import { keyOf, stitchAt, type Shown } from './shown';
import { ToyPicture } from './ToyPicture';
import { type StageProps } from './LooseStage';

/** What is drawn flat until the stage is there, or where it cannot be. */
export function FlatToy({
  model,
  placed,
  projection,
  bare,
  upTo,
}: {
  model: ToyModel;
  placed: readonly Placed[];
  projection: Projection;
  bare?: boolean;
  upTo?: Record<string, number>;
}) {
  const scene = useMemo(
    () => sceneOf(model, placed, projection.rows, upTo ?? {}),
    [model, placed, projection.rows, upTo],
  );
  const origin = project(projection, [0, 0, 0]);
  return <ToyPicture scene={scene} x={origin.x} y={origin.y} pxPerMm={projection.pxPerMm} bare={bare} />;
}

/** The round that is read is lit, every fifth stitch of it marked, and the stitch itself most. */
export function tintsOf(
  pieces: readonly Shown[],
  marks: NonNullable<StageProps['marks']>,
  read: Pick | null,
  c: ReturnType<typeof usePalette>,
): ReadonlyMap<string, Tint> {
  const tints = new Map<string, Tint>();
  pieces.forEach((piece, i) => {
    const own = marks.filter((m) => m.piece === keyOf(piece.placed));
    const lit = read?.piece === i ? read : null;
    if (own.length === 0 && !lit) return;
    tints.set(piece.key, (stitch) => {
      const at = stitchAt(piece, stitch);
      if (lit && at.layer === lit.layer && at.round === lit.round) {
        if (lit.at === 'middle' && stitch === lit.stitch) return { colour: c.pinMat, share: 0.9 };
        return (at.index + 1) % 5 === 0 ? { colour: c.tapeInk, share: 0.8 } : { colour: c.tape, share: 0.8 };
      }
      return at.layer === 0 ? (own.find((m) => m.round === at.round) ?? null) : null;
    });
  });
  return tints;
}
