import type { HookSaid } from './hooks';
import type { Materials } from './page/materials';
import type { PageLine } from './page/pageLine';
import type { Problem } from './problems';
import type { Fact, Item, LineNode, Terms } from './syntax';

/** How a round lies on what is below it. */
export type RoundKind = 'round' | 'row' | 'layer' | 'fold' | 'edging' | 'chain';

/** One round as read. `line` counts from 1; `nth` counts the rounds of that line from 0. */
export interface RoundReading {
  label: string | null;
  /** the number of the round in its line of work, counted on from the first label */
  number: number;
  line: number;
  nth: number;
  kind: RoundKind;
  /** index of the round it is worked into, -1 at a start */
  base: number;
  /** the free loops that a layer is worked into */
  into: 'front' | 'back' | null;
  offered: number;
  eaten: number;
  /** what the line as written makes; null where nothing can be told */
  made: number | null;
  stated: number | null;
  /** what the next round is offered */
  carried: number;
  joined: boolean;
  turned: boolean;
  /** `until 18 remain` ends before the round is full: this many stitches of the round below stay in the edge */
  unworked: number;
  items: readonly Item[];
  /** the colour that a line before it changes to */
  colour: string | null;
}

/** Where work rests: after the nth of the part's rounds, or after so many stitches of it. */
export interface Pause {
  round: number;
  stitch: number | null;
  what: 'eyes' | 'stuff' | 'stop';
}

/** How a part ends; `count` stitches are gathered, or worked through both layers. */
export interface PartEnd {
  how: 'gathered' | 'open' | 'flattened' | 'folded' | 'sewn shut' | 'not known';
  count: number | null;
}

/** One line as read: what it is, which rounds it makes, what is wrong with it. Spans in `node` count from `from`, in `problems` from the start of the text. */
export interface LineReading {
  line: number;
  from: number;
  to: number;
  node: LineNode;
  /** indices into the part's rounds, end exclusive */
  rounds: [number, number];
  problems: Problem[];
}

/** Free loops of a round: how many nobody has worked into, of how many. */
export interface FreeLoops {
  /** index into the part's rounds */
  round: number;
  loop: 'front' | 'back';
  free: number;
  of: number;
}

export interface PartReading {
  name: string;
  make: number;
  mirrored: boolean;
  colour: string | null;
  /** all colour words of the part, in order */
  colours: string[];
  /** the hook in mm that the part's own text names, or else the page above it; null when none is named or it is not known */
  hookMm: number | null;
  /** what the text says of the hook where that is no one hook: two sizes, an old number, a word that is none */
  hookNotKnown: string | null;
  yarn: string | null;
  ringIs: string | null;
  /** `Option "tall ears":` */
  option: boolean;
  /** lines of the text, counted from 1, end inclusive */
  firstLine: number;
  lastLine: number;
  lines: LineReading[];
  rounds: RoundReading[];
  problems: Problem[];
  /** loops that are still free, where a round left some */
  freeLoops: FreeLoops[];
  /** parts that join rounds catch, as they are named */
  caught: string[];
  /** the last round is gathered shut, or its round hole sewn */
  closed: boolean;
  end: PartEnd;
  /** closed as a star */
  star: boolean;
  pauses: Pause[];
  /** the colour of each copy, where the text gives them different ones */
  copyColours: readonly string[] | null;
  /** stuffing is asked for after this many rounds; empty when the part says nothing */
  stuffedAfter: number[];
  /** each time that filling goes in: after so many rounds, how firm, and up to which round by its number where that is said */
  stuffings: { after: number; firmness: 'soft' | 'medium' | 'firm' | null; toRound: number | null }[];
  /** lengths of the part that are filled otherwise */
  zones: Extract<Fact, { fact: 'zone' }>[];
  firmness: 'soft' | 'medium' | 'firm' | null;
  /** the longest end of yarn that the text leaves, mm */
  tailMm: number | null;
  /** the text says that the part stays empty */
  unstuffed: boolean;
  /** sum of `made` */
  stitches: number;
}

export interface Reading {
  /** words that the page explains, each with the word of the house that it stands for */
  legend: Readonly<Record<string, string>>;
  /** the word with which it numbers its rounds, where the house has another; null where it has none */
  label: string | null;
  /** it numbers its rounds with nothing but blanks behind the number */
  numbered: boolean;
  /** it writes the count of a round last, behind one blank */
  behind: boolean;
  /** it says its numbers for so many sizes; the first is read */
  sizes: number;
  /** its numbers alone count stitches */
  bare: boolean;
  terms: Terms;
  /** the hook that the page names before its first part, or where that begins when no other is named */
  hook: Pick<HookSaid, 'said' | 'mm'> | null;
  /** the name of the toy, where the page begins with one */
  title: string | null;
  materials: Materials;
  /** every line of the text, and what it is */
  page: PageLine[];
  parts: PartReading[];
  /** lines that are not blank, and those of them that could be read */
  lines: number;
  understood: number;
}

/** A part of which nothing is read yet; its lists are its own. */
export const emptyPart = (firstLine = 1): PartReading => ({
  name: '',
  make: 1,
  mirrored: false,
  colour: null,
  colours: [],
  hookMm: null,
  hookNotKnown: null,
  yarn: null,
  ringIs: null,
  option: false,
  firstLine,
  lastLine: firstLine,
  lines: [],
  rounds: [],
  problems: [],
  freeLoops: [],
  caught: [],
  closed: false,
  end: { how: 'not known', count: null },
  star: false,
  pauses: [],
  copyColours: null,
  stuffedAfter: [],
  stuffings: [],
  zones: [],
  firmness: null,
  unstuffed: false,
  tailMm: null,
  stitches: 0,
});
