import { read, type Item, type Reading } from '../notation';

/**
 * Pieces of a page, between two offsets, with the stitch named wherever a number alone counts stitches in a part that does not
 * show it by itself, as `6` below `6 in mr`. On a page that names its stitches they stay as they are.
 */
export function namedStitches(reading: Reading, text: string): (from: number, to: number) => string {
  const ends = bareNumbers(reading, text);
  const word = reading.terms === 'uk' ? 'dc' : 'sc';
  return (from, to) =>
    ends
      .filter((at) => at > from && at <= to)
      .reduceRight(
        (piece, at) => `${piece.slice(0, at - from)} ${word}${piece.slice(at - from)}`,
        text.slice(from, to),
      );
}

/** Offsets behind such numbers, rising. */
function bareNumbers(reading: Reading, text: string): number[] {
  if (!reading.bare) return [];
  return reading.parts
    .filter(({ lines }) => !read(lines.map((l) => text.slice(l.from, l.to)).join('\n')).bare)
    .flatMap(({ lines }) =>
      lines.flatMap(({ from, node }) =>
        node.type === 'round' ? node.items.flatMap((item) => endsOf(item, from, text)) : [],
      ),
    )
    .sort((a, b) => a - b);
}

function endsOf(item: Item, from: number, text: string): number[] {
  if (item.type === 'group') return item.items.flatMap((i) => endsOf(i, from, text));
  if (item.type === 'start' && item.countSpan) {
    const end = from + item.countSpan.to;
    return /^\s*in(?:to)?\b/i.test(text.slice(end, end + 8)) ? [end] : [];
  }
  if (item.type !== 'stitch' || !/^\d+$/.test(text.slice(from + item.span.from, from + item.span.to)))
    return [];
  return [from + item.span.to];
}
