import { range } from './numbersSaid';
import type { Hand, PlainRound } from './hands';

/** How much a round grows: `+6`, `-6`. */
const change = ({ shape, times }: PlainRound): string => `${shape === 'inc' ? '+' : '-'}${times}`;

/** The counts alone, and by how much they change. */
const counts: Hand = {
  title: (toy) => [toy, '', 'Hook 3.5 mm, sand', ''],
  heading: (p) => `${p.name}${p.make > 1 ? ` (${p.make})` : ''}`,
  start: (n) => `R1  ${n} sc in ring`,
  even: (a, b, n) => `${a === b ? `R${a}` : `R${a}-R${b}`}  ${n} (even)`,
  shaped: (label, r) => `R${label}  ${r.makes} (${change(r)})`,
  stuff: 'stuff firmly',
  close: (_, cm) => `cut, close, tail ${cm} cm`,
  off: (cm) => `cut, tail ${cm} cm`,
  end: [],
};

/** Numbers with nothing behind them but blanks, as on the cards of a kit. */
const cards: Hand = {
  title: (toy) => [`CARD 1: ${toy.toUpperCase()}`, '', 'You need: sand yarn, 3.5 mm hook', ''],
  heading: (p) => `${p.name.toUpperCase()}${p.make > 1 ? ` (make ${p.make})` : ''}`,
  start: (n) => `1  Make a magic ring. Work ${n} sc into the ring. (${n} sc)`,
  even: (a, b, n) => `${range(a, b, '-')}  1 sc in each stitch. (${n} sc)`,
  shaped: (label, r) => {
    const inc = r.shape === 'inc';
    if (r.plain === 0)
      return `${label}  ${inc ? '2 sc in each stitch' : `dec ${r.times} times`}. (${r.makes} sc)`;
    const plain = r.plain === 1 ? 'first stitch' : `first ${r.plain} stitches`;
    const shape = inc ? '2 sc in the next stitch' : 'sc the next 2 stitches together';
    return `${label}  1 sc in the ${plain}, ${shape}. Do this ${r.times} times. (${r.makes} sc)`;
  },
  stuff: 'Stuff firmly.',
  close: (_, cm) => `Fasten off and leave ${cm} cm of yarn. Draw up and secure.`,
  off: (cm) => `Fasten off and leave ${cm} cm of yarn for sewing.`,
  end: ['FINISHING', 'Sew all parts on.'],
};

/** A list to tick in a page with marks of headings. */
const boxes: Hand = {
  title: (toy) => [`# ${toy}`, '', '**Hook:** 3.5 mm', ''],
  heading: (p) => `### ${p.name}${p.make > 1 ? ` (make ${p.make})` : ''}`,
  start: (n) => `- [ ] Rnd 1: ${n} sc in MR (${n})`,
  even: (a, b, n) => `- [x] Rnd ${range(a, b, '-')}: sc around (${n})`,
  shaped: (label, r) =>
    `- [ ] Rnd ${label}: ${r.plain === 0 ? `${r.shape} ${r.times} times` : `[${r.plain} sc, ${r.shape}] ${r.times} times`} (${r.makes})`,
  stuff: '- [ ] Stuff firmly',
  close: (_, cm) => `- [ ] Cut the yarn, ${cm} cm, close the hole`,
  off: (cm) => `- [ ] Fasten off, leave ${cm} cm`,
  end: [],
};

/** The count first, and in a bracket how it comes about. */
const countFirst: Hand = {
  title: (toy) => [toy, '', 'Hook: 3.5 mm', ''],
  heading: (p) => `${p.name}${p.make > 1 ? ` x${p.make}` : ''} (sand)`,
  start: (n) => `Rd1 Magic ring, ${n} SC`,
  even: (a, b, n) => `Rd${range(a, b, '-')} ${n} SC`,
  shaped: (label, r) => {
    const shape = r.shape === 'inc' ? '2 in next' : 'dec';
    const how = r.plain === 0 ? `${r.shape} all` : `${r.plain} SC, ${shape}`;
    return `Rd${label} ${r.makes} SC (${how})`;
  },
  stuff: 'Stuff firmly',
  close: (_, cm) => `Cut yarn, ${cm} cm, close the hole`,
  off: (cm) => `Fasten off, leave ${cm} cm`,
  end: [],
};

/** Told as it is worked: by which of its stitches a round grows. */
const everyNth: Hand = {
  title: (toy) => [toy.toUpperCase(), '3.5 mm hook, sand yarn.', ''],
  heading: (p) => `${p.name.toUpperCase()}${p.make > 1 ? ` (${p.make})` : ''}.`,
  start: (n) => `Begin at top with sand. Ch 2, work ${n} s. c. in 2nd ch from hook.`,
  even: (a, b) => (a === b ? `Rnd ${a}: s. c. in each st.` : `Work even for ${b - a + 1} rounds.`),
  shaped: (label, r) => {
    const nth = (n: number) =>
      `${n}${['th', 'st', 'nd', 'rd'][n % 100 > 10 && n % 100 < 14 ? 0 : n % 10] ?? 'th'}`;
    const n = r.plain! + 1;
    const inc = r.plain === 0 ? '2 s. c. in each st' : `Increase in every ${nth(n)} st`;
    const dec = r.plain === 0 ? 'Decrease in every st' : `Decrease in every ${nth(n)} and ${nth(n + 1)} st`;
    return `Rnd ${label}: ${r.shape === 'inc' ? inc : dec} (${r.makes} sts).`;
  },
  stuff: 'Stuff firmly.',
  close: (_, cm) => `Fasten off, leaving ${cm} cm, draw up.`,
  off: (cm) => `Fasten off, leaving ${cm} cm.`,
  end: [],
};

/** Messages from one friend to another. */
const chat: Hand = {
  title: (toy) => [toy, '', 'hook 3.5 mm, sand', ''],
  heading: (p) => `${p.name}${p.make > 1 ? ` x${p.make}` : ''}:`,
  start: (n) => `[19:02] Nele: r1 ${n} sc in ring`,
  even: (a, b, n) => `[19:04] Nele: ${a === b ? `r${a}` : `r${a}-r${b}`} just sc = ${n}`,
  shaped: (label, r) =>
    `[19:03] Nele: r${label} ${r.plain === 0 ? `${r.shape} all` : `${r.plain} and ${r.shape}`} = ${r.makes}`,
  stuff: '[19:05] Nele: stuff firmly',
  close: (_, cm) => `[19:06] Nele: cut, close, tail ${cm} cm`,
  off: (cm) => `[19:06] Nele: cut, tail ${cm} cm`,
  end: [],
};

/** Hands that say as little as they can, by their names. */
export const PLAIN_HANDS: Record<string, Hand> = { counts, cards, boxes, countFirst, everyNth, chat };
