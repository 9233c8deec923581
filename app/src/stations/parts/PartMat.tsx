import { type Held, boundsOf, boxOf, standAlone, viewName } from '@hoppla/core/picture';
import ArrowUpDown from 'lucide-react-native/icons/arrow-up-down';
import { useEffect, useMemo, useState } from 'react';
import { G, Path, Rect, Text as SvgText } from 'react-native-svg';
import { sizeOf } from '@hoppla/core/form';
import type { PartModel } from '@hoppla/core/model';
import { MatText, Mat, Press, RULER, Words } from '../../controls';
import { keyOf, Stage, useHold } from '../../stage';
import { FAMILY, usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { Tall } from './Tall';
import { screenWords as say } from '../../words';

/** Room beside the part for its height, px. */
const DIMENSION = 100;

/** The part on the mat at true scale with its width and height, as it stands on the toy or as it is held while it is worked. */
export function PartMat({
  part,
  underWay,
  width,
  height,
}: {
  part: PartModel;
  /** the line that is being tapped: what it lacks yet is no fault */
  underWay: number | null;
  width: number;
  height: number;
}) {
  const c = usePalette();
  const { model, units } = useToy();
  const [held, setHeld] = useState<Held>('toy');
  const [hold, setHold] = useHold();
  const piece = model.pieces.find((p) => p.part === part.part.id);
  const standing = useMemo(() => (piece ? standAlone(piece, held) : null), [piece, held]);
  const toys = useMemo(() => (standing ? [{ model, placed: [standing] }] : []), [model, standing]);
  const scene = useMemo(() => (standing ? boundsOf([standing]) : null), [standing]);
  const size = sizeOf(part.form);
  const change = useSizeChange(part);
  const shown = part.fabric.rounds.length > 0 && scene !== null;
  const seen = shown ? { w: scene.right - scene.left, h: scene.bottom - scene.top } : { w: 30, h: 20 };
  const w = Math.max(30, seen.w);
  const h = Math.max(20, seen.h);
  const room = { x: width - RULER.left - 24, y: height - RULER.top - 54 };
  const pxPerMm = Math.min((room.x - DIMENSION) / w, room.y / h, 9);
  const middle = RULER.left + 14 + (w / 2) * pxPerMm + Math.max(0, (room.x - DIMENSION - w * pxPerMm) / 2);
  const originX = shown ? middle - ((scene.left + scene.right) / 2) * pxPerMm : middle;
  // A flat part lies in the middle, with room for its numbers above and below.
  const originY = RULER.top + 8 + Math.max(0, (room.y - seen.h * pxPerMm) * 0.4);
  // What is measured is the part itself, without its frills.
  const [left, top, right, bottom] =
    shown && standing ? boxOf(standing, undefined, true) : [-w / 2, 0, w / 2, h];
  const y = (mm: number) => originY + (mm - (scene?.top ?? 0)) * pxPerMm;
  const [x0, x1, y0, y1, foot] = [
    originX + left * pxPerMm,
    originX + right * pxPerMm,
    y(top),
    y(bottom),
    originY + seen.h * pxPerMm,
  ];
  const faulty = firstFaulty(part, underWay);
  const ringUp = held === 'toy' && part.ringIs !== 'sole' && part.ringIs !== 'chin';
  const label = `${part.name}: ${units.bare(size.width.value)} ${say.parts.wide(units.of)}, ${units.bare(size.height.value)} ${say.parts.tall(units.of)}`;
  const marks =
    piece && faulty >= 0 ? [{ piece: keyOf(piece), round: faulty, colour: c.coral, share: 0.8 }] : undefined;
  const atRest = viewName(hold) === 'front' && hold.zoom === 1 && hold.panX === 0 && hold.panY === 0;
  if (!shown)
    return (
      <Mat
        width={width}
        height={height}
        view={{ pxPerMm, originX, originY }}
        unit={units.of}
        label={say.parts.noRounds}
      >
        {null}
      </Mat>
    );
  return (
    <Stage
      width={width}
      height={height}
      label={label}
      toys={toys}
      units={units}
      rest={{ x: originX, y: originY - scene.top * pxPerMm, pxPerMm }}
      rulers={{ x: originX, y: originY }}
      hold={hold}
      setHold={setHold}
      bare
      marks={marks}
      corner={
        part.form.section === 'ring' ? (
          <Press
            label={held === 'toy' ? say.parts.inHand : say.parts.onToy}
            onPress={() => setHeld(held === 'toy' ? 'hand' : 'toy')}
            style={{
              flexDirection: 'row',
              alignItems: 'center',
              gap: 6,
              paddingHorizontal: 10,
              backgroundColor: c.matDeep,
            }}
          >
            <ArrowUpDown color={c.matInk} size={18} />
            <Words fontSize={14} color={c.matInk}>
              {held === 'toy' ? say.parts.inHand : say.parts.onToy}
            </Words>
          </Press>
        ) : null
      }
      overlay={() =>
        !atRest ? null : (
          <>
            {faulty >= 0 ? (
              <FaultyRound
                part={part}
                index={faulty}
                originX={originX}
                originY={y0}
                pxPerMm={pxPerMm}
                ringUp={ringUp}
              />
            ) : null}
            <Tall
              x={middle + (seen.w / 2) * pxPerMm + DIMENSION * 0.55}
              from={originX}
              y0={y0}
              y1={y1}
              value={units.bare(size.height.value)}
              unit={say.parts.tall(units.of)}
              range={say.parts.about(units.bare(size.height.low), units.bare(size.height.high))}
              change={change && units.bare(change.height)}
              flat={y1 - y0 < 60}
            />
            <G>
              <Path
                d={`M${x0} ${foot - 10}V${foot + 22}M${x1} ${foot - 10}V${foot + 22}M${x0 + 1} ${foot + 17}H${x1 - 1}M${x0 + 8} ${foot + 12}l-7 5 7 5M${x1 - 8} ${foot + 12}l7 5-7 5`}
                stroke={c.matInk}
                strokeWidth={1.4}
                fill="none"
              />
              <Rect x={middle - 46} y={foot + 6} width={92} height={24} fill={c.mat} />
              <MatText x={middle} y={foot + 24} size={19} anchor="middle" number>
                {units.length(size.width.value)}
              </MatText>
              <MatText x={middle} y={foot + 40} size={13} anchor="middle" number weight="500">
                {say.parts.about(units.bare(size.width.low), units.bare(size.width.high))}
              </MatText>
              {change && units.bare(change.width) !== units.bare(0) ? (
                <MatText x={middle + 50} y={foot + 23} size={14} number>
                  {say.parts.change(units.bare(change.width))}
                </MatText>
              ) : null}
            </G>
          </>
        )
      }
    />
  );
}

/** How long a change of size is shown, and how far apart two changes count as one, ms. */
const SHOWN_MS = 5000;

/** How much wider and taller the part has become since the change that is under way began; null when nothing has changed of late. */
function useSizeChange(part: PartModel): { width: number; height: number } | null {
  const { widthMm, heightMm } = part.form;
  const [since, setSince] = useState({
    part: part.part.id,
    from: { widthMm, heightMm },
    now: { widthMm, heightMm },
  });
  const same = since.part === part.part.id;
  // A new part begins anew; a new size keeps the size it began from.
  if (!same || since.now.widthMm !== widthMm || since.now.heightMm !== heightMm)
    setSince({
      part: part.part.id,
      from: same ? since.from : { widthMm, heightMm },
      now: { widthMm, heightMm },
    });
  useEffect(() => {
    const timer = setTimeout(() => setSince((s) => ({ ...s, from: s.now })), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [since.now]);
  const change = { width: widthMm - since.from.widthMm, height: heightMm - since.from.heightMm };
  return same && (Math.abs(change.width) > 0.05 || Math.abs(change.height) > 0.05) ? change : null;
}

function FaultyRound({
  part,
  index,
  originX,
  originY,
  pxPerMm,
  ringUp,
}: {
  part: PartModel;
  index: number;
  originX: number;
  originY: number;
  pxPerMm: number;
  ringUp: boolean;
}) {
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
      <Path
        d={left ? `M${originX - x} ${y}h-20` : `M${originX + x} ${y}h20`}
        stroke={c.coral}
        strokeWidth={2}
      />
      <Rect x={from} y={y - 12} width={46} height={24} fill={c.coral} />
      <SvgText
        x={from + 23}
        y={y + 5}
        textAnchor="middle"
        fontFamily={FAMILY.number}
        fontSize={14}
        fontWeight="600"
        fill={c.onCoral}
      >
        {round.label}
      </SvgText>
    </G>
  );
}

/** The first round that does not add up, as an index of the fabric; -1 where all do. */
function firstFaulty({ reading, fabric }: PartModel, underWay: number | null): number {
  const wrong = reading.lines.filter(
    (l) => l.line !== underWay && l.problems.some((p) => p.severity === 'error'),
  );
  const at = reading.rounds.findIndex((_, i) => wrong.some((l) => l.rounds[0] <= i && i < l.rounds[1]));
  return at < 0 ? -1 : fabric.rounds.findIndex((r) => r.reading === at);
}
