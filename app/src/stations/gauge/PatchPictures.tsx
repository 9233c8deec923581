import { shade } from '@hoppla/core/picture';
import { G, Path, Rect } from 'react-native-svg';
import { numberSaid, type UnitWords } from '@hoppla/core/words';
import { MatText, RULER, tapeTicks, type MatUnit } from '../../controls';
import { usePalette } from '../../theme';
import { TAPE } from './MeasurePicture';

export interface Shared {
  stitchMm: number;
  roundMm: number;
  colour: string;
  room: { width: number; height: number };
  units: UnitWords;
}

export interface View {
  pxPerMm: number;
  originX: number;
  originY: number;
}

/** Stitches across and rounds up that each picture shows. */
export const PATCH = { stitches: [13, 4], rounds: [9, 11], wander: [13, 11], yarn: [20, 1] } as const;

/** A patch of single crochet: two legs a stitch, the rounds of the picture running up the page as in the hand. */
function Patch({
  across,
  up,
  stitchMm,
  roundMm,
  colour,
  pxPerMm,
  originX,
  originY,
  shiftPerRound = 0,
}: Shared & View & { across: number; up: number; shiftPerRound?: number }) {
  const [w, h] = [stitchMm * pxPerMm, roundMm * pxPerMm];
  let left = '';
  let right = '';
  for (let row = 0; row < up; row++) {
    const y = originY + (up - row) * h;
    const shift = (((shiftPerRound * row) % 1) + 1) % 1;
    for (let k = shift > 0.01 ? -1 : 0; k < across; k++) {
      const x = originX + (k + shift) * w;
      if (x < originX - 0.5 * w || x + w > originX + (across + 0.5) * w) continue;
      left += `M${x + 0.1 * w} ${y - 0.92 * h}Q${x + 0.3 * w} ${y - 0.3 * h} ${x + 0.5 * w} ${y - 0.06 * h}`;
      right += `M${x + 0.9 * w} ${y - 0.92 * h}Q${x + 0.7 * w} ${y - 0.3 * h} ${x + 0.5 * w} ${y - 0.06 * h}`;
    }
  }
  return (
    <G>
      <Rect x={originX} y={originY} width={across * w} height={up * h} fill={shade(colour, 0.5)} />
      <Path d={left} stroke={shade(colour, 1.12)} strokeWidth={0.36 * w} strokeLinecap="round" fill="none" />
      <Path d={right} stroke={shade(colour, 0.86)} strokeWidth={0.36 * w} strokeLinecap="round" fill="none" />
    </G>
  );
}

/** A length of the yellow tape with its ticks and the number on it. */
export function TapeAlong({
  x,
  y,
  length,
  upright,
  unit,
  pxPerMm,
  text,
}: {
  x: number;
  y: number;
  length: number;
  upright?: boolean;
  unit: MatUnit;
  pxPerMm: number;
  text: string;
}) {
  const c = usePalette();
  const ticks = tapeTicks(unit, pxPerMm, length)
    .map(({ at, px }) => (upright ? `M${x} ${y + at}h${px}` : `M${x + at} ${y}v${px}`))
    .join('');
  return (
    <G>
      <Rect x={x} y={y} width={upright ? 98 : length} height={upright ? length : TAPE} fill={c.tape} />
      <Path d={ticks} stroke={c.tapeInk} strokeWidth={1.1} />
      <TapeNumber
        x={upright ? x + 55 : x + length / 2}
        y={upright ? y + length / 2 + 8 : y + 33}
        text={text}
      />
    </G>
  );
}

function TapeNumber({ x, y, text }: { x: number; y: number; text: string }) {
  const c = usePalette();
  return (
    <MatText x={x} y={y} size={22} anchor="middle" number colour={c.tapeInk} halo={c.tape}>
      {text}
    </MatText>
  );
}

export function TenStitches(p: Shared & View) {
  const c = usePalette();
  const [across, up] = PATCH.stitches;
  const w = p.stitchMm * p.pxPerMm;
  const [x, y] = [p.originX + 1.5 * w, p.originY + up * p.roundMm * p.pxPerMm];
  return (
    <G>
      <Patch {...p} across={across} up={up} />
      <Path
        d={`M${x} ${p.originY - 4}V${y + 12}M${x + 10 * w} ${p.originY - 4}V${y + 12}`}
        stroke={c.matInk}
        strokeWidth={1.6}
        strokeDasharray="5 4"
      />
      <TapeAlong
        x={x}
        y={y + 12}
        length={10 * w}
        unit={p.units.of}
        pxPerMm={p.pxPerMm}
        text={p.units.length(10 * p.stitchMm)}
      />
    </G>
  );
}

