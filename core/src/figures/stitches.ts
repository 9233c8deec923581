/** How one kind of stitch is written in some terms: printed so, and read as any of its words or, in full, of its phrases. */
interface Written {
  print: string;
  words: readonly string[];
  phrases?: readonly string[];
}

interface StitchRow {
  /** stitches of the round below that one takes */
  eats: 0 | 1;
  /** round height as a multiple of that of single crochet */
  height: number;
  /** yarn in stitch widths; of a maker's own unravelled stitch these are shares of `sc` */
  yarnWidths: number;
  /** movements of the hook, in single crochets: what is worked takes the time, not the tops that it leaves */
  movements: number;
  /** stitches by which a disc of it grows a round and lies flat */
  flatGrowth: number;
  /** may stand before `inc`, `dec`, `2tog` or behind a post's `fp` */
  compounds: boolean;
  us: Written;
  uk: Written;
}

const slip: Written = { print: 'sl st', words: ['slst', 'ss'] };
const chain: Written = { print: 'ch', words: ['ch', 'chain', 'chains'] };
const bobble: Written = {
  print: 'bob',
  words: ['bob', 'bobs', 'bobble', 'bobbles', 'popcorn', 'popcorns', 'puff', 'puffs'],
  phrases: ['bobble stitch', 'bobble st', 'puff stitch', 'puff st', 'popcorn stitch', 'popcorn st'],
};

const waistcoat: Written = {
  print: 'wst',
  words: ['wst'],
  phrases: ['waistcoat stitch', 'waistcoat st', 'knit stitch', 'knit st'],
};
const looped: Written = {
  print: 'lpst',
  words: ['lpst', 'lsc'],
  phrases: ['loop stitch', 'loop st', 'lp st', 'fur stitch', 'fur st', 'looped stitch'],
};
const CRAB = ['crab stitch', 'crab st'];

/**
 * The kinds of stitches: a kind is one row here. Source of heights, yarn and movements: the house's numbers; of the words: the
 * table "What counts" of the house's notation. Judged, nobody has measured them yet: `dtr`, `esc` (between sc and hdc), `rsc`, `wst`
 * (worked between the legs of the one below), `loop` (its loop goes once around a finger).
 */
export const STITCHES = {
  sc: {
    eats: 1,
    height: 1,
    yarnWidths: 6.5,
    movements: 1,
    flatGrowth: 6,
    compounds: true,
    us: { print: 'sc', words: ['sc', 'st'], phrases: ['single crochet'] },
    uk: { print: 'dc', words: ['dc', 'st'], phrases: ['double crochet'] },
  },
  hdc: {
    eats: 1,
    height: 1.45,
    yarnWidths: 8.5,
    movements: 1.2,
    flatGrowth: 8,
    compounds: true,
    us: { print: 'hdc', words: ['hdc'], phrases: ['half double crochet', 'half double'] },
    uk: { print: 'htr', words: ['htr'], phrases: ['half treble'] },
  },
  dc: {
    eats: 1,
    height: 2,
    yarnWidths: 11,
    movements: 1.5,
    flatGrowth: 12,
    compounds: true,
    us: { print: 'dc', words: ['dc'], phrases: ['double crochet'] },
    uk: { print: 'tr', words: ['tr'], phrases: ['treble crochet', 'treble'] },
  },
  tr: {
    eats: 1,
    height: 2.8,
    yarnWidths: 14,
    movements: 1.9,
    flatGrowth: 18,
    compounds: true,
    us: { print: 'tr', words: ['tr'], phrases: ['treble crochet', 'treble'] },
    uk: { print: 'dtr', words: ['dtr'], phrases: ['double treble'] },
  },
  dtr: {
    eats: 1,
    height: 3.6,
    yarnWidths: 17,
    movements: 2.3,
    flatGrowth: 24,
    compounds: true,
    us: { print: 'dtr', words: ['dtr'], phrases: ['double treble crochet', 'double treble'] },
    uk: { print: 'ttr', words: ['ttr'], phrases: ['triple treble crochet', 'triple treble'] },
  },
  esc: {
    eats: 1,
    height: 1.25,
    yarnWidths: 7.5,
    movements: 1.2,
    flatGrowth: 7,
    compounds: true,
    us: {
      print: 'esc',
      words: ['esc', 'exsc'],
      phrases: ['extended single crochet', 'extended sc', 'ext sc'],
    },
    uk: {
      print: 'edc',
      words: ['edc', 'exdc'],
      phrases: ['extended double crochet', 'extended dc', 'ext dc'],
    },
  },
  rsc: {
    eats: 1,
    height: 0.8,
    yarnWidths: 6.5,
    movements: 1.4,
    flatGrowth: 6,
    compounds: false,
    us: {
      print: 'rsc',
      words: ['rsc'],
      phrases: ['reverse single crochet', 'reverse sc', 'rev sc', ...CRAB],
    },
    uk: {
      print: 'rdc',
      words: ['rdc'],
      phrases: ['reverse double crochet', 'reverse dc', 'rev dc', ...CRAB],
    },
  },
  wst: {
    eats: 1,
    height: 0.85,
    yarnWidths: 6.5,
    movements: 1.1,
    flatGrowth: 6,
    compounds: true,
    us: waistcoat,
    uk: waistcoat,
  },
  loop: {
    eats: 1,
    height: 1,
    yarnWidths: 18,
    movements: 1.6,
    flatGrowth: 6,
    compounds: false,
    us: looped,
    uk: looped,
  },
  slst: {
    eats: 1,
    height: 0.35,
    yarnWidths: 4,
    movements: 0.6,
    flatGrowth: 6,
    compounds: true,
    us: slip,
    uk: slip,
  },
  ch: {
    eats: 0,
    height: 0.35,
    yarnWidths: 3.5,
    movements: 0.4,
    flatGrowth: 6,
    compounds: true,
    us: chain,
    uk: chain,
  },
  bob: {
    eats: 1,
    height: 1,
    yarnWidths: 32,
    movements: 5,
    flatGrowth: 6,
    compounds: false,
    us: bobble,
    uk: bobble,
  },
} as const satisfies Record<string, StitchRow>;

export type StitchKind = keyof typeof STITCHES;

/** Every kind, in the order of the table; the place of a kind is its code in a fabric. */
export const STITCH_KINDS = Object.keys(STITCHES) as StitchKind[];
