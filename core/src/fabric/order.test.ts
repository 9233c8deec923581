import fc from 'fast-check';
import { read } from '../notation';
import { buildFabric } from './index';

/** What is worked into `eats` stitches and makes so many, and how it is written. */
interface Atom {
  said: string;
  eats: number;
  makes: number;
  times: number;
}

const atom = fc
  .record({
    kind: fc.constantFrom(
      { said: 'sc', eats: 1, makes: 1 },
      { said: 'inc', eats: 1, makes: 2 },
      { said: 'dec', eats: 2, makes: 1 },
      { said: 'inc3', eats: 1, makes: 3 },
      { said: 'sc3tog', eats: 3, makes: 1 },
    ),
    times: fc.integer({ min: 1, max: 4 }),
  })
  .map(({ kind, times }): Atom => ({ ...kind, times }));

const written = (atoms: readonly Atom[]): string =>
  atoms
    .map(({ said, times }) => (times === 1 ? said : said === 'sc' ? `${times} sc` : `${said} x${times}`))
    .join(', ');
const repeated = (atoms: readonly Atom[], times: number): Atom[] =>
  Array.from({ length: times }, () => atoms).flat();

/** `[first, behind the last]` of the stitches below, for each stitch of the round, from the atoms alone. */
function parents(atoms: readonly Atom[], below: number): [number, number][] {
  const found: [number, number][] = [];
  let at = below;
  for (const { eats, makes, times } of atoms)
    for (let k = 0; k < times; k++, at += eats) for (let m = 0; m < makes; m++) found.push([at, at + eats]);
  return found;
}

it('stitches stand in the order in which they are written, whatever is repeated, and how', () => {
  fc.assert(
    fc.property(
      fc.array(atom, { maxLength: 2 }),
      fc.array(atom, { minLength: 1, maxLength: 3 }),
      fc.integer({ min: 2, max: 5 }),
      fc.array(atom, { maxLength: 2 }),
      fc.constantFrom('x', 'around', 'star', 'nested'),
      (before, group, times, after, way) => {
        // `(2 sc)` is a count.
        fc.pre(group.some((a) => a.said !== 'sc'));
        const [lead, tail] = way === 'x' || way === 'nested' ? [before, after] : [[], []];
        const inner = way === 'nested' ? repeated(group, 2) : group;
        const all = [...lead, ...repeated(inner, times), ...tail];
        const said = {
          x: `(${written(group)}) x${times}`,
          around: `(${written(group)}) around`,
          star: `*${written(group)}; rep from * around`,
          nested: `((${written(group)}) x2) x${times}`,
        }[way];
        const below = all.reduce((n, a) => n + a.eats * a.times, 0);
        const round = [written(lead), said, written(tail)].filter((s) => s !== '').join(', ');
        const text = `R1: ${below} sc in ring (${below})\nR2: ${round}\nR3: sc around`;
        const [part] = read(text, { terms: 'us' }).parts;
        const { parentFrom, parentTo, rounds } = buildFabric(part, []);
        const { from, count } = rounds[1];
        const got = Array.from({ length: count }, (_, k) => [parentFrom[from + k], parentTo[from + k]]);
        expect({ text, got }).toEqual({ text, got: parents(all, 0) });
      },
    ),
    { numRuns: 400, seed: 20261127 },
  );
});
