import { layerSize } from '../form';
import { planOf, stepWords } from '../plan';
import { addParts, changeGauge, newToy } from '../toy';
import { modelToy, type ToyModel } from './index';

let n = 0;
const newId = () => `f${++n}`;
const GROW = 'R1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\nR4: (2 sc, inc) x6 (24)';

/** A toy of one part whose stitches are 5 mm and whose rounds are 4.8 mm: the sums beside are made by hand with these. */
function made(text: string): ToyModel {
  const toy = addParts(newToy('T', newId), text, newId);
  const model = modelToy(changeGauge(toy, toy.gauges[0].id, { stitchMm: 5, roundMm: 4.8 }));
  expect(model.parts[0].problems.filter((p) => p.severity === 'error')).toEqual([]);
  return model;
}
const sizes = ({ parts: [{ form }] }: ToyModel) => [form.widthMm, form.heightMm, form.depthMm];
/** The two layers of a fabric of 5 mm stitches: 0.6 of a stitch. */
const THICK = 3;

describe('folded, flat and frilled shapes against sums by hand', () => {
  it('a disc of 24 folded shut is half a disc of four rounds: 38 by 19 mm, its area that of the whole disc', () => {
    const folded = made(`Ear (ring = tip)\n${GROW}\nfold, sc through both layers x12\nfasten off`);
    const radius = 4 * 4.8;
    const [width, height, depth] = sizes(folded);
    expect(Math.abs(width - 2 * radius)).toBeLessThan(1);
    expect(Math.abs(height - radius)).toBeLessThan(0.5);
    expect(depth).toBeCloseTo(THICK, 6);
    expect(Math.abs(folded.parts[0].form.areaCm2 / ((Math.PI * radius ** 2) / 100) - 1)).toBeLessThan(0.04);
  });

  it('a rectangle of 10 stitches and 20 rows is 50 by 96 mm; a cape of 10, 12, 14 and 16 is 50 above and 80 below', () => {
    const rows = (first: string, more: string) =>
      made(`Flag\nch 11\nRow 1: sc in 2nd ch from hook, 9 sc, turn (10)\n${first}${more}fasten off`);
    const flag = rows('Rows 2-20: ch 1, 10 sc, turn (10)\n', '');
    expect(sizes(flag)).toEqual([50, 96, THICK].map((mm) => expect.closeTo(mm, 6)));
    expect(flag.parts[0].form.areaCm2).toBeCloseTo(2 * 5 * 9.6, 6);
    const cape = rows(
      'Row 2: ch 1, inc, 8 sc, inc, turn (12)\n',
      'Row 3: ch 1, inc, 10 sc, inc, turn (14)\nRow 4: ch 1, inc, 12 sc, inc, turn (16)\n',
    );
    expect(sizes(cape)).toEqual([80, 4 * 4.8, THICK].map((mm) => expect.closeTo(mm, 6)));
    const { r } = cape.parts[0].form;
    expect([...r].map((half) => 2 * half)).toEqual([50, 50, 60, 70, 80].map((mm) => expect.closeTo(mm, 6)));
  });

  const skirt = (frill: string) =>
    made(
      `Skirt (3.0 mm hook)\nR1: ch 60, join (60)\nR2-4: sc around (60)\nR5: BLO: sc around (60)\nR6-8: sc around (60)\nin the free front loops of R4: ${frill}\nleave unstuffed\nfasten off`,
    );

  it('a frill of twice the stitches: its edge is 600 mm on 330 of room, one round deep, and it is told that it ruffles 1.8 times', () => {
    const model = skirt('inc around (120)');
    const [part] = model.parts;
    const { edge, deep, fullness } = layerSize(part.form.layers[0]);
    expect([edge.value, deep.value]).toEqual([600, 4.8].map((mm) => expect.closeTo(mm, 6)));
    // It stands off by its own height, so the room is that of the host and 2 pi times 4.8 mm.
    const room = 2 * Math.PI * (part.form.r[4] + 4.8);
    expect(Math.abs(room - (60 * 5 + 2 * Math.PI * 4.8))).toBeLessThan(3);
    expect(fullness).toBeCloseTo(600 / room, 6);
    expect(edge.low).toBeLessThan(600);
    expect(edge.high).toBeGreaterThan(600);
    const words = planOf(model).steps.flatMap((t) => (t.kind === 'layer' ? stepWords(t, model).notes : []));
    expect(words).toEqual([
      expect.stringMatching(
        /^Its edge is 600 mm \(\d{3} to \d{3}\) long and 4\.8 mm \(4\.\d mm to \d\.\d mm\) deep; 1\.8 times/,
      ),
    ]);
  });

  it('a frill that fits lies flat and says nothing of ruffles; tall stitches are as deep as they are tall', () => {
    const { form } = skirt('sc around (60)').parts[0];
    expect(layerSize(form.layers[0]).fullness).toBeLessThan(1.1);
    const tall = layerSize(skirt('dc around (60)').parts[0].form.layers[0]);
    expect(tall.deep.value).toBeGreaterThan(1.8 * 4.8);
  });

  it('roots: six chains of ten that come back hang 50 mm each, and the round says so', () => {
    const model = made(
      `Radish (ring = tip)\n${GROW}\nR5: (3 sc, ch 11, sc in 2nd ch from hook, 9 sc along chain, sc) x6`,
    );
    const words = planOf(model).steps.flatMap((t) => (t.kind === 'rounds' ? stepWords(t, model).notes : []));
    expect(words).toContainEqual(
      expect.stringMatching(/^6 chains come back and hang 50 mm \(4\d to 5\d\) each\.$/),
    );
  });
});
