import fc from 'fast-check';
import { share } from '../../../bench/share';
import { read } from '../index';
import { HANDS, pageIn, type PlainPart } from '../cases/hands';
import { plainToy as toy } from '../cases/plainToys';

/** The counts that each part makes, in working order, and how it ends: worked out from the numbers alone. */
const wanted = (parts: readonly PlainPart[]) =>
  parts.map((p) => ({
    made: [p.start, ...p.rounds.map((r) => r.makes)],
    make: p.make,
    tailMm: p.tailCm * 10,
    how: p.closed ? ['gathered', 'sewn shut'] : ['open'],
  }));
const errorsOf = (text: string) => {
  const { parts } = read(text);
  return parts.flatMap((p) => p.problems.filter((x) => x.severity === 'error'));
};
const MANY = Object.keys(HANDS).length;
/** Pages in all hands: so many toys in each. */
const TOYS = share(40);
const SEED = 20261126;

describe(`generated pages in ${MANY} hands`, () => {
  it(`${TOYS * MANY} pages: the same fabric in every hand, its copies, its end, its tail; no error, no line silent`, () => {
    fc.assert(
      fc.property(toy, ({ head, fin, name }) => {
        const parts = [head, fin];
        for (const [hand, write] of Object.entries(HANDS)) {
          const text = pageIn(write, name, parts);
          const reading = read(text);
          const got = reading.parts.map((p) => ({
            made: p.rounds.map((r) => r.made),
            make: p.make,
            tailMm: p.tailMm,
            how: p.end.how,
          }));
          const say = () => `${hand}: ${JSON.stringify(got)}\n${text}`;
          if (got.length !== parts.length) throw new Error(say());
          wanted(parts).forEach((want, i) => {
            const { how, ...rest } = got[i];
            if (
              JSON.stringify(rest) !==
              JSON.stringify({ made: want.made, make: want.make, tailMm: want.tailMm })
            )
              throw new Error(say());
            if (!want.how.includes(how)) throw new Error(`${how}: ${say()}`);
          });
          if (errorsOf(text).length > 0) throw new Error(`${errorsOf(text)[0].message}\n${say()}`);
          const silent = reading.page.filter((l) => l.as === 'unread');
          if (silent.length > 0) throw new Error(`line ${silent[0].line} not read\n${say()}`);
          expect(reading.materials.hook?.mm ?? reading.parts[0].hookMm).toBe(3.5);
        }
      }),
      { numRuns: TOYS, seed: SEED },
    );
  });

  it('one wrong number planted in a right page is found at its line', () => {
    let planted = 0;
    let found = 0;
    const missed: string[] = [];
    fc.assert(
      fc.property(toy, fc.nat(), fc.constantFrom(-1, 1, 2), ({ head, fin, name }, pick, by) => {
        for (const [hand, write] of Object.entries(HANDS)) {
          const lines = pageIn(write, name, [head, fin]).split('\n');
          // A count of a round: the last number of a line that makes one, in its brackets, behind its dash or said.
          const rounds = read(lines.join('\n')).parts.flatMap((p) =>
            p.rounds.filter((r) => r.stated !== null).map((r) => r.line),
          );
          const line = rounds[pick % rounds.length];
          const text = lines[line - 1];
          const counts = [...text.matchAll(/\d+(?=[)\]]|\s*sc\.$|\s*sts\]|\t|\.$|\s+again\.$|\s+SC$|$)/g)];
          const at = counts[counts.length - 1];
          if (!at) continue;
          const wrong = String(Math.max(1, Number(at[0]) + by));
          if (wrong === at[0]) continue;
          lines[line - 1] = text.slice(0, at.index) + wrong + text.slice(at.index + at[0].length);
          const broken = lines.join('\n');
          planted++;
          const where = errorsOf(broken).map((p) => broken.slice(0, p.span.from).split('\n').length);
          if (where.includes(line)) found++;
          else missed.push(`${hand}: ${lines[line - 1]}`);
        }
      }),
      { numRuns: share(100), seed: SEED },
    );
    process.stdout.write(`  ${planted} wrong numbers planted, ${found} found at their lines\n`);
    expect(planted).toBeGreaterThanOrEqual(share(100) * MANY * 0.5);
    if (found / planted < 0.98) throw new Error(missed.slice(0, 8).join('\n'));
  });
});
