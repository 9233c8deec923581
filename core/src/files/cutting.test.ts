import { setFeature, type Toy } from '../toy';
import { modelToy, rillFile, usualPatch } from '../model';
import { cutSheetHtml, EXPORTS, faceMapHtml, piecesToCut, templateSvgs } from './index';
import type { Patch } from '../feature';

let n = 0;
const newId = () => `c${++n}`;
const rill = (): Toy => rillFile(newId).toy;
const put = (toy: Toy, work: Parameters<typeof usualPatch>[3], part = 'Head', more: Partial<Patch> = {}) => {
  const model = modelToy(toy);
  const on = model.parts.find((p) => p.name === part)!;
  const ids = { id: newId(), name: work, part: on.part.id, copy: null, colour: '#f1eee6' };
  return setFeature(toy, { ...usualPatch(model, on, ids, work), ...more });
};
/** Width and height of every outline drawn, in the millimetres of its SVG. */
const drawn = (svgs: readonly string[]) =>
  svgs.flatMap((svg) =>
    [...svg.matchAll(/data-cut="1" d="([^"]+)"/g)].map(([, d]) => {
      const points = [...d.matchAll(/[ML]([-\d.]+) ([-\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])]);
      const of = (k: 0 | 1) => Math.max(...points.map((p) => p[k])) - Math.min(...points.map((p) => p[k]));
      return [of(0), of(1)];
    }),
  );
const labels = (toy: Toy) => piecesToCut(modelToy(toy)).map((p) => p.label(p.count));

describe('templates', () => {
  it('are drawn in true size, with the holes of posts where they are, and a bar of 50 mm on each page', () => {
    const toy = put(rill(), 'under the eyes', 'Head', { widthMm: 14, heightMm: 18 });
    const svgs = templateSvgs(piecesToCut(modelToy(toy)));
    const felt = drawn(svgs).find(([w]) => Math.abs(w - 14) < 0.01)!;
    expect(felt[1]).toBeCloseTo(18, 1);
    for (const svg of svgs) {
      const [, wide, box] = /width="([\d.]+)mm" height="[\d.]+mm" viewBox="0 0 ([\d.]+)/.exec(svg)!;
      // A unit of the drawing is a millimetre of paper.
      expect(Number(wide)).toBe(Number(box));
      expect(Number(wide)).toBeLessThanOrEqual(186);
      expect(svg).toContain('50 mm');
    }
    expect(svgs.join('')).toContain('data-hole="1"');
    expect(labels(toy)).toContain('cut 2: under the eyes, 14 × 18 mm');
  });

  it('discs and felt rounds are cut as well, as many as there are eyes; crochet is made, not cut', () => {
    const toy = put(rill(), 'cheeks', 'Head', { of: 'crochet' });
    const felted = {
      ...toy,
      features: toy.features.map((f) =>
        f.kind === 'eyes' ? { ...f, backing: 22, felt: { mm: 16, colour: '#ffffff' } } : f,
      ),
    };
    expect(labels(felted)).toEqual([
      'cut 2: felt under the eyes, 16 mm',
      'cut 2: backing disc inside, 22 mm',
      'crochet 2: cheeks, 11 mm',
    ]);
    expect(drawn(templateSvgs(piecesToCut(modelToy(felted)))).map(([w]) => Math.round(w))).toEqual([
      16, 22, 11,
    ]);
  });

  it('an eye off its middle makes left and right different pieces; a shape that is not even is cut mirrored', () => {
    const off = put(rill(), 'under the eyes');
    const patch = off.features.find((f) => f.kind === 'patch')!;
    if (patch.kind !== 'patch') throw new Error('no patch');
    const moved = setFeature(off, { ...patch, ends: patch.ends.map((e) => ({ ...e, across: 1 })) });
    const pieces = piecesToCut(modelToy(moved)).filter((p) => p.label(1).includes('under the eyes, 14'));
    expect(pieces.map((p) => p.count)).toEqual([1, 1]);
    const [a, b] = pieces.map((p) => p.holes[0].at[0]);
    expect(Math.sign(a)).toBe(-Math.sign(b));
    const turned = put(rill(), 'cheeks', 'Head', { shape: 'drop', widthMm: 8, heightMm: 14, turnDeg: 40 });
    expect(
      piecesToCut(modelToy(turned))
        .filter((p) => p.label(1).includes('cheeks'))
        .map((p) => p.count),
    ).toEqual([1, 1]);
    const even = put(rill(), 'cheeks');
    expect(
      piecesToCut(modelToy(even))
        .filter((p) => p.label(1).includes('cheeks'))
        .map((p) => p.count),
    ).toEqual([2]);
  });

  it('a part made twice is cut for twice', () => {
    const toy = put(rill(), 'spots', 'Arm');
    expect(labels(toy)).toContain('cut 2: spots, 5 mm');
  });

  it('many go onto further pages, and what no page holds is told with its size', () => {
    const many = ['belly', 'muzzle', 'beak'].reduce(
      (toy, work) => put(toy, work as 'belly', 'Body', { shape: 'strip', widthMm: 120, heightMm: 150 }),
      rill(),
    );
    const svgs = templateSvgs(piecesToCut(modelToy(many)));
    expect(svgs.length).toBeGreaterThan(1);
    for (const svg of svgs) expect(Number(/height="([\d.]+)mm"/.exec(svg)![1])).toBeLessThanOrEqual(273);
    const large = put(rill(), 'belly', 'Body', { widthMm: 260, heightMm: 90 });
    expect(cutSheetHtml(modelToy(large))).toContain(
      'cut 1: belly, 260 × 90 mm: larger than a page; measure it out.',
    );
  });

  it('stand on the sheet of the toy, on the face map and among the exports; where nothing is cut, that is said', () => {
    const toy = put(rill(), 'cheeks');
    const head = modelToy(toy).parts.find((p) => p.name === 'Head')!.part.id;
    expect(faceMapHtml(modelToy(toy), head)).toMatch(
      /Laid on.*cheeks: 1 circle of felt, 11 mm, middle at R13·14/s,
    );
    expect(faceMapHtml(modelToy(toy), head)).toContain('data-patch="1"');
    expect(EXPORTS.cut.files(modelToy(toy))[0].text).toContain('cut 2: cheeks');
    expect(cutSheetHtml(modelToy({ ...toy, features: [] }))).toContain('Nothing of this toy is cut.');
  });
});
