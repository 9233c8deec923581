import { sceneOf, standAlone } from '@hoppla/core/picture';
import { G, Path } from 'react-native-svg';
import { gaugeOf } from '@hoppla/core/gauge';
import {
  expected,
  widestRound,
  type Measured,
  type PartModel,
  type Said,
  yarnColour,
} from '@hoppla/core/model';
import { Mat, MatText, RULER } from '../../controls';
import { ToyPicture } from '../../stage';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';
import {
  type Shared,
  type View,
  PATCH,
  TapeAlong,
  TenStitches,
  TenRounds,
  Wander,
  Yarn,
} from './PatchPictures';

const say = screenWords.gauge;

interface PictureProps {
  part: PartModel;
  measured: Measured;
  said: Said;
  width: number;
  height: number;
}

/** What is measured, on the mat at true scale, as it would be with what was typed. */
export function MeasurePicture({ part, measured, said, width, height }: PictureProps) {
  const { units, model, toy } = useToy();
  const named = toy.gauges.find((g) => g.id === part.part.gauge) ?? toy.gauges[0];
  const gauge =
    said.state === 'good'
      ? gaugeOf({ ...named, hookMm: part.reading.hookMm ?? named.hookMm, ...said.change })
      : part.gauge;
  const colour = yarnColour(model, part.part.id, part.part.copies[0]?.id ?? '');
  const room = { width: width - RULER.left, height: height - RULER.top };
  const shared = { stitchMm: gauge.stitchMm, roundMm: gauge.roundMm, colour, room, units };
  const label = say.picture(say.way[measured.way]);
  if (measured.way === 'part')
    return <PartPicture part={part} measured={measured} width={width} height={height} label={label} />;
  const view = viewOf(measured.way, shared);
  return (
    <Mat width={width} height={height} view={view} unit={units.of} label={label}>
      {measured.way === 'stitches' ? <TenStitches {...shared} {...view} /> : null}
      {measured.way === 'rounds' ? <TenRounds {...shared} {...view} /> : null}
      {measured.way === 'wander' ? (
        <Wander
          {...shared}
          {...view}
          stitches={
            said.state === 'good' ? Number(measured.typed.replace(',', '.')) : expected(measured, part)
          }
          side={measured.side}
        />
      ) : null}
      {measured.way === 'yarn' ? (
        <Yarn {...shared} {...view} lengthMm={20 * gauge.yarnWidths * gauge.stitchMm} />
      ) : null}
    </Mat>
  );
}

/** Room for the tape beside the fabric, px. */
export const TAPE = 40;

function viewOf(way: keyof typeof PATCH, { stitchMm, roundMm, room }: Shared): View {
  const [across, up] = PATCH[way];
  const beside =
    way === 'rounds' ? { x: 140, y: 16 } : way === 'stitches' ? { x: 28, y: TAPE + 44 } : { x: 40, y: 52 };
  const pxPerMm =
    way === 'yarn'
      ? Math.min((room.width - 40) / (across * stitchMm), 3.2)
      : Math.min((room.width - beside.x) / (across * stitchMm), (room.height - beside.y) / (up * roundMm), 9);
  const w = across * stitchMm * pxPerMm;
  const h = way === 'yarn' ? room.height - 30 : up * roundMm * pxPerMm;
  const x = RULER.left + Math.max(14, (room.width - w - (way === 'rounds' ? 110 : 0)) / 2);
  return {
    pxPerMm,
    originX: x,
    originY:
      RULER.top +
      Math.max(
        10,
        (room.height - h - (way === 'stitches' ? TAPE + 26 : 0)) / 2 + (way === 'wander' ? 17 : 0),
      ),
  };
}

/** The part itself with the measure laid on it. */
function PartPicture({
  part,
  measured,
  width,
  height,
  label,
}: {
  part: PartModel;
  measured: Measured;
  width: number;
  height: number;
  label: string;
}) {
  const { model, units } = useToy();
  const piece = model.pieces.find((p) => p.part === part.part.id);
  const mat = { width, height, label, unit: units.of };
  if (!piece)
    return (
      <Mat {...mat} view={{ pxPerMm: 3, originX: width / 2, originY: 40 }}>
        {null}
      </Mat>
    );
  const scene = sceneOf(model, [standAlone(piece)]);
  const [w, h] = [scene.right - scene.left, scene.bottom - scene.top];
  const pxPerMm = Math.min((width - RULER.left - 150) / w, (height - RULER.top - 64) / h, 9);
  const middle = RULER.left + (width - RULER.left) / 2;
  const originX = middle - ((scene.left + scene.right) / 2) * pxPerMm;
  const originY = RULER.top + 10 + Math.max(0, (height - RULER.top - 64 - h * pxPerMm) / 2);
  const [x0, x1, y1] = [middle - (w / 2) * pxPerMm, middle + (w / 2) * pxPerMm, originY + h * pxPerMm];
  const round = part.form.rounds[widestRound(part)];
  const ringUp = part.ringIs !== 'sole' && part.ringIs !== 'chin';
  const girthY =
    originY + (ringUp ? (round?.heightMm ?? 0) : part.form.heightMm - (round?.heightMm ?? 0)) * pxPerMm;
  const value = units.length(expected(measured, part));
  const tape = { unit: units.of, pxPerMm, text: value };
  return (
    <Mat {...mat} view={{ pxPerMm, originX, originY }}>
      <ToyPicture scene={scene} x={originX} y={originY - scene.top * pxPerMm} pxPerMm={pxPerMm} bare />
      {measured.on === 'width' ? <TapeAlong x={x0} y={y1 + 6} length={x1 - x0} {...tape} /> : null}
      {measured.on === 'height' ? (
        <TapeAlong x={x1 + 10} y={originY} length={y1 - originY} {...tape} upright />
      ) : null}
      {measured.on === 'girth' ? (
        <Girth x0={x0} girthY={girthY} x1={x1} middle={middle} y1={y1} value={value} />
      ) : null}
    </Mat>
  );
}

/** The tape round the widest round. */
function Girth({
  x0,
  girthY,
  x1,
  middle,
  y1,
  value,
}: {
  x0: number;
  girthY: number;
  x1: number;
  middle: number;
  y1: number;
  value: string;
}) {
  const c = usePalette();
  return (
    <G>
      <Path
        d={`M${x0} ${girthY}a${(x1 - x0) / 2} 9 0 0 0 ${x1 - x0} 0`}
        stroke={c.tapeInk}
        strokeWidth={16}
        fill="none"
      />
      <Path
        d={`M${x0} ${girthY}a${(x1 - x0) / 2} 9 0 0 0 ${x1 - x0} 0`}
        stroke={c.tape}
        strokeWidth={13}
        fill="none"
      />
      <MatText x={middle} y={y1 + 30} size={24} anchor="middle" number>
        {value}
      </MatText>
    </G>
  );
}
