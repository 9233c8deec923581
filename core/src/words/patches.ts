import { plural } from './plural';

/** Sentences about pieces that are laid on, and about needle sculpting. Lengths come in already printed. */
export const patchWords = {
  works: {
    'under the eyes': 'Eye whites',
    lids: 'Lids',
    cheeks: 'Cheeks',
    muzzle: 'Muzzle',
    belly: 'Belly',
    beak: 'Beak',
    spots: 'Spots',
  },
  of: { felt: 'felt', crochet: 'crochet' },
  shapes: {
    circle: 'circle',
    oval: 'oval',
    half: 'half round',
    drop: 'drop',
    triangle: 'triangle',
    strip: 'strip',
    own: 'own outline',
  },
  seams: { whip: 'whip stitch', blanket: 'blanket stitch', back: 'back stitch' },
  /** `2 ovals of felt, 12 × 16 mm` */
  pieces: (n: number, shape: string, of: string, size: string) =>
    `${plural(n, shape, shape === 'half round' || shape === 'own outline' ? shape : `${shape}s`)} of ${of}, ${size}`,
  thread: (edge: string, cut: string) => `edge ${edge}; thread to sew it on, cut ${cut}`,
  threadEach: (edge: string, cut: string) => `edge ${edge} each; thread for each, cut ${cut}`,
  hole: (of: string, across: string, up: string) => `The post of the ${of} goes through it ${across}, ${up}.`,
  holeAcross: (length: string, side: 'left' | 'right' | null) =>
    side === null ? 'in the middle' : `${length} to the toy’s ${side} of its middle`,
  holeUp: (length: string, up: boolean | null) =>
    up === null ? 'level with its middle' : `${length} ${up ? 'above' : 'below'} it`,
  over: (length: string) => `It hangs ${length} over the end of the fabric: it is larger than what is there.`,
  notRead: (path: string) =>
    `“${path}” is not understood as an outline; it stays as it was. It takes one closed line in the letters of an SVG path, such as “M0 0 L20 0 L10 14 Z”.`,
  badOutline: 'Its own outline is not understood: an oval of its size is laid on.',
  partOver: (names: string) =>
    `${names} is sewn on where it lies, and covers some of it: sew this on first, or move it.`,
  scattered: (there: number, wanted: number) =>
    there < wanted
      ? `${there} of ${wanted} fit at this gap; make it smaller, or spread them wider.`
      : `${plural(there, 'piece')} laid, none nearer to another than the gap.`,
  task: {
    title: (name: string, part: string, under: boolean) =>
      under ? `Put ${name.toLowerCase()} on the posts, on ${part}` : `Sew ${name.toLowerCase()} on ${part}`,
    under: 'On the posts before the washers: afterwards nothing goes under an eye any more.',
    over: 'Over the eyes when they are fast: the lid shows how far they look out.',
    open: 'While the part is open and empty, it lies flat and the ends are tied inside.',
    through: 'The hole is too small for a hand by then: the ends are sunk inside.',
    crochet: 'Worked as a piece of its own first.',
  },
  cut: {
    title: 'Pieces to cut, true size',
    how: 'Print at 100 percent (no fitting to the page). The bar is 50 mm; measure it before you cut. The arrow shows up on the toy.',
    label: (n: number, what: string, size: string) => `cut ${n}: ${what}, ${size}`,
    make: (n: number, what: string, size: string) => `crochet ${n}: ${what}, ${size}`,
    disc: 'backing disc inside',
    under: (what: string) => `felt under the ${what}`,
    wide: (what: string) => `${what}: larger than a page; measure it out.`,
    none: 'Nothing of this toy is cut.',
  },
  sculpt: {
    works: { eyes: 'Draw the eyes in', divot: 'One dip', tie: 'Shaping tie' },
    names: { eyes: 'Eyes drawn in', divot: 'Dip', tie: 'Shaping tie' },
    leg: (i: number, isIn: boolean) => (isIn ? `${i} in, through the inside` : `${i} out, over the fabric`),
    back: (first: number) => `and back to ${first}, where both ends are knotted and sunk`,
    thread: (cut: string, way: string, needle: string) =>
      `Thread of ${cut} (its way is ${way}), a needle of at least ${needle}.`,
    apart: (now: string, after: string, low: string, high: string) =>
      `Estimate: eyes ${now} apart now, about ${after} when it is pulled (${low} to ${high}).`,
    sunk: (deep: string, low: string, high: string) =>
      `Estimate: eyes about ${deep} deeper (${low} to ${high}).`,
    dip: (deep: string, low: string, high: string) => `Estimate: about ${deep} deep (${low} to ${high}).`,
    rise: (deep: string, low: string, high: string) =>
      `Estimate: the base rises by about ${deep} (${low} to ${high}).`,
    judged: 'Nobody has measured it: the pull decides. Stop when it looks right.',
    notFilled: 'This part is not filled: a pull would fold it. Sculpt what is stuffed.',
    task: (name: string, part: string) => `${name} on ${part}`,
    detail: (thread: string, passes: number) =>
      `${thread} ${plural(passes, 'pass', 'passes')}; pull a little at a time, and look`,
    reason: 'After closing: the fill holds against the pull.',
    left: 'Needle out: count it.',
  },
};
