import { own } from '../own';
import { ASSUMED_HOOK_MM } from '../figures';
import {
  SCHEMA,
  type NamedGauge,
  type NewId,
  type PlanSaid,
  type SafetySaid,
  type Toy,
  type ToyFile,
  type Yarn,
} from './types';

/** Colours a new slot gets by its word, or by turn; a maker changes them at will. */
const KNOWN_COLOURS: Record<string, string> = {
  rust: '#9a5a3c',
  brown: '#7a5340',
  cream: '#e6d5b5',
  sand: '#d9c194',
  grey: '#8d9498',
  gray: '#8d9498',
  white: '#f1eee6',
  black: '#2a2a2c',
  red: '#c23b3b',
  green: '#5d8a4a',
  blue: '#3f6aa8',
  yellow: '#e0b43a',
  pink: '#e39aaf',
  coral: '#e5765f',
  teal: '#2f8a86',
  purple: '#7a5a9c',
  orange: '#dd8437',
  slate: '#5f6b78',
  sage: '#8aa17c',
  berry: '#8c3f63',
  ruby: '#b3264a',
  navy: '#2e3f63',
  mustard: '#c9992f',
  honey: '#d8a23e',
  moss: '#6d7a3e',
  mint: '#a5d6c2',
  lilac: '#b9a3cf',
  turquoise: '#4fb3b3',
  ivory: '#efe8d6',
  charcoal: '#45484d',
};

const FALLBACK_COLOURS = ['#b98d62', '#7d9a8c', '#a06a74', '#6f7fa3', '#c2a24f'];

/** A toy with nothing in it yet. */
export function newToy(name: string, newId: NewId): Toy {
  return {
    schema: SCHEMA,
    id: newId(),
    name,
    parts: [],
    features: [],
    joins: [],
    clamps: [],
    palette: [],
    gauges: [newGauge(newId)],
    settings: {
      terms: 'us',
      age: 'unknown',
      region: 'eu-uk',
      fillWith: 'polyester',
      units: 'mm',
      hooks: 'mm',
    },
    plan: usualPlan(),
    safety: NOTHING_SAID,
    page: '',
    photo: null,
    collection: '',
    variantOf: null,
  };
}

/** Nothing is said about safety yet. */
const NOTHING_SAID: SafetySaid = { own: {}, washable: null, buriedMm: null, startsSecured: [], answers: [] };

/** What is planned as usual: nothing is said yet. */
const usualPlan = (): PlanSaid => ({
  eyes: 'late',
  goes: null,
  seams: 'last',
  copies: 'piece by piece',
  pauses: [],
  moves: [],
  prices: {},
  have: {},
});

/** A gauge of which only the hook is known. */
const newGauge = (newId: NewId): NamedGauge => ({
  id: newId(),
  name: '',
  hookMm: ASSUMED_HOOK_MM,
  hookBy: 'assumed',
  hand: 'right',
  yarnUnder: false,
});

/** A file around a toy, with empty records. */
export function newFile(toy: Toy): ToyFile {
  return {
    format: 'hoppla toy',
    schema: SCHEMA,
    toy,
    log: [],
    pieces: [],
    pullTests: [],
    batches: [],
    photos: [],
    unread: [],
  };
}

/** The colour that words such as `pale grey` name, #rrggbb; null when they name none that is known. */
export const colourOf = (words: string): string | null => own(KNOWN_COLOURS, words.split(' ').pop()!) ?? null;

export function withSlot(palette: readonly Yarn[], slot: string): readonly Yarn[] {
  if (palette.some((y) => y.slot === slot)) return palette;
  return [
    ...palette,
    newYarn(slot, colourOf(slot) ?? FALLBACK_COLOURS[palette.length % FALLBACK_COLOURS.length]),
  ];
}

/** The slot that a part is worked in where no round says another: what its text names, else the toy's first yarn that is none of those it changes to; empty where there is none. */
export const slotOf = (
  palette: readonly Yarn[],
  { colour, colours }: { colour: string | null; colours: readonly string[] },
): string => colour ?? palette.find((y) => !colours.includes(y.slot))?.slot ?? '';

/** A yarn of which only its colour is known, #rrggbb. */
export const newYarn = (slot: string, colour: string): Yarn => ({
  slot,
  name: slot,
  colour,
  ball: null,
  strands: 1,
  hardToSee: null,
  sheds: null,
});
