import type { PartModel } from '../model';
import { read, splitLines, WORD_OF, type Terms } from '../notation';
import {
  eatenBy,
  frameAfter,
  framed,
  frameWords,
  madeBy,
  takesLoops,
  tapsOf,
  tapWords,
  type Frame,
  type Tap,
} from './moves';

/** The round that is being made up: what is worked of it, and what the round below still offers. */
export interface Working {
  /** number of the round */
  number: number;
  /** worked to and fro: a row */
  row: boolean;
  taps: readonly Tap[];
  /** the yarn that the round below ended in, and the one on the hook now; null where nobody named any */
  colourBelow: string | null;
  colour: string | null;
  frame: Frame;
  /** stitches of the round below, and how many of them are worked into; of a first round there are none */
  offered: number | null;
  eaten: number;
  made: number;
  /** line of the part's text that it is written in, from 1; null while nothing of it is written */
  line: number | null;
}

const NO_FRAME: Frame = { before: [], behind: [] };

/** The yarn that a round ended in; null where it has no name. */
function colourAfter({ fabric }: PartModel, round: number): string | null {
  const at = fabric.rounds[round];
  if (!at || at.count === 0) return null;
  return fabric.colours[fabric.colour[at.from + at.count - 1]] || null;
}

/** Where the making-up stands: the last round while its count is not written, else the next one, of which nothing is worked yet. Null where the part is closed, or its last round was written otherwise than by taps and has no count. */
export function workingOf(part: PartModel): Working | null {
  const { fabric, reading } = part;
  const last = reading.rounds.at(-1);
  const round = fabric.rounds.at(-1);
  if (!last || !round) return null;
  // A frill or an edging that is worked last is no round of the part itself.
  if (reading.closed || round.reading !== reading.rounds.length - 1) return null;
  const row = fabric.shape === 'rows';
  if (last.stated !== null)
    return {
      ...{ number: round.number + 1, row, taps: [], offered: round.count, eaten: 0, made: 0, line: null },
      ...colours(colourAfter(part, fabric.rounds.length - 1), []),
      frame: frameAfter(last.items, row),
    };
  return begunRound(part, row);
}

const colours = (below: string | null, taps: readonly Tap[]) => ({
  colourBelow: below,
  colour: taps.length > 0 ? taps[taps.length - 1].colour : below,
});

/** The last round, under way; null where it was not written by taps. */
function begunRound(part: PartModel, row: boolean): Working | null {
  const { fabric, reading } = part;
  const last = reading.rounds[reading.rounds.length - 1];
  const before = reading.rounds.at(-2);
  const first = last.base < 0;
  const below = colourAfter(part, fabric.rounds.length - 2);
  const taps = tapsOf(framed(last.items).inner, last.offered, below);
  if (!taps) return null;
  const working: Working = {
    number: fabric.rounds[fabric.rounds.length - 1].number,
    row,
    taps,
    ...colours(below, taps),
    frame: before && !first ? frameAfter(before.items, row) : NO_FRAME,
    offered: first ? null : last.offered,
    eaten: first ? 0 : eatenBy(taps),
    made: madeBy(taps),
    line: last.line,
  };
  // A line with more in it than taps wrote (several rounds, a note) is the maker's own, and never written over.
  const line = splitLines(part.part.text)[last.line - 1];
  return part.part.text.slice(line.from, line.to) === written(part, working, null) ? working : null;
}

/** A round as it is written: its label, how it begins, its stitches gathered; once it is done how it ends, and its count. */
function written(
  part: PartModel,
  { number, taps, colourBelow, frame, offered }: Working,
  count: number | null,
) {
  const ring = offered === null ? ' in ring' : '';
  const words = [
    frameWords(frame.before),
    `${tapWords(taps, part.terms, colourBelow)}${ring}`,
    count === null ? '' : frameWords(frame.behind),
  ];
  return `R${number}: ${words.filter((w) => w !== '').join(', ')}${count === null ? '' : ` (${count})`}`;
}

/** The text with the round in its line, or behind all that is written. */
function withLine(text: string, line: number | null, words: string): string {
  const bare = text.replace(/\s+$/, '');
  if (line === null) return bare === '' ? words : `${bare}\n${words}`;
  const at = splitLines(text)[line - 1];
  return text.slice(0, at.from) + words + text.slice(at.to);
}

/** Whether a move can be made now: what it needs of the round below is there, and a chain or a gap has a stitch before it. */
export function canTap(now: Working | null, move: Tap['move']): boolean {
  if (!now) return false;
  const needs = eatenBy([{ move, loops: null, colour: null }]);
  // A chain at the beginning of a round would read as one that only climbs.
  if ((move === 'ch' || move === 'skip') && now.made === 0) return false;
  return now.offered === null ? move === 'sc' : now.eaten + needs <= now.offered;
}

