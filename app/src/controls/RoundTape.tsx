import { View } from 'react-native';
import Svg, { G, Path, Rect, Text as SvgText } from 'react-native-svg';
import { FAMILY, usePalette } from '../theme';
import { LittleRoom } from './LittleRoom';
import { Num } from './type';
import { LaneSign, type PlanSign } from './signs';

const CASE = 74;

interface RoundTapeProps {
  width: number;
  name: string;
  rounds: number;
  /** rounds done, from the ring */
  done: number;
  stops: { after: number; sign: PlanSign }[];
  label: string;
}

const ROUNDED = { strokeLinecap: 'round', strokeLinejoin: 'round' } as const;

function TapeNumber({ x, y, value }: { x: number; y: number; value: number }) {
  const c = usePalette();
  return (
    <SvgText
      x={x}
      y={y}
      textAnchor="middle"
      fontFamily={FAMILY.number}
      fontSize={14}
      fontWeight="600"
      fill={c.tapeInk}
    >
      {value}
    </SvgText>
  );
}

/** What stands on the case of the tape: the part and how many rounds it has. */
function CaseLabel({ name, rounds }: { name: string; rounds: number }) {
  const c = usePalette();
  return (
    <View
      pointerEvents="none"
      style={{
        position: 'absolute',
        left: 0,
        top: 0,
        bottom: 0,
        width: CASE - 6,
        alignItems: 'center',
        justifyContent: 'center',
        paddingHorizontal: 2,
      }}
    >
      <LittleRoom>
        <Num color={c.tape} fontSize={14} lineHeight={18} numberOfLines={1}>
          {name}
        </Num>
        <Num color={c.matInk} fontSize={13} lineHeight={18}>{`${rounds} R`}</Num>
      </LittleRoom>
    </View>
  );
}

/** The rounds of a part on the tape: done ones ticked, the current one under the marker, stops where they come. */
export function RoundTape({ width, name, rounds, done, stops, label }: RoundTapeProps) {
  const c = usePalette();
  const height = 74;
  const step = Math.max(13, Math.min(26, (width - CASE - 20) / Math.max(rounds, 8)));
  const here = CASE + 10 + done * step + step / 2;
  const scroll = Math.max(0, here - width * 0.68);
  const xOf = (round: number) => CASE + 10 + (round - 0.5) * step - scroll;
  let ticks = '';
  let checks = '';
  const numbers: number[] = [];
  for (let r = 1; r <= rounds; r++) {
    const x = xOf(r);
    if (x < CASE + 2 || x > width) continue;
    ticks += `M${x} ${height}v${r % 5 === 0 ? -17 : -9}`;
    if (r % 5 === 0) numbers.push(r);
    if (r <= done) checks += `M${x - 4} 22l3 4 6-8`;
  }
  return (
    <View style={{ width, height, backgroundColor: c.tapeHi }} role="img" aria-label={label}>
      <Svg width={width} height={height} aria-hidden>
        <Rect x={0} y={0} width={Math.max(CASE, xOf(done + 1) - step / 2)} height={height} fill={c.tape} />
        <Rect x={0} y={height - 3} width={width} height={3} fill={c.tapeLo} />
        <Path d={ticks} stroke={c.tapeInk} strokeWidth={1.5} />
        <Path d={checks} stroke={c.tapeInk} strokeWidth={2} fill="none" {...ROUNDED} />
        {numbers.map((r) => (
          <TapeNumber key={r} x={xOf(r)} y={height - 21} value={r} />
        ))}
        {stops
          .filter((s) => s.after > done && xOf(s.after) + step / 2 > CASE + 12)
          .map((s) => (
            <G key={`${s.after}${s.sign}`} transform={`translate(${xOf(s.after) + step / 2} 22) scale(.62)`}>
              <LaneSign sign={s.sign} x={0} y={0} yarn={c.tapeInk} />
            </G>
          ))}
        {done < rounds ? <Path d={`M${xOf(done + 1) - 8} 10h16v15l-8 9-8-9z`} fill={c.tapeInk} /> : null}
        <Path
          d={`M0 0H${CASE - 8}L${CASE} ${height * 0.12}V${height * 0.88}L${CASE - 8} ${height}H0Z`}
          fill={c.matDeep}
        />
      </Svg>
      <CaseLabel name={name} rounds={rounds} />
    </View>
  );
}
