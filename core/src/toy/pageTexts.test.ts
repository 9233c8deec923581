import { modelToy } from '../model';
import everyday from '../notation/cases/everyday.json';
import { addParts, newToy } from './index';

let n = 0;
const newId = () => `id${++n}`;
const HEAD = 'HEAD (in A)\nR1: 6 sc in MR (6)\nR2: inc x6 (12)\nR3: sc around (12)\nFasten off, leave 20 cm.';
const WING = 'WING (make 2, in B)\nR1: 5 sc in MR (5)\nR2: inc x5 (10)\nDo not stuff. Fasten off.';
const PAGE = `Skua chick, worked nose first

Materials
DK cotton in sand (A) and black (B)
3.5 mm hook

${HEAD}

${WING}

Assembly
1. Sew the wings to the head, over R2, so that
they point back.
2. Give her a name.`;
const taken = (text: string, as = {}) => addParts(newToy('T', newId), text, newId, as);

it('rounds of one sentence end where their own lines do', () => {
  const { parts } = taken('Ear. 6 sc in a magic ring; then inc in each st, 12. Slip stitch, leave an end.');
  expect(parts[0].text.split('\n').slice(1)).toEqual([
    '6 sc in a magic ring.',
    'inc in each st, 12. Slip stitch, leave an end.',
  ]);
});

describe('a page becomes a toy', () => {
  const toy = taken(PAGE);
  const { parts } = modelToy(toy);

  it('each part has its own text, and what is done at the end stands at the part it names first', () => {
    expect(toy.parts.map((p) => p.text)).toEqual([
      HEAD,
      `${WING}\n-- 1. Sew the wings to the head, over R2, so that they point back.`,
    ]);
  });
  it('keeps what belongs to no part as it was written, and nothing is lost', () => {
    expect(toy.page).toContain('Skua chick, worked nose first');
    expect(toy.page).toContain('3.5 mm hook');
    expect(toy.page).toContain('2. Give her a name.');
    const words = (text: string) => text.match(/[\p{L}\d]+/gu) ?? [];
    const kept = words([toy.page, ...toy.parts.map((p) => p.text)].join('\n')).sort();
    expect(kept).toEqual(words(PAGE).sort());
  });
  it('takes hook, pose and yarns from the page, and the counts are those of the page', () => {
    expect(parts.map((p) => p.reading.rounds.map((r) => r.made))).toEqual([
      [6, 12, 12],
      [5, 10],
    ]);
    expect(toy.gauges[0]).toMatchObject({ hookMm: 3.5, hookBy: 'said' });
    expect(parts[0].ringIs).toBe('nose');
    expect(toy.palette.map((y) => [y.slot, y.name])).toEqual([
      ['a', 'sand'],
      ['b', 'black'],
    ]);
    expect(parts[1].fill).toBe('empty');
  });
  it('a line that the maker takes out of the work stays out when the part is read by itself', () => {
    const made = (as: object) => modelToy(taken(PAGE, as)).parts[0].reading.rounds.map((r) => r.made);
    expect(made({ 10: 'note' })).toEqual([6, 12]);
    expect(made({ 10: 'remark' })).toEqual([6, 12]);
  });
  it('rounds of another part are written out, as its text stands by itself', () => {
    const toy2 = taken(
      `SHELL TOP\nR1: 6 sc in MR (6)\nR2: inc x6 (12)\nFasten off.\n\nSHELL BOTTOM\nRepeat rnds 1-2 of the shell top.\nFasten off.`,
    );
    expect(modelToy(toy2).parts[1].reading.rounds.map((r) => r.made)).toEqual([6, 12]);
    expect(toy2.parts[1].text).toContain('-- Repeat rnds 1-2 of the shell top.');
  });
  it('several rounds in one line get a line each', () =>
    expect(taken('Fin\nR1: 5 sc in ring (5). R2: inc x5 (10). R3: sc around (10)').parts[0].text).toBe(
      'Fin\nR1: 5 sc in ring (5).\nR2: inc x5 (10).\nR3: sc around (10)',
    ));
  it('further pages are kept below the first, and rename no yarn', () => {
    const more = addParts(
      toy,
      `Skua hen\n\nYarn: cotton in rust (A)\n\nTAIL (in A)\nR1: 4 sc in MR (4)`,
      newId,
    );
    expect(more.page.indexOf('Skua hen')).toBeGreaterThan(more.page.indexOf('Give her a name'));
    expect(more.palette[0].name).toBe('sand');
    expect(more.parts).toHaveLength(3);
  });
});

describe('copies in colours of their own', () => {
  it('get them by name and yarn; the others keep the colour of the part', () => {
    const [part] = taken('Cap (make 3: 1 red, 2 navy)\nR1: 6 sc in MR (6)').parts;
    expect(part.copies.map((c) => c.name)).toEqual(['red', 'navy', 'navy']);
    const [red, navy] = part.copies.map((c) => Object.values(c.palette)[0]);
    expect(red).not.toBe(navy);
  });
});

describe('a part whose heading is one only on its page', () => {
  const ball = 'R1: 6 sc in MR (6)\nR2: inc x6 (12)\nFasten off.';
  // What such a line says besides can take the first round with it; it is left as it was then, and the part has no name.
  const named = everyday['the ears begin'].filter((heading) => !heading.startsWith('Step 2 - '));
  it.each(named)('keeps its name, its rounds and the line in its own text: %s', (heading) => {
    const { parts } = modelToy(taken(`Rabbit\n\nBody\n${ball}\n\n${heading}\n${ball}`));
    expect(parts.map((p) => p.fabric.rounds.length)).toEqual([2, 2]);
    expect(parts[1].name).toMatch(/ears?/i);
    expect(parts[1].part.text).toContain(heading.trim());
  });
});
