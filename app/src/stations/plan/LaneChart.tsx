import { useMemo } from 'react';
import { ScrollView, View } from 'react-native';
import Svg, { G, Path, Text as SvgText } from 'react-native-svg';
import { chartOf, mergePath, type Chart, type ChartLane, type Knot, type Plan } from '@hoppla/core/plan';
import { LaneSign } from '../../controls';
import { shade } from '../../stage';
import { FAMILY, usePalette } from '../../theme';
import { useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';

/** Pixels: between lanes, before the first round, a round at least, and a sign's reach. */
const LANE = 62;
const LEFT = 24;
const LEAST_ROUND = 9;
const SIGN = 11;
const STACK = 24;

interface Drawn {
  chart: Chart;
  k: number;
  chosen: string | null;
  onChoose: (key: string) => void;
}

const x = ({ k }: Drawn, along: number): number => LEFT + along * k;
const y = (lane: number): number => LANE * (lane + 0.72);

/** All parts as strands across: rounds in proportion, knots where something is done, curves where one joins another. A knot opens its row. */
export function LaneChart({ plan, ...on }: { plan: Plan } & Pick<Drawn, 'chosen' | 'onChoose'>) {
  const c = usePalette();
  const { width } = useRoom();
  const { model } = useToy();
  const chart = useMemo(() => chartOf(model, plan), [model, plan]);
  const room = Math.min(1180, width - 90);
  const k = Math.max(LEAST_ROUND, (room - LEFT - 40) / Math.max(1, chart.long));
  const wide = LEFT + chart.long * k + 40;
  const drawn: Drawn = { chart, k, ...on };
  return (
    <ScrollView horizontal style={{ backgroundColor: c.paper, borderBottomWidth: 1, borderColor: c.line }}>
      <View style={{ width: wide, height: LANE * (chart.lanes.length + 1.1) }}>
        <Svg width={wide} height={LANE * (chart.lanes.length + 1.1)}>
          {chart.lanes.map((lane) => (
            <Strand key={lane.part} drawn={drawn} lane={lane} />
          ))}
          <Merges drawn={drawn} />
        </Svg>
      </View>
    </ScrollView>
  );
}

/** One part's strand with its name, its rounds and what is done on it. */
function Strand({ drawn, lane }: { drawn: Drawn; lane: ChartLane }) {
  const c = usePalette();
  const { units } = useToy();
  const at = y(lane.lane);
  const [from, to, until] = [x(drawn, lane.from), x(drawn, lane.from + lane.rounds), x(drawn, lane.until)];
  const ticks = Array.from({ length: lane.rounds }, (_, i) => {
    const high = (i + 1) % 5 === 0 ? 7 : 4;
    return `M${x(drawn, lane.from + i + 1)} ${at - high}v${2 * high}`;
  }).join('');
  const ends = [lane.startMm, lane.lastMm].filter((mm) => mm > 0).map((mm) => units.end(mm));
  return (
    <G>
      <Path
        d={`M${to} ${at}H${until}`}
        stroke={c.edge}
        strokeWidth={2.6}
        strokeDasharray="1 6"
        strokeLinecap="round"
      />
      <Path d={`M${from} ${at}H${to}`} stroke={shade(lane.yarn, 0.62)} strokeWidth={9} />
      <Path d={`M${from} ${at}H${to}`} stroke={lane.yarn} strokeWidth={6.4} />
      <Path d={ticks} stroke={c.ink} strokeWidth={1.1} />
      <Path
        d={`M${from} ${at}q-5 8 -2 16M${to} ${at}q5 8 2 16`}
        stroke={shade(lane.yarn, 0.8)}
        strokeWidth={2.4}
        fill="none"
      />
      <SvgText x={from} y={at - 22} fill={c.ink} fontFamily={FAMILY.text} fontSize={14} fontWeight="700">
        {`${lane.name}  ${ends.join(' … ')}`}
      </SvgText>
      {lane.knots.map((knot) => (
        <Knotted key={knot.key} drawn={drawn} knot={knot} at={at} yarn={lane.yarn} />
      ))}
    </G>
  );
}

/** A knot with the time in which it could be done: a full line in comfort, a broken one as far as it is possible at all. */
function Knotted({ drawn, knot, at, yarn }: { drawn: Drawn; knot: Knot; at: number; yarn: string }) {
  const c = usePalette();
  const cy = at + knot.stack * STACK * 0.5;
  const { window } = knot;
  const to = (along: number | null | undefined) => x(drawn, along ?? window?.first ?? 0);
  return (
    <G>
      {window ? (
        <>
          <Path
            d={`M${to(window.first)} ${at + 14}H${to(window.comfortable)}`}
            stroke={c.pin}
            strokeWidth={2.4}
          />
          <Path
            d={`M${to(window.comfortable)} ${at + 14}H${to(window.last)}`}
            stroke={c.pin}
            strokeWidth={2.4}
            strokeDasharray="3 3"
          />
        </>
      ) : null}
      <Tapped drawn={drawn} id={knot.key} label={knot.title}>
        <LaneSign
          sign={knot.sign}
          x={x(drawn, knot.along)}
          y={cy}
          yarn={shade(yarn, 0.8)}
          r={drawn.chosen === knot.key ? SIGN + 3 : SIGN}
        />
      </Tapped>
    </G>
  );
}

/** Seams and steps of the whole toy. */
function Merges({ drawn }: { drawn: Drawn }) {
  const c = usePalette();
  return (
    <>
      {drawn.chart.merges.map((m) => {
        const at = x(drawn, m.along);
        const host = y(m.to ?? drawn.chart.lanes.length);
        const joins = m.from !== null && m.to !== null && m.from !== m.to;
        const end = joins ? at + 2.4 * drawn.k : at;
        return (
          <G key={m.key}>
            {joins ? (
              <Path
                d={mergePath([at, y(m.from!)], [end, host])}
                stroke={shade(m.yarn ?? c.ink, 0.8)}
                strokeWidth={5}
                fill="none"
              />
            ) : null}
            <Tapped drawn={drawn} id={m.key} label={m.title}>
              <LaneSign sign={m.sign} x={end} y={host} yarn={c.ink} r={SIGN} />
            </Tapped>
          </G>
        );
      })}
    </>
  );
}

/** A sign that opens its row. */
function Tapped({
  drawn,
  id,
  label,
  children,
}: {
  drawn: Drawn;
  id: string;
  label: string;
  children: React.ReactNode;
}) {
  return (
    <G role="button" aria-label={label} aria-pressed={drawn.chosen === id} onPress={() => drawn.onChoose(id)}>
      {children}
    </G>
  );
}
