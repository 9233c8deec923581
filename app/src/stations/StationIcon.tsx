import type { ReactNode } from 'react';
import Svg, { Circle, Path } from 'react-native-svg';

interface Line {
  stroke: string;
  strokeWidth: number;
  fill: 'none';
  strokeLinecap: 'round';
  strokeLinejoin: 'round';
}

/** A sign drawn with the line of the house in a box of 26. */
export type Drawn = (line: Line) => ReactNode;

export const PARTS: Drawn = (line) => (
  <Path
    d="M13 13.500c-1-1.600 1.600-3.600 3.400-1.900 2.200 2.200.3 6.200-3.100 6.200-4.300 0-6.700-4.400-5-8.200C10.300 5.100 16 4 19.600 7.300c4 3.600 3.700 10-.6 13.600"
    {...line}
  />
);

export const FACE: Drawn = (line) => (
  <>
    <Path
      d="M3.500 9.500C5 5.600 8.700 3.500 13 3.500s8 2.100 9.500 6M3.500 16.500c1.500 3.900 5.200 6 9.500 6s8-2.100 9.500-6"
      {...line}
    />
    <Circle cx={8.3} cy={13} r={2} fill={line.stroke} />
    <Circle cx={17.7} cy={13} r={2} fill={line.stroke} />
    <Path d="M13 11.500v3" {...line} />
  </>
);

export const JOINS: Drawn = (line) => (
  <>
    <Circle cx={13} cy={13.5} r={7} {...line} />
    <Path
      d="M10.200 8.500V3.500h5.600v5M6 14.500l-3.500 4.200 4.300 3.400 3.500-4.100M20 14.500l3.500 4.200-4.300 3.400-3.500-4.100"
      {...line}
    />
  </>
);

export const PLAN: Drawn = (line) => (
  <Path d="M8 3v20M5 7h6M5 12h6M8 17.500c6 0 9-2 9-7V4M14 6.500h6" {...line} />
);

export const MAKE: Drawn = (line) => (
  <Path
    d="M4.500 22.500L15 10.800M15 10.800c-2.800-3-1-7.300 2.400-7.300 2.700 0 4 2.300 3 4.300M14.500 19.500l2.800 2.800 5.200-6"
    {...line}
  />
);

/** The sign of a station. */
export function StationIcon({ icon, colour }: { icon: Drawn; colour: string }) {
  return (
    <Svg width={26} height={26} viewBox="0 0 26 26" aria-hidden>
      {icon({
        stroke: colour,
        strokeWidth: 1.9,
        fill: 'none',
        strokeLinecap: 'round',
        strokeLinejoin: 'round',
      })}
    </Svg>
  );
}
