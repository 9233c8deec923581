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
  /** why it stands here in the order */
  reason: string;
  minutes: number;
  content: string;
}

export interface RoundsStep extends Base {
  kind: 'rounds';
  ticks: readonly RoundTick[];
  stitches: number;
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
  late: 'comfortable' | 'possible' | 'too late';
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

export interface Plan {
  steps: readonly Step[];
  totals: Totals;
  /** what cannot be planned, in words: homeless places, windows that have passed */
  trouble: readonly string[];
}
