import type { Cursor } from './cursor';
import { takeStitch } from './stitches';
import type { StitchItem } from './syntax';

/** `3 sc`, `sc in next 3`, `sc around`, `skip 2`, `2 sc in each st`, `8 up the side`; null when no stitch stands here. */
export function takeStitches(c: Cursor): StitchItem | null {
  const start = c.at;
  const lead = c.number();
  if (c.takeAny('even', 'evenly'))
    return { type: 'stitch', kind: 'sc', eats: 1, makes: 1, times: 'around', span: c.since(start) };
  if (c.takeAny('skip', 'sk', 'miss')) {
    c.takeAny('next');
    const n = c.number();
    c.takeAny('st', 'sts', 'stitch', 'stitches', 'next');
    return {
      type: 'stitch',
      kind: 'sc',
      eats: 1,
      makes: 0,
      skipped: true,
      times: n?.value ?? lead?.value ?? 1,
      timesSpan: n?.span ?? lead?.span,
      span: c.since(start),
    };
  }
  if (lead && (c.is('-') || c.is('dc') || c.is('tr')) && takeBobble(c))
    return { type: 'stitch', kind: 'bob', eats: 1, makes: 1, times: 1, span: c.since(start) };
  const word = takeStitch(c);
  if (!word) {
    const edge = lead ? takeEdge(c) : null;
    if (edge)
      return {
        type: 'stitch',
        kind: 'sc',
        eats: 1,
        makes: edge === 'corner' ? lead!.value : 1,
        times: edge === 'corner' ? 1 : lead!.value,
        edge,
        timesSpan: edge === 'corner' ? undefined : lead!.span,
        span: c.since(start),
      };
    c.at = start;
    return null;
  }
  const item: StitchItem = {
    type: 'stitch',
    ...word,
    times: lead?.value ?? 1,
    timesSpan: lead?.span,
    span: c.since(start),
  };
  takeBehind(c, item, lead !== null);
  item.span = c.since(start);
  return item;
}

/** `5-dc bobble`: the number and kind inside one bobble are part of its name. */
function takeBobble(c: Cursor): boolean {
  const start = c.at;
  c.takeAny('-');
  c.takeAny('dc', 'tr', 'hdc', 'htr');
  c.takeAny('-');
  if (c.takeAny('bob', 'bobble', 'popcorn')) return true;
  c.at = start;
  return false;
}

/** `up the side`, `in (each) corner`, `across the top`. */
function takeEdge(c: Cursor): StitchItem['edge'] | null {
  const start = c.at;
  if (c.takeAny('up', 'down', 'along') && (c.takeAny('the', 'each', 'one', 'other', 'second') || true)) {
    c.takeAny('other', 'second');
    if (c.takeAny('side', 'edge')) return 'side';
  }
  c.at = start;
  if (c.takeAny('in') && (c.takeAny('the', 'each', 'next') || true)) {
    c.takeAny('next');
    if (c.takeAny('corner', 'corners')) return 'corner';
  }
  c.at = start;
  if (
    c.takeAny('across', 'along') &&
    (c.takeAny('the') || true) &&
    c.takeAny('top', 'bottom', 'chain', 'foundation', 'edge')
  ) {
    c.takeAny('chain', 'edge');
    return 'across';
  }
  c.at = start;
  return null;
}

/** What may follow a stitch word: `x3`, `3`, `in next 3`, `in each st (around)`, `in 2nd ch from hook and each ch`, `around`. */
function takeBehind(c: Cursor, item: StitchItem, counted: boolean): void {
  c.takeAny('sts', 'stitches', 'into', 'st') && c.is('each') && c.at--;
  const start = c.at;
  if (takeRest(c)) {
    item.times = 'around';
    return;
  }
  if (c.takeAny('in', 'into') || c.is('next') || c.is('each')) {
    c.takeAny('the');
    if (intoWhat(c, item, counted)) return;
    c.at = start;
  }
  if (c.is('x') && c.peek(1)?.type === 'number') c.at++;
  else {
    const n = c.number();
    const times = n !== null && c.takeAny('times', 'time');
    if (!n || (counted && !times) || (c.is('ch') && !times)) c.at = start;
    else {
      item.times = (typeof item.times === 'number' ? item.times : 1) * n.value;
      item.timesSpan = n.span;
    }
    return;
  }
  const n = c.number()!;
  item.times = (typeof item.times === 'number' ? item.times : 1) * n.value;
  item.timesSpan = n.span;
}

