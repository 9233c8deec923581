import type { MoveSaid } from '../toy';
import type { LaneRow } from './lane';
import { moved, type Block, type Refusal } from './order';

/** What putting a row somewhere else comes to: the moves to note, or why it cannot be. */
export type RowMove = { moves: readonly MoveSaid[] } | { refusal: Refusal } | null;

/** A row put in the place of another one: behind it when it comes from above, before it when from below. Null where nothing would change. */
export function rowMove(
  rows: readonly LaneRow[],
  blocks: readonly Block[],
  from: number,
  to: number,
): RowMove {
  const [row, over] = [rows[from], rows[to]];
  const own = row?.blocks ?? [];
  if (!row || !over || own.length === 0 || over.blocks.some((key) => own.includes(key))) return null;
  const rest = blocks.filter((b) => !own.includes(b.key));
  const target = rest.findIndex((b) => over.blocks.includes(b.key));
  const last = rest.findLastIndex((b) => over.blocks.includes(b.key));
  const behind = to > from ? (rest[last]?.key ?? null) : (rest[target - 1]?.key ?? null);
  const moves = own.map((key, i): MoveSaid => ({ key, after: i === 0 ? behind : own[i - 1] }));
  let order = blocks;
  for (const move of moves) {
    const found = moved(order, move);
    if (!found) return null;
    if (found.refusal) return { refusal: found.refusal };
    order = found.order;
  }
  const same = order.every((b, i) => b.key === blocks[i].key);
  return same ? null : { moves };
}
