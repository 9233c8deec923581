import type { Course, RingIs } from '../address';
import type { Feature } from '../feature';
import type { Firmness } from '../form';
import type { HookSystem } from '../figures';
import type { GaugeSettings, HookBy } from '../gauge';
import type { ClampSaid, StoredJoin } from '../join';
import type { Terms } from '../notation';
import type { Units } from '../words';

/** Version of the document that this program writes. Every released version stays readable. */
export const SCHEMA = 11;

/** One thing made from a part. Joins, ticks and tests refer to a copy, never to a part's number. */
export interface Copy {
  id: string;
  name: string;
  /** colour slots of this copy that differ from the toy's */
  palette: Record<string, string>;
}

/** A definition: what is written once. Title, colour words and make n are owned by the text. */
export interface Part {
  id: string;
  text: string;
  /** one mark a line of the text */
  marks: readonly string[];
  copies: readonly Copy[];
  pose: Pose;
  fill: Firmness;
  shaping: PartShaping;
  gauge: string;
  /** what the maker has said otherwise about the part's stretches; the others are found by its shape */
  stretches: readonly StretchSaid[];
}

/** What a length of a part is on the toy. */
export type StretchIs = 'head' | 'neck' | 'body' | 'limb' | 'other';

/** A stretch as the maker says it: between two marked rounds, both among it, with its own fill if it has one. */
export interface StretchSaid {
  from: Course;
  to: Course;
  is: StretchIs;
  fill: Firmness | 'yarn ends' | null;
}

/** What a part is made into after it is worked; the rim of a pushed-in part is a round of its text. */
export type PartShaping = { how: 'as worked' | 'flattened' | 'folded' } | { how: 'pushed in'; rim: Course };

export interface Pose {
  /** used when the text does not say `ring = ...` */
  ringIs: RingIs;
  /** where the round start looks on the finished toy */
  start: 'back' | 'under';
  out: 'right side' | 'wrong side';
}

/** A slot of colour and the yarn that fills it. `colour` is #rrggbb; what nobody has said is null. */
export interface Yarn {
  slot: string;
  name: string;
  colour: string;
  /** one ball as its label gives it */
  ball: { grams: number; metres: number } | null;
  /** strands held together */
  strands: number;
  /** stitches are hard to see: dark, bouclé, plush */
  hardToSee: boolean | null;
  /** fibres come off */
  sheds: boolean | null;
}

export interface NamedGauge extends GaugeSettings {
  id: string;
  name: string;
  hookBy: HookBy;
  /** what was said of the hook, where that is no one hook */
  hookWords?: string;
}

export type AgeGroup =
  'under 18 months' | '18 to 36 months' | '3 years and over' | 'accessory' | 'display only' | 'unknown';

export interface Settings {
  terms: Terms;
  age: AgeGroup;
  region: 'eu-uk' | 'us' | 'own';
  fillWith: 'polyester' | 'cotton' | 'wool';
  units: Units;
  hooks: HookSystem;
  /** the smallest hole the maker still works through, pulled, mm */
  ownSmallestMm?: number;
}

/** The design: what the maker decided, and nothing that can be computed. */
export interface Toy {
  schema: typeof SCHEMA;
  id: string;
  name: string;
  parts: readonly Part[];
  features: readonly Feature[];
  joins: readonly StoredJoin[];
  /** what is said of clamps of join rounds; the clamps themselves stand in the texts */
  clamps: readonly ClampSaid[];
  palette: readonly Yarn[];
  gauges: readonly NamedGauge[];
  settings: Settings;
  /** what the pages that the toy was taken from say besides their parts, as they were written: title, materials, legend, remarks */
  page: string;
  /** a picture of the maker's own that stands beside the face, scaled down, as a data URL; null for none */
  photo: string | null;
}

/** The longest that a picture may be, characters: it is saved with every change. */
export const MOST_PHOTO = 60_000;

/** One thing that the maker did or took back; `key` is the stable key of a step or of one of its checks, `content` what it was like then. */
export type Deed =
  | {
      what: 'done';
      key: string;
      /** data, never words (decision 43); null where an old file does not tell */ content: string | null;
    }
  | { what: 'undone'; key: string }
  /** repeats done within the round being worked */
  | { what: 'repeats'; key: string; repeats: number };

/** A deed with its time, ISO 8601; null in files that did not note it. */
export type LogEvent = Deed & { at: string | null };

/** What one file holds: the design and the records beside it. */
export interface ToyFile {
  format: 'hoppla toy';
  schema: typeof SCHEMA;
  toy: Toy;
  /** everything that was done, oldest first; progress is folded from it */
  log: readonly LogEvent[];
  pieces: readonly unknown[];
  pullTests: readonly unknown[];
  batches: readonly unknown[];
}

/** Gives a new random id. */
export type NewId = () => string;
