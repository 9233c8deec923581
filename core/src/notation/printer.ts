import { WORD_OF } from './stitches';
import type {
  ClampItem,
  FanItem,
  GroupItem,
  Item,
  Loops,
  ReturnItem,
  RoundNode,
  SignItem,
  StartItem,
  StitchItem,
  Terms,
} from './syntax';

/** Prints items in the one clean form, e.g. `(2 sc, inc) x6`. Reading it again gives the same stitches. */
export function printItems(items: readonly Item[], terms: Terms): string {
  const loops = commonLoops(items);
  const body = join(loops ? items.map((i) => bare(i)) : items, terms);
  return loops ? `${LOOPS[loops]}: ${body}` : body;
}

/** Prints a round as `R12: (2 sc, invdec) x7 (21)`. */
export function printRound(node: RoundNode, terms: Terms): string {
  const { label, stated, layer } = node;
  const word = label?.row ? 'Row ' : 'R';
  const many =
    label && label.last > label.first
      ? label.toTaste
        ? ' (to taste)'
        : ` (${label.last - label.first + 1} rounds)`
      : '';
  const head = label
    ? `${word}${label.first}${label.last > label.first ? `-${label.last}` : ''}${many}: `
    : '';
  const base = layer
    ? `in the free ${layer.loops === 'either' ? '' : `${layer.loops} `}loops of R${layer.round}: `
    : '';
  return head + base + printItems(node.items, terms) + (stated ? ` (${stated.count})` : '');
}

/** Loops as they are written behind what is worked into them. */
export const LOOPS: Readonly<Record<Loops, string>> = { front: 'FLO', back: 'BLO', third: '3rd loop' };

function join(items: readonly Item[], terms: Terms): string {
  const words = items.map((item) => printItem(item, terms)).filter((word) => word !== '');
  // What names the place of the stitches behind it ends in a colon.
  return words
    .map((word, k) => (k === 0 ? word : `${words[k - 1].endsWith(':') ? ' ' : ', '}${word}`))
    .join('');
}

/** The loops that all stitches of a round share, if they are not both and nothing else stands there. */
function commonLoops(items: readonly Item[]): Loops | null {
  let found: Loops | null | undefined;
  const walk = (list: readonly Item[]): void => {
    for (const item of list) {
      if (item.type === 'group' || item.type === 'fan') walk(item.items);
      else if (item.type === 'clamp' || (item.type === 'stitch' && !item.skipped && item.kind !== 'ch'))
        found = found === undefined || found === (item.loops ?? null) ? (item.loops ?? null) : null;
      else if (item.type === 'start' || (item.type === 'sign' && item.sign !== 'note')) found = null;
      if (found === null) return;
    }
  };
  walk(items);
  return found ?? null;
}

function bare(item: Item): Item {
  if (item.type === 'stitch' || item.type === 'clamp') return { ...item, loops: undefined };
  if (item.type === 'group' || item.type === 'fan') return { ...item, items: item.items.map(bare) };
  return item;
}

function printItem(item: Item, terms: Terms): string {
  switch (item.type) {
    case 'stitch':
      return printStitch(item, terms) + (item.loops ? ` in ${LOOPS[item.loops]}` : '');
    case 'group':
      return printGroup(item, terms);
    case 'fan':
      return printFan(item, terms);
    case 'start':
      return printStart(item, terms);
    case 'return':
      return printReturn(item, terms);
    case 'clamp':
      return printClamp(item);
    case 'sign':
      return printSign(item, terms);
    case 'unknown':
      return item.word;
  }
}

const printGroup = (item: GroupItem, terms: Terms): string =>
  `(${join(item.items, terms)})${item.until !== undefined ? ` until ${item.until} remain` : item.times === 'around' ? ' around' : item.times === 1 ? ' x1' : ` x${item.times}`}`;

const printFan = (item: FanItem, terms: Terms): string =>
  `(${join(item.items, terms)}) in ${item.times === 'around' ? 'each st' : item.times === 1 ? 'next' : `next ${item.times}`}`;

