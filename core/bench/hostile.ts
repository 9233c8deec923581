/** The same numbers for the same seed, from 0 to below 1 (a linear congruence, Numerical Recipes). */
export function randomFrom(seed: number): () => number {
  let s = seed;
  return () => (s = (Math.imul(s, 1664525) + 1013904223) >>> 0) / 4294967296;
}

/** Pieces of pages, and of what is none. */
const WORDS = [
  'R1:',
  'R2-9:',
  'sc',
  'inc',
  'dec',
  'sl st',
  '6 sc in ring',
  '(',
  ')',
  '[',
  ']',
  '*',
  'x6',
  'x999999999',
  'around',
  'rep from * 5 more times',
  '(12)',
  '= 30',
  '\n',
  ',',
  ';',
  'ch 5, join',
  'in next',
  'in each st',
  'stuff',
  'close',
  'Head (2x, rust)',
  '\u00a0',
  '–',
  '×',
  '½',
  '٣',
  '\u0000',
  '😀',
  'sc2tog',
  'change to',
  'BLO',
  '\r\n',
  '-- note --',
  '1e309',
  '-5',
  'twice',
  'in the free front loops of R3:',
  'fold, sc through both',
  'until 10 remain',
  'wing over 4',
  'leg 1:',
  'ch 6, sl st in 2nd ch from hook',
  'other side:',
  'repeat R2-R3 twice',
  'turn',
  'picot',
  'FPsc',
  'bob',
  'ﬁrst',
  'skip 2',
  'rep from * 5 times',
  '6X',
  'Option "tall":',
  'sc around edge:',
  '8 up the side',
  'in each ch',
  '(A)',
  'in B:',
  'leave 30 cm',
  'make 2',
  'constructor',
  '__proto__',
  'toString',
  '2:',
  'eyes between R5 and R6, 5 stitches apart',
  'sew the ears to R4',
  'Row 3:',
  'ch 1, turn',
];

const BASE =
  'Head (1x)\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\nR4-9: sc around (18)\nclose';

/** Random, mutated and senseless texts by a source of numbers; one piece of such a text. */
export function hostileTexts(random: () => number) {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)];
  const text = (): string => {
    const kind = random();
    if (kind < 0.5)
      return Array.from({ length: 1 + Math.floor(random() * 40) }, () => pick(WORDS)).join(
        random() < 0.7 ? ' ' : '',
      );
    if (kind < 0.6)
      return Array.from({ length: Math.floor(random() * 200) }, () =>
        String.fromCharCode(Math.floor(random() * 65536)),
      ).join('');
    let t = BASE;
    for (let k = 0; k < 1 + random() * 6; k++) {
      const at = Math.floor(random() * t.length);
      t = t.slice(0, at) + pick([...WORDS, '']) + t.slice(at + Math.floor(random() * 6));
    }
    return t;
  };

  return { text, pick, word: () => pick(WORDS) };
}