/** As often as there are stitches left: `around`, `across`, `to end`, `through both`. */
function takeRest(c: Cursor): boolean {
  if (
    c.takeWords('all', 'around') ||
    c.takeWords('evenly', 'around') ||
    c.takeWords('to', 'end') ||
    c.takeWords('to', 'the', 'end')
  )
    return true;
  if (c.takeWords('through', 'both')) {
    c.takeAny('layers', 'sides', 'edges', 'thicknesses');
    c.takeAny('across');
    return true;
  }
  if (
    c.is('around') &&
    (c.is('edge', 1) || (c.is('the', 1) && (c.is('edge', 2) || c.is('piece', 2) || c.is('outside', 2))))
  )
    return false;
  return c.takeAny('around', 'round', 'across', 'even', 'evenly');
}

/** After `in`: which stitches take it. Gives false when nothing known follows. */
function intoWhat(c: Cursor, item: StitchItem, counted: boolean): boolean {
  const many = typeof item.times === 'number' ? item.times : 1;
  const intoOne = () => {
    if (counted && many > 1) item.makes *= many;
  };
  if (c.takeAny('each', 'every', 'all')) {
    c.takeAny('of');
    c.takeAny('the');
    c.takeAny('next', 'remaining');
    const n = c.number();
    c.takeAny('st', 'sts', 'stitch', 'stitches', 'ch', 'chs', 'chain', 'chains', 'one');
    c.takeAny('around', 'across');
    intoOne();
    item.times = n ? n.value : 'around';
    item.timesSpan = n?.span;
    return true;
  }
  const start = c.at;
  const nth = c.ordinal();
  if (nth !== null && c.takeAny('ch', 'chain')) {
    c.takeWords('from', 'hook') || c.takeWords('from', 'the', 'hook');
    item.fromHook = nth;
    intoOne();
    item.times = 1;
    item.timesSpan = undefined;
    const before = c.at;
    c.takeAny(',');
    c.takeAny('and', '&');
    c.takeAny('in', 'into');
    c.takeAny('the');
    if (
      c.takeAny('each', 'every') &&
      (c.takeAny('remaining', 'next') || true) &&
      c.takeAny('ch', 'chain', 'st', 'one')
    ) {
      c.takeAny('across', 'along');
      item.times = 'around';
    } else if (item.makes === 1 && c.takeAny('next') && c.peek()?.type === 'number') {
      // `hdc in 2nd ch from hook and in next 3 ch`
      item.times = 1 + c.number()!.value;
      c.takeAny('ch', 'chs', 'st', 'sts', 'chains');
    } else c.at = before;
    return true;
  }
  if (nth !== null && c.takeAny('st', 'stitch', 'sc')) {
    intoOne();
    return true;
  }
  c.at = start;
  if (c.takeAny('next', 'same', 'one', 'last', 'following', 'remaining')) {
    const n = c.number();
    c.takeAny('st', 'sts', 'stitch', 'stitches', 'ch', 'chs', 'chain', 'chains', 'space');
    intoOne();
    item.times = n?.value ?? 1;
    item.timesSpan = n?.span ?? (counted ? undefined : item.timesSpan);
    return true;
  }
  if (c.takeWords('back', 'bump') || c.takeWords('back', 'bumps') || c.takeWords('back', 'bar')) {
    c.takeAny('of');
    c.takeAny('each', 'the');
    c.takeAny('ch', 'chain');
    if (!counted) item.times = 'around';
    return true;
  }
  if (c.takeAny('corner', 'corners')) {
    item.edge = 'corner';
    intoOne();
    item.times = 1;
    return true;
  }
  return false;
}
