import { useRef } from 'react';
import { View, type GestureResponderEvent } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { FAMILY, usePalette } from '../theme';
import { screenWords } from '../words';
import { LittleRoom } from './LittleRoom';
import { Num } from './type';

export interface TapeProps {
  width: number;
  height: number;
  pxPerMm: number;
  /** px of the toy's centre line inside the tape */
  centreX: number;
  /** width of a stitch and height of a round, mm */
  stitchMm: number;
  roundMm: number;
  /** +1 when stitch numbers grow to the right on the screen (decision 16) */
  grows: 1 | -1;
  round: string;
  count: number;
  /** the face's own direction in stitches from the round's start, not rounded: the toy's centre line runs through it */
  centre: number;
  posts: [number, number];
  /** index of each post's round, and +1 when rounds grow downwards on the screen */
  postRounds: [number, number];
  down: 1 | -1;
  /** posts stand in holes, or through the middles of stitches */
  at: 'hole' | 'middle';
  eyeMm: number;
  /** null where nothing is held by a washer */
  washerMm: number | null;
  colour: string;
  label: string;
  value: string;
  onPost: (post: 0 | 1, coord: number) => void;
  onRound: (post: 0 | 1, round: number) => void;
  onArrow: (key: 'left' | 'right' | 'up' | 'down') => void;
}

const CASE = 66;
const KEYS: Record<string, 'left' | 'right' | 'up' | 'down'> = {
  ArrowLeft: 'left',
  ArrowRight: 'right',
  ArrowUp: 'up',
  ArrowDown: 'down',
};

/** px before a finger is taken to go along the round or across rounds. */
const SETTLED_PX = 8;

