import type { Batch, PhotoTaken, PieceMade, PullTest } from './records';
import type { AgeBand, RuleId } from './rules';
import type { Course, RingIs } from '../address';
import type { Feature } from '../feature';
import type { Firmness } from '../form';
import type { HookSystem } from '../figures';
import type { GaugeSettings, HookBy } from '../gauge';
import type { ClampSaid, StoredJoin } from '../join';
import type { Terms } from '../notation';
import type { Units } from '../words';

/** Version of the document that this program writes. Every released version stays readable. */
export const SCHEMA = 19;

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
  /** what the maker has said of its filling, length by length; the last said counts */
  zones: readonly ZoneSaid[];
  /** what stiffens it inside; null for nothing */
  core: Core | null;
  /** in how many goes it is filled, closed; null as the toy's others */
  goes: 1 | 2 | 3 | null;
  /** how its end is closed, where the maker has said more than the text */
  ending: EndingSaid | null;
  /** what the bag of filling weighed less after one piece of it was filled, g; null while nobody has weighed it */
  weighedG: number | null;
}

/** How a length of a part is filled. */
export type ZoneFill = Firmness | 'yarn ends';

/** Filling of a length of a part as the maker says it: between two marked rounds, both among it. */
export interface ZoneSaid {
  from: Course;
  to: Course;
  fill: ZoneFill;
}

/** What a core is made of. */
export type CoreIs = 'roll of fabric' | 'felt' | 'plastic tube' | 'wood' | 'wire';

/** A stiffener inside a part: it goes in when the round `at` is full. Length and width in mm. */
export interface Core {
  is: CoreIs;
  lengthMm: number;
  widthMm: number;
  at: Course;
}

/** How an end is gathered: an earlier round instead of the last, through which loops, from which side, how often (null: as often as its hole asks). */
export interface EndingSaid {
  gather: Course | null;
  loops: 'front' | 'back';
  from: 'outside' | 'inside';
  times: 1 | 2 | null;
  /** null as the text says, drawn together where it says nothing */
  way: GatherWay | null;
}

/** A hole drawn together, or closed as a star: over and under the loops between the legs, across and across. */
export type GatherWay = 'drawn together' | 'star';

/** What is usual of an end of which the maker has said one thing only. */
export const USUAL_END: EndingSaid = {
  gather: null,
  loops: 'front',
  from: 'outside',
  times: null,
  way: null,
};

/** What a length of a part is on the toy. */
export type StretchIs = 'head' | 'neck' | 'body' | 'limb' | 'other';

/** A stretch as the maker says it: between two marked rounds, both among it. */
export interface StretchSaid {
  from: Course;
  to: Course;
  is: StretchIs;
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
  fillWith: 'polyester' | 'cotton' | 'wool' | 'yarn ends';
  /** nothing of plastic in the toy: no polyester, no plastic eyes */
  noPlastic?: boolean;
  units: Units;
  hooks: HookSystem;
  /** the smallest hole the maker still works through, pulled, mm */
  ownSmallestMm?: number;
  /** how many single crochets the maker works in a minute, in rounds that are not small */
  stitchesAMinute?: number;
}

/** When a step is done instead of when the plan would do it: so many stitches of a marked round are worked, null for all of them. `key` is the step's. */
export interface PauseSaid {
  key: string;
  at: Course;
  stitches: number | null;
}

/** A block of the plan that stands right behind another one, or first of all. */
export interface MoveSaid {
  key: string;
  after: string | null;
}

/** What the maker has decided about the order of work and what it takes. */
export interface PlanSaid {
  /** posts go in as late as it is comfortable, or before the first decreases */
  eyes: 'late' | 'early';
  /** in how many goes closed parts are filled that have no number of their own; null as usual */
  goes: 1 | 2 | 3 | null;
  /** seams when every part is made, or each as soon as it can be sewn */
  seams: 'last' | 'soon';
  /** copies of a part one after the other, or stage by stage: all their rounds, all their eyes */
  copies: 'piece by piece' | 'in runs';
  pauses: readonly PauseSaid[];
  /** in the order in which they were said */
  moves: readonly MoveSaid[];
  /** for one of a material, by its key, in the maker's own currency */
  prices: Readonly<Record<string, number>>;
  /** grams of a yarn that are at home, by the material's key */
  have: Readonly<Record<string, number>>;
}

