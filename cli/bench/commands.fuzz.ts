import { performance } from 'node:perf_hooks';
import { hostileTexts, randomFrom } from '../../core/bench/hostile';
import { run } from '../src/main';

/** What a maker or a stranger may say of a place. */
const PLACES = [
  'between R7 and R8, 6 stitches apart',
  'R7, stitches 5 and 12',
  'two rounds lower',
  'on the widest round',
  'level with the nose',
  'a third of the way down',
  'R999999999 and R0',
  '5 mm from the start, 1e309 stitches between',
  'constructor',
  '',
];

const PLACE_WORDS = [
  ...PLACES,
  'R7',
  'and',
  'between',
  'stitches',
  '5',
  '6.5',
  '-3',
  '1e9',
  'apart',
  'left',
  'right',
  'of the',
  'front',
  'marker',
  'lower',
  'higher',
  'round',
  'rounds',
  'mm',
  'inches',
  'below',
  'above',
  'nose',
  'eyes',
  'widest',
  'half',
  'third',
  ',',
  '/',
  '(',
  ')',
  'st',
  'counting both',
  'from the start',
  'with',
  '0',
  '999999999',
  'toString',
  'ear',
  'row',
  '½',
];

/** Commands over a text, with what their flags may hold. */
const CALLS: readonly ((pick: <T>(list: readonly T[]) => T) => string[])[] = [
  () => ['read', '-', '--json'],
  () => ['toy', '-'],
  () => ['toy', '-', '--accept'],
  () => ['check', '-'],
  (pick) => ['write', '-', '--terms', pick(['us', 'uk'])],
  (pick) => ['shape', '-', '--json', '--hook', pick(['3', 'E', '0.2', '100'])],
  (pick) => ['face', '-', '--at', placeOf(pick), '--eye', pick(['6', '12', '0.01', '20000'])],
  (pick) => [
    'face',
    '-',
    '--at',
    pick(PLACES),
    '--json',
    '--terms',
    'uk',
    '--hand',
    'left',
    '--lean',
    pick(['-20', '0.3']),
  ],
  () => ['needle', '-', '--json'],
  (pick) => ['where', '-', '--rounds', pick(['0', '3', '999999']), '--made', pick(['0', '5', '1e9'])],
  () => ['joins', '-', '--json'],
  () => ['plan', '-', '--json'],
  () => ['plan', '-', '--html'],
  (pick) => ['safety', '-', '--json', '--age', pick(['under 18 months', '3 years and over'])],
];

function placeOf(pick: <T>(list: readonly T[]) => T): string {
  const words = Array.from({ length: pick([1, 2, 3, 5, 8, 13]) }, () => pick(PLACE_WORDS));
  return pick([words.join(' '), words[0]]);
}

/** Runs hostile texts through every command with a fixed seed; what threw, was slower than `slowMs`, or said what is no number. */
export function attackCommands(texts: number, slowMs: number, seed = 20261129): string[] {
  const random = randomFrom(seed);
  const { text, pick } = hostileTexts(random);
  const faults: string[] = [];
  for (let i = 0; i < texts; i++) {
    const page = text();
    const argv = pick(CALLS)(pick);
    const told = () => `${argv.join(' ')} on ${JSON.stringify(page.slice(0, 300))}`;
    const began = performance.now();
    try {
      const { out, err, code } = run(argv, () => page);
      const strange = /.{0,40}(?:NaN|\bundefined\b|\bInfinity\b|\[object Object\]).{0,20}/.exec(out + err);
      if (strange && !page.includes('Infinity')) faults.push(`${strange[0]}: ${told()}`);
      if (code === 2 && err === '') faults.push(`says nothing: ${told()}`);
    } catch (error) {
      const where =
        error instanceof Error ? (error.stack ?? '').split('\n').slice(0, 4).join(' | ') : String(error);
      faults.push(`${where}: ${told()}`);
    }
    const ms = performance.now() - began;
    if (ms > slowMs) faults.push(`${ms.toFixed(0)} ms: ${told()}`);
  }
  return faults;
}
