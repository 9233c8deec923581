import { PLAIN_HANDS } from './plainHands';
import { PRINTED_HANDS } from './printedHands';
import { range, said } from './numbersSaid';

/**
 * Pages in many hands, for tests: one made-up toy is written as people write. Shares no code with the reader or the printer.
 */

/** One round as numbers: so often so many plain stitches and one shaped one, or plain all around. */
export interface PlainRound {
  /** plain stitches before each shaping; null where the round is even */
  plain: number | null;
  shape: 'inc' | 'dec' | null;
  times: number;
  makes: number;
}

export interface PlainPart {
  name: string;
  make: number;
  start: number;
  rounds: PlainRound[];
  /** gathered at the end, or left open with an end of so many cm */
  closed: boolean;
  tailCm: number;
}

/** What a hand has for each thing that is said. */
export interface Hand {
  title: (toy: string) => string[];
  heading: (part: PlainPart) => string;
  start: (n: number) => string;
  even: (from: number, to: number, n: number) => string;
  shaped: (label: number, round: PlainRound) => string;
  stuff: string;
  close: (n: number, cm: number) => string;
  off: (cm: number) => string;
  end: string[];
}

/** `2 sc, `; nothing where no plain stitch stands before the shaping. */
const before = (plain: number, word: string, form: (n: number, word: string) => string): string =>
  plain === 0 ? '' : `${form(plain, word)}, `;

