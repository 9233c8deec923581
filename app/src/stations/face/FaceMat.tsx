import { boundsOf, standAlone, viewName } from '@hoppla/core/picture';
import { useMemo } from 'react';
import { headWidthMm, type EyePair, type EyesAt, type Head } from '@hoppla/core/feature';
import { kept } from '@hoppla/core/kept';
import { assemble, type Placed } from '@hoppla/core/join';
import type { PartModel, ToyModel } from '@hoppla/core/model';
import { Mat, RULER, type MatView } from '../../controls';
import { Stage, type Hold, type StageProps } from '../../stage';
import { useToy } from '../frame/useToy';
import { FaceOverlay } from './FaceOverlay';
import { ringIsUp } from './ringIsUp';
import type { EndAt, NeedledState } from './stitchEnds';

type Bounds = ReturnType<typeof boundsOf>;

/** Where a head's crown is on the mat and how tall the head is, mm; of a toy in one piece the body is left out. */
function headOnMat(
  part: PartModel,
  { rounds: { from, to } }: Head,
): { crown: number; tall: number; whole: boolean } {
  const whole = from === 0 && to === part.fabric.rounds.length - 1;
  if (whole) {
    const crown = ringIsUp(part) ? part.form.z[0] : -part.form.heightMm;
    return { crown, tall: part.form.heightMm, whole };
  }
  const z = part.form.z.slice(from, to + 2);
  const [low, high] = [Math.min(...z), Math.max(...z)];
  return { crown: ringIsUp(part) ? low : -high, tall: high - low, whole };
}

/** Of the body below a neck so much is seen, mm. */
const SHOULDER_MM = 8;

/** The scale at which a head and its name-tags fit a mat. */
export function faceView(part: PartModel, head: Head, scene: Bounds, width: number, height: number): MatView {
  const { crown, tall: headTall, whole } = headOnMat(part, head);
  const above = Math.max(0, crown - scene.top);
  const below = whole ? Math.max(headTall, scene.bottom - crown) : headTall + SHOULDER_MM;
  const tall = Math.max(20, above + below);
  const pxPerMm = Math.min(
    (width - RULER.left - 108) / Math.max(20, headWidthMm(head)),
    (height - RULER.top - 16) / tall,
    9,
  );
  const spare = height - RULER.top - 16 - tall * pxPerMm;
  return {
    pxPerMm,
    originX: RULER.left + (width - RULER.left) / 2,
    originY: RULER.top + 8 + spare / 2 + above * pxPerMm,
  };
}

/** A part standing by itself with what is sewn on it; its own piece first. */
export function faceOf(
  model: ToyModel,
  partId: string | undefined,
): { own: Placed | null; placed: readonly Placed[] } {
  const own = model.pieces.find((p) => p.part === partId);
  if (!own) return { own: null, placed: [] };
  const mine = model.toy.joins.filter(
    (j) => j.at.part === own.part && j.at.at !== 'edge' && j.at.copy === own.copy,
  );
  const guests = model.pieces.filter((p) => mine.some((j) => j.guest.part === p.part));
  const standing = standAlone(own);
  const placed = mine.length
    ? assemble([{ ...own, ringIs: standing.ringIs }, ...guests], mine).placed
    : [standing];
  return { own: placed.find((p) => p.part === own.part) ?? standing, placed };
}

interface FaceScene {
  own: Placed | null;
  placed: readonly Placed[];
  scene: Bounds;
}

const sceneOf = kept(
  (part: PartModel, model: ToyModel): FaceScene => {
    const found = faceOf(model, part.part.id);
    return { ...found, scene: boundsOf(found.placed) };
  },
  (_, model) => [
    model.toy.joins,
    ...model.pieces.flatMap((p) => [p.part, p.copy, p.form, p.frontRad, p.ringIs]),
  ],
);

/** The face of a part and its picture. Moving an eye changes neither, unless the front moves with it. */
export function useFaceScene(part: PartModel | null): FaceScene {
  const { model } = useToy();
  return useMemo(
    () => (part ? sceneOf(part, model) : { own: null, placed: [], scene: boundsOf([]) }),
    [model, part],
  );
}

interface FaceMatProps {
  part: PartModel;
  head: Head;
  own: Placed | null;
  placed: readonly Placed[];
  at: EyesAt | null;
  eyes: EyePair | null;
  width: number;
  height: number;
  view: MatView;
  hold: Hold;
  setHold: (change: (hold: Hold) => Hold) => void;
  action: StageProps['action'];
  grab: StageProps['grab'];
  /** needle work that is open, and which of its ends moves */
  stitched: NeedledState | null;
  end: EndAt;
}

/** The part from the front with what is sewn on it, its rounds named, its eyes and their round marked. */
export function FaceMat({
  part,
  head,
  own,
  placed,
  at,
  eyes,
  width,
  height,
  view,
  hold,
  setHold,
  action,
  grab,
  stitched,
  end,
}: FaceMatProps) {
  const { units, model } = useToy();
  const toys = useMemo(() => [{ model, placed }], [model, placed]);
  const { pxPerMm, originX, originY } = view;
  if (!own)
    return (
      <Mat width={width} height={height} view={view} unit={units.of} label={part.name}>
        {null}
      </Mat>
    );
  const { crown: top } = headOnMat(part, head);
  const front = viewName(hold) === 'front';
  return (
    <Stage
      width={width}
      height={height}
      label={`${part.name}, ${units.bare(part.form.widthMm)} × ${units.length(part.form.heightMm)}`}
      toys={toys}
      units={units}
      rest={{ x: originX, y: originY - top * pxPerMm, pxPerMm }}
      rulers={{ x: originX, y: originY }}
      {...{ hold, setHold, action, grab }}
      overlay={(projection) => (
        <FaceOverlay
          {...{ part, head, own, at, eyes, stitched, end, height, width, projection }}
          cut={hold.cut}
          front={front}
        />
      )}
    />
  );
}
