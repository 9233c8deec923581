import { range } from './numbersSaid';
import type { Hand } from './hands';

/** A printed leaflet: no sign behind the label, the stitch named again behind its number, the count behind a colon. */
const leaflet: Hand = {
  title: (toy) => [toy, '', 'Materials: worsted weight in sand. 3.5 mm hook.', ''],
  heading: (p) => `${p.name}${p.make > 1 ? ` (Make ${p.make})` : ''}`,
  start: (n) => `Rnd 1 Make a magic ring, ${n} sc in ring.`,
  even: (a, b, n) => `${a === b ? 'Rnd' : 'Rnds'} ${range(a, b, '-')} Sc in each sc around: ${n} sc.`,
  shaped: (label, r) => {
    const shape = r.shape === 'inc' ? '2 sc in next sc' : 'sc2tog';
    const all = r.shape === 'inc' ? '2 Sc in each sc around' : `Sc2tog ${r.times} times`;
    const plain = r.plain === 1 ? 'Sc in next sc' : `Sc in next ${r.plain} sc`;
    return `Rnd ${label} ${r.plain === 0 ? all : `(${plain}, ${shape}) ${r.times} times`}: ${r.makes} sc.`;
  },
  stuff: 'Stuff firmly.',
  close: (_, cm) =>
    `Fasten off, leaving ${cm} cm. Weave tail through sts of last rnd, pull to gather, secure.`,
  off: (cm) => `Fasten off, leaving a ${cm} cm tail for sewing.`,
  end: ['Finishing', 'Sew the pieces together.'],
};

/** A card of a shop: how many and the colour below the name, signs instead of words. */
const shopCard: Hand = {
  title: (toy) => [toy.toUpperCase(), 'sand • hook 3.5 mm', ''],
  heading: (p) => `${p.name.toUpperCase()}\nmake ${p.make}, sand`,
  start: (n) => `R1> ${n} sc in mr <${n}>`,
  even: (a, b, n) => `R${range(a, b, '-R')}> ${n} sc <${n}>`,
  shaped: (label, r) =>
    `R${label}> ${r.plain === 0 ? `${r.times} ${r.shape}` : `(${r.plain} sc, ${r.shape})*${r.times}`} <${r.makes}>`,
  stuff: 'stuff firmly',
  close: (_, cm) => `cut, close, tail ${cm} cm`,
  off: (cm) => `cut, tail ${cm} cm`,
  end: [],
};

/** Typed in columns: the count stands far to the right. */
const typed: Hand = {
  title: (toy) => [toy, '', '3.5mm hook, sand dk', ''],
  heading: (p) => `${p.name.toUpperCase()} (sand${p.make > 1 ? `, x${p.make}` : ''})`,
  start: (n) => `r1  mr ${n} sc                 ${n}`,
  even: (a, b, n) => `r${range(a, b, '-')}  sc in ea                 ${n}`,
  shaped: (label, r) =>
    `r${label}  ${r.plain === 0 ? `${r.shape} around` : `*${r.plain} sc, ${r.shape}* around`}                 ${r.makes}`,
  stuff: '      stuff firmly',
  close: (_, cm) => `      f.o., ${cm} cm tail, cinch shut`,
  off: (cm) => `      f.o., ${cm} cm tail`,
  end: [],
};

/** Told by which of its stitches a round grows, the second called the other. */
const whisper: Hand = {
  title: (toy) => [toy, '', 'With a 3.5 mm hook and sand yarn.', ''],
  heading: (p) => `${p.name}${p.make > 1 ? ` – ${p.make} of them` : ''}`,
  start: (n) => `Magic ring of ${n}.`,
  even: (a, b) => `${b - a + 1} rounds straight.`,
  shaped: (_, r) => {
    const n = r.plain! + 1;
    const nth = n === 2 ? 'other' : `${n}${n === 3 ? 'rd' : 'th'}`;
    const verb = r.shape === 'inc' ? 'Increase' : 'Decrease';
    const all = r.shape === 'inc' ? 'Increase every stitch' : 'Decrease around';
    return `${n === 1 ? all : `${verb} every ${nth} stitch`} (${r.makes}).`;
  },
  stuff: 'Stuff firmly.',
  close: (_, cm) => `Close up. Leave ${cm} cm.`,
  off: (cm) => `Leave a tail of ${cm} cm.`,
  end: [],
};

/** Hands of what is printed, given away and typed, by their names. */
export const PRINTED_HANDS: Record<string, Hand> = { leaflet, shopCard, typed, whisper };