const sentences: Hand = {
  title: (toy) => [
    `${toy}, made on a rainy evening`,
    '',
    'You need some DK yarn in sand, a 3.5 mm hook and stuffing.',
    'I write in US words and work in a spiral.',
    '',
  ],
  heading: (p) => `The ${p.name}${p.make > 1 ? ` (make ${p.make})` : ''}`,
  start: (n) => `Round 1: Make a magic circle and work ${n} sc into the circle. (${n})`,
  even: (a, b, n) => `${a === b ? `Round ${a}` : `Rounds ${a} to ${b}`}: Just sc in every stitch. (${n})`,
  shaped: (label, r) =>
    r.plain === 0
      ? `Round ${label}: ${r.shape === 'inc' ? 'Work 2 sc in each stitch all the way around' : `Dec ${said(r.times)} times`}. (${r.makes})`
      : `Round ${label}: Sc in the next ${r.plain === 1 ? 'stitch' : `${r.plain} stitches`}, then ${r.shape === 'inc' ? 'inc in the next one' : 'dec'}, and repeat that ${r.times - 1} more times. (${r.makes})`,
  stuff: 'Now stuff it firmly, a floppy toy is a sad toy.',
  close: (n, cm) =>
    `Cut the yarn and leave about ${cm} cm. Pick up the front loops of the last ${n} stitches with your needle and pull.`,
  off: (cm) => `Fasten off with ${cm} cm to sew on.`,
  end: ['Putting it together', 'Sew everything on where you like it best.', '', 'Show me yours!'],
};
const kit: Hand = {
  title: (toy) => [
    toy.toUpperCase(),
    'Leaflet 2 of 5',
    '',
    'IN THIS KIT: cotton 50 g; hook 3.5 mm; filling.',
    '',
    'CH = chain',
    'SC = single crochet',
    'SS = slip stitch',
    'The 1 CH at the start and the 1 SS at the end of a round are never counted.',
    '',
  ],
  heading: (p) => `${p.name.toUpperCase()} (${p.make} x, sand)`,
  start: (n) => `Rnd 1. ${n} SC in a magic ring, 1 SS. [${n}]`,
  even: (a, b, n) => `Rnd ${range(a, b, '-')}. 1 CH, ${n} SC, 1 SS. [${n}]`,
  shaped: (label, r) =>
    `Rnd ${label}. 1 CH, ${r.plain === 0 ? `${r.shape!.toUpperCase()} x ${r.times}` : `(${r.plain} SC, ${r.shape!.toUpperCase()}) x ${r.times}`}, 1 SS. [${r.makes}]`,
  stuff: 'Fill it firmly.',
  close: (n, cm) =>
    `Break the yarn, ${cm} cm. With the needle pick up the front half of each of the last ${n} SC, draw them together.`,
  off: (cm) => `Break the yarn, leave ${cm} cm.`,
  end: ['FINISHING', '1. Sew all parts on.'],
};
const book: Hand = {
  title: (toy) => [
    toy,
    '',
    'FINISHED SIZE',
    'Approximately 5 inches tall',
    '',
    'MATERIALS',
    'Sport weight cotton yarn: 1 ball sand',
    'Size E/3.5mm crochet hook or size needed to obtain gauge',
    '',
    'GAUGE',
    '11 sc = 2 inches',
    '',
  ],
  heading: (p) => `${p.name.toUpperCase()}${p.make > 1 ? ` (make ${p.make})` : ''}`,
  start: (n) => `Rnd 1: With sand, ch 2, ${n} sc in 2nd ch from hook – ${n} sc.`,
  even: (a, b, n) => `${a === b ? 'Rnd' : 'Rnds'} ${range(a, b, '–')}: Sc in each sc around – ${n} sc.`,
  shaped: (label, r) =>
    r.plain === 0
      ? `Rnd ${label}: ${r.shape === 'inc' ? '2 sc in each sc around' : `[Sc dec in next 2 sc] ${r.times} times`} – ${r.makes} sc.`
      : `Rnd ${label}: *Sc in next ${r.plain === 1 ? 'sc' : `${r.plain} sc`}, ${r.shape === 'inc' ? '2 sc in next sc' : 'sc dec in next 2 sc'}; rep from * around – ${r.makes} sc.`,
  stuff: 'Stuff firmly.',
  close: (n, cm) =>
    `Fasten off, leaving ${cm} cm end. Weave end through rem ${n} sc, draw up tightly and secure.`,
  off: (cm) => `Fasten off, leaving ${cm} cm end for sewing.`,
  end: ['FINISHING', 'Sew all pieces in place.'],
};
const uk: Hand = {
  title: (toy) => [
    toy,
    '',
    'YOU WILL NEED',
    '● 4ply cotton, sand',
    '● A 3.5mm hook',
    '● Toy stuffing',
    '',
    'ABBREVIATIONS UK terms. ch chain; dc double crochet; ss slip stitch',
    '',
  ],
  heading: (p) => `${p.name.toUpperCase()}${p.make > 1 ? ` (make ${p.make})` : ''}`,
  start: (n) => `Rnd 1: ${n}dc in magic ring. [${n} sts]`,
  even: (a, b, n) => `${a === b ? 'Rnd' : 'Rnds'} ${range(a, b, '-')}: 1dc in each st around. [${n} sts]`,
  shaped: (label, r) =>
    r.plain === 0
      ? `Rnd ${label}: ${r.shape === 'inc' ? '2dc in each st around' : `(dc2tog) ${r.times} times`}. [${r.makes} sts]`
      : `Rnd ${label}: (1dc in ${r.plain === 1 ? 'next st' : `each of next ${r.plain} sts`}, ${r.shape === 'inc' ? '2dc in next st' : 'dc2tog'}) ${r.times} times. [${r.makes} sts]`,
  stuff: 'Stuff firmly.',
  close: (n, cm) =>
    `Fasten off, leaving a ${cm}cm tail. Thread it through rem ${n} sts, pull up tightly and secure.`,
  off: (cm) => `Fasten off, leaving a ${cm}cm tail.`,
  end: ['TO MAKE UP', 'Sew everything in place.'],
};
const terse: Hand = {
  title: (toy) => [toy, 'hook 3.5 mm, sand', ''],
  heading: (p) => `${p.name} (${p.make}x, sand)`,
  start: (n) => `R1: ${n} sc in MR (${n})`,
  even: (a, b, n) => `R${range(a, b, '-')}: sc around (${n})`,
  shaped: (label, r) =>
    `R${label}: ${r.plain === 0 ? `${r.shape} x${r.times}` : `(${before(r.plain!, 'sc', (n, w) => (n === 1 ? w : `${n} ${w}`))}${r.shape}) x${r.times}`} (${r.makes})`,
  stuff: 'stuff firmly',
  close: (_, cm) => `fasten off, close, leave ${cm} cm`,
  off: (cm) => `fasten off, leave ${cm} cm`,
  end: [],
};
const signs: Hand = {
  title: (toy) => [
    `${toy.toLowerCase()}`,
    'cotton sand, hook 3,5 mm, fibre fill',
    'X = sc, V = inc, A = dec',
    '',
  ],
  heading: (p) => `${p.name.toUpperCase()}${p.make > 1 ? ` x${p.make}` : ''} rust`,
  start: (n) => `R1 ${n}X in ring (${n})`,
  even: (a, b, n) => `${a === b ? `R${a}` : `R${a}-R${b}`} ${n}X (${n})`,
  shaped: (label, r) => {
    const sign = r.shape === 'inc' ? 'V' : 'A';
    return `R${label} ${r.plain === 0 ? `${r.times}${sign}` : `(${r.plain === 1 ? '' : r.plain}X,${sign})*${r.times}`} (${r.makes})`;
  },
  stuff: 'fill, firm',
  close: (n, cm) => `FO, needle through ${n} front loops, pull shut, tail ${cm} cm`,
  off: (cm) => `FO, tail ${cm} cm`,
  end: ['SEWING', 'all parts: where you like'],
};
const sheet: Hand = {
  title: (toy) => [`${toy}\tsheet 1\t\t`, 'Hook\t3.5 mm\t\t', 'Terms\tUS, spiral\t\t', '\t\t\t'],
  heading: (p) => `${p.name.toUpperCase()}\tmake ${p.make}\tsand\t`,
  start: (n) => `R1\t${n} sc in MR\t${n}\tpull tight`,
  even: (a, b, n) => `R${range(a, b, '-')}\tsc around\t${n}\t${b - a + 1} rnds`,
  shaped: (label, r) =>
    `R${label}\t${r.plain === 0 ? `${r.shape} x${r.times}` : `(${r.plain === 1 ? 'sc' : `${r.plain} sc`}, ${r.shape}) x${r.times}`}\t${r.makes}\t`,
  stuff: '\tstuff firmly\t\t',
  close: (_, cm) => `\tfasten off, sew the hole closed\t\ttail ${cm} cm`,
  off: (cm) => `\tfasten off\t\ttail ${cm} cm`,
  end: ['PUTTING TOGETHER\t\t\t', '1\tsew all parts on\t\t'],
};
const joined: Hand = {
  title: (toy) => [
    toy,
    '',
    'Materials:',
    'DK cotton in sand',
    'Crochet hook E-4 (3.5 mm)',
    '',
    'All rounds are joined with a sl st to the first stitch. Neither the ch 1 nor the sl st counts as a stitch.',
    '',
  ],
  heading: (p) => `${p.name}${p.make > 1 ? `, make ${p.make}` : ''}`,
  start: (n) => `Round 1: ${n} sc in magic ring, sl st to first sc, do not turn. (${n})`,
  even: (a, b, n) =>
    `${a === b ? 'Round' : 'Rounds'} ${range(a, b, '-')}: ch 1, sc in each st around, sl st to first sc, do not turn. (${n})`,
  shaped: (label, r) => {
    const shape = r.shape === 'inc' ? '2 sc in next st' : 'sc2tog';
    const all = r.shape === 'inc' ? '2 sc in each st around' : 'sc2tog around';
    const work = r.plain === 0 ? all : `*${r.plain} sc, ${shape}; repeat from * around`;
    return `Round ${label}: ch 1, ${work}, sl st to first sc, do not turn. (${r.makes})`;
  },
  stuff: 'Stuff firmly.',
  close: (n, cm) => `Fasten off, leave ${cm} cm, gather the last ${n} stitches.`,
  off: (cm) => `Fasten off, leave ${cm} cm for sewing.`,
  end: ['Finishing', 'Whip stitch everything in place.'],
};
const tutorial: Hand = {
  title: (toy) => [
    `My very first ${toy}`,
    'A tutorial for absolute beginners',
    '',
    'You need a ball of sand yarn, a 3.5 mm crochet hook, toy stuffing and a needle.',
    '',
    'Increase means that you work two single crochet into the same stitch.',
    'Decrease means that you work two stitches together.',
    '',
  ],
  heading: (p) => `THE ${p.name.toUpperCase()}${p.make > 1 ? ` (make ${said(p.make)})` : ''}`,
  start: (n) => `For round 1 you make a magic ring and put ${said(n)} single crochet into it.`,
  even: (a, b, n) =>
    a === b
      ? `For round ${a} you work one single crochet in every stitch, so there are ${n} again.`
      : `For rounds ${a} to ${b} you work one single crochet in every stitch, always ${n}.`,
  shaped: (label, r) => {
    const all =
      r.shape === 'inc' ? 'an increase in every stitch' : `${said(r.times)} decreases, one after the other`;
    const some = `${said(r.plain!)} single crochet and one ${r.shape === 'inc' ? 'increase' : 'decrease'}, repeat ${said(r.times)} times`;
    return `For round ${label} you work ${r.plain === 0 ? all : some}, you should have ${r.makes}.`;
  },
  stuff: 'Be brave and stuff it firmly, it should feel like a ripe tomato.',
  close: (n, cm) =>
    `Cut the yarn, about ${cm} cm. Take the needle, go through each of the ${said(n)} stitches and pull, like the string of a gym bag.`,
  off: (cm) => `Slip stitch into the next stitch and cut the yarn. Leave ${cm} cm for sewing.`,
  end: ['PUTTING IT TOGETHER', 'Sew everything where it belongs.'],
};
const notes: Hand = {
  title: (toy) => [`# ${toy}`, '', '**Yarn:** worsted, sand. **Hook:** 3.5 mm.', ''],
  heading: (p) => `## ${p.name}${p.make > 1 ? ` (make ${p.make})` : ''}`,
  start: (n) => `1. Magic ring, ${n} sc. (${n})`,
  even: (a, b, n) => `${a === b ? `${a}.` : `${a}-${b}.`} 1 sc in each st. (${n})`,
  shaped: (label, r) => {
    const all = r.shape === 'inc' ? '2 sc in each st' : `[sc2tog] x ${r.times}`;
    const some = `[${r.plain} sc, ${r.shape === 'inc' ? '2 sc in next' : 'sc2tog'}] x ${r.times}`;
    return `${label}. ${r.plain === 0 ? all : some}. (${r.makes})`;
  },
  stuff: 'Stuff now, firm.',
  close: (_, cm) => `Cut yarn, ${cm} cm, close the hole with the needle.`,
  off: (cm) => `Fasten off. Leave ${cm} cm for sewing.`,
  end: ['## Finishing', '', '1. Sew everything on.'],
};

