import {
  gatheredWords,
  LOOPS,
  withColour,
  WORD_OF,
  type Item,
  type Loops,
  type SignItem,
  type StartItem,
  type StitchItem,
  type StitchKind,
  type Terms,
} from '../notation';

/** What one move of the hook is: the stitch, how many it is worked into, and how many it leaves. */
interface MoveKind {
  stitch: StitchKind;
  eats: number;
  makes: number;
  invisible?: true;
  /** round the post of the stitch below */
  post?: 'front' | 'back';
  skipped?: true;
  /** how it is written, where it is not the stitch's own word */
  as?: string;
}

/** The moves that can be tapped. One more is a line of this table. */
const KINDS = {
  sc: { stitch: 'sc', eats: 1, makes: 1 },
  inc: { stitch: 'sc', eats: 1, makes: 2, as: 'inc' },
  dec: { stitch: 'sc', eats: 2, makes: 1, as: 'dec' },
  invdec: { stitch: 'sc', eats: 2, makes: 1, invisible: true, as: 'invdec' },
  slst: { stitch: 'slst', eats: 1, makes: 1 },
  hdc: { stitch: 'hdc', eats: 1, makes: 1 },
  dc: { stitch: 'dc', eats: 1, makes: 1 },
  tr: { stitch: 'tr', eats: 1, makes: 1 },
  bob: { stitch: 'bob', eats: 1, makes: 1 },
  front: { stitch: 'dc', eats: 1, makes: 1, post: 'front' },
  back: { stitch: 'dc', eats: 1, makes: 1, post: 'back' },
  ch: { stitch: 'ch', eats: 0, makes: 1 },
  skip: { stitch: 'sc', eats: 1, makes: 0, skipped: true, as: 'skip 1' },
} as const satisfies Readonly<Record<string, MoveKind>>;

export type Move = keyof typeof KINDS;
const ALL = Object.keys(KINDS) as Move[];
/** What is tapped most, and what some toys need. */
export const USUAL_MOVES: readonly Move[] = ['sc', 'inc', 'dec', 'invdec', 'hdc', 'dc'];
export const RARE_MOVES: readonly Move[] = ALL.filter((move) => !USUAL_MOVES.includes(move));

const kindOf = (move: Move): MoveKind => KINDS[move];

/** One move as it is tapped: through which loops, and in which yarn; null is the yarn that the part is in by itself. */
export interface Tap {
  move: Move;
  loops: Loops | null;
  colour: string | null;
}

/** Whether a move can be told through which loops: an invisible decrease has its own, a post, a chain and what is left out have none. */
export const takesLoops = (move: Move): boolean => {
  const { invisible, post, skipped, eats } = kindOf(move);
  return !invisible && !post && !skipped && eats > 0;
};

export const eatenBy = (taps: readonly Tap[]): number => taps.reduce((n, t) => n + kindOf(t.move).eats, 0);
export const madeBy = (taps: readonly Tap[]): number => taps.reduce((n, t) => n + kindOf(t.move).makes, 0);

/** The word of a move in the maker's terms. */
export function moveWord(move: Move, terms: Terms): string {
  const { stitch, post, as } = kindOf(move);
  const word = as ?? WORD_OF[terms][stitch];
  return post ? `${post === 'front' ? 'FP' : 'BP'}${word}` : word;
}

/** The move that an item is; null where it is none that can be tapped. */
function moveOf(item: StitchItem): Move | null {
  if (item.spike || item.edge || item.fromHook !== undefined || item.toLast !== undefined) return null;
  const found = ALL.find((move) => {
    const kind = kindOf(move);
    return (
      kind.stitch === item.kind &&
      kind.eats === item.eats &&
      kind.makes === item.makes &&
      kind.post === item.post &&
      Boolean(kind.invisible) === Boolean(item.invisible) &&
      Boolean(kind.skipped) === Boolean(item.skipped)
    );
  });
  return found === undefined || (item.loops && !takesLoops(found)) ? null : found;
}

/** Signs of a round that say how it begins and how it ends: `ch 1, turn` before it, `sl st to join` behind it. */
export interface Frame {
  before: readonly SignItem[];
  behind: readonly SignItem[];
}

const frames = (item: Item): item is SignItem =>
  item.type === 'sign' &&
  (item.sign === 'turn' || item.sign === 'join' || (item.sign === 'turning-chain' && item.counts !== true));

