import type { ReactNode } from 'react';
import Svg, { Circle, Ellipse, G, Line, Path, Polygon, Rect } from 'react-native-svg';
import type { Sign as PlanSign } from '@hoppla/core/plan';
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

export type { PlanSign };

type Inks = ReturnType<typeof usePalette>;

/** One sign about its own middle: `r` is its reach, `yarn` the colour of its strand. */
type DrawnSign = (c: Inks, yarn: string, r: number) => ReactNode;

/** The table of signs; one that the plan knows and nobody has drawn does not compile. */
const SIGNS: Record<PlanSign, DrawnSign> = {
  ring: (c, yarn) => <Circle r={9} fill={c.paper} stroke={yarn} strokeWidth={4.5} />,
  pause: (c, _, r) => {
    const points = Array.from(
      { length: 6 },
      (_, k) =>
        `${(Math.sin((k * Math.PI) / 3) * r).toFixed(1)},${(-Math.cos((k * Math.PI) / 3) * r).toFixed(1)}`,
    ).join(' ');
    return (
      <>
        <Polygon points={points} fill={c.tape} stroke={c.tapeInk} strokeWidth={2.2} strokeLinejoin="round" />
        <Line x1={-4} x2={-4} y1={-6} y2={6} stroke={c.tapeInk} strokeWidth={3.4} strokeLinecap="round" />
        <Line x1={4} x2={4} y1={-6} y2={6} stroke={c.tapeInk} strokeWidth={3.4} strokeLinecap="round" />
      </>
    );
  },
  stuff: (c) => (
    <>
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
    </>
  ),
  close: (c) => (
    <>
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
    </>
  ),
  sew: (c) => (
    <>
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
    </>
  ),
  needle: (c) => (
    <>
      <Circle r={12} fill={c.threadWash} stroke={c.thread} strokeWidth={2.2} />
      <Path d="M-7 7L3-3" stroke={c.thread} strokeWidth={2.2} strokeLinecap="round" />
      <Ellipse rx={3.4} ry={2} rotation={-45} x={5} y={-5} fill="none" stroke={c.thread} strokeWidth={1.8} />
      <Path d="M5.500-4C8 0 3 2 5 6" fill="none" stroke={c.thread} strokeWidth={1.5} strokeLinecap="round" />
    </>
  ),
  washer: (c) => (
    <>
      <Circle r={12} fill={c.raise} stroke={c.ink} strokeWidth={2.2} />
      <Circle r={4.5} fill={c.paper} stroke={c.ink} strokeWidth={2.2} />
    </>
  ),
  look: (c) => (
    <>
      <Path d="M-12 0q12-13 24 0q-12 13-24 0z" fill={c.raise} stroke={c.ink} strokeWidth={2.2} />
      <Circle r={4} fill={c.ink} />
    </>
  ),
  end: (c, yarn) => (
    <>
      <Line x1={-8} x2={8} y1={0} y2={0} stroke={yarn} strokeWidth={9} strokeLinecap="round" />
      <Line x1={0} x2={0} y1={-9} y2={9} stroke={c.ink} strokeWidth={2.4} strokeLinecap="round" />
    </>
  ),
};

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
  return <G transform={`translate(${x} ${y})`}>{SIGNS[sign](usePalette(), yarn, r)}</G>;
}
