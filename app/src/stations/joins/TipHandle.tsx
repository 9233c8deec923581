import { type Projection, project } from '@hoppla/core/picture';
import { useRef } from 'react';
import { View, type GestureResponderEvent } from 'react-native';
import type { Vec3 } from '@hoppla/core/form';
import { MOST_TILT_DEG, pieceKey, tipOf, type JoinSite, type Placed } from '@hoppla/core/join';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.joins;
const SIZE = 44;
/** Arrow keys move the tip by so many px. */
const KEY_PX = 8;
const KEYS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-KEY_PX, 0],
  ArrowRight: [KEY_PX, 0],
  ArrowUp: [0, -KEY_PX],
  ArrowDown: [0, KEY_PX],
};

interface TipProps {
  site: JoinSite;
  host: Placed;
  projection: Projection;
  onAim: (way: Vec3) => void;
}

interface Ends {
  base: Vec3;
  tip: Vec3;
}

/** The direction from the seam to a tip that was moved by so many px of the plane that is looked at. */
function movedBy(
  { base, tip }: Ends,
  { rows: [right, up], pxPerMm }: Projection,
  dx: number,
  dy: number,
): Vec3 {
  const [x, y] = [dx / pxPerMm, -dy / pxPerMm];
  const on = (i: 0 | 1 | 2) => tip[i] - base[i] + x * right[i] + y * up[i];
  return [on(0), on(1), on(2)];
}

/** Dragging the tip by touch, and moving it by keys. */
function useTip(ends: Ends | null, { site, projection, onAim }: TipProps): object {
  const from = useRef<(Ends & { x: number; y: number }) | null>(null);
  if (!ends) return {};
  const tiltDeg = Math.round(site.tiltDeg);
  return {
    onStartShouldSetResponder: () => true,
    onMoveShouldSetResponder: () => true,
    onResponderTerminationRequest: () => false,
    onResponderGrant: ({ nativeEvent }: GestureResponderEvent) => {
      from.current = { ...ends, x: nativeEvent.pageX, y: nativeEvent.pageY };
    },
    onResponderMove: ({ nativeEvent }: GestureResponderEvent) => {
      const start = from.current;
      if (start) onAim(movedBy(start, projection, nativeEvent.pageX - start.x, nativeEvent.pageY - start.y));
    },
    onResponderRelease: () => {
      from.current = null;
    },
    tabIndex: 0,
    role: 'slider',
    'aria-label': say.tip,
    'aria-valuenow': tiltDeg,
    'aria-valuemin': 0,
    'aria-valuemax': MOST_TILT_DEG,
    'aria-valuetext': say.tipAt(tiltDeg, Math.round(site.towardDeg)),
    onKeyDown: (event: { key: string; preventDefault: () => void; stopPropagation: () => void }) => {
      const by = KEYS[event.key];
      if (!by) return;
      event.preventDefault();
      event.stopPropagation();
      onAim(movedBy(ends, projection, ...by));
    },
  };
}

/** A handle at the tip of the chosen part: dragged, the part points there; it moves in the plane that is looked at. */
export function TipHandle(props: TipProps) {
  const { site, host, projection } = props;
  const c = usePalette();
  const { model } = useToy();
  const guest = model.pieces.find((p) => pieceKey(p) === pieceKey(site.join.guest));
  const points = guest && site.how === 'surface' && site.footprint !== null;
  const ends = points ? tipOf(host, guest, site) : null;
  const web = useTip(ends, props);
  if (!ends) return null;
  const at = project(projection, ends.tip);
  const place = { left: at.x - SIZE / 2, top: at.y - SIZE / 2, touchAction: 'none', cursor: 'move' };
  return (
    <View
      {...web}
      style={[
        { position: 'absolute', width: SIZE, height: SIZE, alignItems: 'center', justifyContent: 'center' },
        place as object,
      ]}
    >
      <View
        style={{
          width: 20,
          height: 20,
          borderRadius: 10,
          borderWidth: 3,
          borderColor: c.tape,
          backgroundColor: '#0B1D3E',
        }}
      />
    </View>
  );
}
