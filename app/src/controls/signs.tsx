import Svg, { Circle, G, Line, Path, Polygon, Rect } from 'react-native-svg';
import { usePalette } from '../theme';

/** A closed stitch marker: the sign of a problem. */
export function MarkerSign({ colour, size = 26 }: { colour: string; size?: number }) {
  return (
    <Svg width={size} height={size} viewBox="0 0 26 26" aria-hidden>
      <Path d="M9.5 11.5V5.5a3.5 3.5 0 0 1 7 0v6" fill="none" stroke={colour} strokeWidth={2.6} />
      <Path
        d="M13 24.5c-4.4 0-7.5-3-7.5-6.8 0-3.4 2-5 3.4-6.2h8.2c1.4 1.2 3.4 2.8 3.4 6.2 0 3.800-3.1 6.800-7.500 6.800z"
        fill="none"
        stroke={colour}
        strokeWidth={2.6}
      />
      <Circle cx={13} cy={17.6} r={2.2} fill={colour} />
    </Svg>
  );
}

export type PlanSign = 'ring' | 'pause' | 'stuff' | 'close' | 'sew' | 'end' | 'needle' | 'look' | 'washer';

/** The signs of the lanes; each stands with its words. `x`, `y` is the middle. */
export function LaneSign({
  sign,
  x,
  y,
  yarn,
  r = 15,
}: {
  sign: PlanSign;
  x: number;
  y: number;
  yarn: string;
  r?: number;
}) {
  const c = usePalette();
  const at = `translate(${x} ${y})`;
  switch (sign) {
    case 'ring':
      return <Circle cx={x} cy={y} r={9} fill={c.paper} stroke={yarn} strokeWidth={4.5} />;
    case 'pause': {
      const points = Array.from(
        { length: 6 },
        (_, k) =>
          `${(Math.sin((k * Math.PI) / 3) * r).toFixed(1)},${(-Math.cos((k * Math.PI) / 3) * r).toFixed(1)}`,
      ).join(' ');
      return (
        <G transform={at}>
          <Polygon
            points={points}
            fill={c.tape}
            stroke={c.tapeInk}
            strokeWidth={2.2}
            strokeLinejoin="round"
          />
          <Line x1={-4} x2={-4} y1={-6} y2={6} stroke={c.tapeInk} strokeWidth={3.4} strokeLinecap="round" />
          <Line x1={4} x2={4} y1={-6} y2={6} stroke={c.tapeInk} strokeWidth={3.4} strokeLinecap="round" />
        </G>
      );
    }
    case 'stuff':
      return (
        <G transform={at}>
          <Path
            d="M-10 8a6 6 0 0 1-3-11 6.500 6.500 0 0 1 8-6 7 7 0 0 1 12 2.500 6 6 0 0 1 4 10.500 5 5 0 0 1-5 4z"
            fill={c.raise}
            stroke={c.ink}
            strokeWidth={2.2}
            strokeLinejoin="round"
          />
          <Path
            d="M-7 1q2 2 4 0M1-1q2 2 4 0M-2 5q2 1.500 4 0"
            fill="none"
            stroke={c.ink}
            strokeWidth={1.5}
            strokeLinecap="round"
          />
        </G>
      );
    case 'close':
      return (
        <G transform={at}>
          <Circle r={12} fill={c.raise} stroke={c.ink} strokeWidth={2.4} />
          {[0, 60, 120].map((a) => (
            <Line
              key={a}
              x1={-9}
              x2={9}
              y1={0}
              y2={0}
              stroke={c.ink}
              strokeWidth={2}
              transform={`rotate(${a})`}
            />
          ))}
        </G>
      );
    case 'sew':
      return (
        <G transform={at}>
          <Rect
            x={-10}
            y={-10}
            width={20}
            height={20}
            fill={c.pinWash}
            stroke={c.pin}
            strokeWidth={2.2}
            transform="rotate(45)"
          />
          <Path d="M-5 4l4-8M0 4l4-8M-9 3l3-6" stroke={c.pin} strokeWidth={2} strokeLinecap="round" />
        </G>
      );
    case 'needle':
      return (
        <G transform={at}>
          <Circle r={12} fill={c.threadWash} stroke={c.thread} strokeWidth={2.2} />
          <Path d="M-6 6L5-5m0 0l2.500-2.500" stroke={c.thread} strokeWidth={2.4} strokeLinecap="round" />
        </G>
      );
    case 'washer':
      return (
        <G transform={at}>
          <Circle r={12} fill={c.raise} stroke={c.ink} strokeWidth={2.2} />
          <Circle r={4.5} fill={c.paper} stroke={c.ink} strokeWidth={2.2} />
        </G>
      );
    case 'look':
      return (
        <G transform={at}>
          <Path d="M-12 0q12-13 24 0q-12 13-24 0z" fill={c.raise} stroke={c.ink} strokeWidth={2.2} />
          <Circle r={4} fill={c.ink} />
        </G>
      );
    case 'end':
      return (
        <G transform={at}>
          <Line x1={-8} x2={8} y1={0} y2={0} stroke={yarn} strokeWidth={9} strokeLinecap="round" />
          <Line x1={0} x2={0} y1={-9} y2={9} stroke={c.ink} strokeWidth={2.4} strokeLinecap="round" />
        </G>
      );
  }
}
