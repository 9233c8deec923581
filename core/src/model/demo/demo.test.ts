import { convertTerms, applied, read } from '../../notation';
import { planOf, stepWords } from '../../plan';
import { dappleFile, modelToy, rillFile, rubyFile } from '../index';
import { openFile } from '../../toy/schema';
import { DAPPLE_TEXT } from './dapple';
import { RILL_TEXT } from './rill';
import { RUBY_TEXT } from './ruby';

let n = 0;
const newId = () => `i${++n}`;

describe('the demo workshop', () => {
  it.each([
    ['Rill', RILL_TEXT, 'us'],
    ['Dapple', DAPPLE_TEXT, 'uk'],
    ['Ruby', RUBY_TEXT, 'us'],
  ] as const)('%s: every part adds up in its terms, and in the others once converted', (_, text, terms) => {
    for (const [t, written] of [
      [terms, text],
      [terms === 'us' ? 'uk' : 'us', applied(text, convertTerms(text, terms, terms === 'us' ? 'uk' : 'us'))],
    ] as const) {
      const problems = read(written, { terms: t }).parts.flatMap((p) =>
        p.problems.filter((x) => x.severity !== 'note'),
      );
      expect(problems.map((p) => p.message)).toEqual([]);
    }
    expect(read(text).terms).toBe(terms);
  });
  it('Dapple: 28 in the join round, neck and tail caught there, stalks in the neck’s; the frill takes all 28 free loops of the foot', () => {
    const model = modelToy(dappleFile(newId).toy);
    const part = (name: string) => model.parts.find((p) => p.name === name)!;
    expect(part('Shell').reading.rounds.at(-1)).toMatchObject({ offered: 28, eaten: 28, made: 28 });
    expect([part('Shell').reading.caught, part('Neck').reading.caught]).toEqual([
      ['neck', 'tail'],
      ['stalk'],
    ]);
    expect(part('Foot').fabric.layers).toMatchObject([
      { kind: 'layer', on: 2, loop: 'front', rounds: [{ count: 56 }] },
    ]);
    expect(part('Foot').reading.freeLoops).toEqual([]);
    // The stripe: 6 + 12 + 18 + 24 + 28 = 88 stitches before it, 28 in it.
    expect(
      [87, 88, 115, 116].map((s) => part('Shell').fabric.colours[part('Shell').fabric.colour[s]]),
    ).toEqual(['berry', 'cream', 'cream', 'berry']);
    // Caught parts are made before what catches them; the frill is a step of its own.
    const steps = planOf(model).steps;
    const first = (name: string) => steps.findIndex((s) => 'part' in s && s.part === part(name).part.id);
    expect(first('Stalk')).toBeLessThan(first('Neck'));
    expect(Math.max(first('Neck'), first('Tail'))).toBeLessThan(first('Shell'));
    expect(steps.filter((s) => s.kind === 'layer').map((s) => stepWords(s, model).detail)).toEqual([
      '(sl st, 3 tr in next) x14; 56 stitches',
    ]);
  });
  it('Ruby: leaves are flat rows that come back, the root ends in a strand, the loop is a bare chain', () => {
    const { parts } = modelToy(rubyFile(newId).toy);
    expect(parts.map((p) => p.fabric.shape)).toEqual(['rows', 'rounds', 'cord']);
    expect(parts[0].fabric.rounds.map((r) => r.direction)).toEqual([1, -1]);
    // Row 2 begins on the last stitch of row 1.
    expect(parts[0].fabric.parentFrom[8]).toBe(7);
    expect(parts[1].fabric.strands).toEqual([{ at: 4, chain: 12, worked: 11 }]);
    // 30 stitches of 1.45 x 2.5 mm
    expect([parts[2].form.basis, parts[2].form.heightMm]).toEqual(['chain', expect.closeTo(108.75, 6)]);
    // 8 stitches wide and flat: no room for fill
    expect([parts[0].form.basis, parts[0].form.widthMm, parts[0].form.innerCm3]).toEqual([
      'flat rows',
      expect.closeTo(29, 6),
      0,
    ]);
  });
  it.each([rillFile, dappleFile, rubyFile])('each opens again from its own file', (make) => {
    const file = make(newId);
    expect(openFile(JSON.stringify(file))).toMatchObject({ state: 'open', file });
  });
});
