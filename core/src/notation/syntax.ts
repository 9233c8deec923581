/** The syntax tree of written rounds. Everything carries its span; nothing here is computed from counts. */

/** Offsets in the whole text, UTF-16 units, end exclusive. */
export interface Span {
  from: number;
  to: number;
}

/** Stitches by their US names, whatever terms the text uses. */
export type StitchKind = 'sc' | 'hdc' | 'dc' | 'tr' | 'slst' | 'ch';

export type Terms = 'us' | 'uk';

/** How often: a number, or as often as the round offers stitches. */
export type Times = number | 'around';

export type Loops = 'front' | 'back';

/** One kind of stitch, worked some times: `3 sc`, `inc x7`, `dec`, `3 sc in next`, `skip 2`. */
export interface StitchItem {
  type: 'stitch';
  kind: StitchKind;
  /** stitches of the round below that one working uses */
  eats: number;
  /** stitches that one working leaves */
  makes: number;
  times: Times;
  /** a decrease through the front loops only */
  invisible?: boolean;
  /** skipped stitches make nothing and stay free */
  skipped?: boolean;
  span: Span;
  /** where the number stands, if it was written as digits; with its sign in `x6` */
  timesSpan?: Span;
  timesSign?: string;
}

export interface GroupItem {
  type: 'group';
  items: Item[];
  times: Times;
  span: Span;
  timesSpan?: Span;
  timesSign?: string;
}

/** Several stitches worked into one: `(hdc, dc, hdc) in next`. */
export interface FanItem {
  type: 'fan';
  items: Item[];
  times: Times;
  span: Span;
}

/** The beginning: stitches into an adjustable ring, or into a chain closed to a loop, or a bare tube of chain. */
export interface StartItem {
  type: 'start';
  start: 'ring' | 'loop' | 'tube';
  /** chain stitches of the loop or tube; 0 for an adjustable ring */
  chain: number;
  kind: StitchKind;
  count: number;
  span: Span;
  /** where the count stands, if it was written as digits */
  countSpan?: Span;
}

/** Words that make no stitch: joining, turning, a change of colour, which loops. */
export interface SignItem {
  type: 'sign';
  sign: 'join' | 'turn' | 'colour' | 'loops' | 'chain-1';
  colour?: string;
  loops?: Loops;
  span: Span;
}

export interface UnknownItem {
  type: 'unknown';
  word: string;
  span: Span;
}

export type Item = StitchItem | GroupItem | FanItem | StartItem | SignItem | UnknownItem;

export interface Label {
  first: number;
  last: number;
  span: Span;
}

export interface Stated {
  count: number;
  /** of the digits */
  span: Span;
}

export type LineNode =
  | { type: 'blank' }
  | { type: 'round'; label: Label | null; items: Item[]; stated: Stated | null; loops: Loops | null; body: Span; unclosed: Span | null }
  | { type: 'continued'; of: number }
  | { type: 'heading'; name: string; make: number; mirrored: boolean; colour: string | null; hookMm: number | null; ringIs: string | null }
  | { type: 'note'; text: string }
  | { type: 'stuff'; firmness: 'soft' | 'medium' | 'firm' | null }
  | { type: 'close' }
  | { type: 'open' }
  | { type: 'end'; tailMm: number | null };

/** A change of the text: the stretch `from..to` of the old text becomes `insert`. */
export interface TextChange {
  from: number;
  to: number;
  insert: string;
}
