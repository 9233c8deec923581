import { useRef } from 'react';
import { View, type GestureResponderEvent } from 'react-native';
import Svg, { Circle, G, Path } from 'react-native-svg';
import type { JoinRound } from '@hoppla/core/model';
import { usePalette } from '../../theme';
import { screenWords as words } from '../../words';
import { RingLabels } from './RingLabels';
import {
  RADII,
  ringAt,
  ringBracket,
  ringPiece,
  ringPlace,
  ringStitch,
  type Px,
  type RingShape,
} from './ringShape';

const say = words.joins;

export interface RingProps {
  round: JoinRound;
  /** layers of fabric in a slot where nothing is clamped, and what each clamp adds */
  layers: { bare: number; clamps: readonly number[] };
  chosen: number;
  onChoose: (clamp: number) => void;
  /** the chosen clamp is drawn by so many slots, or one end of it; null where the round is not changed here */
  onShift: ((by: number, end: 'from' | 'to' | null) => void) | null;
  label: string;
  size: number;
}

/** Choosing and dragging clamps by touch. */
function useClamps(ring: RingShape, { round, chosen, onChoose, onShift }: RingProps) {
  const from = useRef<number | null>(null);
  const end = useRef<'from' | 'to' | null>(null);
  const placeOf = ({ nativeEvent }: GestureResponderEvent) =>
    ringPlace(ring, { x: nativeEvent.locationX, y: nativeEvent.locationY });
  return {
    onStartShouldSetResponder: () => true,
    onResponderTerminationRequest: () => false,
    onResponderGrant: (event: GestureResponderEvent) => {
      const { coord, radius } = placeOf(event);
      end.current = gripAt(ring, round.clamps[chosen], {
        x: event.nativeEvent.locationX,
        y: event.nativeEvent.locationY,
      });
      if (end.current) {
        from.current = coord;
        return;
      }
      const k = round.clamps.findIndex((c) => coord >= c.at && coord <= c.at + c.over);
      from.current = k >= 0 && radius > RADII.number ? coord : null;
      if (from.current !== null && k !== chosen) onChoose(k);
    },
    onResponderMove: (event: GestureResponderEvent) => {
      if (from.current === null || !onShift) return;
      const { coord } = placeOf(event);
      const turned = coord - from.current;
      const by = Math.round(turned - ring.slots * Math.round(turned / ring.slots));
      if (by === 0) return;
      from.current += by;
      onShift(by, end.current);
    },
    onResponderRelease: () => {
      from.current = null;
    },
  };
}

/** Half of how large a grip is to a finger, px. */
const GRIP_PX = 22;

/** The grip of the chosen clamp that is touched: only outside the slots, so that a narrow clamp can still be drawn along. */
function gripAt(
  ring: RingShape,
  clamp: JoinRound['clamps'][number] | undefined,
  at: Px,
): 'from' | 'to' | null {
  if (!clamp || ringPlace(ring, at).radius < RADII.out) return null;
  const far = (coord: number) => {
    const { x, y } = ringAt(ring, coord, RADII.grip);
    return Math.hypot(at.x - x, at.y - y);
  };
  const [from, to] = [far(clamp.at), far(clamp.at + clamp.over)];
  if (Math.min(from, to) > GRIP_PX) return null;
  return from < to ? 'from' : 'to';
}

/** A join round seen from above, front at the bottom: a slot a stitch, its layers, what is clamped, the way it is worked. */
export function Ring(props: RingProps) {
  const { round, chosen, onChoose, label, size } = props;
  const c = usePalette();
  const { clamps, slots } = round;
  const ring: RingShape = { size, slots, front: round.front, sense: round.growsLeft };
  const drag = useClamps(ring, props);
  const spoken = clamps[chosen];
  const web = {
    tabIndex: 0,
    role: 'slider',
    'aria-label': label,
    'aria-valuemin': 1,
    'aria-valuemax': clamps.length,
    'aria-valuenow': chosen + 1,
    'aria-valuetext': spoken ? say.ringClamp(spoken.name, spoken.at + 1, spoken.at + spoken.over) : label,
    onKeyDown: (event: { key: string; preventDefault: () => void }) => {
      const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
      if (by === undefined || clamps.length === 0) return;
      event.preventDefault();
      onChoose((chosen + by + clamps.length) % clamps.length);
    },
  } as object;
  return (
    <View
      {...web}
      {...drag}
      style={
        {
          alignSelf: 'center',
          backgroundColor: c.mat,
          borderRadius: 6,
          width: size,
          height: size,
          touchAction: 'none',
        } as object
      }
    >
      <Svg width={size} height={size} aria-hidden style={{ pointerEvents: 'none' }}>
        <Slots ring={ring} {...props} />
        <Surplus ring={ring} round={round} />
        {clamps.map((clamp, k) => (
          <Bracket key={k} ring={ring} from={clamp.at} to={clamp.at + clamp.over} chosen={k === chosen} />
        ))}
        <RingLabels ring={ring} round={round} chosen={chosen} />
      </Svg>
    </View>
  );
}

/** Every slot with its layers: yellow where the chosen one is, light where another is clamped. */
function Slots({ ring, round, layers, chosen }: RingProps & { ring: RingShape }) {
  const c = usePalette();
  return Array.from({ length: ring.slots }, (_, slot) => {
    const held = round.clamps.findIndex((x) => slot >= x.at && slot < x.at + x.over);
    const free = held < 0 ? '#CFE0DA' : '#E6EEFF';
    const ground = held === chosen ? c.tape : free;
    if (slot >= round.written)
      return (
        <Path
          key={slot}
          d={ringPiece(ring, slot, slot + 1)}
          fill="none"
          stroke={c.coral}
          strokeWidth={2}
          strokeDasharray="4 3"
        />
      );
    const of = layers.bare + (held >= 0 ? layers.clamps[held] : 0);
    return (
      <G key={slot}>
        <Path d={ringPiece(ring, slot, slot + 1)} fill={ground} stroke="#06201D" strokeWidth={2} />
        {Array.from({ length: of }, (_, layer) => (
          <Path
            key={layer}
            d={ringStitch(ring, slot, layer, of)}
            stroke="#16323F"
            strokeWidth={1.5}
            fill="none"
          />
        ))}
      </G>
    );
  });
}

/** Stitches written beyond the slots there are, outside the ring. */
function Surplus({ ring, round }: { ring: RingShape; round: JoinRound }) {
  const c = usePalette();
  return Array.from({ length: Math.max(0, round.written - round.slots) }, (_, k) => (
    <Path
      key={k}
      d={ringPiece(ring, round.slots + k, round.slots + k + 1, true)}
      fill={c.coral}
      stroke="#06201D"
      strokeWidth={2}
    />
  ));
}

/** The bracket that grips the slots of a clamp, with two round grips when it is chosen. */
function Bracket({ ring, from, to, chosen }: { ring: RingShape; from: number; to: number; chosen: boolean }) {
  const c = usePalette();
  const d = ringBracket(ring, from, to);
  return (
    <G>
      <Path d={d} stroke="#06201D" strokeWidth={9} fill="none" strokeLinejoin="round" strokeLinecap="round" />
      <Path
        d={d}
        stroke={chosen ? c.tape : c.pinMat}
        strokeWidth={5}
        fill="none"
        strokeLinejoin="round"
        strokeLinecap="round"
      />
      {chosen
        ? [from, to].map((at) => {
            const { x, y } = ringAt(ring, at, RADII.grip);
            return <Circle key={at} cx={x} cy={y} r={8} fill={c.tape} stroke="#06201D" strokeWidth={2} />;
          })
        : null}
    </G>
  );
}
