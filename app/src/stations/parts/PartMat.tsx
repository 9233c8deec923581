import { useMemo } from 'react';
import { G, Path, Rect, Text as SvgText } from 'react-native-svg';
import { sizeOf } from '@hoppla/core/form';
import { mm } from '@hoppla/core/plan';
import type { PartModel } from '@hoppla/core/toy';
import { screenWords as say } from '@hoppla/core/words';
import { Mat, MatText, RULER } from '../../controls';
import { sceneOf, standAlone, ToyPicture } from '../../stage';
import { FAMILY, usePalette } from '../../theme';
import { useToy } from '../frame/useToy';

/** Room beside the part for its height, px. */
const DIMENSION = 100;

/** The part on the mat at true scale with its width and height. */
export function PartMat({ part, width, height }: { part: PartModel; width: number; height: number }) {
  const c = usePalette();
  const { model } = useToy();
  const piece = model.pieces.find((p) => p.part === part.part.id);
  const scene = useMemo(() => (piece ? sceneOf(model, [standAlone(piece)]) : null), [model, piece]);
  const w = Math.max(30, part.form.widthMm);
  const h = Math.max(20, part.form.heightMm);
  const room = { x: width - RULER.left - 24, y: height - RULER.top - 44 };
  const pxPerMm = Math.min((room.x - DIMENSION) / w, room.y / h, 9);
  const originX = RULER.left + 14 + (w / 2) * pxPerMm + Math.max(0, (room.x - DIMENSION - w * pxPerMm) / 2);
  // A flat part lies in the middle, with room for its numbers above and below.
  const originY = RULER.top + 8 + Math.max(0, (room.y - part.form.heightMm * pxPerMm) * 0.4);
  const x0 = originX - (part.form.widthMm / 2) * pxPerMm;
  const x1 = originX + (part.form.widthMm / 2) * pxPerMm;
  const y1 = originY + part.form.heightMm * pxPerMm;
  const tallX = x1 + DIMENSION * 0.55;
  const size = sizeOf(part.form);
  const faultyReading = part.reading.rounds.findIndex((_, i) => part.reading.lines.some((l) => l.rounds[0] <= i && i < l.rounds[1] && l.problems.some((p) => p.severity === 'error')));
  const faulty = faultyReading < 0 ? -1 : part.fabric.rounds.findIndex((r) => r.reading === faultyReading);
  const label = `${part.name}: ${mm(size.width.value)} ${say.parts.wide}, ${mm(size.height.value)} ${say.parts.tall}`;
  const shown = part.fabric.rounds.length > 0;
  const flat = part.form.heightMm * pxPerMm < 60;
  return (
    <Mat width={width} height={height} view={{ pxPerMm, originX, originY }} label={shown ? label : say.parts.noRounds}>
      {scene && shown ? <ToyPicture scene={scene} x={originX} y={originY - scene.top * pxPerMm} pxPerMm={pxPerMm} bare /> : null}
      {shown && faulty >= 0 ? <FaultyRound part={part} index={faulty} originX={originX} originY={originY} pxPerMm={pxPerMm} ringUp={part.ringIs !== 'sole' && part.ringIs !== 'chin'} /> : null}
      {shown ? (
        <G>
          <Path d={`M${originX} ${originY}H${tallX + 8}M${originX} ${y1}H${tallX + 8}`} stroke={c.matInk} strokeWidth={1.2} strokeDasharray="5 4" />
          {flat ? null : <Path d={`M${tallX} ${originY + 1}V${y1 - 1}M${tallX - 5} ${originY + 8}l5-7 5 7M${tallX - 5} ${y1 - 8}l5 7 5-7`} stroke={c.matInk} strokeWidth={1.5} fill="none" />}
          <Rect x={tallX - 22} y={(originY + y1) / 2 - 20} width={44} height={26} fill={c.mat} />
          <MatText x={tallX} y={(originY + y1) / 2 + 2} size={26} anchor="middle" number>{mm(size.height.value)}</MatText>
          <MatText x={tallX} y={(originY + y1) / 2 + 18} size={14} anchor="middle" weight="400">{say.parts.tall}</MatText>
          <Path d={`M${x0} ${y1 - 10}V${y1 + 22}M${x1} ${y1 - 10}V${y1 + 22}M${x0 + 1} ${y1 + 17}H${x1 - 1}M${x0 + 8} ${y1 + 12}l-7 5 7 5M${x1 - 8} ${y1 + 12}l7 5-7 5`} stroke={c.matInk} strokeWidth={1.4} fill="none" />
          <Rect x={originX - 42} y={y1 + 6} width={84} height={24} fill={c.mat} />
          <MatText x={originX} y={y1 + 24} size={19} anchor="middle" number>{`${mm(size.width.value)} mm`}</MatText>
        </G>
      ) : null}
    </Mat>
  );
}

function FaultyRound({ part, index, originX, originY, pxPerMm, ringUp }: { part: PartModel; index: number; originX: number; originY: number; pxPerMm: number; ringUp: boolean }) {
  const c = usePalette();
  const round = part.form.rounds[index];
  if (!round) return null;
  const y = originY + (ringUp ? round.heightMm : part.form.heightMm - round.heightMm) * pxPerMm;
  const x = round.radiusMm * pxPerMm;
  // On the left where the height would be under the label.
  const left = (part.form.widthMm / 2) * pxPerMm + DIMENSION * 0.55 - x < 76 && originX - x - 66 > RULER.left;
  const from = left ? originX - x - 62 : originX + x + 16;
  return (
    <G>
      <Path d={`M${originX - x} ${y}H${originX + x}`} stroke={c.onCoral} strokeWidth={9} />
      <Path d={`M${originX - x} ${y}H${originX + x}`} stroke={c.coral} strokeWidth={6} strokeDasharray="9 4" />
      <Path d={left ? `M${originX - x} ${y}h-20` : `M${originX + x} ${y}h20`} stroke={c.coral} strokeWidth={2} />
      <Rect x={from} y={y - 12} width={46} height={24} fill={c.coral} />
      <SvgText x={from + 23} y={y + 5} textAnchor="middle" fontFamily={FAMILY.number} fontSize={14} fontWeight="600" fill={c.onCoral}>{round.label}</SvgText>
    </G>
  );
}
