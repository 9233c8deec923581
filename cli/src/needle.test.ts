import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { run } from './main';

const TOY = resolve(__dirname, '../../core/src/toy/fixtures/toy-v11.json');
const HEAD =
  'Head (3.0 mm hook, ring = crown)\nR1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6: (4 sc, inc) x6\nR7-14: sc around\nInsert 8 mm eyes between R9 and R10, 7 between.\nCut two circles of felt, 14 mm, for under the eyes.\nR15: (4 sc, dec) x6\nR16: (3 sc, dec) x6';

describe('hoppla needle', () => {
  it('tells places, lengths and thread of embroidery, felt and sculpting, as text and as data', () => {
    const { out, err, code } = run(['needle', TOY], () => '');
    expect([err, code]).toEqual(['', 0]);
    expect(out).toMatch(/^Cheeks, Head: 2 circles of crochet, 11 mm$/m);
    expect(out).toMatch(/^ {2}other side: R\d+·\d+ \| \d+·\d+$/m);
    expect(out).toMatch(
      /^ {2}Estimate: eyes \d+ mm apart now, about \d+ mm when it is pulled \(\d+ to \d+ mm\)\.$/m,
    );
    const { needle, faults } = JSON.parse(run(['needle', TOY, '--json'], () => '').out);
    expect(faults).toEqual([]);
    const named = (name: string) => needle.find((f: { name: string }) => f.name === name);
    expect(named('Whites')).toMatchObject({
      kind: 'patch',
      part: 'Head',
      widthMm: 14,
      heightMm: 16,
      cutMm: 400,
    });
    expect(named('Whites').holes[0][0][0]).toMatchObject({ of: 'left eye', mm: 4 });
    const drawn = named('Eyes drawn in');
    expect(drawn.wayMm).toBeCloseTo(drawn.passes * (drawn.insideMm + drawn.overMm), 0);
    expect(drawn.estimate.apartMm.low).toBeLessThan(drawn.estimate.apartMm.value);
    expect(named('Brows').when).toBe('after filling');
  });

  it('what has no place is told, with 1; a page that puts nothing on says so', () => {
    const toy = JSON.parse(readFileSync(TOY, 'utf8'));
    toy.toy.features = toy.toy.features.filter((f: { kind: string }) => f.kind !== 'eyes');
    const { err, code } = run(['needle', '-'], () => JSON.stringify(toy));
    expect(code).toBe(1);
    expect(err).toContain('Whites hangs on the eyes, and there are none here.');
    expect(run(['needle', '-'], () => HEAD).out).toBe('Nothing is put on this toy with a needle.\n');
    expect(run(['needle'], () => '').code).toBe(2);
  });

  it('a page taken with --accept has its felt under the eyes', () => {
    const taken = run(['toy', '-', '--accept'], () => HEAD);
    expect(taken.err).toContain('Head: Eye whites');
    const { needle } = JSON.parse(run(['needle', '-', '--json'], () => taken.out).out);
    expect(needle).toMatchObject([{ name: 'Eye whites', shape: 'circle', widthMm: 14, fault: null }]);
  });
});
