import { useMemo } from 'react';
import { View } from 'react-native';
import Svg, { G, Path, Rect, Text as SvgText } from 'react-native-svg';
import { WORD_OF } from '@hoppla/core/notation';
import { stitchRow, stitchWithin, type RowStitch, type Tick } from '@hoppla/core/record';
import type { PartModel } from '@hoppla/core/model';
import { Nudge, Num, Quiet } from '../../controls';
import { note } from '../../documents';
import { FAMILY, usePalette } from '../../theme';
import { useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';

const say = screenWords.make;
/** px of one stitch on the row. */
const CELL = { width: 20, height: 40 };
const FIVE = 5;

/** The round stitch by stitch as it is worked: what is made, what is made now, and how much of the round below is left. */
export function StitchRow({ tick: t, part, made }: { tick: Tick; part: PartModel; made: number }) {
  const { wide, width } = useRoom();
  const { writing } = useToy();
  const row = useMemo(() => stitchRow(part.fabric, t.round!.round), [part, t]);
  const now = Math.min(made, row.length);
  const go = (by: number) => note(stitchWithin(t, Math.max(0, Math.min(row.length, now + by))));
  const room = (wide ? Math.min(620, width * 0.5) : width) - 32;
  const left = now === 0 ? firstLeft(row) : row[now - 1].left;
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', gap: 10 }}>
        <Num fontSize={20} lineHeight={26}>
          {say.stitchRow(now, row.length)}
        </Num>
        <Quiet aria-live="polite">{leftWords(left, now, row.length)}</Quiet>
      </View>
      <Row row={row} now={now} width={room} left={part.gauge.hand === 'left'} />
      {now < row.length ? <Quiet>{nowWords(row, now, part)}</Quiet> : null}
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <Nudge
          direction={say.oneBack}
          arrow="◂"
          result={String(Math.max(0, now - 1))}
          disabled={now === 0 || !writing}
          onPress={() => go(-1)}
          repeats
        />
        <Nudge
          direction={say.oneMore}
          arrow="▸"
          result={String(Math.min(row.length, now + 1))}
          disabled={now === row.length || !writing}
          onPress={() => go(1)}
          repeats
        />
        <Nudge
          direction={say.fiveMore}
          arrow="▸▸"
          result={String(Math.min(row.length, now + FIVE))}
          disabled={now === row.length || !writing}
          onPress={() => go(FIVE)}
          repeats
        />
      </View>
    </View>
  );
}

const firstLeft = ([first]: readonly RowStitch[]): number | null =>
  first && first.left !== null ? first.left + first.into : null;

function leftWords(left: number | null, now: number, count: number): string {
  if (now === count) return say.leftNone;
  return left === null ? '' : say.left(left);
}

/** The stitch that is made now, its colour where the part has several, and where the next colour comes. */
function nowWords(row: readonly RowStitch[], now: number, part: PartModel): string {
  const { colours } = part.fabric;
  const said = `${say.thisStitch}: ${stitchWords(row[now], part)}`;
  if (colours.length < 2) return said;
  const next = row.findIndex((s, k) => k > now && s.colour !== row[now].colour);
  const coming = next < 0 ? '' : `; ${say.colourComes(next + 1, colours[row[next].colour])}`;
  return `${said}, ${colours[row[now].colour]}${coming}`;
}

/** One stitch in words: into how many, and whether into the same one again. */
function stitchWords({ kind, into, shares, invisible }: RowStitch, part: PartModel): string {
  const name = WORD_OF[part.terms][kind];
  if (into > 1) return invisible ? say.stitchNow.hidden(name, into) : say.stitchNow.together(name, into);
  return shares ? say.stitchNow.second(name) : say.stitchNow.plain(name);
}

/** Lines of stitches, from the marker on; for a left hand they grow to the left. */
function Row({
  row,
  now,
  width,
  left,
}: {
  row: readonly RowStitch[];
  now: number;
  width: number;
  left: boolean;
}) {
  const each = Math.max(FIVE, Math.floor(width / CELL.width / FIVE) * FIVE);
  const lines = Math.ceil(row.length / each);
  const across = Math.min(each, row.length) * CELL.width;
  return (
    <Svg width={across} height={lines * CELL.height} aria-hidden>
      {row.map((stitch, k) => {
        const along = (k % each) * CELL.width;
        return (
          <Cell
            key={k}
            no={k + 1}
            stitch={stitch}
            made={k < now}
            here={k === now}
            x={left ? across - along - CELL.width : along}
            y={Math.floor(k / each) * CELL.height}
          />
        );
      })}
    </Svg>
  );
}

/** One stitch of the row; every fifth has its number. */
function Cell({
  no,
  stitch,
  made,
  here,
  x,
  y,
}: {
  no: number;
  stitch: RowStitch;
  made: boolean;
  here: boolean;
  x: number;
  y: number;
}) {
  const c = usePalette();
  const strong = made || here;
  return (
    <G>
      {here ? <Rect x={x} y={y} width={CELL.width} height={CELL.height - 12} fill={c.tape} /> : null}
      <Path
        d={drawn(stitch, x, y + 3)}
        stroke={here ? c.tapeInk : c.ink}
        strokeOpacity={strong ? 1 : 0.4}
        strokeWidth={strong ? 3 : 1.6}
        strokeLinecap="round"
        strokeLinejoin="round"
        fill="none"
      />
      {no % FIVE === 0 ? (
        <SvgText
          x={x + CELL.width / 2}
          y={y + CELL.height - 2}
          fontSize={10}
          textAnchor="middle"
          fontFamily={FAMILY.number}
          fill={c.ink2}
        >
          {String(no)}
        </SvgText>
      ) : null}
    </G>
  );
}

/** A stitch as it stands in the edge: a v; the second of two in one leans on the first; two together are closed above. */
function drawn({ into, shares }: RowStitch, x: number, y: number): string {
  const [l, m, r] = [x + 4, x + CELL.width / 2, x + CELL.width - 4];
  const [top, foot] = [y + 2, y + 20];
  if (into > 1) return `M${l} ${foot}L${m} ${top}L${r} ${foot}`;
  return shares
    ? `M${l - 6} ${foot}L${m} ${top}M${l - 6} ${foot}L${r} ${top + 6}`
    : `M${l} ${top}L${m} ${foot}L${r} ${top}`;
}
