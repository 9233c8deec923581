import { read, type Item, type Reading } from '../notation';

/**
 * Where numbers alone count stitches in parts that do not show it by themselves, as `6` below `6 in mr`: offsets in the
 * text of the page behind which the word for the stitch is written, rising. None on a page that names its stitches.
 */
export function bareNumbers(reading: Reading, text: string): number[] {
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

/** A piece of the text with a word behind each of some offsets. */
export const withWord = (
  text: string,
  from: number,
  to: number,
  ends: readonly number[],
  word: string,
): string =>
  ends
    .filter((at) => at > from && at <= to)
    .reduceRight(
      (piece, at) => `${piece.slice(0, at - from)} ${word}${piece.slice(at - from)}`,
      text.slice(from, to),
    );
