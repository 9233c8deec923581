import type { Item, StitchItem } from './syntax';

/**
 * `sc in next, 2 dc in same st`: the last of the items goes into the stitch that the one before it went into, chains
 * between them too. `ch 6, sl st in same st` with nothing before it is a loop of chain that stands on the edge. Where the
 * round begins with it, the same stitch is that of the join, and so the next one. Changes the items.
 */
export function intoSame(items: Item[]): void {
  const { same: _, ...last } = items.pop() as StitchItem;
  let at = items.length - 1;
  while (isChain(items[at])) at--;
  const chains = items.splice(at + 1);
  // `3 sc, 2 sc in the same st`: two in one stitch, the next.
  const host = last.makes > 1 && chains.length === 0 ? undefined : items[at];
  const span = { from: host?.span.from ?? 0, to: last.span.to };
  if (host?.type === 'fan' && host.times === 1)
    items[at] = { ...host, items: [...host.items, ...chains, last], span };
  else if (host?.type === 'stitch' && host.eats === 1 && !host.skipped && typeof host.times === 'number') {
    if (host.times > 1) items[at] = { ...host, times: host.times - 1, timesSpan: undefined };
    else items.pop();
    items.push({
      type: 'fan',
      items: [{ ...host, times: 1, timesSpan: undefined }, ...chains, last],
      times: 1,
      span,
    });
  } else if (host === undefined && last.kind === 'slst' && chains.length === 1)
    items.push(petal(chains[0], last));
  // `ch 3, dc in same st`: in the stitch of the chain, if that counts, which the count of the round says
  else if (host?.type === 'sign' && host.sign === 'turning-chain')
    items.push(...chains, { ...last, same: true });
  else items.push(...chains, last);
}

const isChain = (item: Item | undefined): item is StitchItem => item?.type === 'stitch' && item.kind === 'ch';

function petal(chain: Item, last: StitchItem): Item {
  const many = chain.type === 'stitch' && typeof chain.times === 'number' ? chain.times : 1;
  const span = { from: chain.span.from, to: last.span.to };
  return {
    type: 'return',
    chain: many,
    first: many,
    items: [],
    picot: true,
    anchored: false,
    times: 1,
    span,
  };
}
