import { notationWords as say } from '../words';
import { countItems } from './count';
import type { Settled } from './repeats';
import type { Item, RoundNode } from './syntax';

/** Whether a line stands for more than one round. */
export const severalRounds = ({ label, many }: RoundNode): boolean =>
  (label !== null && label.last > label.first) || (many ?? 1) > 1;

/** `sc 8 around the first fin, sc 8 around the second fin`: the round goes round two edges alike, the one on the hook and its copy. */
const TWO_EDGES =
  /\b(?:around|across|along|in|on)\s+(?:the\s+)?(?:first|1st|second|2nd|one)\s+([a-z]+)\b[\s\S]*\b(?:around|across|along|in|on)\s+(?:the\s+)?(?:first|1st|second|2nd|other)\s+\1\b(?<!(?:st|stitch|sc|dc|ch|chain|side|loop|round|half)\b)/i;

/** Whether a round goes round two edges alike, the one of `carried` stitches on the hook and its copy, and works all of both. */
export const joinsTwoEdges = (line: string, node: RoundNode, carried: number): boolean =>
  TWO_EDGES.test(line) && countItems(node.items, 2 * carried).eaten === 2 * carried;

/** What is to be said where `1, inc x2` was read as both, so often; null where it was not. */
export function ofAll(items: readonly Item[]): Settled['said'] {
  const last = items.at(-1);
  return last?.type === 'group' && typeof last.times === 'number' && last.timesSpan
    ? { span: last.timesSpan, sentence: say.ofAll(last.times) }
    : null;
}

/** `*2 sc, inc (24)`: a star that nothing closes goes on around, where the count asks for it; null where it does not. */
export function starAround(node: RoundNode, offered: number, line: () => string): RoundNode | null {
  const last = node.items.at(-1);
  if (!node.unclosed || !node.stated || last?.type !== 'group' || last.times !== 1) return null;
  if (line()[node.unclosed.from] !== '*') return null;
  const items = [...node.items.slice(0, -1), { ...last, times: 'around' as const }];
  const { fault, eaten, made } = countItems(items, offered);
  const fits = fault === null && eaten === offered && made === node.stated.count;
  return fits ? { ...node, items, unclosed: null } : null;
}
