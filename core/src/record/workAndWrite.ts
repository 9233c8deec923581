import type { PartModel } from '../model';
import {
  gatheredWords,
  splitLines,
  WORD_OF,
  type Item,
  type StitchItem,
  type StitchKind,
  type Terms,
} from '../notation';

/** One move of the hook, as it is tapped. */
export type Move = 'sc' | 'inc' | 'dec' | 'invdec' | 'hdc' | 'dc';
export const MOVES: readonly Move[] = ['sc', 'inc', 'dec', 'invdec', 'hdc', 'dc'];

const EATS: Readonly<Record<Move, number>> = { sc: 1, inc: 1, dec: 2, invdec: 2, hdc: 1, dc: 1 };
const MAKES: Readonly<Record<Move, number>> = { sc: 1, inc: 2, dec: 1, invdec: 1, hdc: 1, dc: 1 };

/** The round that is being made up: what is worked of it, and what the round below still offers. */
export interface Working {
  /** number of the round */
  number: number;
  moves: readonly Move[];
  /** stitches of the round below, and how many of them are worked into; of a first round there are none */
  offered: number | null;
  eaten: number;
  made: number;
  /** line of the part's text that it is written in, from 1; null while nothing of it is written */
  line: number | null;
}

const sumOf = (moves: readonly Move[], of: Readonly<Record<Move, number>>): number =>
  moves.reduce((n, m) => n + of[m], 0);

/** The move that an item is; null where it is none that can be tapped. */
function moveOf({
  kind,
  eats,
  makes,
  invisible,
  loops,
  skipped,
  post,
  spike,
  edge,
  fromHook,
}: StitchItem): Move | null {
  if (loops || skipped || post || spike || edge || fromHook !== undefined) return null;
  if (kind === 'sc' && eats === 1 && makes === 2) return 'inc';
  if (kind === 'sc' && eats === 2 && makes === 1) return invisible ? 'invdec' : 'dec';
  const plain = (kind === 'sc' || kind === 'hdc' || kind === 'dc') && eats === 1 && makes === 1;
  return plain ? kind : null;
}

/** A round stitch by stitch; null where it holds what cannot be tapped. A ring is begun with plain stitches. */
function movesOf(items: readonly Item[], offered: number): Move[] | null {
  const moves: Move[] = [];
  for (const item of items) {
    if (item.type === 'start') {
      if (item.kind !== 'sc' || item.start === 'chain') return null;
      moves.push(...Array<Move>(item.count).fill('sc'));
      continue;
    }
    if (item.type !== 'stitch' && item.type !== 'group') return null;
    const one = item.type === 'stitch' ? moveOf(item) : movesOf(item.items, offered);
    if (one === null) return null;
    const own = typeof one === 'string' ? [one] : one;
    // Round and round: as often as what is offered allows.
    const times = item.times === 'around' ? Math.floor(offered / Math.max(1, sumOf(own, EATS))) : item.times;
    for (let k = 0; k < times; k++) moves.push(...own);
  }
  return moves;
}

/** Where the making-up stands: the last round while its count is not written, else the next one, of which nothing is worked yet. Null where the part is closed, or its last round was written otherwise than by taps and has no count. */
export function workingOf(part: PartModel): Working | null {
  const { fabric, reading } = part;
  const last = reading.rounds.at(-1);
  const round = fabric.rounds.at(-1);
  if (!last || !round) return null;
  const number = round.number;
  if (reading.closed) return null;
  if (last.stated !== null)
    return { number: number + 1, moves: [], offered: round.count, eaten: 0, made: 0, line: null };
  const moves = movesOf(last.items, last.offered);
  if (!moves) return null;
  const first = last.base < 0;
  const offered = first ? null : last.offered;
  // A line with more in it than taps wrote (several rounds, a note) is the maker's own, and never written over.
  const line = splitLines(part.part.text)[last.line - 1];
  if (part.part.text.slice(line.from, line.to) !== written(part, { number, moves, offered }, null))
    return null;
  return {
    number,
    moves,
    offered,
    eaten: first ? 0 : sumOf(moves, EATS),
    made: sumOf(moves, MAKES),
    line: last.line,
  };
}

const WORD: Readonly<Record<Move, StitchKind | null>> = {
  sc: 'sc',
  hdc: 'hdc',
  dc: 'dc',
  inc: null,
  dec: null,
  invdec: null,
};

/** A round as it is written: its label, its stitches gathered, and its count once it is done. */
function written(
  part: PartModel,
  working: Pick<Working, 'number' | 'moves' | 'offered'>,
  count: number | null,
): string {
  const words = working.moves.map((m) => (WORD[m] ? WORD_OF[part.terms][WORD[m]] : m));
  const ring = working.offered === null ? ' in ring' : '';
  return `R${working.number}: ${gatheredWords(words)}${ring}${count === null ? '' : ` (${count})`}`;
}

/** The text with the round in its line, or behind all that is written. */
function withLine(text: string, line: number | null, words: string): string {
  const bare = text.replace(/\s+$/, '');
  if (line === null) return bare === '' ? words : `${bare}\n${words}`;
  const at = splitLines(text)[line - 1];
  return text.slice(0, at.from) + words + text.slice(at.to);
}

/** The part's text after one more move; null where nothing of the round below is left for it. */
export function tapped(part: PartModel, move: Move): string | null {
  const now = workingOf(part);
  if (!now || (now.offered !== null && now.eaten + EATS[move] > now.offered)) return null;
  const moves = [...now.moves, move];
  return withLine(part.part.text, now.line, written(part, { ...now, moves }, null));
}

/** The part's text with the last move taken back; null where nothing of this round is worked. */
export function takenBack(part: PartModel): string | null {
  const now = workingOf(part);
  if (!now || now.line === null || now.moves.length === 0) return null;
  const moves = now.moves.slice(0, -1);
  if (moves.length > 0) return withLine(part.part.text, now.line, written(part, { ...now, moves }, null));
  const lines = splitLines(part.part.text);
  return part.part.text.slice(0, lines[now.line - 1].from).replace(/\n$/, '');
}

/** The part's text with this round done: its count is written; null where nothing of it is worked. */
export function roundDone(part: PartModel): string | null {
  const now = workingOf(part);
  if (!now || now.line === null) return null;
  return withLine(part.part.text, now.line, written(part, now, now.made));
}

/** Why the last round cannot be made once more: this one is begun, or it takes another number of stitches than there are. */
export type NotSame = { why: 'begun' } | { why: 'other count'; takes: number; offered: number };

/** The part's text with the last round once more. */
export function sameAgain(part: PartModel): { text: string } | NotSame | null {
  const now = workingOf(part);
  if (!now || now.offered === null) return null;
  if (now.line !== null) return { why: 'begun' };
  const last = part.reading.rounds[part.reading.rounds.length - 1];
  const moves = movesOf(last.items, last.offered);
  if (!moves) return null;
  const takes = last.base < 0 ? moves.length : sumOf(moves, EATS);
  if (last.base < 0 || takes !== now.offered) return { why: 'other count', takes, offered: now.offered };
  return { text: withLine(part.part.text, null, written(part, { ...now, moves }, sumOf(moves, MAKES))) };
}

/** The text of a part that begins with so many stitches in a ring. */
export const begunPart = (name: string, ring: number, terms: Terms): string =>
  `${name.trim()}\nR1: ${ring} ${WORD_OF[terms].sc} in ring (${ring})`;
