import type { Cursor } from './cursor';
import { ORDINALS } from './numberWords';
import { takeStitch, type CraftWord } from './stitches';
import type { StartItem, StitchKind } from './syntax';

interface Counted {
  value: number;
  span: { from: number; to: number };
}

/** `6 sc in (magic) ring`, `MR 6`, `ring, 6 sc`, `ch 5, join, 9 sc in loop`, `6 sc in 2nd ch from hook`, `ch 12, join`, a foundation chain; null when no start stands here. */
export function takeStart(c: Cursor): StartItem | null {
  const start = c.at;
  const found = ringFirst(c, start) ?? chainFirst(c, start) ?? stitchesInto(c, start, 0);
  if (!found) c.at = start;
  return found;
}

const made = (
  c: Cursor,
  start: number,
  how: StartItem['start'],
  kind: StitchKind,
  n: Counted,
  chain: number,
  first = 0,
): StartItem => ({
  type: 'start',
  start: how,
  chain,
  first,
  kind,
  count: n.value,
  span: c.since(start),
  countSpan: n.span,
});

/** `MR 6`, `ring, 6 sc`, `magic ring: 6 sc`. */
function ringFirst(c: Cursor, start: number): StartItem | null {
  c.takeAny('in', 'into', 'make', 'create', 'form', 'start', 'begin');
  c.takeAny('with');
  c.takeAny('a', 'an', 'the');
  if (!takeRing(c)) return giveUp(c, start);
  c.takeAny(',', ':', '-');
  c.takeAny('with', 'of');
  const before = c.number();
  const word = takeStitch(c);
  const n = before ?? (word ? c.number() : null);
  // `with MC, ch 5`: the main colour, not a magic circle.
  if (!n || word?.kind === 'ch') return giveUp(c, start);
  takeIntoIt(c);
  return made(c, start, 'ring', word && word.eats === 1 && word.makes === 1 ? word.kind : 'sc', n, 0);
}

function giveUp(c: Cursor, start: number): null {
  c.at = start;
  return null;
}

/** `8 sc into the ring`, `6 sc in it`, said again of a ring that stands before. */
function takeIntoIt(c: Cursor): void {
  const start = c.at;
  if (c.takeAny('in', 'into', 'inside')) {
    c.takeAny('the', 'this', 'your');
    if (takeRing(c) || c.takeAny('it', 'loop')) return;
  }
  c.at = start;
}

/** `MR`, `MC`. Behind the first round MC is the main colour. */
const takeRingSign = (c: Cursor): boolean => c.takeAny('mr', ...(c.begins ? ['mc'] : []));

function takeRing(c: Cursor): boolean {
  c.takeAny('your');
  if (takeRingSign(c)) return true;
  const start = c.at;
  c.takeAny('double', 'doubled');
  c.takeAny('magic', 'adjustable', 'sliding', 'starting', 'slip', 'amigurumi', 'adj');
  if (c.takeAny('ring', 'circle')) return true;
  if (c.at > start && c.takeAny('loop')) return true;
  c.at = start;
  return false;
}

/** `ch 12`, `chain 12`, `12 ch`, `a chain of 12`: how many chain stitches; null when no chain with its number stands here. */
export function takeChain(c: Cursor): Counted | null {
  const start = c.at;
  const before = c.number();
  c.takeAny('a', 'starting', 'foundation');
  if (c.takeAny('ch', 'chs', 'chain', 'chains')) {
    if (before) return before;
    c.takeAny('of');
    const n = c.number();
    if (n) {
      c.takeAny('ch', 'chs', 'chains', 'st', 'sts', 'stitches');
      return n;
    }
  }
  c.at = start;
  return null;
}

