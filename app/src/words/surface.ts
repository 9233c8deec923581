import { plural } from '@hoppla/core/words';

/** What the Joins station says of work on the surface, strands, and what hangs from a toy. */
export const surface = {
  title: 'On the surface',
  on: 'On which part',
  add: {
    surface: 'A line of fins or spikes',
    strands: 'Hair, fringe, tassels',
    hanger: 'A ring, clip or bell',
  },
  how: 'Each begins at a usual place and is moved from there.',
  noPlace: 'no place',
  remove: 'Take it off',
  lineOn: (name: string, part: string) => `${name} on ${part}`,
  motif: 'What is worked at each',
  motifPut: 'Work these',
  count: 'How many',
  fewer: 'one fewer',
  more: 'one more',
  take: (n: number) => `Take ${n}`,
  hook: 'hook',
  ownHook: 'own hook',
  partHook: 'as the part',
  moves: 'A touch on the toy moves',
  begins: (part: string) => `where it begins, on ${part}`,
  endsOn: (part: string) => `where it ends, on ${part}`,
  endPart: 'It ends on',
  here: { from: 'It begins here', to: 'It ends here' },
  over: 'It goes',
  twin: 'The same on the other side',
  yarn: 'Yarn',
  sameYarn: 'as the part',
  yarnOf: (metres: string) => `${metres} of yarn altogether.`,
  addresses: 'Where each stands',
  addressesTwin: 'On the other side',
  anEye: 'an eye',
  aNose: 'a nose',
  yarns: (n: number, cut: string) => `${plural(n, 'yarn')}, each cut ${cut}`,
  /** null where no end is outside, as of a dot */
  hangs: (hangs: string | null, metres: string) =>
    `${hangs === null ? 'No end hangs outside' : `Each end hangs ${hangs}`}; ${metres} altogether.`,
  patch: (from: string, to: string) => (from === to ? `In ${from}.` : `From ${from} to ${to}.`),
  sheds: 'This yarn sheds: a small child pulls hairs out of it and swallows them.',
  shedsNotKnown: 'Whether this yarn sheds is not known: say it with the yarn.',
  fix: 'How it is held',
  /** where a step goes no further */
  noFurther: 'No further.',
  beforeClosing: 'Put in while the part is open',
  sizes: {
    rounds: { less: 'a round fewer', more: 'a round more' },
    halfDeg: { less: 'narrower', more: 'wider' },
    everyStitch: { less: 'closer along', more: 'sparser along' },
    everyRound: { less: 'closer rounds', more: 'sparser rounds' },
    together: { less: 'one yarn fewer', more: 'one yarn more' },
    cutMm: { less: 'cut shorter', more: 'cut longer' },
  },
  what: 'What it is',
  heldBy: 'What holds it',
  loop: (length: string) => `A loop of ${length} round`,
  loopIs: 'The loop',
  loopOwn: 'a chain of its own',
  chainFewer: 'one chain fewer',
  chainMore: 'one chain more',
  smaller: 'smaller',
  larger: 'larger',
  until: (comfortable: number | null, possible: number | null) => {
    if (possible === null)
      return 'No round leaves room for a hand inside: hold it by a loop of chain instead.';
    if (comfortable === null) return `It can just be fastened inside until R${possible}.`;
    return `Fastened inside until R${comfortable} in comfort, until R${possible} just possible.`;
  },
  untilNotKnown: 'Until when it can be fastened inside is not known: say the hook.',
} as const;
