import { View } from 'react-native';
import Svg, { Circle, G, Path, Text as SvgText } from 'react-native-svg';
import type { JoinRound } from '@hoppla/core/model';
import { FAMILY, usePalette } from '../../theme';
import { screenWords as words } from '../../words';

const say = words.joins;
const SIZE = 320;
const MIDDLE = SIZE / 2;
/** px from the middle: where stitches stand, where numbers do, where clamps grip. */
const R = { in: 92, stitch: 106, out: 120, number: 137 };

/** A join round seen from above, front at the bottom: a slot a stitch, what is clamped over them, the way it is worked. */
export function Ring({
  round,
  chosen,
  onChoose,
  left,
  label,
}: {
  round: JoinRound;
  chosen: number;
  onChoose: (clamp: number) => void;
  /** worked clockwise: a left hand */
  left: boolean;
  label: string;
}) {
  const c = usePalette();
  const { slots, clamps, front } = round;
  const sense = left ? -1 : 1;
  /** px of a place on the ring: at the front down, anticlockwise for a right hand. */
  const at = (coord: number, r: number) => {
    const turn = (sense * 2 * Math.PI * (coord - front)) / slots;
    return { x: MIDDLE + r * Math.sin(turn), y: MIDDLE + r * Math.cos(turn) };
  };
  const arc = (from: number, to: number, r: number): string => {
    const [a, b] = [at(from, r), at(to, r)];
    return `M${a.x} ${a.y}A${r} ${r} 0 ${to - from > slots / 2 ? 1 : 0} ${left ? 1 : 0} ${b.x} ${b.y}`;
  };
  const keys = (event: { key: string; preventDefault: () => void }) => {
    const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
    if (by === undefined || clamps.length === 0) return;
    event.preventDefault();
    onChoose((chosen + by + clamps.length) % clamps.length);
  };
  const spoken = clamps[chosen];
  const web = {
    tabIndex: 0,
    role: 'slider',
    'aria-label': label,
    'aria-valuemin': 1,
    'aria-valuemax': clamps.length,
    'aria-valuenow': chosen + 1,
    'aria-valuetext': spoken ? say.ringClamp(spoken.name, spoken.at + 1, spoken.at + spoken.over) : label,
    onKeyDown: keys,
  } as object;
  return (
    <View
      {...web}
      style={{ alignSelf: 'center', backgroundColor: c.mat, borderRadius: 6, width: SIZE, height: SIZE }}
    >
      <Svg width={SIZE} height={SIZE} aria-hidden>
        {Array.from({ length: slots }, (_, k) => (
          <Slot
            key={k}
            k={k}
            at={at}
            ink={c.matInk}
            caught={clamps.some((x) => k >= x.at && k < x.at + x.over)}
          />
        ))}
        {clamps.map((clamp, k) => (
          <Grip
            key={k}
            d={[
              arc(clamp.at + 0.1, clamp.at + clamp.over - 0.1, R.out),
              arc(clamp.at + 0.1, clamp.at + clamp.over - 0.1, R.in),
            ]}
            chosen={k === chosen}
            onPress={() => onChoose(k)}
          />
        ))}
        {clamps.map((clamp, k) => {
          const p = at(clamp.at + clamp.over / 2, 66);
          return (
            <SvgText
              key={k}
              x={p.x}
              y={p.y + 5}
              fontFamily={FAMILY.text}
              fontSize={14}
              fontWeight={k === chosen ? '700' : '400'}
              textAnchor="middle"
              fill={k === chosen ? c.tape : c.matInk}
            >
              {clamp.name}
            </SvgText>
          );
        })}
        {Array.from({ length: slots }, (_, k) => k)
          .filter((k) => k === 0 || (k + 1) % 5 === 0)
          .map((k) => {
            const p = at(k + 0.5, R.number);
            return (
              <SvgText
                key={k}
                x={p.x}
                y={p.y + 5}
                fontFamily={FAMILY.number}
                fontSize={13}
                textAnchor="middle"
                fill={c.matInk}
              >
                {k + 1}
              </SvgText>
            );
          })}
        <Way
          d={arc(front + slots * 0.04, front + slots * 0.16, 40)}
          tip={at(front + slots * 0.16, 40)}
          before={at(front + slots * 0.13, 40)}
          ink={c.matInk}
        />
        <SvgText
          x={MIDDLE}
          y={MIDDLE + 5}
          fontFamily={FAMILY.number}
          fontSize={22}
          fontWeight="700"
          textAnchor="middle"
          fill={c.matInk}
        >
          {slots}
        </SvgText>
        <SvgText
          x={MIDDLE}
          y={SIZE - 6}
          fontFamily={FAMILY.text}
          fontSize={13}
          textAnchor="middle"
          fill={c.matInk}
        >
          {say.ringFront}
        </SvgText>
      </Svg>
    </View>
  );
}

type At = (coord: number, r: number) => { x: number; y: number };

/** One stitch of the round; where something is caught, its layers stand outside it. */
function Slot({ k, at, ink, caught }: { k: number; at: At; ink: string; caught: boolean }) {
  const mark = (r: number) => {
    const [a, top, b] = [at(k + 0.2, r - 5), at(k + 0.5, r + 5), at(k + 0.8, r - 5)];
    return `M${a.x} ${a.y}L${top.x} ${top.y}L${b.x} ${b.y}`;
  };
  return (
    <G>
      <Path d={mark(R.stitch)} stroke={ink} strokeWidth={1.6} fill="none" strokeOpacity={caught ? 1 : 0.7} />
      {caught ? <Path d={mark(R.stitch + 9)} stroke={ink} strokeWidth={1.6} fill="none" /> : null}
    </G>
  );
}

/** The bracket over the slots that a part takes. */
function Grip({ d, chosen, onPress }: { d: readonly string[]; chosen: boolean; onPress: () => void }) {
  const c = usePalette();
  return (
    <G onPress={onPress}>
      {d.map((path, k) => (
        <G key={k}>
          <Path d={path} stroke="#0B1D3E" strokeWidth={chosen ? 8 : 6} fill="none" strokeLinecap="round" />
          <Path
            d={path}
            stroke={chosen ? c.tape : c.pinMat}
            strokeWidth={chosen ? 4.5 : 3}
            fill="none"
            strokeLinecap="round"
          />
        </G>
      ))}
      {/* as wide as a finger */}
      <Path d={d[0]} stroke="transparent" strokeWidth={44} fill="none" />
    </G>
  );
}

/** The way the round is worked. */
function Way({
  d,
  tip,
  before,
  ink,
}: {
  d: string;
  tip: { x: number; y: number };
  before: { x: number; y: number };
  ink: string;
}) {
  const [dx, dy] = [tip.x - before.x, tip.y - before.y];
  const long = Math.hypot(dx, dy) || 1;
  const [ux, uy] = [dx / long, dy / long];
  return (
    <G>
      <Path d={d} stroke={ink} strokeWidth={2} fill="none" />
      <Path
        d={`M${tip.x - 7 * ux + 5 * uy} ${tip.y - 7 * uy - 5 * ux}L${tip.x} ${tip.y}L${tip.x - 7 * ux - 5 * uy} ${tip.y - 7 * uy + 5 * ux}`}
        stroke={ink}
        strokeWidth={2}
        fill="none"
      />
      <Circle cx={tip.x} cy={tip.y} r={0.1} fill={ink} />
    </G>
  );
}
