import { ordinal } from './places';
import { plural } from './plural';

const MOVES = {
  up: (n: number) => `${plural(n, 'round', 'rounds')} up`,
  down: (n: number) => `${plural(n, 'round', 'rounds')} down`,
  left: (n: number) => `${plural(n, 'hole', 'holes')} to the toy’s left`,
  right: (n: number) => `${plural(n, 'hole', 'holes')} to the toy’s right`,
  closer: (n: number) => `${plural(n, 'hole', 'holes')} closer together`,
  further: (n: number) => `${plural(n, 'hole', 'holes')} further apart`,
  keep: () => 'as it is',
};

/** What is said of joins: where they stand, what is in the way, how the toy stands. Lengths and weights are handed in printed. */
export const joinWords = {
  moves: MOVES,
  edges: {
    last: 'last round',
    first: 'first round',
    side: 'side of the rows',
    layer: 'edge of what is worked on',
    'chain end': 'end of the chain',
    fold: 'its fold',
  },
  lies: { open: 'open as a ring', flattened: 'pressed flat', pinched: 'pinched to a bow' },
  how: { surface: 'on the surface', end: 'round the closed end', rim: 'rim to rim' },
  hang: {
    start: (n: number) => `${plural(n, 'round', 'rounds')} from the ring`,
    end: (n: number) => `${plural(n, 'round', 'rounds')} from the last round`,
    ridge: (n: number) =>
      n === 0 ? 'just above the ridge' : `${plural(n, 'round', 'rounds')} above the ridge`,
    colour: (n: number, colour: string) => `in the ${ordinal(n + 1)} round of ${colour}`,
    share: (share: number) => `${Math.round(share * 100)} percent of the way up`,
    wholeEnd: { start: 'round the ring end', last: 'round the last round' },
    thing: (way: 'above' | 'below' | 'level', name: string, n: number) => {
      if (way === 'level') return `level with the ${name}`;
      return `${n === 0 ? 'just ' : ''}${way} the ${name}${n === 0 ? '' : `, ${plural(n, 'round', 'rounds')} free`}`;
    },
    straight: (name: string) => `straight in line with the ${name}`,
    beside: (way: 'left' | 'right', name: string, n: number) =>
      `${plural(n, 'stitch', 'stitches')} to the toy’s ${way} of the ${name}`,
    face: (deg: number) => {
      const off = Math.round(Math.abs(deg));
      if (off === 0) return 'in front';
      if (off === 180) return 'on the back';
      const side = deg > 0 ? 'left' : 'right';
      return off === 90 ? `on the toy’s ${side} side` : `at ${off} degrees to the toy’s ${side}`;
    },
  },
  clamped: {
    sides: {
      up: { usual: 'front up', over: 'back up' },
      forward: { usual: 'front forward', over: 'back forward' },
    },
    inside: 'pointing inside',
    leans: (deg: number, to: 'up' | 'forward') => {
      const toward = { up: 'up', forward: 'forward' }[to];
      const away = { up: 'down', forward: 'back' }[to];
      return `tip ${deg > 0 ? toward : away} by ${Math.abs(deg)}°`;
    },
    shifted: (n: number) => `edge turned on by ${plural(n, 'stitch', 'stitches')}`,
    tail: { inside: 'its ends inside', outside: 'its ends outside' },
    layers: (n: 1 | 2) => (n === 2 ? 'through both layers' : 'through its edge'),
    slots: (n: number) => plural(n, 'slot'),
    free: (n: number) => `into ${plural(n, 'slot')} free`,
    then: (free: string | null, clamp: string | null) =>
      [free, clamp && (free ? `then ${clamp}` : clamp)].filter(Boolean).join(', '),
    of: (name: string, how: string) => `${name}: ${how}`,
  },
  hangFault: {
    'thing gone': 'What it hung on is gone: it stays where it was.',
    'no such round': 'The text has no such round any more: it stays where it was.',
    'no such mark': 'That mark is not on the part any more: it stays where it was.',
    circle: 'It and another part go by each other: both stay where they were. Let one of them go.',
  },
  saidFault: {
    'thing gone': 'That is not on this part.',
    'no such round': 'There is no such round on this part.',
    'no such mark': 'There is no such mark on this part.',
    circle: 'That goes by this part itself: the two would go by each other for ever.',
  },
  gone: 'what is gone',
  unknownThing: (name: string, host: string) => `There is no “${name}” on ${host} to go by.`,
  notUnderstood: (words: string) =>
    `“${words}” is not understood. Say how high, such as “6 rounds from the ring” or “straight above the arm, 2 rounds free”, and where round it, such as “on the back” or “3 stitches to the left of the arm”.`,
  saidTwice: 'These words say two different heights, or two different sides: say one of each.',
  place: (tag: string) => `centred at ${tag}`,
  parts: (a: string, b: string, mm: string) => `${a} and ${b} meet without being sewn: ${mm} in one another.`,
  seams: (a: string, b: string, mm: string) => `The seams of ${a} and ${b} lie over each other by ${mm}.`,
  eye: (a: string, mm: string) => `${a} lies ${mm} over an eye or its washer.`,
  nose: (a: string, mm: string) => `${a} lies ${mm} over the nose or its washer.`,
  start: (a: string, host: string) =>
    `The seam of ${a} runs over the start of ${host}: few stitches, and tight.`,
  closing: (a: string, host: string) =>
    `The seam of ${a} runs over the closing of ${host}: few stitches, and tight.`,
  noWayOut: 'No move of a few stitches is clear of it.',
  cut: (a: string, host: string) => `The edge of ${a} is longer than ${host} is wide there.`,
  tooFew: (a: string, host: string) => `${host} has too few stitches there for the edge of ${a}.`,
  mirror: (mm: string) => `the twin is ${mm} from its mirror image: no holes come nearer`,
  from: (least: string, most: string) => `(${least} to ${most})`,
  either: (inside: string, outside: string) => `(up to ${inside} inside, or ${outside} outside)`,
  stands: (mm: string) => `It stands: its weight lies ${mm} inside what it stands on.`,
  leans: (deg: string, mm: string) =>
    `It leans by ${deg}° and stands: then its weight lies ${mm} inside what it stands on.`,
  tips: (mm: string) => `It will tip: its weight lies only ${mm} inside what it stands on.`,
  tipsOver: (mm: string) => `It tips over: its weight lies ${mm} outside what it stands on.`,
  mend: (part: string, move: string, mm: string) => `${part} ${move}: then ${mm} inside.`,
  noMend: 'No move of one part makes it stand: more fill at its foot, or feet that reach further.',
  assumedYarn: 'Weights of yarn are assumed: nobody has said what it weighs.',
  neck: (perCm: string) =>
    `The neck carries ${perCm}: it wobbles. Fill it firmly, sew it twice round, or make it wider.`,
};
