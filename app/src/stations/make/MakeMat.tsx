import { boundsOf, standAlone, viewName } from '@hoppla/core/picture';
import { useMemo } from 'react';
import { G, Path, Rect } from 'react-native-svg';
import { halfWidth } from '@hoppla/core/form';
import { standingAlone } from '@hoppla/core/address';
import { kindOf, stepWords } from '@hoppla/core/plan';
import type { Tick } from '@hoppla/core/record';
import type { PartModel } from '@hoppla/core/model';
import { LaneSign, MatText, RULER } from '../../controls';
import { keyOf, Stage, useHold } from '../../stage';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords as say } from '../../words';

interface MakeMatProps {
  part: PartModel | null;
  copy: string;
  tick: Tick | null;
  next: Tick | null;
  /** rounds of this piece that are done */
  done: number;
  width: number;
  height: number;
}

/** Steps in which parts are put together. */
const TOGETHER: readonly string[] = ['sew', 'draw-through', 'thread'];

/** The piece as far as it is made; the round being worked in yellow; at a seam the whole toy. */
export function MakeMat({ part, copy, tick, next, done, width, height }: MakeMatProps) {
  const c = usePalette();
  const { model, units } = useToy();
  const whole = !part || (tick !== null && TOGETHER.includes(tick.step.kind));
  const own = model.pieces.find((p) => p.part === part?.part.id && p.copy === copy);
  const placed = useMemo(() => (whole || !own ? model.placed : [standAlone(own)]), [whole, own, model]);
  const [hold, setHold] = useHold();
  const toys = useMemo(() => [{ model, placed }], [model, placed]);
  const full = useMemo(() => boundsOf(placed), [placed]);
  const w = full.right - full.left;
  const h = full.bottom - full.top;
  const share = whole ? 1 : 0.56;
  const pxPerMm = Math.min(
    ((width - RULER.left - 24) * share) / Math.max(w, 10),
    (height - RULER.top - 18) / Math.max(h, 10),
    9,
  );
  const originX = RULER.left + 12 + Math.max((w / 2) * pxPerMm, ((width - RULER.left - 24) * share) / 2);
  const originY = RULER.top + 8;
  const at = placed[0];
  const round = tick?.round?.round ?? -1;
  const key = own ? keyOf(own) : '';
  const upTo = useMemo(
    (): Record<string, number> => (whole || !own ? {} : { [key]: Math.max(done, round + 1) }),
    [whole, own, key, done, round],
  );
  const marks = !whole && round >= 0 ? [{ piece: key, round, colour: c.tape, share: 0.82 }] : undefined;
  const straight = viewName(hold) === 'front' && hold.zoom === 1 && hold.panX === 0 && hold.panY === 0;
  const textX = width - 12;
  const stop = next && !next.round ? next : null;
  return (
    <Stage
      width={width}
      height={height}
      label={tick ? stepWords(tick.step, model).title : ''}
      toys={toys}
      units={units}
      rest={{ x: originX, y: originY - full.top * pxPerMm, pxPerMm }}
      rulers={{ x: originX, y: originY }}
      hold={hold}
      setHold={setHold}
      bare={!whole && !eyesAreIn(part, tick)}
      upTo={upTo}
      marks={marks}
      overlay={() => (
        <>
          {!whole && at && straight ? (
            <Path
              d={outline(at, originX, originY - full.top * pxPerMm, pxPerMm)}
              fill="none"
              stroke={c.matInk}
              strokeWidth={1.2}
              strokeDasharray="5 4"
            />
          ) : null}
          {tick?.round && part ? (
            <G>
              <Rect x={textX - 158} y={height - 78} width={166} height={64} fill={c.mat} />
              <MatText x={textX - 62} y={height - 26} size={52} anchor="end" weight="800" colour={c.tape}>
                {tick.round.label}
              </MatText>
              <MatText x={textX} y={height - 26} size={16} anchor="end">
                {say.make.of(part.fabric.rounds.length)}
              </MatText>
            </G>
          ) : null}
          {stop ? (
            <G>
              <LaneSign
                sign={kindOf(stop.step.kind).sign}
                x={textX - 190}
                y={RULER.top + 24}
                yarn={c.matInk}
              />
              <MatText
                x={textX - 44}
                y={RULER.top + 30}
                size={15}
                anchor="end"
              >{`${say.make.next}: ${stepWords(stop.step, model).short}`}</MatText>
            </G>
          ) : null}
        </>
      )}
    />
  );
}

const eyesAreIn = (part: PartModel | null, tick: Tick | null): boolean =>
  part === null ||
  tick === null ||
  ['eyes', 'washers', 'look-again', 'close', 'stuff'].includes(tick.step.kind);

/** The whole part's outline from its side: both sides of the ring model. */
function outline(at: ReturnType<typeof standAlone>, x: number, y: number, k: number): string {
  const side = (sign: 1 | -1) =>
    Array.from(
      at.form.r,
      (_, i) =>
        `${(x + sign * halfWidth(at.form, i) * k).toFixed(1)} ${(y + (standingAlone(at.ringIs) === 'sole' ? -1 : 1) * at.form.z[i] * k).toFixed(1)}`,
    );
  return `M${side(1).join('L')}L${side(-1).reverse().join('L')}Z`;
}
