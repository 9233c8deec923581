/** `1`, `1½`, `½`. */
const halves = (n: number): string => {
  const whole = Math.floor(Math.abs(n));
  return Math.abs(n) === whole ? String(whole) : `${whole > 0 ? whole : ''}½`;
};
const many = (n: number, one: string, more: string): string =>
  `${halves(n)} ${Math.abs(n) <= 1 ? one : more}`;

type On = 'face' | 'left eye' | 'right eye' | 'nose' | 'place';
const THINGS: Record<On, string> = {
  face: 'the middle of the face',
  'left eye': 'the left eye',
  'right eye': 'the right eye',
  nose: 'the nose',
  place: 'its place',
};

/** Sentences about embroidery. Lengths come in already printed. */
export const stitchWords = {
  /** where an end is, from what it hangs on: stitches across (outwards of an eye, else to the toy's left) and rounds down */
  end: (on: On, across: number, down: number): string => {
    const eye = on === 'left eye' || on === 'right eye';
    const [near, far] = eye ? ['inside', 'outside'] : ['right of', 'left of'];
    const side =
      across === 0
        ? `at ${THINGS[on]}`
        : `${many(across, 'stitch', 'stitches')} ${across < 0 ? near : far} ${THINGS[on]}`;
    if (down === 0) return `${side}, level with it`;
    return `${side}, ${many(down, 'round', 'rounds')} ${down > 0 ? 'lower' : 'higher'}`;
  },
  works: {
    'mouth V': 'Mouth, a V',
    smile: 'Mouth, a smile',
    'mouth line': 'Mouth, a line',
    lips: 'Lips',
    nose: 'Nose',
    brows: 'Brows',
    lashes: 'Lashes',
    cheeks: 'Cheeks',
    whiskers: 'Whiskers',
    freckles: 'Freckles',
    'stitched eyes': 'Stitched eyes',
  },
  how: {
    line: 'from place to place',
    ticks: 'short stitches',
    curve: 'a curve held by its tacks',
    satin: 'side by side',
    knots: 'knots',
  },
  faults: {
    'no eyes': (name: string) => `${name} hangs on the eyes, and there are none here.`,
    'no nose': (name: string) => `${name} hangs on the nose, and there is none here.`,
    homeless: (name: string) => `${name}: there is no round or stitch where it was. Move it, or take it off.`,
  },
  inHole: (tags: string) =>
    `${tags}: a hole between stitches, where a knot slips through; half a stitch over, it holds in the fibres.`,
  mirror: (off: string) => `The other side is ${off} from the mirror image.`,
  nearer: (off: string, side: 'left' | 'right') => `${off} nearer the toy’s ${side} than the middle.`,
  even: 'Its middle is the middle of the face.',
  notRead: (words: string) =>
    `“${words}” is not understood. Say how far, such as “1 stitch inside the left eye, 2 rounds lower” or “at the middle of the face, 3 rounds lower”.`,
  /** where the thread begins and ends, and what is in the needle */
  startEnd: (from: string, to: string, when: 'before filling' | 'after filling', of: 'yarn' | 'floss') =>
    `Begin with a knot in the fibres at ${from}, end at ${to}; ${
      when === 'before filling' ? 'tie both ends inside' : 'sink both ends through the fill, knots inside'
    }. ${of === 'yarn' ? 'A blunt needle.' : 'A sharp needle with a fine eye.'}`,
  way: (way: string, cut: string) => `${way} of thread on the face; cut ${cut}`,
  wayEach: (way: string, cut: string) => `${way} of thread on each side; cut ${cut} for each`,
};
