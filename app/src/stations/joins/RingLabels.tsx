import { G, Path, Text as SvgText, type TextProps } from 'react-native-svg';
import type { JoinRound } from '@hoppla/core/model';
import { FAMILY, usePalette } from '../../theme';
import { screenWords as words } from '../../words';
import { RADII, ringArc, ringAt, type Px, type RingShape } from './ringShape';

const say = words.joins;

/** Numbers inside, names outside, the sum in the middle, the way it is worked. */
export function RingLabels({ ring, round, chosen }: { ring: RingShape; round: JoinRound; chosen: number }) {
  const c = usePalette();
  const { size, slots } = ring;
  const numbers = Array.from({ length: slots }, (_, k) => k + 1).filter((n) => n === 1 || n % 5 === 0);
  const way = [0.06, 0.17].map((share) => round.front + slots * share);
  return (
    <G>
      {numbers.map((n) => (
        <G key={n}>
          <RingText at={ringAt(ring, n - 0.5, RADII.number)} px={14} fontFamily={FAMILY.number}>
            {String(n)}
          </RingText>
        </G>
      ))}
      {round.clamps.map((x, k) => (
        <G key={k}>
          <RingText
            at={within(size, ringAt(ring, x.at + x.over / 2, RADII.name), `${x.name} ${x.over}`)}
            px={14}
            fontWeight={k === chosen ? '700' : '400'}
            {...(k === chosen ? { fill: c.tape } : {})}
          >
            {`${x.name} ${x.over}`}
          </RingText>
        </G>
      ))}
      <Sum round={round} size={size} />
      <Path d={ringArc(ring, way[0], way[1], RADII.way)} stroke={c.matInk} strokeWidth={2} fill="none" />
      <Path d={arrowAt(ring, way[1])} stroke={c.matInk} strokeWidth={2} fill="none" />
      <RingText at={{ x: size / 2, y: size - 10 }} px={13}>
        {say.ringFront}
      </RingText>
    </G>
  );
}

/** Words on the ring, their middle at a place. */
function RingText({
  at,
  px,
  children,
  ...more
}: { at: Px; px: number; children: string } & Partial<TextProps>) {
  const c = usePalette();
  return (
    <SvgText
      x={at.x}
      y={at.y + px * 0.35}
      fontSize={px}
      textAnchor="middle"
      fill={c.matInk}
      fontFamily={FAMILY.text}
      {...more}
    >
      {children}
    </SvgText>
  );
}

/** Slots held of those there are; of a round that does not add up those that are written, in coral. */
function Sum({ round, size }: { round: JoinRound; size: number }) {
  const c = usePalette();
  const { slots, written, clamps } = round;
  const adds = written === slots;
  const held = adds ? clamps.reduce((sum, x) => sum + x.over, 0) : written;
  return (
    <G>
      <RingText
        at={{ x: size / 2, y: size / 2 - 8 }}
        px={34}
        fontFamily={FAMILY.number}
        fontWeight="700"
        fill={adds ? c.matInk : c.coral}
      >
        {String(held)}
      </RingText>
      <RingText at={{ x: size / 2, y: size / 2 + 18 }} px={14}>
        {adds ? say.ringHeld(slots) : say.ringWritten(slots)}
      </RingText>
    </G>
  );
}

/** Half a letter is about so wide, px of the names' size. */
const HALF_LETTER = 3.8;

/** A place for words, moved so that they stay in the picture. */
function within(size: number, { x, y }: Px, words: string): Px {
  const half = words.length * HALF_LETTER + 4;
  return { x: Math.max(half, Math.min(size - half, x)), y };
}

/** The head of the arrow at a place outside the ring. */
function arrowAt(ring: RingShape, at: number): string {
  const tip = ringAt(ring, at, RADII.way);
  const [a, b] = [RADII.way - 0.04, RADII.way + 0.04].map((r) => ringAt(ring, at - ring.slots * 0.025, r));
  return `M${a.x} ${a.y}L${tip.x} ${tip.y}L${b.x} ${b.y}`;
}
