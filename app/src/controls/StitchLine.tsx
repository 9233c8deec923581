import Svg, { G, Path, Rect, Text as SvgText } from 'react-native-svg';
import type { RowStitch } from '@hoppla/core/record';
import { FAMILY, usePalette } from '../theme';

/** px of one stitch on the row. */
const CELL = { width: 20, height: 40 };
/** Every so many stitches have their number. */
const FIVE = 5;

/** Lines of stitches, from the marker on; for a left hand they grow to the left. */
export function StitchLine({
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
