import type { Item, Span } from './syntax';

/** The first word of a round that nobody knows, wherever in its groups; null where all are known. */
export function firstUnknown(items: readonly Item[]): { word: string; span: Span } | null {
  for (const item of items) {
    if (item.type === 'unknown') return item;
    if (item.type === 'group' || item.type === 'fan') {
      const inner = firstUnknown(item.items);
      if (inner) return inner;
    }
  }
  return null;
}
