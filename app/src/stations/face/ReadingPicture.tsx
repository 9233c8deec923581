import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import {
  senseOfRing,
  type LeftOpen,
  type PlaceContext,
  type PlaceReading,
  type SaidPair,
} from '@hoppla/core/address';
import type { PartForm } from '@hoppla/core/form';
import { FAMILY, usePalette } from '../../theme';

const WIDTH = 268;
const STRIP = 62;
const HEAD = 110;

/** What one reading counts, drawn: the stitches or holes that are numbered, the way that is measured, or the edge that is counted from. */
export function ReadingPicture({
  reading,
  context,
  about,
}: {
  reading: PlaceReading;
  context: PlaceContext;
  about: LeftOpen;
}) {
  if (reading.said.what !== 'pair') return null;
  if (about === 'mm apart') return <MeasuredWay straight={reading.along === 'mm-straight'} />;
  if (about === 'from the edge')
    return (
      <CountedEdge
        form={context.form}
        round={reading.said.round}
        last={
          reading.round === 'from-pause-edge'
            ? context.faceAt(reading.said.round).pause
            : context.form.rounds.length - 1
        }
        ringUp={senseOfRing(context.form, context.ringIs).roundsUp < 0}
      />
    );
  return <CountedStrip said={reading.said} school={reading.along} />;
}

/** The posts on a piece of tape, with what is counted numbered from one post to the other. */
function CountedStrip({ said, school }: { said: SaidPair; school: PlaceReading['along'] }) {
  const c = usePalette();
  const { on, at } = said;
  const step = Math.min(24, (WIDTH - 60) / on);
  const left = (WIDTH - on * step) / 2;
  const x = (k: number) => left + k * step;
  // Of posts in holes the stitches lie half a step on; of posts in stitches the holes do.
  const stitchOff = at === 'hole' ? 0.5 : 0;
  const stitches = Array.from({ length: on + 3 }, (_, k) => k - 1 + stitchOff).filter(
    (k) => x(k) > 4 && x(k) < WIDTH - 4,
  );
  const holes = Array.from({ length: on + 3 }, (_, k) => k - 1 + (at === 'hole' ? 0 : 0.5));
  const range = (from: number, to: number) =>
    Array.from({ length: Math.max(0, to - from + 1) }, (_, k) => from + k);
  const counted =
    school === 'stitches-between'
      ? range(0, (at === 'hole' ? on : on - 1) - 1).map((k) => k + (at === 'hole' ? 0.5 : 1))
      : school === 'holes-showing'
        ? range(1, on - 1)
        : school === 'holes-counting-both'
          ? range(0, on)
          : range(1, on);
  const hops = school === 'holes-on' || school === 'stitches-on';
  return (
    <Svg width="100%" height={STRIP} viewBox={`0 0 ${WIDTH} ${STRIP}`} aria-hidden>
      <Rect x={0} y={22} width={WIDTH} height={STRIP - 22} fill={c.tape} />
      <Path
        d={stitches.map((k) => `M${x(k) - step * 0.28} 50L${x(k)} 34L${x(k) + step * 0.28} 50`).join('')}
        stroke={c.tapeInk2}
        strokeWidth={2}
        fill="none"
        strokeLinejoin="round"
      />
      {holes.map((k) => (
        <Circle key={k} cx={x(k)} cy={44} r={Math.min(2.6, step / 5)} fill={c.tapeInk} />
      ))}
      {hops ? (
        <Path
          d={range(0, on - 1)
            .map((k) => `M${x(k)} 30Q${x(k + 0.5)} 18 ${x(k + 1)} 30`)
            .join('')}
          stroke={c.tapeInk}
          strokeWidth={1.4}
          fill="none"
        />
      ) : null}
      {[0, on].map((k) => (
        <Circle key={k} cx={x(k)} cy={44} r={Math.min(9, step * 0.42)} fill={c.tapeInk} />
      ))}
      {counted.map((k, i) => {
        const shown = step >= 13 || i === counted.length - 1 || (i + 1) % 5 === 0;
        return (
          <G key={k}>
            {hops ? null : (
              <Line
                x1={x(k)}
                x2={x(k)}
                y1={20}
                y2={school === 'stitches-between' ? 32 : 38}
                stroke={c.ink}
                strokeWidth={1.4}
              />
            )}
            {shown ? (
              <SvgText
                x={x(k)}
                y={15}
                fontSize={13}
                fontWeight="600"
                fontFamily={FAMILY.number}
                textAnchor="middle"
                fill={c.ink}
              >
                {i + 1}
              </SvgText>
            ) : null}
          </G>
        );
      })}
    </Svg>
  );
}