export function TenRounds(p: Shared & View) {
  const c = usePalette();
  const [across, up] = PATCH.rounds;
  const h = p.roundMm * p.pxPerMm;
  const x = p.originX + across * p.stitchMm * p.pxPerMm + 12;
  const y = p.originY + 0.5 * h;
  return (
    <G>
      <Patch {...p} across={across} up={up} />
      <Path
        d={`M${p.originX - 4} ${y}H${x}M${p.originX - 4} ${y + 10 * h}H${x}`}
        stroke={c.matInk}
        strokeWidth={1.6}
        strokeDasharray="5 4"
      />
      <TapeAlong
        x={x}
        y={y}
        length={10 * h}
        unit={p.units.of}
        pxPerMm={p.pxPerMm}
        text={p.units.length(10 * p.roundMm)}
        upright
      />
    </G>
  );
}

/** The running marker over ten rounds, with a plumb line where it began. */
export function Wander(p: Shared & View & { stitches: number; side: 'left' | 'right' }) {
  const c = usePalette();
  const [across, up] = PATCH.wander;
  const [w, h] = [p.stitchMm * p.pxPerMm, p.roundMm * p.pxPerMm];
  const x = p.originX + (across / 2) * w;
  const by = (p.side === 'left' ? -1 : 1) * Math.min(p.stitches, across / 2 - 0.5) * w;
  const foot = p.originY + 10.5 * h;
  const line = `M${x} ${foot}${Array.from({ length: 10 }, (_, k) => `L${x + (by * (k + 1)) / 10} ${foot - (k + 1) * h}`).join('')}`;
  return (
    <G>
      <Patch {...p} across={across} up={up} />
      <Path d={`M${x} ${p.originY - 14}V${foot + 6}`} stroke="#0B1D3E" strokeWidth={3.6} />
      <Path
        d={`M${x} ${p.originY - 14}V${foot + 6}`}
        stroke={c.matInk}
        strokeWidth={2}
        strokeDasharray="6 5"
      />
      <Path d={line} stroke="#0B1D3E" strokeWidth={6} fill="none" />
      <Path d={line} stroke={c.threadMat} strokeWidth={4} strokeLinecap="round" fill="none" />
      <Path d={`M${x} ${p.originY - 9}h${by}`} stroke={c.tape} strokeWidth={10} />
      <MatText
        x={x + by + (by < 0 ? -8 : 8)}
        y={p.originY - 6}
        size={26}
        anchor={by < 0 ? 'end' : 'start'}
        number
      >
        {numberSaid(Math.round(p.stitches * 10) / 10)}
      </MatText>
    </G>
  );
}

/** Twenty stitches and the yarn that they give, to and fro at true length. */
export function Yarn(p: Shared & View & { lengthMm: number }) {
  const [across] = PATCH.yarn;
  const w = across * p.stitchMm * p.pxPerMm;
  const lane = 26;
  const lanes: string[] = [];
  let left = p.lengthMm * p.pxPerMm;
  let y = p.originY + p.roundMm * p.pxPerMm + 34;
  let x = p.originX + w;
  let d = `M${x} ${y}`;
  for (let k = 0; left > 0 && k < 12; k++) {
    const run = Math.min(left, w);
    x = k % 2 === 0 ? x - run : x + run;
    d += `H${x}`;
    left -= run + lane;
    if (left > 0) {
      d += `a${lane / 2} ${lane / 2} 0 0 ${k % 2 === 0 ? 0 : 1} 0 ${lane}`;
      y += lane;
    }
  }
  lanes.push(d);
  return (
    <G>
      <Patch {...p} across={across} up={1} />
      <Path
        d={`M${p.originX + w} ${p.originY + p.roundMm * p.pxPerMm * 0.7}v34`}
        stroke={p.colour}
        strokeWidth={5}
      />
      <Path d={lanes[0]} stroke={shade(p.colour, 0.5)} strokeWidth={8} fill="none" strokeLinecap="round" />
      <Path d={lanes[0]} stroke={p.colour} strokeWidth={5} fill="none" strokeLinecap="round" />
      <MatText
        x={p.originX + w / 2}
        y={Math.min(y + 34, RULER.top + p.room.height - 10)}
        size={24}
        anchor="middle"
        number
      >
        {p.units.length(p.lengthMm)}
      </MatText>
    </G>
  );
}