/** Everything that begins with `ch N`. */
function chainFirst(c: Cursor, start: number): StartItem | null {
  c.takeAny('foundation', 'make', 'start', 'begin');
  c.takeAny('with', 'by');
  const chain = takeChain(c);
  if (!chain) return giveUp(c, start);
  while (c.takeAny(',', ';'));
  if (takeJoin(c)) {
    const joined = c.at;
    while (c.takeAny(',', ';', ':'));
    c.takeAny('then', 'and');
    if (c.takePhrase('ch 1', '1 ch')) while (c.takeAny(',', ';'));
    const into = stitchesInto(c, start, chain.value);
    if (into) return into;
    c.at = joined;
    return chain.value > 2
      ? { ...made(c, start, 'tube', 'ch', chain, chain.value), countSpan: chain.span }
      : null;
  }
  // `ch 2, 6 sc in 2nd ch`, `ch 3, 12 hdc in 3rd ch`: all into the first chain stitch
  if (chain.value <= 2 || (chain.value <= 4 && intoFirstOf(c, chain.value))) {
    const one = stitchesInto(c, start, chain.value);
    if (one) return one;
  }
  if (!c.begins) return null;
  while (c.takeAny('turn', 'then', 'and', ',', ';', ':'));
  const first = skippedChain(c) ?? alongChain(c) ?? allOfChain(c, chain.value);
  return first === null || chain.value < 2
    ? null
    : {
        ...made(c, start, 'chain', 'ch', { value: 0, span: chain.span }, chain.value, first),
        span: { from: c.tokens[start].from, to: chain.span.to },
      };
}

/** `skip the first ch`, `miss 1`: the chain stitch behind those that are passed over; null when none is. */
function skippedChain(c: Cursor): number | null {
  const start = c.at;
  if (c.takeAny('skip', 'miss', 'sk')) {
    c.takeAny('the');
    const first = c.takeAny('first');
    const n = c.number();
    const named = c.takeAny('ch', 'chs', 'chain', 'chains', 'st');
    if (n || (first && named)) {
      while (c.takeAny('and', 'then', ',', ';', ':'));
      return (n?.value ?? 1) + 1;
    }
  }
  c.at = start;
  return null;
}

/** Whether what follows goes into the chain stitch that was made first, several into that one. */
function intoFirstOf(c: Cursor, chain: number): boolean {
  const start = c.at;
  const before = c.number();
  const word = takeStitch(c);
  const n = before ?? (word ? c.number() : null);
  const into = n !== null && n.value > 1 && word !== null && c.takeAny('in', 'into');
  c.takeAny('the');
  const nth = into ? c.ordinal() : null;
  c.at = start;
  return nth === chain;
}

/** `ch 6, 5 sl st`, `ch 6, sl st 5`: as many stitches as a chain has behind the hook go back along it; null where the number is another. */
function allOfChain(c: Cursor, chain: number): number | null {
  const start = c.at;
  const before = c.number();
  const word = takeStitch(c);
  const n = before ?? (c.takeAny('x') || true ? c.number() : null);
  c.at = start;
  return n?.value === chain - 1 && word?.eats === 1 && word.makes === 1 ? 2 : null;
}

const LOOK_AHEAD = 14;

/** The chain stitch that takes the first stitch, from the words that follow; null when nothing is worked along the chain here. Moves past `starting in 2nd ch from hook`. */
function alongChain(c: Cursor): number | null {
  const from = c.at;
  for (let k = 0; k < LOOK_AHEAD; k++) {
    const token = c.peek(k);
    if (!token) break;
    const nth = token.type === 'ordinal' ? Number(token.text) : ORDINALS.indexOf(token.text);
    if (nth >= 2 && (c.is('ch', k + 1) || c.is('chain', k + 1))) {
      if (c.takeAny('starting', 'start', 'beginning', 'begin', 'from', 'in', 'into')) {
        c.at = from + k + 2;
        c.takePhrase('from hook', 'from the hook', 'from your hook');
        while (c.takeAny(',', ':', 'work'));
      }
      return nth;
    }
    if ((token.text === 'bump' || token.text === 'bumps' || token.text === 'bar') && c.is('back', k - 1))
      return 2;
    if (token.text === 'each' && (c.is('ch', k + 1) || c.is('chain', k + 1))) return 2;
    if (k > 0 && token.text === 'ch' && c.peek(k + 1)?.type === 'number') break;
  }
  return null;
}

/** Where a page writes no stitch for them, numbers count single crochets. */
const PLAIN: CraftWord = { kind: 'sc', eats: 1, makes: 1 };

