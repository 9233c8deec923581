import { notationWords as say } from '../words';
import { countItems } from './count';
import type { Settled } from './repeats';
import type { Item, RoundNode } from './syntax';

/** Whether a line stands for more than one round. */
export const severalRounds = ({ label, many }: RoundNode): boolean =>
  (label !== null && label.last > label.first) || (many ?? 1) > 1;

/** `sc 8 around the first fin, sc 8 around the second fin`: the round goes round two edges alike, the one on the hook and its copy. */
const TWO_EDGES =
  /\b(?:around|across|along|in|on)\s+(?:the\s+)?(?:first|1st|second|2nd|one|big|large|long|left)\s+([a-z]+)\b[\s\S]*\b(?:around|across|along|in|on)\s+(?:the\s+)?(?:first|1st|second|2nd|other|small|little|short|right)\s+\1\b(?<!\b(?:st|stitch|sc|dc|ch|chain|side|loop|round|half)\b)/i;

/** `sc 6 on leg 2, sc 11 around leg 1` */
const NUMBERED_EDGES =
  /\b(?:around|across|along|in|on)\s+([a-z]{3,})\s+([12])\b[\s\S]*\b(?:around|across|along|in|on)\s+\1\s+(?!\2)[12]\b(?<!\b(?:round|row|rnd)\s[12])/i;

/**
 * The stitches that a round finds where it goes round two edges alike, the one of `carried` stitches on the hook and its copy,
 * and works all of both, with a chain between them where its count says so; null where it does not.
 */
export function ofTwoEdges(line: string, node: RoundNode, carried: number): number | null {
  if (!TWO_EDGES.test(line) && !NUMBERED_EDGES.test(line)) return null;
  const { eaten, made, fault } = countItems(node.items, 2 * carried);
  const withChain = fault === null && eaten > 2 * carried && made === node.stated?.count;
  return eaten === 2 * carried || withChain ? eaten : null;
}

/** What is to be said where `1, inc x2` was read as both, so often; null where it was not. */
export function ofAll(items: readonly Item[]): Settled['said'] {
  const last = items.at(-1);
  return last?.type === 'group' && typeof last.times === 'number' && last.timesSpan
    ? { span: last.timesSpan, sentence: say.ofAll(last.times), proven: true }
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
