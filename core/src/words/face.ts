import { plural } from './plural';

const stitches = (n: number) => plural(n, 'stitch', 'stitches');

/** Sentences about a face: advice with its reason, what cannot be and why, what differs. Lengths come in already printed. */
export const faceWords = {
  retention: 'Washer against fabric',
  post: (side: 'left' | 'right') => `the eye on the toy’s ${side}`,
  advice: {
    small: (percent: string, low: string, high: string) =>
      `small eyes: ${percent} % of the head’s width; ${low} to ${high} is usual here`,
    large: (percent: string, low: string, high: string) =>
      `large eyes: ${percent} % of the head’s width; ${low} to ${high} is usual here`,
    close: (deg: string, low: string, high: string) =>
      `${deg}° apart from above: close together; ${low}° to ${high}° is usual for eyes that look forward`,
    wide: (deg: string, low: string, high: string) =>
      `${deg}° apart from above: far apart; ${low}° to ${high}° is usual for eyes that look forward`,
    low: (percent: string, low: string, high: string) =>
      `eye line at ${percent} % of the head’s height: low, which looks very young; ${low} to ${high} % is usual`,
    high: (percent: string, low: string, high: string) =>
      `eye line at ${percent} % of the head’s height: high, which looks grown up; ${low} to ${high} % is usual`,
    'off the head': 'they stand on the body, below the neck: what is usual for a face is not asked there',
    'colour step': (post: string) =>
      `${post} stands on a colour step: the step shows beside it; one stitch over it does not`,
    increase: (post: string) =>
      `${post} stands between the two stitches of one increase, where there is no open hole; one stitch over there is`,
    decrease: (post: string) =>
      `${post} stands beside a decrease, where the hole is wider than its neighbours`,
    'washers close': (gap: string) =>
      `${gap} between the washers inside: press the first fully home before the second goes on`,
    fill: (proud: string) =>
      `the flat washer stands ${proud} off the round fabric: tuck fill behind and around the posts`,
    turned: (n: string, from: 'marker' | 'patch' | 'part') =>
      `the middle of the face is ${n === '1' ? '1 stitch' : `${n} stitches`} away from ${from === 'marker' ? 'opposite the marker' : from === 'patch' ? 'the middle of the patch' : 'the part it looks over'}`,
    covers: (post: string, thing: string, mm: string) =>
      `${post} reaches ${mm} under or over the edge of the ${thing}`,
  },
  refusal: {
    'past the window': (washer: string) =>
      `No round from the eyes’ own on leaves a hole that a ${washer} mm washer can go through.`,
    'gathered end': 'The last round is drawn shut: there is no hole there that stays open.',
    'no room': (room: string, apart: string) =>
      `The posts are ${apart} apart and need ${room}: one would stand on the other.`,
  },
  note: {
    notEyes: (what: string) =>
      `This note is about ${what}: it places no eyes. ${what[0].toUpperCase()}${what.slice(1)} is placed on Face or Joins by hand.`,
    what: {
      eyes: 'the eyes',
      nose: 'the nose',
      mouth: 'the mouth',
      ears: 'the ears',
      other: 'something else',
    },
    otherEyes:
      'Eyes of felt, buttons, beads or glue are not known here: nothing is placed. Safety lists them.',
    whichRound: 'Between which rounds? Write for example “between R9 and R10”.',
    noSuchRound: (n: number, last: number) => `There is no R${n} for eyes here: this part ends at R${last}.`,
    notUnderstood: (words: string) =>
      `“${words}” is not understood, so nothing is placed. Write for example “between R9 and R10, 7 between”.`,
    oneHole: 'With nothing between them both posts would stand in one hole.',
    tooWide: (many: number, of: number) => `${many} between is more than half of this round of ${of}.`,
    howFar: (between: number) => `The note does not say how far apart: ${between} between is only usual.`,
    sizeNotKnown: (mm: string) =>
      `Eyes of ${mm} mm are in no table: their washer is not known until you type it.`,
  },
  washerWhy: {
    'hook not known': 'not known: the hook is not known',
    'hook not said': 'not known: nobody has said the hook',
    'washer not known': 'not known: no table has a washer for this eye',
    'chain space': 'not known: a chain space opens too far',
    'skipped stitches': 'not known: skipped stitches open too far',
  },
  bands: {
    1: 'stop: tighter gauge or bigger washer',
    2: 'backing disc advised',
    3: 'covers well; tug and pull test decide',
  },
  washerLies: (low: string, high: string) =>
    `between ${low} and ${high} by an assumed gauge: measure it first`,
  windowNotKnown: 'Until when they can be put in is not known: the hook is not known.',
  /** how a place is reached after the last round in which something is put in there */
  reach: (after: string, deep: string, through: string, by: 'hand' | 'fingers') =>
    `After ${after}, ${deep} deep through ${through}: ${by === 'hand' ? 'a hand goes in' : 'fingers reach'}`,
  reachEnds: {
    hole: 'later the hole is too small',
    depth: 'later it is too deep',
    fill: 'then the text stuffs it',
    rounds: 'it stays open',
  },
  none: 'No safety eye of the table holds in this fabric: they are offered embroidered.',
  nearest: (tag: string) => `Put them at ${tag}, the nearest that can be`,
  noNearest: 'No place on this part can take them; a smaller eye may find one',
  faces: {
    'as it is': 'as it is',
    higher: 'higher',
    lower: 'lower',
    wider: 'wider',
    closer: 'closer',
    'lower and wider': 'lower, wider',
  },
  differences: {
    'round from the ring': 'rounds down from the ring',
    'stitches between': 'stitches between',
    straight: 'post to post',
    'rim to rim': 'rim to rim',
    angle: 'angle from above',
    line: 'eye line, of the height',
    uneven: 'from level',
    eye: 'eye',
    washer: 'washer',
    'made as': 'made as',
  },
  likes: { 'same counts': 'the same counts', 'same face': 'the same face on this head' },
  questions: {
    'holes apart': 'How do you count holes apart?',
    'stitches apart': 'How do you count stitches apart?',
    'mm apart': 'Measured straight, or along the fabric?',
    apart: 'What is counted?',
    'from the edge': 'From which edge?',
  },
  habit: (what: string) => `Read your way: ${what}.`,
  map: {
    title: 'face map',
    heading: (part: string) => `Face map of the ${part.toLowerCase()}`,
    trueSize: 'True size. Print at 100 %, not “fit to page”, and lay a ruler on the bar.',
    bar: (mm: number) => `${mm} mm`,
    seen: 'Seen from the front; left and right are the toy’s own.',
    straight: (length: string, low: string, high: string) => `${length} from post to post (${low}–${high})`,
    schools: 'The same places, counted in other ways',
    window: 'When',
    windowOf: (first: string, comfortable: string, possible: string) =>
      `Put in from ${first}, in comfort until ${comfortable}, at all until ${possible}.`,
    into: (round: string, n: number) => `At the very latest with ${stitches(n)} of ${round} worked.`,
    never: 'never',
    ready: 'Have ready',
    needle: 'With needle and thread',
    transfer: 'To trace from behind: mirrored, in true size; the crosses are the eyes',
    stitched: (
      name: string,
      twin: boolean,
      ends: readonly string[],
      cut: string,
      strands: number,
      of: string,
    ) =>
      `${name}${twin ? ', other side' : ''}: ${ends.join(' → ')}; ${strands === 1 ? '' : `${strands} strands of `}${of}, cut ${cut}`,
    eyes: (mm: string, post: string, washer: string) =>
      `2 safety eyes of ${mm} mm (post ${post} mm) and their washers of ${washer} mm`,
    nose: (width: string, height: string, post: string, washer: string) =>
      `1 safety nose of ${width} × ${height} mm (post ${post} mm) and its washer of ${washer} mm`,
    embroidered: (mm: string, thread: string) =>
      `thread for 2 eyes of ${mm} mm, ${thread} each, and a blunt needle`,
    embroideredNose: (width: string, height: string, thread: string) =>
      `thread for a nose of ${width} × ${height} mm, ${thread}, and a blunt needle`,
    felt: (n: number, mm: string) => `${plural(n, 'felt round', 'felt rounds')} of ${mm} mm`,
    discs: (n: number, mm: string) => `${plural(n, 'backing disc')} of felt, ${mm} mm`,
    always: 'a stitch marker on the face line, scissors, a little fill',
    checks: 'Before the click',
    cut: 'Cut out, true size',
    patch: (name: string, twin: boolean, tags: string, pieces: string) =>
      `${name}${twin ? ', other side' : ''}: ${pieces}, middle at ${tags}`,
    felts: 'Laid on',
    sculpt: 'With the needle, when it is filled and closed',
    sculptWay: (name: string, tags: readonly string[], passes: number, cut: string, needle: string) =>
      `${name}: in at ${tags.map((tag, i) => (i === 0 ? tag : `${i % 2 ? 'out' : 'in'} at ${tag}`)).join(', ')}, and back to the first; ${plural(passes, 'pass', 'passes')}, thread of ${cut}, a needle of at least ${needle}`,
    crooked: 'Crooked on purpose: the same on every piece.',
    cropped: 'The head is larger than the page; the face is shown.',
    age: 'Plastic eyes and noses are not for children under 36 months.',
  },
};
