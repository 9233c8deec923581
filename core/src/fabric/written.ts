// What the items of a round say before any stitch of them is worked.
import type { Item } from '../notation';
import type { Clamp, Fabric } from './fabric';

/** A start on finished edges: two of them joined, with so many chains between, or one that is simply gone on from. */
export function edgesJoined(items: readonly Item[]): Fabric['start'] {
  let [edges, chain, first] = [0, 0, 0];
  for (const item of items) {
    if (item.type === 'sign' && item.sign === 'onto') edges++;
    if (edges !== 1 || item.type !== 'stitch') continue;
    if (item.kind === 'ch') chain += Number(item.times) || 0;
    else first += item.makes * (Number(item.times) || 0);
  }
  return edges > 1 ? { how: 'edges', chain, first } : { how: 'given', chain: 0 };
}

/** The yarn that a round says last; null where it says none. */
export function lastColour(items: readonly Item[]): string | null {
  return items.reduce<string | null>((so, item) => {
    if (item.type === 'sign' && item.sign === 'colour') return item.colour ?? so;
    return item.type === 'group' || item.type === 'fan' ? (lastColour(item.items) ?? so) : so;
  }, null);
}

/** Where parts are caught in a round that does not add up: as it is written, if every one of its stitches is told by itself; else nowhere. */
export function clampsAsWritten(items: readonly Item[], from: number): Clamp[] {
  const clamps: Clamp[] = [];
  let at = from;
  for (const item of items) {
    if (item.type === 'clamp') {
      clamps.push({ name: item.name, at, over: item.over });
      at += item.over;
    } else if (item.type === 'stitch' && typeof item.times === 'number') at += item.makes * item.times;
    else if (item.type !== 'sign') return [];
  }
  return clamps;
}

/** What an item of a fixed number of times uses of the round below; nothing where it goes on around. */
export function fixedEats(item: Item): number {
  if (item.type === 'clamp') return item.over;
  if (item.type === 'sign') return item.counts ? 1 : 0;
  if (!('times' in item) || item.times === 'around') return 0;
  return allEats(item) * item.times;
}

/** What one working of an item uses; repeats inside it counted. */
export function allEats(item: Item): number {
  if (item.type === 'stitch') return item.eats;
  if (item.type === 'fan') return 1;
  if (item.type === 'clamp') return item.over;
  if (item.type === 'group')
    return item.items.reduce(
      (sum, i) => sum + allEats(i) * ('times' in i && typeof i.times === 'number' ? i.times : 1),
      0,
    );
  return 0;
}