/** What the maker says of a safety point: kept and printed; it never makes the point vanish. */
export interface AnswerSaid {
  /** the point's id */
  point: string;
  words: string;
}

/** What the maker has said and decided for safety. */
export interface SafetySaid {
  /** own limits, band by band; what is not said here is the stricter of the two profiles */
  own: Readonly<Partial<Record<AgeBand, Readonly<Partial<Record<RuleId, number>>>>>>;
  /** whether it may be washed; null while nobody has said it */
  washable: boolean | null;
  /** how deep ends are buried after their knot, mm; null while nobody has said it */
  buriedMm: number | null;
  /** parts whose start is a doubled ring, or has its tail woven round once more; their ids */
  startsSecured: readonly string[];
  answers: readonly AnswerSaid[];
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
  plan: PlanSaid;
  safety: SafetySaid;
  /** what the pages that the toy was taken from say besides their parts, as they were written: title, materials, legend, remarks */
  page: string;
  /** a picture of the maker's own that stands beside the face, scaled down, as a data URL; null for none */
  photo: string | null;
  /** the collection that it stands in on the Bench; empty for none */
  collection: string;
  /** the id of the toy that it is a variant of; null when it is none */
  variantOf: string | null;
}

/** The longest that a picture may be, characters, and how many of the making are kept: they are saved with every change. */
export const MOST_PHOTO = 60_000;
export const MOST_PHOTOS = 6;

/**
 * One thing that the maker did, counted, measured or took back; `key` is the stable key of a step or of one of its checks, `content` what it was
 * like then.
 */
export type Deed =
  | {
      what: 'done';
      key: string;
      /** data, never words (decision 43); null where an old file does not tell */ content: string | null;
    }
  | { what: 'undone'; key: string }
  /** repeats done within the round being worked */
  | { what: 'repeats'; key: string; repeats: number }
  /** stitches worked of the round being worked */
  | { what: 'stitches'; key: string; stitches: number }
  /** this step is made now, whatever stands before it */
  | { what: 'now'; key: string }
  /** the edge was counted after this round: so many stitches, whatever the text says */
  | { what: 'counted'; key: string; stitches: number }
  /** the piece was measured after this round, across, mm */
  | { what: 'measured'; key: string; acrossMm: number }
  /** the finished piece was measured: what, by its key, and how long it is, mm */
  | { what: 'sized'; of: string; mm: number }
  /** the end of yarn that a step left, as it was cut, mm */
  | { what: 'cut'; key: string; leftMm: number }
  /** what the maker wrote down, at a step or at none */
  | { what: 'noted'; key: string | null; words: string }
  /** the design was changed after something had been made: what of it, and of which part where it is of one */
  | { what: 'changed'; of: ChangedOf; part: string | null }
  /** the toy is made once more: everything is to be done again; and back to the making before it */
  | { what: 'another' }
  | { what: 'earlier' };

/** What of the design a change of mind is about. */
export const CHANGED_OF = ['text', 'part', 'parts', 'features', 'joins', 'yarn', 'plan'] as const;
export type ChangedOf = (typeof CHANGED_OF)[number];

/** A deed with its time, ISO 8601; null in files that did not note it. */
export type LogEvent = Deed & { at: string | null };

/** What one file holds: the design and the records beside it. */
export interface ToyFile {
  format: 'hoppla toy';
  schema: typeof SCHEMA;
  toy: Toy;
  /** everything that was done, oldest first; progress is folded from it */
  log: readonly LogEvent[];
  pieces: readonly PieceMade[];
  pullTests: readonly PullTest[];
  batches: readonly Batch[];
  /** pictures that were taken while it was made */
  photos: readonly PhotoTaken[];
  /** what older versions kept without a shape, as it was */
  unread: readonly unknown[];
}

/** Gives a new random id. */
export type NewId = () => string;
