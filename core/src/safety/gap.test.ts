import { modelToy } from '../model';
import { addParts, changePart, newToy, type Toy } from '../toy';
import { gapsOf } from './index';

let n = 0;
const newId = () => `g${++n}`;
const page = (rounds: string): Toy =>
  addParts(newToy('G', newId), `Ball (rust, 3.0 mm hook)\n${rounds}`, newId);
const fill = (toy: Toy, firmness: 'empty' | 'soft' | 'medium' | 'firm'): Toy =>
  changePart(toy, toy.parts[0].id, { fill: firmness });
const said = (toy: Toy) => {
  const [part] = modelToy(toy).parts;
  return {
    w: part.gauge.stitchMm * (1 + part.gauge.stitchRangePercent / 100),
    gaps: Object.fromEntries((gapsOf(part) ?? []).map((g) => [g.is, [g.label, g.mm]])),
  };
};
/** Of one width at its worst: 30 % for the figure itself, judged. */
const WORST = 1.3;

describe('gaps, worked out by hand in widths of the widest stitch', () => {
  it('a plain ball: its stitches 0.22, a decrease 0.42, an invisible one 0.30, the ring of six 0.30, spread by a firm filling 1.25', () => {
    const ball = (dec: string) =>
      fill(
        page(`R1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3-5: sc around (12)\nR6: ${dec} x6 (6)\nclose`),
        'firm',
      );
    const { w, gaps } = said(ball('dec'));
    expect(gaps.plain[1]).toBeCloseTo(0.22 * w * 1.25 * WORST, 9);
    expect(gaps.decrease).toEqual(['R6', expect.closeTo(0.42 * w * 1.25 * WORST, 9)]);
    expect(gaps.start).toEqual(['R1', expect.closeTo(0.3 * w * 1.25 * WORST, 9)]);
    const hidden = said(ball('invdec')).gaps;
    expect(hidden.decrease[1]).toBeCloseTo(0.3 * w * 1.25 * WORST, 9);
  });

  it('nothing inside spreads nothing; a softer filling less than a firm one', () => {
    const wall = page('R1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3-5: sc around (12)');
    const { w } = said(wall);
    const plain = (['empty', 'soft', 'medium', 'firm'] as const).map(
      (f) => said(fill(wall, f)).gaps.plain[1],
    );
    [1, 1.05, 1.15, 1.25].forEach((spread, k) => expect(plain[k]).toBeCloseTo(0.22 * w * spread * WORST, 9));
  });

  it('tall stitches leave more, chains between them as much as all of them; a ring of twelve twice as wide', () => {
    const { w, gaps } = said(
      fill(page('R1: 12 sc in ring (12)\nR2: 12 dc (12)\nR3: (dc, ch 3, sk 1) x6 (24)'), 'empty'),
    );
    expect(gaps.start[1]).toBeCloseTo(0.6 * w * WORST, 9);
    expect(gaps.tall[1]).toBeCloseTo(0.65 * w * WORST, 9);
    expect(gaps['chain space'][1]).toBeCloseTo(3 * w * WORST, 9);
  });
});