/** The part's text after one more move, through both loops and in the yarn that is on the hook where nothing else is said; null where nothing of the round below is left for it. */
export function tapped(
  part: PartModel,
  move: Tap['move'],
  as: { loops?: Tap['loops']; colour?: string | null } = {},
): string | null {
  const now = workingOf(part);
  if (!now || !canTap(now, move)) return null;
  // A ring has no loops, and its stitches are of one yarn.
  const { loops = null, colour } = now.offered === null ? {} : as;
  const tap = { move, loops: takesLoops(move) ? loops : null, colour: colour?.toLowerCase() ?? now.colour };
  const taps = [...now.taps, tap];
  return withLine(part.part.text, now.line, written(part, { ...now, taps }, null));
}

/** The part's text with the last move taken back; null where nothing of this round is worked. */
export function takenBack(part: PartModel): string | null {
  const now = workingOf(part);
  if (!now || now.line === null || now.taps.length === 0) return null;
  const taps = now.taps.slice(0, -1);
  if (taps.length > 0) return withLine(part.part.text, now.line, written(part, { ...now, taps }, null));
  const lines = splitLines(part.part.text);
  return part.part.text.slice(0, lines[now.line - 1].from).replace(/\n$/, '');
}

/** The part's text with this round done: its count is written, and what was left of the round below is skipped on purpose; null where nothing of it is worked. */
export function roundDone(part: PartModel): string | null {
  const now = workingOf(part);
  if (!now || now.line === null) return null;
  const left = now.offered === null ? 0 : now.offered - now.eaten;
  const skipped = Array.from({ length: left }, () => ({
    move: 'skip' as const,
    loops: null,
    colour: now.colour,
  }));
  const taps = [...now.taps, ...skipped];
  return withLine(part.part.text, now.line, written(part, { ...now, taps }, now.made));
}

/** Why the last round cannot be made once more: this one is begun, or it takes another number of stitches than there are. */
export type NotSame = { why: 'begun' } | { why: 'other count'; takes: number; offered: number };

/** The part's text with the last round once more, in the same yarns; null where it was not tapped and cannot be. */
export function sameAgain(part: PartModel): { text: string } | NotSame | null {
  const now = workingOf(part);
  if (!now || now.offered === null) return null;
  if (now.line !== null) return { why: 'begun' };
  const last = part.reading.rounds[part.reading.rounds.length - 1];
  const taps = tapsOf(
    framed(last.items).inner,
    last.offered,
    colourAfter(part, part.fabric.rounds.length - 2),
  );
  // Yarn that has no name cannot be gone back to.
  if (!taps || (now.colour !== null && taps.some((tap) => tap.colour === null))) return null;
  const takes = eatenBy(taps);
  if (takes !== now.offered) return { why: 'other count', takes, offered: now.offered };
  return { text: withLine(part.part.text, null, written(part, { ...now, taps }, madeBy(taps))) };
}

/** Whether a name that somebody gives a yarn is read as one where it is written: `leg`, `ring` or `sc` are not. */
export function namesYarn(name: string, terms: Terms): boolean {
  const words = name.trim().toLowerCase();
  const sc = WORD_OF[terms].sc;
  const { parts } = read(`Leaf\nR1: 2 ${sc} in ring (2)\nR2: with ${words}: 2 ${sc} (2)`, { terms });
  const round = parts[0]?.rounds.at(-1);
  const [first, second] = round?.items ?? [];
  return first?.type === 'sign' && first.colour === words && second?.type === 'stitch' && round?.made === 2;
}

/** How a part begins that is made up on the hook. */
export type Beginning = 'ring' | 'rows' | 'tube' | 'oval';
export const BEGINNINGS: readonly Beginning[] = ['ring', 'rows', 'tube', 'oval'];
/** The fewest stitches with which each can begin: two make a row, three a circle or two ends with something between. */
export const FEWEST_BEGUN: Readonly<Record<Beginning, number>> = { ring: 1, rows: 2, tube: 3, oval: 3 };

/** The text of a part that begins with so many stitches: in a ring, along a chain to and fro, in a chain that is closed, or round both sides of a chain. */
export function begunPart(name: string, how: Beginning, stitches: number, terms: Terms): string {
  const sc = WORD_OF[terms].sc;
  const n = Math.round(stitches);
  const first: Readonly<Record<Beginning, string>> = {
    ring: `${n} ${sc} in ring (${n})`,
    rows: `ch ${n + 1}, ${sc} in 2nd ch from hook, ${n - 1} ${sc} (${n})`,
    tube: `ch ${n}, join (${n})`,
    // Four in each end of the chain, so that it lies flat.
    oval: `ch ${n + 1}, inc in 2nd ch from hook, ${n - 2} ${sc}, 4 ${sc} in last ch, other side: ${n - 2} ${sc}, inc (${2 * n + 4})`,
  };
  return `${name.trim()}\nR1: ${first[how]}`;
}
