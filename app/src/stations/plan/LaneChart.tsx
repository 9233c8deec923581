import { shade } from '@hoppla/core/picture';
import { useMemo } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import Svg, { G, Path, Text as SvgText } from 'react-native-svg';
import {
  chartOf,
  mergePath,
  spreadOut,
  type Chart,
  type ChartLane,
  type Knot,
  type Merge,
  type Plan,
} from '@hoppla/core/plan';
import { LaneSign } from '../../controls';
import { FAMILY, usePalette } from '../../theme';
import { useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';

const say = screenWords.plan;

/** Pixels: between lanes, before the first round, a round at least, and a sign's reach. */
const LANE = 50;
const LEFT = 24;
const LEAST_ROUND = 6;
const SIGN = 10;
const BESIDE = 23;

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
        <Taps drawn={drawn} />
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
  const spots = knotSpots(drawn, lane);
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
      {lane.knots.map((knot, i) => (
        <Knotted key={knot.key} drawn={drawn} knot={knot} yarn={lane.yarn} spot={spots[i]} />
      ))}
    </G>
  );
}

/** A knot; of the one that is chosen, and of eyes and noses, the time in which it could be done: a full line in comfort, a broken one as far as it is possible at all. */
function Knotted({ drawn, knot, yarn, spot }: { drawn: Drawn; knot: Knot; yarn: string; spot: Spot }) {
  const c = usePalette();
  const { window } = knot;
  const to = (along: number | null | undefined) => x(drawn, along ?? window?.first ?? 0);
  const at = spot.lane + 13;
  const shown = window && (knot.sign === 'pause' || drawn.chosen === knot.key);
  return (
    <G>
      {shown ? (
        <>
          <Path d={`M${to(window.first)} ${at}H${to(window.comfortable)}`} stroke={c.pin} strokeWidth={2.4} />
          <Path
            d={`M${to(window.comfortable)} ${at}H${to(window.last)}`}
            stroke={c.pin}
            strokeWidth={2.4}
            strokeDasharray="3 3"
          />
        </>
      ) : null}
      <LaneSign
        sign={knot.sign}
        x={spot.x}
        y={spot.y}
        yarn={shade(yarn, 0.8)}
        r={drawn.chosen === knot.key ? SIGN + 3 : SIGN}
      />
    </G>
  );
}

/** Where a sign stands, and the line of its lane. */
interface Spot {
  key: string;
  short: string;
  x: number;
  y: number;
  lane: number;
}

/** Knots of a lane; those that would lie on each other stand side by side. */
function knotSpots(drawn: Drawn, { knots, lane }: ChartLane): Spot[] {
  const at = spreadOut(
    knots.map((k) => x(drawn, k.along)),
    BESIDE,
  );
  return knots.map(({ key, short }, i) => ({ key, short, x: at[i], y: y(lane), lane: y(lane) }));
}

function mergeSpot(drawn: Drawn, { key, short, along, from, to }: Merge): Spot & { joins: boolean } {
  const joins = from !== null && to !== null && from !== to;
  const host = y(to ?? drawn.chart.lanes.length);
  return { key, short, x: x(drawn, along) + (joins ? 2.4 * drawn.k : 0), y: host, lane: host, joins };
}

/** Seams and steps of the whole toy. */
function Merges({ drawn }: { drawn: Drawn }) {
  const c = usePalette();
  return (
    <>
      {drawn.chart.merges.map((m) => {
        const spot = mergeSpot(drawn, m);
        return (
          <G key={m.key}>
            {spot.joins ? (
              <Path
                d={mergePath([x(drawn, m.along), y(m.from!)], [spot.x, spot.y])}
                stroke={shade(m.yarn ?? c.ink, 0.8)}
                strokeWidth={5}
                fill="none"
              />
            ) : null}
            <LaneSign sign={m.sign} x={spot.x} y={spot.y} yarn={c.ink} r={SIGN} />
          </G>
        );
      })}
    </>
  );
}

/** What is pressed: a sign opens its row. */
function Taps({ drawn }: { drawn: Drawn }) {
  const spots = [
    ...drawn.chart.lanes.flatMap((l) => knotSpots(drawn, l)),
    ...drawn.chart.merges.map((m) => mergeSpot(drawn, m)),
  ];
  return (
    <>
      {spots.map((s) => (
        <Pressable
          key={s.key}
          role="button"
          aria-label={say.onStrand(s.short)}
          aria-expanded={drawn.chosen === s.key}
          onPress={() => drawn.onChoose(s.key)}
          style={{ position: 'absolute', left: s.x - 22, top: s.y - 22, width: 44, height: 44 }}
        />
      ))}
    </>
  );
}