const printClamp = ({ name, over, loops }: ClampItem): string =>
  `${name} over ${over}${loops ? ` in ${LOOPS[loops]}` : ''}`;

function printStart(item: StartItem, terms: Terms): string {
  if (item.start === 'chain') return `ch ${item.chain}`;
  if (item.start === 'tube') return `ch ${item.chain}, join`;
  if (item.start === 'loop')
    return `ch ${item.chain}, join, ${item.count} ${WORD_OF[terms][item.kind]} in loop`;
  return `${item.count} ${WORD_OF[terms][item.kind]} in ring`;
}

function printReturn(item: ReturnItem, terms: Terms): string {
  if (item.picot) return `ch ${item.chain} picot`;
  return `ch ${item.chain}, ${join(item.items, terms)}${item.anchored ? ', sl st in same st' : ''}`;
}

function printSign(item: SignItem, terms: Terms): string {
  switch (item.sign) {
    case 'join':
      return 'sl st to join';
    case 'turn':
      return 'turn';
    case 'turning-chain':
      return `ch ${item.chain}${item.counts ? ' counts' : ''}`;
    case 'colour':
      return withColour(item.colour!);
    case 'other-side':
      return 'other side:';
    case 'along-chain':
      return 'back along ch:';
    case 'onto':
      return `${item.name}${item.nth === undefined ? '' : ` ${item.nth}`}:`;
    case 'fold':
      return 'fold';
    case 'edging':
      return `${WORD_OF[terms][item.kind ?? 'sc']} around edge:`;
    case 'surface':
    case 'note':
      return '';
  }
}

function printStitch(item: StitchItem, terms: Terms): string {
  const { times } = item;
  const bareWord = WORD_OF[terms][item.kind];
  const word = item.post
    ? `${item.post === 'front' ? 'FP' : 'BP'}${bareWord}`
    : item.spike
      ? `spike ${bareWord}`
      : bareWord;
  if (item.edge === 'corner') return `${item.makes} in corner`;
  if (item.edge) return `${times} ${item.edge === 'side' ? 'up the side' : 'across the edge'}`;
  if (item.skipped) return `skip ${times}`;
  if (item.fromHook !== undefined)
    return `${item.makes > 1 ? `${item.makes} ` : ''}${item.eats > 1 ? 'dec' : word} in ${ordinal(item.fromHook)} ch from hook${times === 'around' ? ' and each ch' : times > 1 ? ` and in next ${times - 1} ch` : ''}`;
  if (item.kind === 'ch') return `ch ${times}`;
  if (item.eats === 1 && item.makes === 1)
    return times === 'around' ? `${word} around` : times === 1 ? word : `${times} ${word}`;
  const name =
    item.eats > 1
      ? item.kind === 'sc' && item.eats === 2
        ? item.invisible
          ? 'invdec'
          : 'dec'
        : item.kind === 'slst'
          ? `sl st next ${item.eats}${item.invisible ? ' FLO' : ''} tog`
          : `${word}${item.eats}tog`
      : item.kind === 'sc' && item.makes === 2 && !item.post && !item.spike
        ? 'inc'
        : null;
  if (name) return times === 1 ? name : times === 'around' ? `${name} around` : `${name} x${times}`;
  const many = `${item.makes} ${word}`;
  return times === 'around'
    ? `${many} in each st`
    : times === 1
      ? `${many} in next`
      : `${many} in each of the next ${times}`;
}

const ordinal = (n: number): string =>
  `${n}${n % 10 === 2 && n !== 12 ? 'nd' : n % 10 === 3 && n !== 13 ? 'rd' : n % 10 === 1 && n !== 11 ? 'st' : 'th'}`;

/** A change of yarn as it is written; a letter that stands for one is a capital. */
export const withColour = (colour: string): string =>
  `with ${/^[a-h]$/.test(colour) ? colour.toUpperCase() : colour}`;
