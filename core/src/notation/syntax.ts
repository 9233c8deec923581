/** The syntax tree of written rounds. Everything carries its span; nothing here is computed from counts. */
import type { StitchKind } from '../figures';
import type { FeatureNote } from './featureNote';
import type { ZoneFill, ZoneWhere } from './fillZones';
import type { HookSaid } from './hooks';

/** Offsets in UTF-16 units, end exclusive: in a line's nodes from the start of that line, in problems from the start of the text. */
export interface Span {
  from: number;
  to: number;
}

/** Stitches by their US names, whatever terms the text uses. */
export type { StitchKind };

export type Terms = 'us' | 'uk';

/** How often: a number, or as often as the round offers stitches. */
export type Times = number | 'around';

/** Which loops a stitch is worked into when not both: front, back, or the third one behind a taller stitch. */
export type Loops = 'front' | 'back' | 'third';

/** Where an edging of a flat piece is worked. */
export type EdgeSide = 'side' | 'corner' | 'across';

/** One kind of stitch, worked some times: `3 sc`, `inc x7`, `dec`, `3 sc in next`, `skip 2`. */
export interface StitchItem {
  type: 'stitch';
  kind: StitchKind;
  /** stitches of the round below that one working uses */
  eats: number;
  /** stitches that one working leaves */
  makes: number;
  times: Times;
  toLast?: number; // around, until so many are left
  loops?: Loops;
  /** a decrease through the front loops only */
  invisible?: boolean;
  /** skipped stitches make nothing and stay free */
  skipped?: boolean;
  /** round the post of the stitch below: its loops stay free */
  post?: 'front' | 'back';
  /** worked down into an earlier round: the loops it passes stay free */
  spike?: boolean;
  edge?: EdgeSide;
  /** `in 2nd ch from hook`: 2 */
  fromHook?: number;
  same?: boolean; // `in same st`, until it is put into the stitch before it
  span: Span;
  /** where the number stands, if it was written as digits; with its sign in `x6` */
  timesSpan?: Span;
  timesSign?: string;
}

