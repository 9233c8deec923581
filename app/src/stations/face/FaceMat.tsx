import { useMemo } from 'react';
import { Circle, G, Path } from 'react-native-svg';
import { polarOf } from '@hoppla/core/address';
import { headWidthMm, type EyePair, type EyesAt, type Head } from '@hoppla/core/feature';
import { kept } from '@hoppla/core/kept';
import { assemble, type Placed } from '@hoppla/core/join';
import type { PartModel, Stitched, ToyModel } from '@hoppla/core/model';
import { Mat, MatText, RULER, type MatView } from '../../controls';
import {
  boundsOf,
  seenAt,
  Stage,
  standAlone,
  viewName,
  type Hold,
  type Projection,
  type StageProps,
} from '../../stage';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import type { EndAt } from './StitchCard';

type Bounds = ReturnType<typeof boundsOf>;

/** Whether the part stands with its ring above. */
export const ringIsUp = (part: PartModel): boolean => part.ringIs !== 'sole' && part.ringIs !== 'chin';

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
  /** embroidery that is open, and which of its ends moves */
  stitched: Stitched | null;
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
  stitched,
  end,
}: FaceMatProps) {
  const { units, model } = useToy();
  const toys = useMemo(() => [{ model, placed }], [model, placed]);
  const { pxPerMm, originX, originY } = view;
  if (!own)
    return (
      <Mat width={width} height={height} view={view} label={part.name}>
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
      hold={hold}
      setHold={setHold}
      action={action}
      overlay={(projection) => (
        <>
          {front ? <FaceLine projection={projection} own={own} height={height} /> : null}
          {front ? <RoundNames part={part} own={own} projection={projection} /> : null}
          {stitched && !hold.cut ? (
            <ThreadEnds own={own} stitched={stitched} end={end} projection={projection} />
          ) : null}
          {at && !stitched && !hold.cut ? (
            <EyeRound own={own} at={at} projection={projection} width={width} />
          ) : null}
          {eyes && at && !stitched && !hold.cut ? (
            <EyeRims own={own} at={at} eyes={eyes} projection={projection} />
          ) : null}
        </>
      )}
    />
  );
}

/** The middle of the face: the tape's own middle line runs on below it. */
function FaceLine({ projection, own, height }: { projection: Projection; own: Placed; height: number }) {
  const c = usePalette();
  const { x } = seenAt(projection, own, { angleRad: own.frontRad, row: own.form.r.length / 2 });
  return (
    <Path
      d={`M${x} ${RULER.top}V${height}`}
      stroke={c.matInk}
      strokeWidth={1.3}
      strokeDasharray="6 5"
      strokeOpacity={0.8}
    />
  );
}

/** The line between two rounds on which the eyes stand, where it is in sight. */
function EyeRound({
  own,
  at,
  projection,
  width,
}: {
  own: Placed;
  at: EyesAt;
  projection: Projection;
  width: number;
}) {
  const c = usePalette();
  const { count } = own.form.fabric.rounds[at.round];
  const points = Array.from({ length: 81 }, (_, k) =>
    seenAt(projection, own, polarOf(own.form, at.round, at.centre + ((k - 40) / 40) * (count / 2), 'hole')),
  );
  let d = '';
  points.forEach(
    (p, k) =>
      (d += p.near ? `${k > 0 && points[k - 1].near ? 'L' : 'M'}${p.x.toFixed(1)} ${p.y.toFixed(1)}` : ''),
  );
  const near = points.filter((p) => p.near);
  if (near.length < 2) return null;
  const end = near.reduce((a, b) => (b.x > a.x ? b : a));
  return (
    <G>
      <Path d={d} stroke={c.matDeep} strokeWidth={4.2} fill="none" />
      <Path d={d} stroke={c.tape} strokeWidth={2.6} fill="none" />
      <MatText
        x={Math.min(end.x + 6, width - 46)}
        y={end.y + 5}
        size={13}
        number
        colour={c.tape}
      >{`${at.names[0].round[0]}·${at.names[0].round[1]}`}</MatText>
    </G>
  );
}

function EyeRims({
  own,
  at,
  eyes,
  projection,
}: {
  own: Placed;
  at: EyesAt;
  eyes: EyePair;
  projection: Projection;
}) {
  const c = usePalette();
  return at.polar.map((polar, i) => {
    const { x, y, near } = seenAt(projection, own, polar);
    const r = (eyes.eyeMm / 2) * projection.pxPerMm + 3;
    return near ? (
      <G key={i}>
        <Circle cx={x} cy={y} r={r} stroke={c.matDeep} strokeWidth={4.2} fill="none" />
        <Circle cx={x} cy={y} r={r} stroke={c.tape} strokeWidth={2.6} fill="none" />
      </G>
    ) : null;
  });
}

/** The ends of the embroidery that is open, by number; the one that moves is the largest. */
function ThreadEnds({
  own,
  stitched: { sides },
  end,
  projection,
}: {
  own: Placed;
  stitched: Stitched;
  end: EndAt;
  projection: Projection;
}) {
  const c = usePalette();
  return sides.flatMap((run, side) =>
    run.places.map((place, i) => {
      const { x, y, near } = seenAt(projection, own, place.polar);
      if (!near) return null;
      const chosen = side === end.side && i === end.end;
      return (
        <G key={`${side} ${i}`}>
          <Circle cx={x} cy={y} r={chosen ? 9 : 6} fill={c.matDeep} stroke={c.threadMat} strokeWidth={2.4} />
          <MatText
            x={x}
            y={y + (chosen ? 4.5 : 3.5)}
            size={chosen ? 12 : 9.5}
            number
            anchor="middle"
            colour={c.threadMat}
          >
            {String(i + 1)}
          </MatText>
        </G>
      );
    }),
  );
}

/** Rounds ticked along the left outline, named every 5. */
function RoundNames({ part, own, projection }: { part: PartModel; own: Placed; projection: Projection }) {
  const c = usePalette();
  const sideways = part.form.direction * (ringIsUp(part) ? 1 : -1) * (Math.PI / 2);
  const rounds = part.form.rounds.map((r, i) => ({
    r,
    at: seenAt(projection, own, { angleRad: own.frontRad + sideways, row: i + 1 }),
  }));
  const middle = seenAt(projection, own, { angleRad: 0, row: 0 }).x;
  const flipped = rounds.some((x) => x.at.x > middle + 1);
  return (
    <G>
      {rounds.map(({ r, at: { x, y } }, i) => {
        if (i < 2 || i > rounds.length - 3) return null;
        const left = (flipped ? 2 * middle - x : x) - 5;
        return r.number % 5 === 0 ? (
          <G key={r.label}>
            <Path d={`M${left} ${y}h-11`} stroke={c.matInk} strokeWidth={1.6} />
            <MatText x={left - 14} y={y + 4.5} size={12} anchor="end" number>
              {r.label}
            </MatText>
          </G>
        ) : (
          <Path key={r.label} d={`M${left} ${y}h-6`} stroke={c.matInk2} strokeWidth={1} />
        );
      })}
    </G>
  );
}