/** Straight through the air from post to post, or along the fabric. */
function MeasuredWay({ straight }: { straight: boolean }) {
  const c = usePalette();
  const [a, b] = [WIDTH * 0.28, WIDTH * 0.72];
  return (
    <Svg width="100%" height={STRIP} viewBox={`0 0 ${WIDTH} ${STRIP}`} aria-hidden>
      <Path d={`M20 60Q${WIDTH / 2} -24 ${WIDTH - 20} 60`} stroke={c.edge} strokeWidth={6} fill="none" />
      {straight ? (
        <Path d={`M${a} 27H${b}`} stroke={c.ink} strokeWidth={2.6} strokeDasharray="6 4" />
      ) : (
        <Path
          d={`M${a} 27Q${WIDTH / 2} 7 ${b} 27`}
          stroke={c.ink}
          strokeWidth={2.6}
          strokeDasharray="6 4"
          fill="none"
        />
      )}
      <Circle cx={a} cy={27} r={8} fill={c.ink} />
      <Circle cx={b} cy={27} r={8} fill={c.ink} />
    </Svg>
  );
}

/** The part's outline as far as it is worked, the eyes' round on it, and the rounds counted from its edge. */
function CountedEdge({
  form,
  round,
  last,
  ringUp,
}: {
  form: PartForm;
  round: number;
  last: number;
  ringUp: boolean;
}) {
  const c = usePalette();
  const rows = Math.min(form.r.length - 1, last + 1);
  const tall = Math.max(...form.z);
  const k = Math.min((HEAD - 16) / Math.max(1, tall), (WIDTH - 120) / Math.max(1, form.widthMm));
  const between = (list: Float64Array, row: number) => (list[Math.floor(row)] + list[Math.ceil(row)]) / 2;
  const y = (row: number) => (ringUp ? 8 + between(form.z, row) * k : HEAD - 8 - between(form.z, row) * k);
  const x = (row: number, side: 1 | -1) => WIDTH / 2 + side * between(form.r, row) * k;
  const all = Array.from({ length: rows + 1 }, (_, i) => i);
  const outline = `${all.map((i) => `${i ? 'L' : 'M'}${x(i, -1)} ${y(i)}`).join('')}${[...all]
    .reverse()
    .map((i) => `L${x(i, 1)} ${y(i)}`)
    .join('')}`;
  const counted = all.filter((i) => i >= round && i <= rows);
  // Rounds near a gathered end are seen edge on: their numbers are spread, each with a line to its round.
  const labels = WIDTH / 2 + form.widthMm * 0.5 * k + 22;
  const many = counted.filter((i) => i < rows);
  const step = Math.min(15, (HEAD - 16) / Math.max(1, many.length));
  const named = many
    .filter((_, n) => step >= 11 || n === 0 || n === many.length - 1)
    .map((i) => ({ i, at: ringUp ? HEAD - 4 - (rows - 1 - i) * step : 14 + (rows - 1 - i) * step }));
  return (
    <Svg width="100%" height={HEAD} viewBox={`0 0 ${WIDTH} ${HEAD}`} aria-hidden>
      <Path d={outline} fill={c.sunk} stroke={c.ink} strokeWidth={1.6} />
      <Path
        d={counted.map((i) => `M${x(i, -1)} ${y(i)}H${x(i, 1)}`).join('')}
        stroke={c.ink}
        strokeOpacity={0.45}
        strokeWidth={1.2}
      />
      <Path d={`M${x(rows, -1)} ${y(rows)}H${x(rows, 1)}`} stroke={c.ink} strokeWidth={3.4} />
      {[-0.45, 0.45].map((s) => (
        <Circle key={s} cx={WIDTH / 2 + s * form.r[round] * k} cy={y(round)} r={6} fill={c.ink} />
      ))}
      {named.map(({ i, at }) => (
        <G key={i}>
          <Path
            d={`M${x(i + 0.5, 1)} ${y(i + 0.5)}L${labels - 4} ${at - 4}`}
            stroke={c.ink2}
            strokeWidth={1}
          />
          <SvgText x={labels} y={at} fontSize={13} fontWeight="600" fontFamily={FAMILY.number} fill={c.ink}>
            {rows - i}
          </SvgText>
        </G>
      ))}
    </Svg>
  );
}
