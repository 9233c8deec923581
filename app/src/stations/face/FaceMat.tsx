import { useMemo } from 'react';
import { Circle, G, Path } from 'react-native-svg';
import { polarOf } from '@hoppla/core/address';
import type { EyePair, EyesAt } from '@hoppla/core/feature';
import { assemble, type Placed, type SewnJoin } from '@hoppla/core/join';
import type { PartModel } from '@hoppla/core/toy';
import { Mat, MatText, RULER, type MatView } from '../../controls';
import { sceneOf, seenAt, standAlone, ToyPicture, type Scene } from '../../stage';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';

/** Whether the part stands with its ring above. */
export const ringIsUp = (part: PartModel): boolean => part.ringIs !== 'sole' && part.ringIs !== 'chin';

/** The scale at which a part and its name-tags fit a mat. */
export function faceView(part: PartModel, scene: Scene, width: number, height: number): MatView {
  const crown = ringIsUp(part) ? part.form.z[0] : -part.form.heightMm;
  const above = Math.max(0, crown - scene.top);
  const tall = Math.max(20, above + Math.max(part.form.heightMm, scene.bottom - crown));
  const pxPerMm = Math.min((width - RULER.left - 108) / Math.max(20, part.form.widthMm), (height - RULER.top - 16) / tall, 9);
  const spare = height - RULER.top - 16 - tall * pxPerMm;
  return { pxPerMm, originX: RULER.left + (width - RULER.left) / 2, originY: RULER.top + 8 + spare / 2 + above * pxPerMm };
}

/** A part standing by itself with what is sewn on it, and its picture. */
export function useFaceScene(part: PartModel | null): { own: Placed | null; scene: Scene } {
  const { model, toy } = useToy();
  return useMemo(() => {
    const own = model.pieces.find((p) => p.part === part?.part.id);
    if (!own) return { own: null, scene: sceneOf(model, []) };
    const mine = toy.joins.filter((j): j is SewnJoin => j.kind === 'sewn' && j.at.part === own.part && j.at.at !== 'edge' && j.at.copy === own.copy);
    const guests = model.pieces.filter((p) => mine.some((j) => j.guest.part === p.part));
    const standing = standAlone(own);
    const placed = mine.length ? assemble([{ ...own, ringIs: standing.ringIs }, ...guests], mine).placed : [standing];
    return { own: placed.find((p) => p.part === own.part) ?? standing, scene: sceneOf(model, placed) };
  }, [model, toy.joins, part]);
}

/** The part from the front with what is sewn on it, its rounds named, its eyes and their round marked. */
export function FaceMat({ part, own, scene, at, eyes, width, height, view }: { part: PartModel; own: Placed | null; scene: Scene; at: EyesAt | null; eyes: EyePair | null; width: number; height: number; view: MatView }) {
  const c = usePalette();
  const { units } = useToy();
  const { pxPerMm, originX, originY } = view;
  if (!own) return <Mat width={width} height={height} view={view} label={part.name}>{null}</Mat>;
  const top = ringIsUp(part) ? part.form.z[0] : -part.form.heightMm;
  const px = (p: { x: number; y: number }) => [originX + p.x * pxPerMm, originY + (p.y - top) * pxPerMm] as const;
  const line = at ? latitude(own, at.round, at.centre).map(px) : [];
  const posts = at ? at.polar.map((p) => px(seenAt(own, p))) : [];
  const end = line.reduce((a, b) => (b[0] > a[0] ? b : a), [0, 0] as readonly [number, number]);
  return (
    <Mat width={width} height={height} view={view} label={`${part.name}, ${units.bare(part.form.widthMm)} × ${units.length(part.form.heightMm)}`}>
      <ToyPicture scene={scene} x={originX} y={originY - top * pxPerMm} pxPerMm={pxPerMm} />
      <Path d={`M${originX} ${RULER.top}V${height}`} stroke={c.matInk} strokeWidth={1.3} strokeDasharray="6 5" strokeOpacity={0.8} />
      <RoundNames part={part} own={own} px={px} />
      {line.length > 1 && at ? (
        <G>
          <Path d={`M${line.map((p) => p.join(' ')).join('L')}`} stroke={c.matDeep} strokeWidth={4.2} fill="none" />
          <Path d={`M${line.map((p) => p.join(' ')).join('L')}`} stroke={c.tape} strokeWidth={2.6} fill="none" />
          <MatText x={Math.min(end[0] + 6, width - 46)} y={end[1] + 5} size={13} number colour={c.tape}>{`${at.names[0].round[0]}·${at.names[0].round[1]}`}</MatText>
        </G>
      ) : null}
      {eyes && posts.map(([x, y]) => (
        <G key={`${x}`}>
          <Circle cx={x} cy={y} r={(eyes.eyeMm / 2) * pxPerMm + 3} stroke={c.matDeep} strokeWidth={4.2} fill="none" />
          <Circle cx={x} cy={y} r={(eyes.eyeMm / 2) * pxPerMm + 3} stroke={c.tape} strokeWidth={2.6} fill="none" />
        </G>
      ))}
    </Mat>
  );
}

/** The near half of the line between two rounds, about the face centre. */
function latitude(own: Placed, round: number, centre: number) {
  const { count } = own.form.fabric.rounds[round];
  return Array.from({ length: 41 }, (_, k) => seenAt(own, polarOf(own.form, round, centre + ((k - 20) / 20) * (count / 4), 'hole')));
}

/** Rounds ticked along the left outline, named every 5. */
function RoundNames({ part, own, px }: { part: PartModel; own: Placed; px: (p: { x: number; y: number }) => readonly [number, number] }) {
  const c = usePalette();
  const sideways = part.form.direction * (ringIsUp(part) ? 1 : -1) * (Math.PI / 2);
  const rounds = part.form.rounds.map((r, i) => ({ r, at: px(seenAt(own, { angleRad: own.frontRad + sideways, row: i + 1 })) }));
  const flipped = rounds.length > 0 && rounds.some((x) => x.at[0] > px({ x: 0, y: 0 })[0] + 1);
  const mirror = (x: number) => (flipped ? 2 * px({ x: 0, y: 0 })[0] - x : x);
  return (
    <G>
      {rounds.map(({ r, at: [x, y] }, i) => {
        const far = i < 2 || i > rounds.length - 3;
        if (far) return null;
        const left = mirror(x) - 5;
        return r.number % 5 === 0 ? (
          <G key={r.label}>
            <Path d={`M${left} ${y}h-11`} stroke={c.matInk} strokeWidth={1.6} />
            <MatText x={left - 14} y={y + 4.5} size={12} anchor="end" number>{r.label}</MatText>
          </G>
        ) : (
          <Path key={r.label} d={`M${left} ${y}h-6`} stroke={c.matInk2} strokeWidth={1} />
        );
      })}
    </G>
  );
}
