import { move } from '../join';
import { dappleFile, modelToy, rillFile } from '../model';
import { changeSafety, changeSettings, type Toy } from '../toy';
import { checkToy, heldMarks, placeOfPoint, type HeldMark } from './index';

let n = 0;
const newId = () => `o${++n}`;
const marks = <K extends HeldMark['is']>(toy: Toy, is: K) =>
  heldMarks(modelToy(toy)).filter((m): m is Extract<HeldMark, { is: K }> => m.is === is);
const rill = rillFile(newId).toy;
const baby = changeSettings(rill, { age: 'under 18 months' });

describe('what holds, drawn over the toy', () => {
  it('each seam stitch by stitch, twice round for a small child, and not for an older one who was promised less', () => {
    const model = modelToy(rill);
    const stitches = model.sites.flatMap((s) => s.sites.map((one) => one.seam.length)).filter((k) => k > 0);
    expect(marks(rill, 'seam').map((m) => m.points.length)).toEqual(stitches);
    expect(marks(baby, 'seam').every((m) => m.twice)).toBe(true);
    const once = rill.joins.some((j) => 'seam' in j && !j.seam.twice);
    expect(marks(rill, 'seam').some((m) => !m.twice)).toBe(once);
  });

  it('an end goes in as deep as is said, and no deeper than its host; unsaid it is told', () => {
    const length = (toy: Toy) =>
      marks(toy, 'buried').map(({ points: [a, b] }) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]));
    const said = changeSafety(rill, { buriedMm: 5 });
    for (const mm of length(said)) expect(mm).toBeCloseTo(5, 6);
    const far = changeSafety(rill, { buriedMm: 5000 });
    const host = modelToy(far);
    marks(far, 'buried').forEach((m, k) => {
      const { form } = host.pieces.find((p) => p.part === m.piece.part && p.copy === m.piece.copy)!;
      expect(length(far)[k]).toBeLessThanOrEqual(2.2 * Math.max(...form.r));
    });
    expect(marks(said, 'buried').every((m) => m.said)).toBe(true);
    expect(marks(changeSafety(rill, { buriedMm: null }), 'buried').every((m) => !m.said)).toBe(true);
  });

  it('a disc where there is one, as wide as the plan cuts it', () => {
    const discs = (backing: 'none' | number) =>
      marks(
        {
          ...rill,
          features: rill.features.map((f) => (f.kind === 'eyes' ? { ...f, backing } : f)),
        },
        'disc',
      ).filter((m) => rill.features.some((f) => f.id === m.feature && f.kind === 'eyes'));
    expect(discs('none')).toEqual([]);
    expect(discs(22).map((m) => m.mm)).toEqual([22, 22]);
  });

  it('every point of a feature, a seam or a part lies on the toy, within its room', () => {
    for (const toy of [baby, changeSettings(dappleFile(newId).toy, { age: 'under 18 months' })]) {
      const model = modelToy(toy);
      const located = checkToy(model).filter((p) => p.feature ?? p.part);
      expect(located.length).toBeGreaterThan(2);
      for (const point of located) {
        const place = placeOfPoint(model, point);
        expect([point.id, place]).not.toEqual([point.id, null]);
        const piece = model.placed.find((p) => p.part === place!.piece.part && p.copy === place!.piece.copy);
        if (!piece) continue;
        const at = move(piece.placement, place!.point);
        expect(at.every(Number.isFinite)).toBe(true);
        const reach = Math.max(...piece.form.r) + Math.max(...piece.form.z) - Math.min(...piece.form.z);
        expect(Math.hypot(...place!.point)).toBeLessThan(3 * reach);
      }
      for (const point of checkToy(model).filter((p) => !p.feature && !p.part && !p.join))
        expect(placeOfPoint(model, point)).toBeNull();
    }
  });
});
