import { Pressable, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { standingAlone } from '@hoppla/core/address';
import { halfWidth } from '@hoppla/core/form';
import type { PartModel, Zone } from '@hoppla/core/model';
import type { ZoneFill } from '@hoppla/core/toy';
import { MatText } from '../../controls';
import { usePalette } from '../../theme';
import { useRoom } from '../frame/useRoom';
import { screenWords } from '../../words';

const say = screenWords.plan;
const MAT_HIGH = 250;
const LEAST_HIGH = 96;
const WIDEST = 860;

/** A length of one part, as indices of its rounds, both among it. */
export interface Span {
  from: number;
  to: number;
}

/** Lines of a length across the silhouette: the firmer, the closer, px; nothing where it stays empty. */
const HATCH: Record<ZoneFill, number | null> = { empty: null, soft: 14, medium: 9, firm: 5, 'yarn ends': 3 };

/** A part from the side, in px: its rings' ends and heights. */
interface Side {
  px: (ring: number, side: 1 | -1) => number;
  py: (ring: number) => number;
  /** right of the part, and how high the mat is */
  beside: number;
  high: number;
}

function sideOf({ form, fabric, ringIs }: PartModel, width: number): Side {
  const n = fabric.rounds.length;
  const up = standingAlone(ringIs) === 'sole';
  const z = (i: number) => (up ? form.z[n] - form.z[i] : form.z[i] - form.z[0]);
  const high = Math.max(1, Math.abs(form.z[n] - form.z[0]));
  const wide = Math.max(1, ...Array.from({ length: n + 1 }, (_, i) => halfWidth(form, i)));
  const k = Math.min((MAT_HIGH - 40) / high, (width * 0.5) / (2 * wide), 7);
  const middle = width * 0.36;
  return {
    px: (i, side) => middle + side * halfWidth(form, i) * k,
    py: (i) => 20 + z(i) * k,
    beside: middle + wide * k + 14,
    high: Math.max(LEAST_HIGH, high * k + 40),
  };
}

function outline({ px, py }: Side, { from, to }: Span): string {
  const rings = Array.from({ length: to - from + 2 }, (_, j) => from + j);
  const left = rings.map((i) => `${px(i, -1).toFixed(1)} ${py(i).toFixed(1)}`);
  const right = [...rings].reverse().map((i) => `${px(i, 1).toFixed(1)} ${py(i).toFixed(1)}`);
  return `M${[...left, ...right].join('L')}Z`;
}

/** Level lines inside a length. */
function hatchOf({ from, to, fill }: Zone, { px, py }: Side): string {
  const every = HATCH[fill];
  if (every === null) return '';
  let d = '';
  for (let i = from; i <= to; i++) {
    const [y0, y1] = [py(i), py(i + 1)];
    const steps = Math.max(1, Math.round(Math.abs(y1 - y0) / every));
    for (let s = 0; s < steps; s++) {
      const share = (s + 0.5) / steps;
      const at = y0 + (y1 - y0) * share;
      const x = (side: 1 | -1) => px(i, side) + (px(i + 1, side) - px(i, side)) * share;
      d += `M${x(-1).toFixed(1)} ${at.toFixed(1)}H${x(1).toFixed(1)}`;
    }
  }
  return d;
}

const labelOf = ({ fabric }: PartModel, { from, to, fill }: Zone): string => {
  const [a, b] = [fabric.rounds[from].label, fabric.rounds[to].label];
  return `${from === to ? a : `${a}–${b.slice(1)}`} ${say.fills[fill]}`;
};

/** A part from the side with its lengths; a touch chooses one. The hatching tells how firm, the words name it. */
export function Silhouette({
  part,
  zones,
  span,
  onChoose,
}: {
  part: PartModel;
  zones: readonly Zone[];
  span: Span;
  onChoose: (span: Span) => void;
}) {
  const c = usePalette();
  const { width } = useRoom();
  const side = sideOf(part, Math.min(width, WIDEST));
  return (
    <View style={{ backgroundColor: c.mat, height: side.high }}>
      <Svg width="100%" height={side.high} aria-hidden>
        {zones.map((zone) => (
          <ZoneDrawn key={zone.from} part={part} zone={zone} side={side} />
        ))}
        <Path d={outline(side, span)} fill="none" stroke={c.tape} strokeWidth={3} />
      </Svg>
      {zones.map((zone) => {
        const [a, b] = [side.py(zone.from), side.py(zone.to + 1)].sort((p, q) => p - q);
        return (
          <Pressable
            key={zone.from}
            role="button"
            aria-label={labelOf(part, zone)}
            aria-pressed={span.from === zone.from && span.to === zone.to}
            onPress={() => onChoose({ from: zone.from, to: zone.to })}
            style={{
              position: 'absolute',
              left: 0,
              right: 0,
              top: Math.min(a, (a + b) / 2 - 22),
              height: Math.max(44, b - a),
            }}
          />
        );
      })}
    </View>
  );
}

function ZoneDrawn({ part, zone, side }: { part: PartModel; zone: Zone; side: Side }) {
  const c = usePalette();
  const isEmpty = zone.fill === 'empty';
  return (
    <>
      <Path
        d={outline(side, zone)}
        fill={isEmpty ? 'none' : c.matDeep}
        stroke={c.matInk}
        strokeWidth={1.3}
        strokeDasharray={isEmpty ? '5 4' : undefined}
      />
      <Path d={hatchOf(zone, side)} stroke={c.matInk} strokeWidth={1.6} />
      <MatText x={side.beside} y={(side.py(zone.from) + side.py(zone.to + 1)) / 2 + 5} size={15} weight="600">
        {labelOf(part, zone)}
      </MatText>
    </>
  );
}