/** A round without what frames it. */
export function framed(items: readonly Item[]): { frame: Frame; inner: readonly Item[] } {
  const first = items.findIndex((item) => !frames(item));
  const from = first < 0 ? items.length : first;
  const to = items.findLastIndex((item) => !frames(item)) + 1;
  return {
    frame: {
      before: items.slice(0, from).filter(frames),
      behind: items.slice(Math.max(from, to)).filter(frames),
    },
    inner: items.slice(from, Math.max(from, to)),
  };
}

const signWord = ({ sign, chain }: SignItem): string => {
  if (sign === 'join') return 'sl st to join';
  return sign === 'turn' ? 'turn' : `ch ${chain}`;
};

/** A sign that stands in no text yet. */
const NOWHERE = { from: 0, to: 0 };

/** What follows a round in the same way: to and fro, joined, or on and on. `rows` is what the fabric says of it. */
export function frameAfter(items: readonly Item[], rows: boolean): Frame {
  const { frame, inner } = framed(items);
  const begins = inner[0]?.type === 'start';
  const says = (sign: SignItem['sign']) =>
    [...frame.before, ...frame.behind].some((one) => one.sign === sign);
  // The first row and the first joined round begin otherwise than those that follow.
  const turned = begins && rows && !says('turn');
  const joined = begins && says('join') && !says('turn');
  const chain: SignItem = { type: 'sign', sign: 'turning-chain', chain: 1, span: NOWHERE };
  if (turned) return { before: [chain, { ...chain, sign: 'turn' }], behind: frame.behind };
  return joined ? { before: [chain], behind: frame.behind } : frame;
}

/** A round tap by tap; null where it holds what cannot be tapped. `colour` is the yarn it begins in. A ring is begun with plain stitches. */
export function tapsOf(items: readonly Item[], offered: number, colour: string | null): Tap[] | null {
  const taps: Tap[] = [];
  let yarn = colour;
  for (const item of items) {
    if (item.type === 'sign' && item.sign === 'colour') {
      yarn = item.colour ?? null;
      continue;
    }
    const own = tapsIn(item, offered, yarn);
    if (own === null) return null;
    taps.push(...own);
    yarn = own.at(-1)?.colour ?? yarn;
  }
  return taps;
}

function tapsIn(item: Item, offered: number, colour: string | null): Tap[] | null {
  if (item.type === 'start') return startTaps(item, colour);
  if (item.type !== 'stitch' && item.type !== 'group') return null;
  if (item.type === 'group' && (item.until !== undefined || item.toLast !== undefined)) return null;
  const move = item.type === 'stitch' ? moveOf(item) : null;
  const once =
    item.type === 'group'
      ? tapsOf(item.items, offered, colour)
      : move && [{ move, loops: item.loops ?? null, colour }];
  if (!once) return null;
  // Round and round: as often as what is offered allows.
  const times = item.times === 'around' ? Math.floor(offered / Math.max(1, eatenBy(once))) : item.times;
  const taps: Tap[] = [];
  // From the second time on it begins in the yarn that it ended in.
  for (let k = 0; k < times; k++) {
    const last = taps.at(-1)?.colour ?? colour;
    const again = item.type === 'group' ? tapsOf(item.items, offered, last) : once;
    taps.push(...(again ?? []));
  }
  return taps;
}

const startTaps = ({ kind, start, count }: StartItem, colour: string | null): Tap[] | null =>
  kind !== 'sc' || start === 'chain' || start === 'tube'
    ? null
    : Array.from({ length: count }, () => ({ move: 'sc' as const, loops: null, colour }));

/** Taps as a maker writes them: gathered, with the loops behind each stitch. A round in one yarn says it where the round below ended in another (`colour`), a round in several says each. */
export function tapWords(taps: readonly Tap[], terms: Terms, colour: string | null): string {
  const several = taps.some((tap) => tap.colour !== taps[0].colour);
  let yarn = several ? null : colour;
  const words: string[] = [];
  for (const tap of taps) {
    if (tap.colour !== null && tap.colour !== yarn) words.push(`${withColour(tap.colour)}:`);
    words.push(tapWord(tap, terms));
    yarn = tap.colour;
  }
  // One stitch alone with its loops would be taken for one all around.
  const alone = taps.length === 1 && taps[0].loops !== null;
  return gatheredWords(alone ? words.with(-1, `1 ${words[words.length - 1]}`) : words);
}

const tapWord = ({ move, loops }: Tap, terms: Terms): string =>
  `${moveWord(move, terms)}${loops === null ? '' : ` ${LOOPS[loops]}`}`;

/** The frame of a round in words, before and behind its stitches. */
export const frameWords = (signs: readonly SignItem[]): string => signs.map(signWord).join(', ');