/** One round unrolled: a sign per stitch, a hole between each two, posts at true size. Dragged along it they move on their round, dragged across it to other rounds, both in true scale; or by arrow keys. */
export function Tape(props: TapeProps) {
  const {
    width,
    height,
    pxPerMm,
    centreX,
    stitchMm,
    grows,
    round,
    count,
    centre,
    posts,
    eyeMm,
    washerMm,
    label,
    value,
  } = props;
  const c = usePalette();
  const step = stitchMm * pxPerMm;
  const xOf = (coord: number) => centreX + grows * (coord - centre) * step;
  const held = useRef<{
    post: 0 | 1;
    from: number;
    round: number;
    x: number;
    y: number;
    way: 'along' | 'across' | null;
  } | null>(null);
  const half = props.at === 'middle' ? 0.5 : 0;
  const drag = {
    onStartShouldSetResponder: () => true,
    onMoveShouldSetResponder: () => true,
    onResponderTerminationRequest: () => false,
    onResponderGrant: ({ nativeEvent }: GestureResponderEvent) => {
      const coord = centre + (grows * (nativeEvent.locationX - centreX)) / step;
      const post = Math.abs(coord - posts[0]) < Math.abs(coord - posts[1]) ? 0 : 1;
      held.current = {
        post,
        from: posts[post],
        round: props.postRounds[post],
        x: nativeEvent.pageX,
        y: nativeEvent.pageY,
        way: null,
      };
    },
    onResponderMove: ({ nativeEvent }: GestureResponderEvent) => {
      const now = held.current;
      if (!now) return;
      const [dx, dy] = [nativeEvent.pageX - now.x, nativeEvent.pageY - now.y];
      if (!now.way && Math.max(Math.abs(dx), Math.abs(dy)) >= SETTLED_PX)
        now.way = Math.abs(dx) >= Math.abs(dy) ? 'along' : 'across';
      if (now.way === 'along') {
        const coord = Math.round(now.from + (grows * dx) / step - half) + half;
        if (coord !== posts[now.post]) props.onPost(now.post, coord);
      } else if (now.way === 'across') {
        const round = now.round + props.down * Math.round(dy / (props.roundMm * pxPerMm));
        if (round !== props.postRounds[now.post]) props.onRound(now.post, round);
      }
    },
    onResponderRelease: () => {
      held.current = null;
    },
  };
  const onKeyDown = (event: { key: string; preventDefault: () => void }) => {
    const arrow = KEYS[event.key];
    if (!arrow) return;
    event.preventDefault();
    props.onArrow(arrow);
  };
  const web = {
    onKeyDown,
    tabIndex: 0,
    'aria-valuenow': posts[1] - posts[0],
    'aria-valuemin': 1,
    'aria-valuemax': Math.floor(count / 2),
    'aria-valuetext': value,
  } as object;
  // A large washer pushes the row of holes down, so that it never leaves the tape.
  const mid = Math.max(height * 0.36, ((washerMm ?? eyeMm) / 2) * pxPerMm + 5);
  const marks: {
    zig: string;
    ticks: string;
    long: string;
    holes: number[];
    numbers: { x: number; k: number }[];
  } = { zig: '', ticks: '', long: '', holes: [], numbers: [] };
  const reach = Math.ceil(Math.max(centreX, width - centreX) / step) + 1;
  for (let k = Math.floor(centre) - reach; k <= Math.ceil(centre) + reach; k++) {
    const hole = xOf(k);
    if (hole > CASE - 6 && hole < width + 6) marks.holes.push(hole);
    // The middle of stitch k + 1 lies between holes k and k + 1.
    const x = xOf(k + 0.5);
    if (x < CASE || x > width) continue;
    marks.zig += `M${x - step * 0.25} ${mid + 8}L${x} ${mid - 8}L${x + step * 0.25} ${mid + 8}`;
    const number = (((k % count) + count) % count) + 1;
    if (number % 5 === 0 || number === 1) {
      marks.long += `M${x} ${height}v-18`;
      marks.numbers.push({ x, k: number });
    } else marks.ticks += `M${x} ${height}v-9`;
  }
  const a = Math.min(xOf(posts[0]), xOf(posts[1]));
  const b = Math.max(xOf(posts[0]), xOf(posts[1]));
  return (
    <View
      style={
        {
          width,
          height,
          backgroundColor: c.tape,
          userSelect: 'none',
          cursor: 'grab',
          touchAction: 'none',
        } as object
      }
      role="slider"
      aria-label={label}
      {...web}
      {...drag}
    >
      <View pointerEvents="none">
        <Svg width={width} height={height} aria-hidden>
          <Rect x={0} y={0} width={width} height={3} fill={c.tapeHi} />
          <Rect x={a} y={0} width={b - a} height={height} fill={c.tapeHi} />
          <Rect x={0} y={height - 3} width={width} height={3} fill={c.tapeLo} />
          <Path
            d={marks.zig}
            stroke={c.tapeInk2}
            strokeOpacity={0.6}
            strokeWidth={2}
            fill="none"
            strokeLinejoin="round"
          />
          <Path d={marks.ticks} stroke={c.tapeInk} strokeWidth={1.2} />
          <Path d={marks.long} stroke={c.tapeInk} strokeWidth={2} />
          {marks.holes.map((x) => (
            <Circle key={x} cx={x} cy={mid} r={2.8} fill={c.matDeep} />
          ))}
          {marks.numbers.map(({ x, k }) => (
            <SvgText
              key={`${x}`}
              x={x}
              y={height - 22}
              textAnchor="middle"
              fontFamily={FAMILY.number}
              fontSize={14}
              fontWeight="600"
              letterSpacing={-0.6}
              fill={c.tapeInk}
            >
              {k}
            </SvgText>
          ))}
          <Line
            x1={centreX}
            x2={centreX}
            y1={0}
            y2={height}
            stroke={c.tapeInk}
            strokeWidth={1.4}
            strokeDasharray="5 4"
          />
          {posts.map((post, i) => (
            <G key={i}>
              {washerMm === null ? null : (
                <Circle
                  cx={xOf(post)}
                  cy={mid}
                  r={(washerMm / 2) * pxPerMm}
                  fill="none"
                  stroke={c.tapeInk}
                  strokeWidth={1.6}
                  strokeDasharray="3 3"
                />
              )}
              <Circle cx={xOf(post)} cy={mid} r={(eyeMm / 2) * pxPerMm} fill={props.colour} />
              <Circle
                cx={xOf(post) - eyeMm * 0.16 * pxPerMm}
                cy={mid - eyeMm * 0.17 * pxPerMm}
                r={eyeMm * 0.1 * pxPerMm}
                fill="#fff"
              />
            </G>
          ))}
          <Path
            d={`M0 0H${CASE - 8}L${CASE} ${height * 0.12}V${height * 0.88}L${CASE - 8} ${height}H0Z`}
            fill={c.matDeep}
          />
        </Svg>
      </View>
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
        }}
      >
        <LittleRoom>
          <Num color={c.tape} fontSize={16} lineHeight={20}>
            {round}
          </Num>
          <Num color={c.matInk} fontSize={13} lineHeight={18}>
            {screenWords.face.st(count)}
          </Num>
        </LittleRoom>
      </View>
    </View>
  );
}
