import { shade } from '@hoppla/core/picture';
import { useSortable } from '@dnd-kit/sortable';
import GripVertical from 'lucide-react-native/icons/grip-vertical';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { G, Path } from 'react-native-svg';
import { LaneSign, Quiet, Title, Words } from '../../controls';
import { usePalette } from '../../theme';
import type { LaneRow } from '@hoppla/core/plan';
import { screenWords } from '../../words';
import { MakeThis } from './MakeThis';
import { RowMoves } from './RowMoves';

const say = screenWords.plan;

/** The sign of a step that is about no part. */
const WHOLE_TOY = '#6C877E';

/** One step with its strands: what is worked, what is parked, what is joined here. A press says why it stands here. */
export function PlanRow({
  row,
  n,
  lanes,
  open,
  onPress,
  narrow,
}: {
  row: LaneRow;
  /** which of all rows, from 1 */
  n: number;
  lanes: number;
  open: boolean;
  onPress: () => void;
  narrow: boolean;
}) {
  const c = usePalette();
  const [height, setHeight] = useState(56);
  const { setNodeRef, setActivatorNodeRef, transform, transition, isDragging, attributes, listeners } =
    useSortable({
      id: row.key,
    });
  const pitch = Math.min(30, (narrow ? 92 : 128) / lanes);
  const width = lanes * pitch + 22;
  const x = (lane: number) => 18 + lane * pitch;
  const mid = Math.min(height / 2, 34);
  return (
    <div ref={setNodeRef} style={dragged(transform?.y, transition, isDragging)}>
      <View
        onLayout={(e) => setHeight(e.nativeEvent.layout.height)}
        style={[band(row.band), { backgroundColor: row.band ? c.sunk : c.paper, borderColor: c.line }]}
      >
        <View style={{ width }}>
          <Strands width={width} height={height} row={row} mid={mid} x={x} />
        </View>
        <View style={{ flex: 1, minWidth: 0 }}>
          <Pressable role="button" aria-expanded={open} onPress={onPress}>
            <RowWords row={row} open={open} />
          </Pressable>
          {open ? <RowMoves step={row.step} /> : null}
          {open ? <MakeThis step={row.step} /> : null}
        </View>
        <Grip n={n} hold={setActivatorNodeRef} attributes={attributes} listeners={listeners} />
      </View>
    </div>
  );
}

/** A row while it is dragged, or makes room for one that is. */
const dragged = (
  y: number | undefined,
  transition: string | undefined,
  isDragging: boolean,
): React.CSSProperties => ({
  transform: y === undefined ? undefined : `translate3d(0, ${y}px, 0)`,
  transition,
  position: 'relative',
  zIndex: isDragging ? 2 : undefined,
  opacity: isDragging ? 0.85 : 1,
});

/** The pause for the eyes is a band across. */
const band = (is: boolean) =>
  ({
    flexDirection: 'row',
    minHeight: 56,
    borderTopWidth: is ? 1 : 0,
    borderBottomWidth: is ? 1 : 0,
  }) as const;

/** What a row is dragged by; with the keyboard: space, the arrows, space. */
function Grip({
  n,
  hold,
  attributes,
  listeners,
}: { n: number; hold: (node: HTMLElement | null) => void } & Pick<
  ReturnType<typeof useSortable>,
  'attributes' | 'listeners'
>) {
  const c = usePalette();
  return (
    <button
      type="button"
      ref={hold}
      {...attributes}
      {...listeners}
      aria-label={say.grip(n)}
      style={{
        width: 44,
        minHeight: 44,
        border: 0,
        padding: 0,
        background: 'transparent',
        cursor: 'grab',
        touchAction: 'none',
        display: 'flex',
        alignItems: 'center',
        justifyContent: 'center',
      }}
    >
      <GripVertical color={c.ink2} size={22} />
    </button>
  );
}

/** The step in words. */
function RowWords({ row, open }: { row: LaneRow; open: boolean }) {
  const c = usePalette();
  return (
    <View
      style={{ flex: 1, minWidth: 0, paddingVertical: row.band ? 12 : 8, paddingRight: 16, paddingLeft: 6 }}
    >
      {row.band ? (
        <Title lineHeight={24}>{row.title}</Title>
      ) : (
        <Words fontWeight="600" fontSize={17}>
          {row.title}
        </Words>
      )}
      <Quiet>{row.detail}</Quiet>
      {row.moves.map((move) => (
        <Quiet key={move}>{move}</Quiet>
      ))}
      {row.notes.map((note) => (
        <Words key={note} fontSize={15} lineHeight={21} color={c.coralInk}>
          {`! ${note}`}
        </Words>
      ))}
      {open ? row.along.map((line) => <Quiet key={line}>{line}</Quiet>) : null}
      {open ? (
        <Words marginTop={6} fontSize={15} lineHeight={21}>
          {row.reason}
        </Words>
      ) : null}
    </View>
  );
}

/** A strand of yarn along a path. */
function Strand({ d, yarn }: { d: string; yarn: string }) {
  return (
    <G>
      <Path d={d} stroke={shade(yarn, 0.62)} strokeWidth={9} fill="none" />
      <Path d={d} stroke={yarn} strokeWidth={6.4} strokeDasharray="5 1.6" fill="none" />
    </G>
  );
}

/** The strands of a row, its sign and what is joined. */
function Strands({
  width,
  height,
  row,
  mid,
  x,
}: {
  width: number;
  height: number;
  row: LaneRow;
  mid: number;
  x: (lane: number) => number;
}) {
  const c = usePalette();
  return (
    <Svg width={width} height={height} style={{ position: 'absolute', left: 0, top: 0 }} aria-hidden>
      {row.strands.map((s) => {
        const from = s.state === 'starts' ? mid : 0;
        const to = s.state === 'ends' ? mid : height;
        const d = `M${x(s.lane)} ${from}V${to}`;
        return s.state === 'parked' ? (
          <Path
            key={s.lane}
            d={d}
            stroke={c.edge}
            strokeWidth={2.6}
            strokeDasharray="1 6"
            strokeLinecap="round"
          />
        ) : (
          <Strand key={s.lane} d={d} yarn={s.yarn} />
        );
      })}
      {row.joins ? (
        <Strand
          d={`M${x(row.joins.lane)} 0C${x(row.joins.lane)} ${mid} ${x(row.joins.lane)} ${mid} ${x(row.lane)} ${mid}`}
          yarn={row.joins.yarn}
        />
      ) : null}
      <Path d={`M${x(row.lane) + 18} ${mid}H${width}`} stroke={c.line} strokeWidth={2} />
      <LaneSign sign={row.sign} x={x(row.lane)} y={mid} yarn={shade(row.yarn ?? WHOLE_TOY, 0.8)} r={14} />
    </Svg>
  );
}
