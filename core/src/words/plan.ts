import { joinFaults, withArticle } from './joinFaults';
import { moves } from './planMoves';
import { plural, upperFirst } from './plural';

/** Sentences of the plan. Numbers come in already rounded for print. */
export const planWords = {
  rounds: (part: string, first: string, last: string, begun: boolean) => {
    const from = begun ? `the rest of ${first}` : first;
    if (first === last) return `${part} ${from}`;
    return begun ? `${part} ${from}, to ${last}` : `${part} ${from}–${last.slice(1)}`;
  },
  /** a moment inside a round */
  inRound: (stitches: number, label: string) => `${plural(stitches, 'stitch', 'stitches')} of ${label}`,
  beginRound: (part: string, label: string, stitches: number, of: number) =>
    `${part} ${label}: ${stitches} of its ${plural(of, 'stitch', 'stitches')}, then rest`,
  beginRoundDetail: ([done, all]: readonly [number, number], edge: number, opening: string | null) =>
    [
      ...(all > 0 ? [`after ${done} of ${plural(all, 'decrease')}`] : []),
      `${plural(edge, 'stitch', 'stitches')} in the edge`,
      `opening ${opening === null ? 'not known' : `${opening} at least`}`,
    ].join(', '),
  beginRoundReason:
    'Work rests where the hole is right, not where the round ends. Draw the loop long, a marker in the last stitch; afterwards tighten the loop again.',
  /** steps in two or three words, for a mark on the mat */
  short: {
    rounds: 'Rounds',
    drawShut: 'Ring shut',
    core: 'Core',
    pushIn: 'Push in',
    layer: 'Layer',
    washers: 'Washers',
    stuff: 'Stuffing',
    look: 'Look again',
    close: 'Close',
    fastenOff: 'Fasten off',
    sew: 'Sew',
    ready: 'Ready to catch',
    drawThrough: 'Draw through',
    thread: 'Thread on',
    ends: 'Weave in',
    inspect: 'Look it over',
  },
  stitches: (n: number) => plural(n, 'stitch', 'stitches'),
  ...moves,
  cores: {
    'roll of fabric': 'a roll of fabric',
    felt: 'a roll of felt',
    'plastic tube': 'a plastic tube',
    wood: 'a wooden stick',
    wire: 'wire',
  },
  core: (what: string, part: string) => `${upperFirst(what)} into ${part}`,
  coreDetail: (moment: string, length: string, width: string, opening: string | null) =>
    `after ${moment}, ${length} long and ${width} wide; opening ${opening === null ? 'not known' : `${opening} at least`}; centred while the filling goes in round it`,
  coreReason: (last: string | null) =>
    `A slim neck bends without it.${last === null ? '' : ` It goes in until ${last} at the latest.`}`,
  noWire: 'No wire in a toy',
  noWireReason:
    'Wire works its way through the fabric. Only a display piece may have it: choose a roll of fabric, or say on Safety that it is for display.',
  coreFault: {
    homeless: (part: string) => `${part}: the round at which its core goes in is gone.`,
    wire: (part: string) => `${part}: no wire in a toy. Only a display piece may have it; nothing is put in.`,
    'too wide': (part: string) =>
      `${part}: its core is wider than the opening at that round; put it in earlier.`,
    'too long': (part: string) => `${part}: its core is longer than the part is tall.`,
  },
  neckWobbles: (grams: string, most: number) =>
    `This neck carries ${grams} g for each cm of girth; above ${most} it wobbles: fill it firmer, or give it a core.`,
  layerOn: (part: string, label: string, loop: string) =>
    `Work into the ${loop} loops of ${label}, on ${part}`,
  foldShut: (part: string) => `Fold ${part} and work through both layers`,
  edgeRound: (part: string) => `Edge ${part}`,
  layerDetail: (words: string, n: number) => `${words}; ${plural(n, 'stitch', 'stitches')}`,
  chainsHang: (n: number, long: string) =>
    n === 1 ? `1 chain comes back and hangs ${long}.` : `${n} chains come back and hang ${long} each.`,
  /** a length with its range */
  between: (value: string, low: string, high: string) => `${value} (${low} to ${high})`,
  /** lengths with their ranges; `times` is null where it lies flat */
  layerSize: (edge: string, deep: string, times: string | null) =>
    `Its edge is ${edge} long and ${deep} deep${times === null ? '' : `; ${times} times the room it has there, so it ruffles`}.`,
  foldReason: 'The filling goes in first: through both layers nothing passes any more.',
  postsMoved: {
    late: (what: string, by: 'text' | 'maker', said: string, instead: string) =>
      `${what}: ${by === 'text' ? 'the text puts them in' : 'you put them in'} after ${said}; by then the hole is too small or too deep. The plan does it after ${instead}.`,
    filled: (what: string, by: 'text' | 'maker', said: string, instead: string) =>
      `${what}: ${by === 'text' ? 'the text puts them in' : 'you put them in'} after ${said}, and it is filled before. The plan does it after ${instead}.`,
    early: (what: string, by: 'text' | 'maker', said: string, instead: string) =>
      `${what}: ${by === 'text' ? 'the text puts them in' : 'you put them in'} after ${said}, before there is fabric round them. The plan does it after ${instead}.`,
  },
  zoneNotFound: (part: string, where: string) =>
    `${part}: the text fills ${where} otherwise, and nobody can tell which rounds that is. Say it by rounds, or on the Plan.`,
  layerReason: 'It stands here in the text; later the loops are hard to reach.',
  startTail: (end: string, job: string, side: 'inside' | 'outside') =>
    job === '' ? `starting tail ${end}` : `starting tail ${end} ${job}, hanging ${side}`,
  /** what an end is for, behind its length; the usual one of a starting tail is not told */
  tailJob: {
    'weave in': '',
    close: 'to close and bury',
    'sew on': 'to sew it on',
    'close and sew on': 'to close it and sew it on',
    'sew shut': 'to sew it shut',
    'hold hardware': 'to hold what hangs from it',
    'work over': 'to work over',
    embroider: 'to embroider',
    'sew felt': 'to sew it down',
    sculpt: 'to sculpt',
    'thread on': 'to thread it on',
  },
  roundsReason: 'Rounds are worked in order; each stands on the one before.',
  posts: {
    eyes: {
      called: 'Eyes',
      titles: {
        inTime: 'Eyes now',
        comfortable: 'Eyes now: last comfortable chance',
        possible: 'Eyes now: last possible chance, it will be tight',
        early: 'Eyes now, before the stuffing',
        late: 'Eyes: the hole is already too small',
        embroider: 'Embroider the eyes',
        notKnown: 'Eyes: until when is not known',
      },
      size: ([mm]: readonly string[]) => `2 × ${mm} mm`,
    },
    nose: {
      called: 'Nose',
      titles: {
        inTime: 'Nose now',
        comfortable: 'Nose now: last comfortable chance',
        possible: 'Nose now: last possible chance, it will be tight',
        early: 'Nose now, before the stuffing',
        late: 'Nose: the hole is already too small',
        embroider: 'Embroider the nose',
        notKnown: 'Nose: until when is not known',
      },
      size: ([width, height]: readonly string[]) => `${width} × ${height} mm`,
    },
  },
  checkFront: {
    marker: 'Front chosen: the middle of the face is opposite the marker',
    patch: 'Front chosen: the middle of the face is the middle of the patch',
    part: 'Front chosen: the middle of the face is over the part it looks from',
  },
  checkPosts: (tag: string) => `Posts in, no washer yet: ${tag}`,
  checkCount: (n: number) => `Counted again: ${plural(n, 'stitch', 'stitches')} between`,
  checkCountEach: (posts: readonly string[]) => `Counted again from the marker: ${posts.join(' and ')}`,
  checkLevel: (length: string) => `Level as seen from the front; ${length} is this fabric’s own`,
  checkCompared: (length: string) =>
    `Compared with the face map or the other toy: ${length} from post to post`,
  checkLooked: 'Looked at from arm’s length',
  washers: (n: number) => (n === 1 ? 'Washer: click it on' : 'Washers: click both on'),
  washersDetail: (mm: string) => `${mm} mm, the way round their maker says, pressed to the last click`,
  washersBacked: (mm: string, disc: string) =>
    `felt disc of ${disc} mm first, then ${mm} mm, the way round their maker says, pressed to the last click`,
  washersReason: 'A washer never comes off again, so everything is looked at before.',
  eyesDetail: (label: string, opening: string | null, size: string, tag: string) =>
    `after ${label}, opening ${opening === null ? 'not known' : `${opening} at least`}; ${size} at ${tag}`,
  windowNotKnown: (part: string) =>
    `${part}: the hook is not known, so nobody can tell until when a washer goes through. Say the hook, or measure ten stitches.`,
  stopTitle: (title: string) => `Stop: ${title}`,
  stopTrouble: (part: string, title: string) =>
    `${part}: ${title}. Nothing is clicked on until that is mended.`,
  point: (weight: 'stop' | 'open' | 'advice', title: string) =>
    `${weight === 'stop' ? 'Stop' : 'Open'}: ${title}`,
  the: withArticle,
  at: (rounds: string, stitches: string) => `at ${rounds} | ${stitches}`,
  eyesReason: (last: string, possible: string) =>
    `The washer goes on from inside. After ${last} the opening is too small to work in comfort${possible ? `, after ${possible} it is too small at all` : ''}.`,
  eyesTooLateReason:
    'No round after the eyes’ own leaves an opening wide enough for the washer. Choose a smaller washer or a place nearer the ring.',
  embroider: (name: string, part: string) => `Embroider the ${name.toLowerCase()} on ${part}`,
  embroiderDetail: (end: string, strands: number, of: 'yarn' | 'floss') =>
    `${strands === 1 ? `thread of ${end}` : `${strands} strands of ${end}`}, ${of}; anchor the knot in a stitch, never in a hole`,
  embroiderThrough: 'The hole is too small for a hand by then: work through the fabric, knots hidden.',
  embroiderLast: 'After the fill, as you chose: the face is seen as it will be; knots are sunk inside.',
  embroiderReason: 'While the part is open, ends can be tied inside.',
  stuff: (part: string, g: string | null) => `Stuff ${part}${g === null ? '' : `, ${g}`}`,
  stuffMore: (part: string, g: string | null) => `More fill into ${part}${g === null ? '' : `, ${g}`}`,
  stuffLast: (part: string, g: string | null) => `Last tufts into ${part}${g === null ? '' : `, ${g}`}`,
  stuffDetail: (moment: string, opening: string | null, fills: readonly string[], first: string) =>
    [
      `after ${moment}`,
      `opening ${opening === null ? 'not known' : `${opening} at least`}`,
      fills.join(', then '),
      first,
    ]
      .filter((words) => words !== '')
      .join(', '),
  /** where the first tufts of a go go */
  tuftsFirst: (posts: number, muzzle: boolean) =>
    [
      ...(muzzle ? ['small tufts into the muzzle first'] : []),
      ...(posts > 0
        ? [`a tuft behind and round ${posts === 1 ? 'the post' : `each of the ${posts} posts`}`]
        : []),
    ].join(', '),
  settles: (low: string, high: string) =>
    `Filled softly it loses ${low} to ${high} of its height with play. A toy for use is filled firmer.`,
  fillTooLate: (part: string, said: string, opening: string, instead: string) =>
    `${part}: the text stuffs after ${said}, where the hole is ${opening}: too small even for a stick. The plan does it after ${instead}.`,
  fillNever: (part: string, widest: string) =>
    `${part}: no round leaves a hole to fill through (the widest is ${widest}); make it wider, or leave it unstuffed.`,
  stuffReason: 'Most of the fill goes in while the opening is wide.',
  ready: (guests: readonly string[], label: string) => `Before ${label}: ${guests.join(', ')} ready`,
  readyDetail: (ends: number) =>
    `finished, folds closed, eyes in, ${plural(ends, 'end')} woven in; a marker in each fold so that the layers are found`,
  readyReason: 'The round goes through them: afterwards nobody gets inside any more.',
  lookAgain: 'Look at the eyes again',
  lookAgainDetail: 'Fill moves posts. Tuck fill behind a leaning post before closing.',
  close: (part: string, label: string, n: number) => `Close ${part} at ${label}, gather ${n}`,
  closeDetail: (end: string, job: string, star: string) =>
    `leave ${end} ${job}${star === '' ? '' : `; ${star}`}`,
  closeReason: ({ times, loops, from }: { times: 1 | 2; loops: string; from: string }) =>
    `From the ${from} through the ${loops} loops, all in one direction${times === 2 ? ', twice round' : ''}; pull, knot, go in beside the knot and out far away, snip: the end slips inside.`,
  star: (points: number, legs: number) =>
    legs > 1
      ? `as a star: over and under the loops between the ${legs} legs, across and across, ${points} times`
      : `as a star: over one loop, under the next, across and across, ${plural(points, 'time')}`,
  leftOut: (n: number) =>
    `${plural(n, 'round', 'rounds')} after it ${n === 1 ? 'is' : 'are'} left out, as you gather early.`,
  gatherInstead: (label: string, count: number, hole: string, twice: boolean) =>
    `Too fiddly? Gather the ${count} of ${label} instead: hole ${hole}${twice ? ', wide enough for a child’s finger: close it twice' : ''}.`,
  tailShort: (said: string, needed: string, cut: string) =>
    `The text leaves ${said}, its job needs ${needed}: cut ${cut}.`,
  fastenOff: (part: string) => `Fasten off ${part}`,
  fastenOffHow: (is: string, n: number, end: string, job: string) =>
    `${
      {
        'sewn shut': `edge of ${n} sewn shut flat, two and two`,
        'worked shut': `worked shut through both layers of ${n}`,
        folded: `folded, ${n} worked through both layers`,
      }[is] ?? `edge of ${n} left open`
    }; leave ${end} ${job}`,
  fastenOffReason: 'The length is needed now: a tail cannot be made longer after it is cut.',
  toWeave: 'to weave in',
  sew: (guest: string, host: string) => `Sew ${guest} to ${host}`,
  sewDetail: (n: number, where: string) => `${plural(n, 'stitch', 'stitches')}, ${where}`,
  /** what each way to sew is called; how it is done stands in `seamKinds` */
  seamNames: {
    whip: 'whip stitch',
    invisible: 'invisible join',
    mattress: 'mattress stitch',
    back: 'back stitch',
    'chain end': 'the end alone',
  },
  seamKinds: {
    whip: 'whip stitch, top loop to bottom loop: both edges have as many stitches',
    invisible: 'invisible join: a bite of the host, up one stitch of the edge, down the next',
    mattress: 'mattress stitch: row ends have no loops to whip',
    back: 'back stitch through both layers: a flat edge opens between other stitches',
    'chain end': 'the end alone, a few stitches through its last link',
  },
  fillInSeam: (after: number, of: number, grams: string) =>
    `stop after stitch ${after} of ${of}: the last fill, ${grams}`,
  sewTwice: 'twice round',
  tug: 'Then a tug by hand: it holds, or more stitches.',
  edgeToEdge: (guest: number, host: number) => `edge to edge, ${guest} to ${host}`,
  roundTheEnd: (label: string) => `round the closed end, along ${label}`,
  drawThrough: (guest: string, host: string) => `Draw ${guest} through ${host}`,
  drawThroughDetail: (
    [first, other]: readonly string[],
    width: string,
    [freeFirst, freeOther]: readonly string[],
  ) =>
    `in ${first}, out ${other}; ${width} through, ${freeFirst} free on the first side and ${freeOther} on the other; sewn fast at both holes`,
  drawThroughReason:
    'After the fill, when the host has its width. Try the way with a hook first; a few stitches through both at each hole, so that nobody can pull it through.',
  thread: (guest: string, pair: boolean, host: string) =>
    `Thread ${pair ? `both of ${guest}` : guest} on ${host}`,
  threadDetail: (yarn: string, pierced: string, [first, other]: readonly string[], pair: boolean) =>
    `yarn ${yarn}; ${first} and ${other}, each pierced at ${pierced}; ${pair ? 'through one, the host, the other, and back' : 'through it and the host, round a stitch, and back'}`,
  threadReason:
    'After the fill. Pull until it sits snug and still turns; the knot is anchored through several stitches, never in a hole.',
  sewReason:
    'Both parts are finished. Pin first, look from the front, the side and above; then sew, and count the pins out.',
  ends: (n: number) => `Weave in ${plural(n, 'end')}`,
  buried: (mm: string) => `Knotted, and buried at least ${mm} deep.`,
  endsDetail: 'Through the fill, out far away, pull, snip: the end slips inside.',
  endsReason: 'After the last seam, so that no end is in the way.',
  inspect: 'Look it over, tug every part',
  inspectDetail: 'Pins and needles counted back in. Pull tests before anyone gets it.',
  inspectReason: 'The last chance to see it before a child does.',
  tailSaid: (said: string, needed: string) =>
    `The text leaves ${said}, its job needs ${needed}: the longer counts.`,
  eyesNotPlaced: (part: string, words: string) =>
    `${part}: the text asks for eyes (“${words}”), and none are placed: it will be closed without them.`,
  joinFault: joinFaults,
  moreCaught: (part: string, name: string, caught: number, made: number) =>
    `${part}: ${caught} of ${name} are caught, and the text makes ${made}.`,
  guestOn: (guest: string, host: string) => `${guest} on ${withArticle(host.toLowerCase())}:`,
  loose: (names: readonly string[]) => `Nothing holds ${names.join(', ')} yet: not joined to any other part.`,
  homeless: (what: string, part: string) =>
    `${what} on ${withArticle(part.toLowerCase())}: the round it stood on is gone.`,
  tooSmall: (part: string) => `${part}: no round leaves an opening wide enough for the washer.`,
  notAddingUp: (part: string) => `${part} does not add up yet; its numbers are not certain.`,
  wrongOrder: (part: string) =>
    `${part}: the text stuffs before the eyes can be placed; the plan puts the eyes first.`,
};
