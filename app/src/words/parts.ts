import { plural } from '@hoppla/core/words';

/** What the Parts station says. */
export const parts = {
  add: 'Add parts',
  paste:
    'Paste or type the rounds of one or more parts. A heading such as “Head (1x, rust, 3.0 mm hook)” starts a part.',
  example: 'Ear (2x, rust, 3.0 mm hook)\nR1: 6 sc in ring (6)\nR2: inc x6 (12)',
  addThese: (n: number) => (n > 1 ? `Add ${n} parts` : 'Add this part'),
  rounds: 'Rounds of this part',
  choose: 'Choose a part',
  tall: (unit: string) => `${unit} tall`,
  wide: (unit: string) => `${unit} wide`,
  deep: (unit: string) => `${unit} deep`,
  about: (low: string, high: string) => `${low}–${high}`,
  from: (basis: string, source: string) =>
    source === 'not known'
      ? `by the ${basis}; the hook is not known, so no length is`
      : `by the ${basis}, from ${source === 'measured' ? 'your measured' : 'an assumed'} gauge`,
  basis: {
    'ring model': 'ring model',
    'bent ring model': 'bent ring model',
    'oval model': 'oval model',
    flattened: 'flat model',
    folded: 'fold model',
    'flat rows': 'flat model',
    chain: 'chain',
  } as Record<string, string>,
  weighs: (weight: string, low: string, high: string) => `weighs about ${weight} (${low}–${high})`,
  holds: (volume: string) => `holds ${volume} cm³`,
  change: (by: string) => `${by.startsWith('-') ? `−${by.slice(1)}` : `+${by}`}`,
  measure: 'Measure your gauge',
  inHand: 'in the hand',
  onToy: 'on the toy',
  shaping: 'Made into',
  shapings: {
    'as worked': 'as worked',
    flattened: 'pressed flat',
    folded: 'folded in half',
    'pushed in': 'pushed in',
  } as Record<string, string>,
  rim: 'Pushed in along',
  addsUp: 'adds up',
  notYet: (n: number) => plural(n, 'fault'),
  noRounds: 'no rounds yet',
  emptyTitle: 'No parts yet',
  split: (n: number) => `${plural(n, 'more part')} in this text`,
  splitThem: 'Make them parts',
  remove: 'Delete this part',
  fill: 'Fill',
  fills: { empty: 'empty', soft: 'soft', medium: 'medium', firm: 'firm' },
  stitches: (n: number) => plural(n, 'stitch', 'stitches'),
  atLine: (n: number) => `line ${n}`,
  faults: (n: number) => (n === 1 ? '1 fault' : `${n} faults`),
  nextFault: 'go to the next fault',
  allAddUp: (rounds: number, word: string, n: number) =>
    `${plural(rounds, word)}, ${plural(n, 'stitch', 'stitches')}, all add up`,
  roundWord: { rounds: 'round', rows: 'row', cord: 'chain' },
  saysOf: (label: string, made: string, stated: string | null) =>
    stated === null || stated === made
      ? `${label} makes ${made}`
      : `${label} makes ${made}, the line says ${stated}`,
  strip: 'Parts of this toy',
  keys: 'Craft keys',
  keyNext: 'round +',
  keyCount: 'count',
  keyLess: 'one fewer',
  keyMore: 'one more',
  keyBrackets: '( )',
  unfold: (from: string, to: string) => `Unfold ${from}–${to}`,
  gather: 'Gather equal rounds',
  terms: 'Terms',
  us: 'US: sc, hdc, dc',
  uk: 'UK: dc, htr, tr',
  toTerms: (terms: string) => `Change to ${terms.toUpperCase()} terms`,
  freeLoops: 'Loops still free',
  freeOf: (label: string, loop: string, free: number, of: number) =>
    `${label}: ${free} of ${of} ${loop} loops`,
  offer: (rounds: string, between: number, thread: boolean, mm: number) =>
    `${thread ? 'Embroider' : 'Place'} eyes of ${mm} mm at ${rounds}, ${between} between`,
  readings: {
    'stitches-between': (n: number) => `${plural(n, 'stitch', 'stitches')} between`,
    'stitches-on': (n: number, between: number) =>
      `${plural(n, 'stitch', 'stitches')} on, so ${between} between`,
    'holes-on': (n: number, between: number) => `${n} holes on, so ${between} between`,
    'holes-showing': (n: number, between: number) => `${n} holes showing, so ${between} between`,
    'holes-counting-both': (n: number, between: number) =>
      `${n} holes with both posts’ own, so ${between} between`,
  } as Record<string, (n: number, between: number) => string>,
  anySize: 'not known',
  whichOffer: '“Apart” is counted in more than one way. Which one is meant?',
  placed: (rounds: string) => `Eyes stand at ${rounds}.`,
  placedElsewhere: (rounds: string, noted: string) => `Eyes stand at ${rounds}; this note says ${noted}.`,
  caught: 'caught in a join round',
  little: (understood: number, lines: number) =>
    `${understood} of ${lines} lines read as rounds, titles or steps. Nothing is lost: the others can stay as notes, or be written as rounds such as “R3: (sc, inc) x6 (18)”.`,
  keepNotes: 'Keep them as notes',
  found: (parts: number, rounds: number, faults: number) =>
    `${plural(parts, 'part')}, ${plural(rounds, 'round')}${faults ? `, ${plural(faults, 'line')} to look at` : ', all add up'}`,
  laidOut: 'Laying out the rounds',
  craftWords: {
    sc: 'single',
    hdc: 'half double',
    dc: 'double',
    tr: 'treble',
    htr: 'half treble',
    dtr: 'double treble',
    'sl st': 'slip stitch',
    inc: 'two in one',
    dec: 'two together',
    invdec: 'through the front loops',
    bob: 'bobble',
    ch: 'chain',
  } as Record<string, string>,
};
