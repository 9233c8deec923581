import type { ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { Defs, G, Path, Pattern, Rect, Text as SvgText } from 'react-native-svg';
import { usePalette, FAMILY } from '../theme';
import { RULING, ticked, tickOf, type MatUnit } from './ruling';

/** Where the mat's origin stands and how large a millimetre is, in px. */
export interface MatView {
  pxPerMm: number;
  /** px of the toy's x = 0 and y = 0 inside the whole mat */
  originX: number;
  originY: number;
}

export const RULER = { left: 30, top: 22 };

interface MatProps {
  width: number;
  height: number;
  view: MatView;
  /** what its rulers and its grid count */
  unit: MatUnit;
  /** spoken name of the picture */
  label: string;
  rulers?: boolean;
  /** what stands on the grid under the drawn children: the stage's canvas */
  stage?: ReactNode;
  children: ReactNode;
}

/** The cutting mat: a true-scale grid with rulers that count outwards from the toy and down from its top. */
export function Mat({ width, height, view, unit, label, rulers = true, stage, children }: MatProps) {
  const c = usePalette();
  const left = rulers ? RULER.left : 0;
  const top = rulers ? RULER.top : 0;
  return (
    <View style={{ width, height, backgroundColor: c.mat, overflow: 'hidden' }} role="img" aria-label={label}>
      <Svg width={width} height={height} style={{ position: 'absolute' }} aria-hidden>
        <Grid unit={unit} view={view} width={width} height={height} />
      </Svg>
      {stage}
      <Svg width={width} height={height} style={{ position: 'absolute' }} pointerEvents="none" aria-hidden>
        <G>{children}</G>
        {rulers ? (
          <Rulers unit={unit} view={view} width={width} height={height} left={left} top={top} />
        ) : null}
      </Svg>
    </View>
  );
}

type Ruled = Pick<MatProps, 'unit' | 'view' | 'width' | 'height'>;

function Grid({ unit, view, width, height }: Ruled) {
  const c = usePalette();
  const { grid, stepMm } = RULING[unit];
  const layers: [number, string, number][] = [
    [grid[0] * stepMm, c.grid5, 0.7],
    [grid[1] * stepMm, c.grid10, 0.9],
    [grid[2] * stepMm, c.grid50, 1.3],
  ];
  return (
    <>
      <Defs>
        {layers.map(([step, opacity, weight]) => {
          const s = step * view.pxPerMm;
          const id = `grid-${Number(step.toFixed(2))}-${Math.round(view.pxPerMm * 1000)}-${Math.round(view.originX)}-${Math.round(view.originY)}`;
          return (
            <Pattern
              key={step}
              id={id}
              x={view.originX}
              y={view.originY}
              width={s}
              height={s}
              patternUnits="userSpaceOnUse"
            >
              <Path
                d={`M0 0H${s}M0 0V${s}`}
                stroke={c.matLine}
                strokeOpacity={opacity}
                strokeWidth={weight * 2}
              />
            </Pattern>
          );
        })}
      </Defs>
      {layers.map(([step]) => (
        <Rect
          key={step}
          x={0}
          y={0}
          width={width}
          height={height}
          fill={`url(#grid-${Number(step.toFixed(2))}-${Math.round(view.pxPerMm * 1000)}-${Math.round(view.originX)}-${Math.round(view.originY)})`}
        />
      ))}
    </>
  );
}

function Rulers({ unit, view, width, height, left, top }: Ruled & { left: number; top: number }) {
  const c = usePalette();
  const { pxPerMm, originX, originY } = view;
  const ruling = RULING[unit];
  const pxPerStep = pxPerMm * ruling.stepMm;
  const { fine, named } = ticked(ruling, pxPerMm);
  const marks = (origin: number, from: number, to: number): { step: number; at: number }[] => {
    const first = Math.ceil((from - origin) / pxPerStep / fine);
    const many = Math.ceil((to - origin) / pxPerStep / fine) - first;
    return Array.from({ length: pxPerMm > 0 ? Math.max(0, many) : 0 }, (_, i) => {
      const step = (first + i) * fine;
      return { step, at: origin + step * pxPerStep };
    });
  };
  let ticks = '';
  const words: ReactNode[] = [];
  for (const { step, at: x } of marks(originX, left, width)) {
    ticks += `M${x.toFixed(1)} ${top}v${-tickOf(step, ruling)}`;
    if (step % named === 0 && x > left + 8 && x < width - 8)
      words.push(
        <RulerNumber key={`x${step}`} x={x} y={11} anchor="middle" value={Math.abs(step) / ruling.one} />,
      );
  }
  for (const { step, at: y } of marks(originY, top, height)) {
    ticks += `M${left} ${y.toFixed(1)}h${-tickOf(step, ruling)}`;
    if (step >= 0 && step % named === 0 && y > top + 6 && y < height - 4)
      words.push(
        <RulerNumber key={`y${step}`} x={left - 8} y={y + 3.5} anchor="end" value={step / ruling.one} />,
      );
  }
  return (
    <>
      <Rect x={0} y={0} width={width} height={top} fill={c.matDeep} />
      <Rect x={0} y={0} width={left} height={height} fill={c.matDeep} />
      <Path d={`M${left} ${top}H${width}M${left} ${top}V${height}`} stroke={c.matInk2} strokeWidth={1} />
      <Path d={ticks} stroke={c.matInk2} strokeWidth={1} />
      <RulerNumber x={4} y={11} anchor="start" value={unit} />
      <Path d={`M${originX - 5} ${top - 8}h10l-5 8z`} fill={c.matInk} />
      {words}
    </>
  );
}

function RulerNumber({
  x,
  y,
  anchor,
  value,
}: {
  x: number;
  y: number;
  anchor: 'start' | 'middle' | 'end';
  value: number | string;
}) {
  const c = usePalette();
  return (
    <SvgText
      x={x}
      y={y}
      textAnchor={anchor}
      fontFamily={FAMILY.number}
      fontSize={10}
      fontWeight="500"
      fill={c.matInk2}
    >
      {value}
    </SvgText>
  );
}

/** Text that stands on the grid, with a halo of mat colour. */
export function MatText({
  x,
  y,
  size = 14,
  anchor = 'start',
  colour,
  halo,
  weight = '600',
  number,
  children,
}: {
  /** the ground it stands on, when that is not the mat */ halo?: string;
  x: number;
  y: number;
  size?: number;
  anchor?: 'start' | 'middle' | 'end';
  colour?: string;
  weight?: string;
  number?: boolean;
  children: string;
}) {
  const c = usePalette();
  const shared = {
    x,
    y,
    textAnchor: anchor,
    fontFamily: number ? FAMILY.number : FAMILY.text,
    fontSize: size,
    fontWeight: weight,
    letterSpacing: number ? -0.05 * size : 0,
  } as const;
  return (
    <>
      <SvgText {...shared} stroke={halo ?? c.mat} strokeWidth={5} strokeLinejoin="round" fill={halo ?? c.mat}>
        {children}
      </SvgText>
      <SvgText {...shared} fill={colour ?? c.matInk}>
        {children}
      </SvgText>
    </>
  );
}
