import { View } from 'react-native';
import Svg, { Line, Path, Text as SvgText } from 'react-native-svg';
import type { Curve, PullRule } from '@hoppla/core/safety';
import { FAMILY, usePalette } from '../../theme';
import { screenWords as words } from '../../words';

const [WIDTH, HEIGHT] = [340, 190];
const [LEFT, FOOT] = [44, 24];
/** Most points that are drawn. */
const DRAWN = 400;

/** Where a time and a load stand on the drawing. */
interface Scale {
  x: (t: number) => number;
  y: (n: number) => number;
  /** seconds that have a line */
  seconds: readonly number[];
}

function scaleOf(curve: Curve, rule: PullRule): Scale {
  const seconds = Math.max(rule.riseS + rule.holdS + 3, curve.at(-1)?.[0] ?? 0);
  const most = Math.max(rule.target * 1.25, ...curve.map(([, n]) => n * 1.05));
  return {
    x: (t) => LEFT + ((WIDTH - LEFT - 6) * t) / seconds,
    y: (n) => HEIGHT - FOOT - ((HEIGHT - FOOT - 8) * Math.max(0, n)) / most,
    seconds: Array.from({ length: Math.floor(seconds / 5) + 1 }, (_, i) => i * 5),
  };
}

/** The load over time on the mat's grid: what is asked is a dashed line, what was pulled a yarn. */
export function CurveMat({ curve, rule }: { curve: Curve; rule: PullRule }) {
  const c = usePalette();
  const scale = scaleOf(curve, rule);
  const every = Math.max(1, Math.ceil(curve.length / DRAWN));
  const shown = curve.filter((_, i) => i % every === 0 || i === curve.length - 1);
  const d = shown
    .map(([t, n], i) => `${i === 0 ? 'M' : 'L'}${scale.x(t).toFixed(1)} ${scale.y(n).toFixed(1)}`)
    .join('');
  return (
    <View style={{ backgroundColor: c.mat, marginHorizontal: -16, alignItems: 'center', paddingVertical: 6 }}>
      <Svg
        width="100%"
        height={HEIGHT}
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={words.safety.curve}
      >
        <Grid scale={scale} target={rule.target} />
        <Path d={d} stroke={c.matInk} strokeWidth={2.6} strokeLinejoin="round" fill="none" />
      </Svg>
    </View>
  );
}

/** Lines every five seconds and every quarter of what is asked, with their numbers. */
function Grid({ scale: { x, y, seconds }, target }: { scale: Scale; target: number }) {
  const c = usePalette();
  const faint = { stroke: c.matLine, strokeOpacity: 0.22 };
  return (
    <>
      {seconds.map((t) => (
        <Line key={t} x1={x(t)} x2={x(t)} y1={6} y2={HEIGHT - FOOT} {...faint} />
      ))}
      {[0, 0.25, 0.5, 0.75].map((s) => (
        <Line key={s} x1={LEFT} x2={WIDTH - 6} y1={y(target * s)} y2={y(target * s)} {...faint} />
      ))}
      <Line
        x1={LEFT}
        x2={WIDTH - 6}
        y1={y(target)}
        y2={y(target)}
        stroke={c.tape}
        strokeDasharray="6 4"
        strokeWidth={2}
      />
      {seconds.map((t) => (
        <Mark key={t} x={x(t)} y={HEIGHT - 7} anchor="middle" colour={c.matInk2} said={String(t)} />
      ))}
      <Mark x={LEFT - 6} y={y(target) + 4} anchor="end" colour={c.tape} said={String(target)} />
      <Mark x={LEFT - 6} y={y(0)} anchor="end" colour={c.matInk2} said="0" />
    </>
  );
}

/** A number on the grid. */
function Mark({
  x,
  y,
  anchor,
  colour,
  said,
}: {
  x: number;
  y: number;
  anchor: 'middle' | 'end';
  colour: string;
  said: string;
}) {
  return (
    <SvgText x={x} y={y} fill={colour} fontSize={12} fontFamily={FAMILY.number} textAnchor={anchor}>
      {said}
    </SvgText>
  );
}