const SLIP = ['sl st', 'slip stitch', 'slip st', 'slst', 'ss'];
const WITH_SLIP = SLIP.flatMap((s) => [`with ${s}`, `with a ${s}`]);
/** `join`, `sl st to form a ring`, `1 SS in the first CH to make a ring`, `and join with sl st into a ring`. */
function takeJoin(c: Cursor): boolean {
  const start = c.at;
  c.takeAny('and', 'then');
  const one = c.takeAny('1', 'one', 'a');
  const slip = c.takePhrase(...SLIP);
  if (!slip && (one || !c.takeAny('join', 'close'))) {
    c.at = start;
    return false;
  }
  if (!slip) c.takeAny('it', 'them');
  if (!slip) c.takePhrase(...WITH_SLIP);
  const into = joinedInto(c);
  if (!into && slip) {
    c.at = start;
    return false;
  }
  joinedInto(c);
  return true;
}

/** `in the first ch`, `to form a ring`, `to join`. */
function joinedInto(c: Cursor): boolean {
  const start = c.at;
  if (!c.takeAny('to', 'in', 'into')) return false;
  if (c.takeAny('join')) return true;
  const forms = c.takeAny('form', 'make');
  c.takeAny('a', 'the');
  const nth = c.takeAny('first', '1');
  const what = c.takeAny('ring', 'loop', 'circle', 'ch', 'tube', 'chain', 'st', 'stitch');
  // `join to first leg` joins something else.
  const first = nth && (what || c.peek()?.type !== 'word');
  if (forms || first || (what && c.tokens[c.at - 1].text !== 'ch')) return true;
  c.at = start;
  return false;
}

/** `6 sc in ring`, `9 sc in loop`, `6 sc in 2nd ch from hook`. */
function stitchesInto(c: Cursor, start: number, chain: number): StartItem | null {
  c.takeAny('work', 'start', 'begin', 'make');
  c.takeAny('with', 'by');
  const bracket = chain === 0 && c.takeAny('(', '['); // `{6 sc} in ring`
  const before = c.number();
  const worded = before ? null : takeStitch(c);
  const n = before ?? (worded ? c.number() : null);
  const one =
    n ?? (c.peek() && chain > 0 ? { value: 1, span: { from: c.peek()!.from, to: c.peek()!.from } } : null);
  const word = worded ?? (one ? takeStitch(c) : null) ?? (c.bare && before ? PLAIN : null);
  if (!n || !word || word.eats !== 1 || word.makes !== 1) {
    c.at = start;
    return null;
  }
  if (bracket && !c.takeAny(')', ']')) {
    c.at = start;
    return null;
  }
  const at = c.at;
  const into = intoStart(c, chain);
  const nth = into === 'ring' ? c.tokens.slice(at, c.at).find((t) => t.type === 'ordinal') : undefined;
  // `1 dc in 2nd ch from hook and in each ch` goes back along a chain.
  const along = n.value === 1 && ['ch', 'chain', 'hook'].includes(c.tokens[c.at - 1].text);
  if (!into || along) {
    c.at = start;
    return null;
  }
  const how = into === 'ring' || chain <= 2 ? 'ring' : 'loop';
  const found = made(c, start, how, word.kind, n, into === 'ring' ? 0 : chain);
  return nth ? { ...found, fromHook: Number(nth.text) } : found;
}

/** `in ring`, `in loop`, `in 2nd ch from hook`; of a short chain of so many also in its first one. */
function intoStart(c: Cursor, chain: number): 'ring' | 'loop' | null {
  const start = c.at;
  // `6sc mr`
  if (takeRingSign(c) || c.takePhrase('magic ring', 'magic circle', 'magic loop')) return 'ring';
  if (c.takeAny('in', 'into')) {
    c.takeAny('a', 'an', 'the', 'your');
    // A ring of chain is a loop that stays as wide as its chain.
    if (takeRing(c))
      return c.tokens[c.at - 1].text === 'ring' &&
        c.tokens.slice(0, c.at).some((t) => t.text === 'join' || t.text === 'form')
        ? 'loop'
        : 'ring';
    if (c.takeAny('loop', 'chain-ring')) return 'loop';
    const nth = c.ordinal() ?? c.number()?.value ?? null;
    if (nth !== null && (nth <= 2 || (nth === chain && chain <= 4)) && c.takeAny('ch', 'chain')) {
      c.takePhrase('from hook', 'from the hook', 'from your hook');
      return 'ring';
    }
  }
  c.at = start;
  return null;
}
