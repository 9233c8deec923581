import { buildFabric, type Fabric } from '../fabric';
import { applied, cleanText, convertTerms, read, type Problem, type Terms } from './index';
import { seeded, Writer } from './cases/writer';

/** `npm run fuzz` asks for 10,000; `npm test` takes a share. */
const TEXTS = Number(process.env.HOPPLA_TEXTS ?? 250);

const marks = (text: string) => text.split('\n').map((_, i) => String(i));

const parts = (f: Fabric) =>
  [f.kind, f.parentFrom, f.parentTo, f.front, f.back]
    .map((a) => Buffer.from(a.buffer, a.byteOffset, a.byteLength).toString('base64'))
    .concat([
      JSON.stringify(f.strands),
      JSON.stringify(f.rounds.map((r) => [r.count, r.direction, r.kind])),
      f.colours.join(),
    ]);

const fabrics = (text: string, terms: Terms) =>
  read(text, { terms }).parts.map((p) => buildFabric(p, marks(text)));

const errors = (text: string): Problem[] =>
  read(text, { terms: 'us' }).parts.flatMap((p) => p.problems.filter((x) => x.severity === 'error'));

const where = (text: string, p: Problem) => `${p.code} ${text.slice(0, p.span.from).split('\n').length}`;

/** Texts from one seed; the histogram must show every form in at least 1 % of them. */
function texts(seed: number, each: (text: string, random: () => number) => void): Map<string, number> {
  const random = seeded(seed);
  const writer = new Writer(random);
  for (let i = 0; i < TEXTS; i++) each(writer.text(), random);
  return writer.forms;
}

describe(`${TEXTS.toLocaleString('en')} generated texts each`, () => {
  it('add up, and hold every form', () => {
    const forms = texts(1, (text) => {
      const wrong = errors(text);
      if (wrong.length) throw new Error(`${wrong[0].message}\n${text}`);
    });
    const table = [...forms]
      .sort((a, b) => b[1] - a[1])
      .map(([name, n]) => `${name} ${((100 * n) / TEXTS).toFixed(1)} %`);
    process.stdout.write(`  forms in ${TEXTS} texts: ${table.join(', ')}\n`);
    expect([...forms].filter(([, n]) => n < TEXTS / 100)).toEqual([]);
    expect(forms.size).toBeGreaterThanOrEqual(35);
  });

  it('printed clean and read again give the same fabric, in US and in UK terms', () => {
    texts(2, (text) => {
      const before = fabrics(text, 'us').map(parts);
      for (const to of ['us', 'uk'] as const) {
        const clean = cleanText(text, { terms: 'us', to });
        if (JSON.stringify(fabrics(clean, to).map(parts)) !== JSON.stringify(before))
          throw new Error(`${to}\n${text}\n--- clean\n${clean}`);
      }
    });
  });

  it('converted to UK keep their fabric, and come back byte for byte', () => {
    texts(3, (text) => {
      const uk = applied(text, convertTerms(text, 'us', 'uk'));
      if (JSON.stringify(fabrics(uk, 'uk').map(parts)) !== JSON.stringify(fabrics(text, 'us').map(parts)))
        throw new Error(`${text}\n--- uk\n${uk}`);
      if (applied(uk, convertTerms(uk, 'uk', 'us')) !== text) throw new Error(`${text}\n--- uk\n${uk}`);
    });
  });

  it('give no loop to two rounds or layers, unless a problem says so', () => {
    let conflicts = 0;
    texts(4, (text, random) => {
      // A layer wherever chance puts it: in loops that are there, gone, or taken.
      const lines = text.split('\n');
      const at = 1 + Math.floor(random() * lines.length);
      if (random() < 0.7)
        lines.splice(
          at,
          0,
          `in the ${random() < 0.5 ? 'front' : 'back'} loops of R${1 + Math.floor(random() * 5)}: sc around`,
        );
      const wild = lines.join('\n');
      const said = errors(wild).some((p) => p.code.startsWith('loop'));
      for (const fabric of fabrics(wild, 'us')) {
        if (fabric.conflicts) conflicts++;
        if (fabric.conflicts && !said) throw new Error(wild);
      }
    });
    process.stdout.write(`  ${conflicts} texts wanted a loop twice, all said\n`);
  });

  it('with one wrong number are mended without a new problem, and to the stated count where the repeat can', () => {
    let faults = 0;
    let reachable = 0;
    let mended = 0;
    texts(5, (text, random) => {
      const numbers = [...text.matchAll(/(?<=x| \* |\()\d+(?= sc|\)|$)|(?<=x)\d+/gm)].filter(
        (m) => text.slice(text.lastIndexOf('\n', m.index) + 1, m.index).length > 4,
      );
      if (numbers.length === 0) return;
      const at = numbers[Math.floor(random() * numbers.length)];
      const n = Number(at[0]) + (random() < 0.5 ? 1 : -1);
      if (n < 1) return;
      const broken = text.slice(0, at.index) + n + text.slice(at.index + at[0].length);
      const before = errors(broken);
      const [fault] = before;
      if (!fault) return;
      faults++;
      const known = before.map((p) => where(broken, p));
      for (const p of before)
        for (const mend of p.mends) {
          mended++;
          const after = applied(broken, mend.changes);
          const fresh = errors(after)
            .map((x) => where(after, x))
            .filter((x) => !known.includes(x));
          if (fresh.length)
            throw new Error(`${mend.title} brings ${fresh.join()}\n${broken}\n--- mended\n${after}`);
        }
      // A repeat written (k sc, inc) xN can reach what the text stated before it was broken.
      const changedRepeat = /x$/.test(broken.slice(0, at.index));
      if (changedRepeat && (fault.code === 'too-few' || fault.code === 'too-many')) {
        reachable++;
        const after = applied(broken, fault.mends[0].changes);
        if (errors(after).length) throw new Error(`${fault.mends[0].title}\n${broken}`);
        const stated = (t: string) =>
          read(t, { terms: 'us' }).parts.flatMap((p) => p.rounds.map((r) => r.stated));
        if (stated(after).join() !== stated(text).join())
          throw new Error(`${fault.mends[0].title}\n${broken}`);
      }
    });
    process.stdout.write(`  ${faults} faults, ${mended} mends tried, ${reachable} reached by the repeat\n`);
    expect(faults).toBeGreaterThan(TEXTS / 4);
    expect(reachable).toBeGreaterThan(TEXTS / 50);
  });
});
