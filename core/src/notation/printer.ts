import { WORD_OF } from './stitches';
import type { Item, LineNode, StitchItem, Terms } from './syntax';

/** Prints items in the one clean form, e.g. `(2 sc, inc) x6`. Reading it again gives the same stitches. */
export function printItems(items: readonly Item[], terms: Terms): string {
  return items.map((item) => printItem(item, terms)).filter(Boolean).join(', ');
}

/** Prints a round as `R12: (2 sc, invdec) x7 (21)`. */
export function printRound(node: Extract<LineNode, { type: 'round' }>, terms: Terms): string {
  const { label, stated } = node;
  const head = label ? (label.first === label.last ? `R${label.first}: ` : `R${label.first}-${label.last}: `) : '';
  return head + printItems(node.items, terms) + (stated ? ` (${stated.count})` : '');
}

function printItem(item: Item, terms: Terms): string {
  switch (item.type) {
    case 'stitch':
      return printStitch(item, terms);
    case 'group':
      return `(${printItems(item.items, terms)})${item.times === 'around' ? ' around' : item.times === 1 ? '' : ` x${item.times}`}`;
    case 'fan':
      return `(${printItems(item.items, terms)}) in ${item.times === 'around' ? 'each st' : 'next'}`;
    case 'start':
      if (item.start === 'tube') return `ch ${item.chain}, join`;
      if (item.start === 'loop') return `ch ${item.chain}, join, ${item.count} ${WORD_OF[terms][item.kind]} in loop`;
      return `${item.count} ${WORD_OF[terms][item.kind]} in ring`;
    case 'sign':
      if (item.sign === 'loops') return item.loops === 'back' ? 'BLO' : 'FLO';
      if (item.sign === 'colour') return `with ${item.colour}`;
      return item.sign === 'join' ? 'sl st to join' : item.sign === 'turn' ? 'turn' : 'ch 1';
    case 'unknown':
      return item.word;
  }
}

function printStitch(item: StitchItem, terms: Terms): string {
  const word = WORD_OF[terms][item.kind];
  if (item.skipped) return `skip ${item.times}`;
  if (item.eats === 1 && item.makes === 1) return item.times === 'around' ? `${word} around` : item.times === 1 ? word : `${item.times} ${word}`;
  if (item.kind === 'ch') return `ch ${item.times}`;
  const name = item.eats > 1 ? (item.kind === 'sc' && item.eats === 2 ? (item.invisible ? 'invdec' : 'dec') : `${word}${item.eats}tog`) : null;
  if (name) return item.times === 1 ? name : item.times === 'around' ? `(${name}) around` : `${name} x${item.times}`;
  if (item.kind === 'sc' && item.makes === 2) return item.times === 1 ? 'inc' : item.times === 'around' ? '(inc) around' : `inc x${item.times}`;
  const many = `${item.makes} ${word}`;
  return item.times === 'around' ? `${many} in each st` : item.times === 1 ? `${many} in next` : `${many} in next ${item.times}`;
}