export interface GroupItem {
  type: 'group';
  items: Item[];
  times: Times;
  /** `repeat 5 times` may mean five in all or five more: `times` is the first reading, this the other (decision 25) */
  orTimes?: number;
  until?: number; // `until 10 remain`: stitches left on the edge
  toLast?: number;
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

/** The beginning: into an adjustable ring, a chain closed to a loop, a bare tube of chain, or along a foundation chain. */
export interface StartItem {
  type: 'start';
  start: 'ring' | 'loop' | 'tube' | 'chain';
  chain: number; // chain stitches of the loop, tube or foundation; 0 for an adjustable ring
  /** the chain stitch from the hook that takes the first stitch; 0 when there is no foundation */
  first: number;
  kind: StitchKind;
  /** stitches that the start itself makes; what follows a foundation chain is counted as items */
  count: number;
  /** `2 sc in 2nd ch from hook`: the chain stitch that takes them all */
  fromHook?: number;
  span: Span;
  /** where the count stands, if it was written as digits */
  countSpan?: Span;
}

/** `ch 6, sl st in 2nd ch from hook, sc in next 4, sl st in same st`: a strand that comes back; picots are short ones. */
export interface ReturnItem {
  type: 'return';
  chain: number;
  first: number;
  items: StitchItem[];
  picot: boolean;
  /** a slip stitch in the stitch that it came from holds it */
  anchored: boolean;
  times: number;
  span: Span;
}

/** A finished part caught in the round: `wing over 4`. */
export interface ClampItem {
  type: 'clamp';
  name: string;
  over: number;
  loops?: Loops;
  span: Span;
}

/** Words that make no stitch. */
export interface SignItem {
  type: 'sign';
  sign:
    | 'join'
    | 'turn'
    | 'colour'
    | 'turning-chain'
    | 'other-side'
    | 'along-chain'
    | 'onto'
    | 'fold'
    | 'surface'
    | 'edging'
    | 'note';
  colour?: string;
  /** of a turning chain */
  chain?: number;
  /** a turning chain that stands for the first stitch */
  counts?: boolean;
  /** `leg 1:`: the part whose edge is worked from here on */
  name?: string;
  nth?: number;
  kind?: StitchKind;
  span: Span;
}

export interface UnknownItem {
  type: 'unknown';
  word: string;
  span: Span;
}

export type Item =
  StitchItem | GroupItem | FanItem | StartItem | ReturnItem | ClampItem | SignItem | UnknownItem;

export interface Label {
  first: number;
  last: number;
  /** `R8-14 (to taste)`: a length the maker sets */
  toTaste: boolean;
  /** `R5-9 (5 rounds)`: how many it says that they are */ rounds?: number;
  /** `Row 3` */
  row: boolean;
  /** a number alone: `3)`, `3.` */
  bare: boolean;
  span: Span;
}

export interface Stated {
  count: number;
  /** of the digits */
  span: Span;
}

/** `in the free front loops of R9`: which loops of which round a layer is worked into. */
export interface LayerBase {
  loops: 'front' | 'back' | 'either';
  round: number;
  span: Span;
  /** of the digits of the round */
  roundSpan: Span;
}

export interface RoundNode {
  type: 'round';
  label: Label | null;
  items: Item[];
  stated: Stated | null;
  layer: LayerBase | null;
  body: Span;
  unclosed: Span | null;
  /** `with a 3 mm hook, 6 sc in ring` */
  hook?: HookSaid;
  /** `sc around for 3 rounds`, `next 4 rounds:`: so many rounds without a range of labels */
  many?: number;
  /** what the other sentences of its line decide, behind the round and before it */
  facts?: readonly Fact[];
  before?: readonly Fact[];
  /** sentences of its line that sound like work and were not read */
  unread?: readonly Span[];
  star?: Star;
  /** only its count is written, and perhaps by how many stitches it changes */
  alone?: { change: number | null };
}

/** A star that stands alone at the beginning or the end of a line: the first of lines that are repeated, or the last. */
export type Star = 'opens' | 'closes';

/** What a sentence decides for its part. */
export type Fact =
  /** filling goes in now; `toRound` where it says how far */
  | { fact: 'stuff'; firmness: 'soft' | 'medium' | 'firm' | null; toRound: number | null }
  | { fact: 'unstuffed' }
  /** a length of the part is filled otherwise; `only`: all the rest of it stays empty */
  | { fact: 'zone'; where: ZoneWhere; fill: ZoneFill; only: boolean }
  /** the work comes off the hook */
  | { fact: 'off' }
  /** the end of yarn that is left, mm */
  | { fact: 'tail'; tailMm: number }
  /** `sewn together`: the round hole of an end, sewn instead of gathered */
  | { fact: 'shut'; how: 'gathered' | 'sewn together' | 'sewn shut'; count: number | null }
  | { fact: 'open' }
  /** the end is closed as a star */
  | { fact: 'star' }
  /** `colours`: of each copy, where they differ */
  | { fact: 'make'; make: number; mirrored: boolean; colours?: readonly string[] }
  /** the end of the toy at which the part begins; `leg`: only of what goes on into the body, a head does not begin below */
  | { fact: 'ring'; ringIs: string; of?: 'leg' }
  | { fact: 'colour'; colour: string }
  /** work rests after so many stitches of this round */
  | { fact: 'stop'; stitch: number }
  | { fact: 'feature'; feature: FeatureNote }
  | { fact: 'hook'; hook: HookSaid };

export interface HeadingNode {
  type: 'heading';
  name: string;
  make: number;
  mirrored: boolean;
  colour: string | null;
  /** the colour of each copy, where they differ: `1 red, 1 navy` */
  colours: readonly string[] | null;
  hook: HookSaid | null;
  yarn: string | null;
  ringIs: string | null;
  /** `Option "tall ears":` */
  option: boolean;
}

export type LineNode =
  | { type: 'blank' }
  | RoundNode
  | { type: 'continued'; of: number }
  | HeadingNode
  | {
      type: 'note';
      text: string;
      feature: FeatureNote | null;
      /** `Hook: 5 mm` */
      hook?: HookSaid;
      /** what its sentences decide, in their order */
      facts: readonly Fact[];
      /** taken for words to people because little of it could be read */
      prose?: boolean;
      /** it sounds like work and was not read */
      unread?: boolean;
      /** it stands behind a round in the same line */ behind?: boolean;
      /** it belongs to the page, not to the part it stands in */
      aside?: boolean;
      star?: Star;
    }
  | RepeatNode;

/** Rounds that are worked again, or a rhythm that goes on. */
export interface RepeatNode {
  type: 'repeat';
  /** the part whose rounds they are, as it is named; null for this one */
  of: string | null;
  first: number | null; // the rounds that are worked again; null for the one before
  last: number | null;
  /** `from * to *`: the rounds between two stars that stand in lines of their own */
  stars: boolean;
  times: number;
  /** until so many stitches are left on the edge */
  until: number | null;
  /** until the part has so many rounds: `until you have 9 rows` */
  upTo?: number;
  /** `ch 11 and work as hull ...`: the chain that it says again */
  chain?: number;
  shrinking: boolean; // each time one plain stitch less between the decreases
  label: Label | null;
  stated: Stated | null;
  span: Span;
  facts: readonly Fact[];
  before?: readonly Fact[];
}

/** A change of the text: the stretch `from..to` of the old text becomes `insert`. */
export interface TextChange {
  from: number;
  to: number;
  insert: string;
}
