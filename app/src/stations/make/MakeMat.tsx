import { useMemo } from 'react';
import { G, Path, Rect } from 'react-native-svg';
import { polarOf } from '@hoppla/core/address';
import { halfWidth } from '@hoppla/core/form';
import type { Tick } from '@hoppla/core/plan';
import type { PartModel } from '@hoppla/core/toy';
import { screenWords as say } from '@hoppla/core/words';
import { LaneSign, Mat, MatText, RULER } from '../../controls';
import { sceneOf, seenAt, standAlone, ToyPicture, type Scene } from '../../stage';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';

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

/** The piece as far as it is made; the round being worked in yellow; at a seam the whole toy. */
export function MakeMat({ part, copy, tick, next, done, width, height }: MakeMatProps) {
  const c = usePalette();
  const { model } = useToy();
  const whole = !part || tick?.step.kind === 'sew';
  const own = model.pieces.find((p) => p.part === part?.part.id && p.copy === copy);
  const placed = useMemo(() => (whole || !own ? model.placed : [standAlone(own)]), [whole, own, model]);
  const full = useMemo(() => sceneOf(model, placed), [model, placed]);
  const made = useMemo((): Scene => (whole || !own ? full : sceneOf(model, placed, 'front', { [`${own.part}/${own.copy}`]: done })), [whole, own, model, placed, full, done]);
  const w = full.right - full.left;
  const h = full.bottom - full.top;
  const share = whole ? 1 : 0.56;
  const pxPerMm = Math.min(((width - RULER.left - 24) * share) / Math.max(w, 10), (height - RULER.top - 18) / Math.max(h, 10), 9);
  const originX = RULER.left + 12 + Math.max((w / 2) * pxPerMm, ((width - RULER.left - 24) * share) / 2);
  const originY = RULER.top + 8;
  const at = placed[0];
  const round = tick?.round?.round ?? -1;
  const band = !whole && at && round >= 0 ? currentRound(at, round).map((p) => [originX + p.x * pxPerMm, originY + (p.y - full.top) * pxPerMm]) : [];
  const textX = width - 12;
  const stop = next && !next.round ? next : null;
  return (
    <Mat width={width} height={height} view={{ pxPerMm, originX, originY }} label={tick?.step.title ?? ''}>
      <ToyPicture scene={made} x={originX} y={originY - full.top * pxPerMm} pxPerMm={pxPerMm} bare={!whole && !eyesAreIn(part, tick)} />
      {!whole && at ? <Path d={outline(at, originX, originY - full.top * pxPerMm, pxPerMm)} fill="none" stroke={c.matInk} strokeWidth={1.2} strokeDasharray="5 4" /> : null}
      {band.length > 1 ? (
        <G>
          <Path d={`M${band.map((p) => p.join(' ')).join('L')}`} stroke={c.tapeInk} strokeWidth={9} fill="none" />
          <Path d={`M${band.map((p) => p.join(' ')).join('L')}`} stroke={c.tape} strokeWidth={7} strokeDasharray="6 2" fill="none" />
        </G>
      ) : null}
      {tick?.round && part ? (
        <G>
          <Rect x={textX - 158} y={height - 78} width={166} height={64} fill={c.mat} />
          <MatText x={textX - 62} y={height - 26} size={52} anchor="end" weight="800" colour={c.tape}>{tick.round.label}</MatText>
          <MatText x={textX} y={height - 26} size={16} anchor="end">{say.make.of(part.fabric.rounds.length)}</MatText>
        </G>
      ) : null}
      {stop ? (
        <G>
          <LaneSign sign={stop.step.kind === 'eyes' ? 'pause' : stop.step.kind === 'stuff' ? 'stuff' : stop.step.kind === 'close' ? 'close' : 'end'} x={textX - 144} y={RULER.top + 24} yarn={c.matInk} />
          <MatText x={textX} y={RULER.top + 30} size={15} anchor="end">{`${say.make.next}: ${short(stop.step.title)}`}</MatText>
        </G>
      ) : null}
    </Mat>
  );
}

const short = (words: string): string => words.split(/[:,]/)[0].slice(0, 18);

const eyesAreIn = (part: PartModel | null, tick: Tick | null): boolean => part === null || tick === null || ['look-again', 'close', 'stuff'].includes(tick.step.kind);

/** The row being worked, as seen from the front. */
function currentRound(at: ReturnType<typeof standAlone>, round: number) {
  const { count } = at.form.fabric.rounds[round];
  return Array.from({ length: 49 }, (_, k) => seenAt(at, polarOf(at.form, round, (k / 48) * count, 'middle'))).filter((p) => p.near).sort((a, b) => a.x - b.x);
}

/** The whole part's outline from its side: both sides of the ring model. */
function outline(at: ReturnType<typeof standAlone>, x: number, y: number, k: number): string {
  const side = (sign: 1 | -1) => Array.from(at.form.r, (_, i) => `${(x + sign * halfWidth(at.form, i) * k).toFixed(1)} ${(y + (at.ringIs === 'sole' ? -1 : 1) * at.form.z[i] * k).toFixed(1)}`);
  return `M${side(1).join('L')}L${side(-1).reverse().join('L')}Z`;
}
