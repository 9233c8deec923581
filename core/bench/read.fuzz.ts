import { performance } from 'node:perf_hooks';
import { buildFabric } from '../src/fabric';
import { applied, changeText, cleanText, convertTerms, markText, read, replaceText } from '../src/notation';
import { hostileTexts, randomFrom } from './hostile';

const MOST_TRIES = 10;

/** What is done with one hostile text in a way; returns what went wrong. */
type Attack = (text: string) => string[];

/** Random and mutated texts with a fixed seed: no exception, none slower than `slowMs` when tried again; with every fourth its fabrics are built and its mends applied, with another its marks are kept through changes. Returns what went wrong. */
export function fuzz(texts: number, slowMs: number, seed = 20261123): string[] {
  const random = randomFrom(seed);
  const { text, pick, word } = hostileTexts(random);
  const readInTime: Attack = (t) => {
    const began = performance.now();
    read(t, random() < 0.5 ? { terms: pick(['us', 'uk'] as const) } : {});
    if (performance.now() - began <= slowMs) return [];
    const again = shortest(t, slowMs);
    return again > slowMs ? [`slow, ${again.toFixed(0)} ms: ${JSON.stringify(t.slice(0, 200))}`] : [];
  };
  const built: Attack = (t) => {
    const { parts } = read(t);
    for (const p of parts) buildFabric(p, t.split('\n'));
    cleanText(t);
    applied(t, convertTerms(t, 'us', 'uk'));
    const problems = parts.flatMap((p) => p.problems);
    for (const m of problems.flatMap((x) => x.mends)) applied(t, m.changes);
    return problems.some(({ span }) => span.from < 0 || span.to > t.length || span.from > span.to)
      ? [`span: ${JSON.stringify(t.slice(0, 200))}`]
      : [];
  };
  const marked: Attack = (t) => {
    let n = 0;
    const newMark = () => `m${n++}`;
    const from = Math.floor(random() * (t.length + 1));
    const typed = { from, to: Math.min(t.length, from + 5), insert: word() };
    const changed = changeText(markText(t, newMark), typed, newMark);
    return [changed, replaceText(changed, text(), newMark)]
      .filter((m) => m.marks.length !== m.text.split('\n').length || new Set(m.marks).size !== m.marks.length)
      .map((m) => `marks: ${JSON.stringify(m.text.slice(0, 200))}`);
  };
  const more: readonly (Attack | null)[] = [built, marked, null, null];
  return Array.from({ length: texts }, (_, i) => {
    const t = text();
    try {
      return [...readInTime(t), ...(more[i % more.length]?.(t) ?? [])];
    } catch (error) {
      return [
        `${error instanceof Error ? error.message : String(error)}: ${JSON.stringify(t.slice(0, 200))}`,
      ];
    }
  }).flat();
}

const SHAPES: readonly [string, (n: number) => string][] = [
  ['one line of stitches', (n) => `R1: 6 sc in ring\nR2: ${'2 sc, inc, '.repeat(n / 11)}`],
  [
    'many rounds',
    (n) =>
      Array.from({ length: n / 18 }, (_, i) => `R${i + 1}: sc around`)
        .join('\n')
        .replace('sc around', '6 sc in ring'),
  ],
  ['brackets', (n) => `R1: 6 sc in ring\nR2: ${'('.repeat(n / 2)}${')'.repeat(n / 2)}`],
  ['unknown words', (n) => `R1: 6 sc in ring\nR2: ${'icn '.repeat(n / 4)}`],
  ['digits', (n) => `R1: 6 sc in ring (${'9'.repeat(n)})`],
  ['spaces', (n) => `R1: 6 sc in ring${' '.repeat(n)}(6)`],
  ['open counts', (n) => `R1: 6 sc in ring\nR2: ${'( 12 '.repeat(n / 5)}`],
  ['wrapped lines', (n) => `R1: 6 sc in ring\n${'sc,\n'.repeat(n / 4)}`],
  ['prose', (n) => 'Sew the ears to the head and be happy with it.\n'.repeat(n / 47)],
  ['spaces in a note', (n) => `-- a${' '.repeat(n)}b`],
  ['spaces between', (n) => `R1: 6 sc in ring\nR2: ${'sc      ,       '.repeat(n / 15)}`],
  ['dashes', (n) => `${'-'.repeat(n)}`],
];

/** The shortest of several readings of a text, ms; a machine that is busy elsewhere holds up some of them, a slow text all. */
function shortest(text: string, enoughMs: number): number {
  let least = Infinity;
  for (let k = 1; k <= MOST_TRIES && least > enoughMs; k++) least = Math.min(least, timed(text, k));
  return least;
}

/** Milliseconds to read a text for the first time: k spaces more in every line, so that nothing is remembered. */
function timed(text: string, k: number): number {
  const fresh = text
    .split('\n')
    .map((line) => line + ' '.repeat(k))
    .join('\n');
  const began = performance.now();
  read(fresh);
  return performance.now() - began;
}

/** Times of shapes at half a megabyte and a megabyte, ms: what grows faster than 2.5 times when doubled is a fault. Small texts below 30 ms are not judged. */
export function doubling(half = 500_000): { what: string; ms: [number, number]; fault: boolean }[] {
  const time = (text: string): number => Math.min(...[1, 2, 3].map((k) => timed(text, k)));
  return SHAPES.map(([what, shape]) => {
    const ms: [number, number] = [time(shape(half)), time(shape(2 * half))];
    return { what, ms, fault: ms[1] > 30 && ms[1] > 2.5 * ms[0] };
  });
}

/** What a line may hold over and over, what may stand before it, and behind it. */
const PIECES =
  ' |\t|\n|,|-|*|(|)|[|]|.|:|=|1|12 |a|a |R1 |R1: |x|x2 |2x |inc |dec |sc |in |and |to |the |from |eyes |mm |3 mm |hook |then |each |repeat |* |_|#|"|\'|½|é|ch |make |ring |leg |(a) |round |rounds 1-2 |of |between |stuff |close |fasten off |colour |changing |with |A: |; |/ |→ |– |st |next |tog |FLO |sl st |\u200e|٣|🧶 |cm |20 cm tail |do not |keep |until |around |same as round 4 |make 2 |leaving |tail |gather |last |sew |flat '.split(
    '|',
  );
const BEFORE = [
  '',
  'R1: 6 sc in ring\nR2: ',
  'R1: 6 sc in ring\n',
  'Head\n',
  '-- ',
  'Materials:\n',
  'Eyes: ',
];
const BEHIND = ['', '(6)', 'b', ' x6'];

/**
 * Every piece over and over, in every place: the time for four times as many letters is at most seven times as long.
 * Returns those where it is not: what grows with the square takes sixteen times as long. What takes under 40 ms is not judged.
 */
export function overAndOver(letters = 4000): string[] {
  const wrong: string[] = [];
  for (const piece of PIECES)
    for (const before of BEFORE)
      for (const behind of BEHIND) {
        const text = (many: number) => before + piece.repeat(many / piece.length) + behind;
        const times = (many: number, tries: number) =>
          Math.min(...Array.from({ length: tries }, (_, k) => timed(text(many), k + 1)));
        if (times(4 * letters, 1) < 40) continue;
        const [once, four] = [times(letters, 3), times(4 * letters, 3)];
        if (four >= 40 && four > 7 * once)
          wrong.push(
            `${JSON.stringify([before, piece, behind])}: ${once.toFixed(0)} ms, four times as long ${four.toFixed(0)} ms`,
          );
      }
  return wrong;
}