/** Every hand by its name. */
export const HANDS: Record<string, Hand> = {
  sentences,
  kit,
  book,
  uk,
  terse,
  signs,
  sheet,
  joined,
  tutorial,
  notes,
  ...PLAIN_HANDS,
  ...PRINTED_HANDS,
};

/** A page of a toy in one hand, and the line of each label, from 1. */
export function pageIn(hand: Hand, toy: string, parts: readonly PlainPart[]): string {
  const lines = [...hand.title(toy)];
  for (const part of parts) {
    lines.push(hand.heading(part), hand.start(part.start));
    let count = part.start;
    for (let i = 0; i < part.rounds.length; i++) {
      const round = part.rounds[i];
      const label = i + 2;
      if (part.closed && i === part.rounds.length - 1) lines.push(hand.stuff);
      if (round.shape !== null) lines.push(hand.shaped(label, round));
      else {
        let last = i;
        while (part.rounds[last + 1]?.shape === null && !(part.closed && last + 1 === part.rounds.length - 1))
          last++;
        lines.push(hand.even(label, last + 2, count));
        i = last;
      }
      count = part.rounds[i].makes;
    }
    lines.push(part.closed ? hand.close(count, part.tailCm) : hand.off(part.tailCm), '');
  }
  return [...lines, ...hand.end].join('\n');
}
