import type { HoleName } from '../address';
import type { WorkWindow } from '../form';
import type { Pins } from '../join';
import type { Ranged } from '../gauge';

/** One round to tick in Make. `key` is stable: it names the copy and the marked round, never a label. */
export interface RoundTick {
  key: string;
  /** index of the round in its part's fabric */
  round: number;
  /** index of the round in its part as read */
  reading: number;
  label: string;
  count: number;
  /** what was worked when it was ticked is compared with this */
  content: string;
}

interface Base {
  key: string;
  part: string;
  copy: string;
  title: string;
  detail: string;
  /** safety points and what the text says otherwise, in words, under the step */
  notes: readonly string[];
  /** why it stands here in the order */
  reason: string;
  minutes: number;
  content: string;
}

export interface RoundsStep extends Base {
  kind: 'rounds';
  ticks: readonly RoundTick[];
  stitches: number;
  /** the tail left before the first stitch, mm; 0 where the piece goes on */
  startTailMm: number;
  /** how often a new colour is joined in the whole piece; told with its first rounds */
  colourJoins: number;
}

/** A frill, an edging or a fold: work that is not the part itself, at its turn in the text. */
export interface LayerStep extends Base {
  kind: 'layer';
  afterRound: number;
  stitches: number;
}

/** Posts of eyes or of a nose put in, looked at and counted again; or the same outline embroidered. */
export interface EyesStep extends Base {
  kind: 'eyes';
  feature: string;
  afterRound: number;
  names: readonly HoleName[];
  window: WorkWindow;
  late: 'comfortable' | 'possible' | 'too late' | 'not known';
  /** thread of an embroidered outline, mm; 0 for plastic */
  threadMm: number;
  /** the safety point that stops it, and what to do instead; nothing is put in while it stands */
  stopped: { point: string; reason: string; mend: string } | null;
  /** what is looked at before anything is final, each in words with its number; ticked one by one */
  checks: readonly { id: CheckId; words: string }[];
}

export type CheckId = 'front' | 'posts' | 'count' | 'level' | 'compared' | 'looked';

/** The click: a washer never comes off again. */
export interface WashersStep extends Base {
  kind: 'washers';
  feature: string;
  afterRound: number;
}

export interface EmbroiderStep extends Base {
  kind: 'embroider';
  feature: string;
  afterRound: number;
  threadMm: number;
}

export interface StuffStep extends Base {
  kind: 'stuff';
  afterRound: number;
  fillG: Ranged;
  openingMm: number;
}

/** Gathering shut, or fastening off an open edge; either way an end of yarn is left. */
export interface CloseStep extends Base {
  kind: 'close' | 'fasten-off';
  count: number;
  tailMm: number;
  tailFor: 'closing' | 'sewing' | 'weaving in';
}

export interface LookStep extends Base {
  kind: 'look-again';
  feature: string;
}

export interface SewStep extends Base {
  kind: 'sew';
  join: string;
  host: { part: string; copy: string };
  name: HoleName | null;
  pins: Pins | null;
  stitches: number;
}

export interface EndStep extends Base {
  kind: 'ends' | 'inspect';
}

export type Step =
  | RoundsStep
  | LayerStep
  | EyesStep
  | WashersStep
  | EmbroiderStep
  | StuffStep
  | CloseStep
  | LookStep
  | SewStep
  | EndStep;

export interface Totals {
  pauses: number;
  fillG: Ranged;
  tailsMm: number;
  minutes: number;
}

/** Ends of one kind that a step leaves, each so long, mm. */
export interface YarnEnds {
  part: string;
  copy: string;
  what: 'start' | 'last' | 'thread' | 'colour';
  count: number;
  eachMm: number;
}

export interface Plan {
  steps: readonly Step[];
  ends: readonly YarnEnds[];
  totals: Totals;
  /** what cannot be planned, in words: homeless places, windows that have passed, stops, eyes that nobody placed, joins that cannot be */
  trouble: readonly string[];
}
