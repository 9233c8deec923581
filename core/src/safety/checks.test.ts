import {
  addParts,
  changeSettings,
  modelToy,
  newToy,
  rill,
  setFeature,
  type AgeGroup,
  type Toy,
} from '../toy';
import { checkToy, openPoints, PROFILES } from './index';

let n = 0;
const newId = () => `i${++n}`;
const base = rill(newId);
const points = (toy: Toy, age: AgeGroup) => checkToy(modelToy(changeSettings(toy, { age })));
const weights = (toy: Toy, age: AgeGroup) => points(toy, age).map((p) => `${p.check}:${p.weight}`);

describe('safety', () => {
  it('stops plastic eyes under 36 months, and unknown counts as under 18', () => {
    for (const age of ['under 18 months', '18 to 36 months', 'unknown'] as const)
      expect(points(base, age)[0]).toMatchObject({ check: 1, weight: 'stop' });
    expect(weights(base, '3 years and over')).toEqual(['look:open', '1:open', '2:open']);
    expect(weights(base, 'display only')).toEqual([]);
  });

  it('is content with embroidered eyes', () => {
    const eyes = base.features.find((f) => f.kind === 'eyes')!;
    const mended = setFeature(base, { ...eyes, making: 'embroidered' } as typeof eyes);
    expect(weights(mended, '18 to 36 months')).toEqual([]);
    expect(openPoints(points(mended, '3 years and over'))).toBe(1);
  });

  it('looks at a nose and at each loose piece as parts of their own', () => {
    const eyes = base.features.find((f) => f.kind === 'eyes')!;
    const { part, copy, pair } = eyes as Extract<typeof eyes, { kind: 'eyes' }>;
    const iris = setFeature(base, { ...eyes, loose: [{ name: 'iris', mm: 7 }] } as typeof eyes);
    expect(weights(iris, '3 years and over')).toEqual(['look:open', '1:open', '3:open', '2:open']);
    expect(weights(iris, 'under 18 months').filter((w) => w === '3:stop')).toHaveLength(1);
    const nosed = setFeature(base, {
      kind: 'nose',
      id: 'n',
      part,
      copy,
      place: { part, copy, course: pair.course, at: 'hole', index: 20, of: 48 },
      making: 'safety nose',
      widthMm: 12,
      heightMm: 9,
      postMm: 4.5,
      washerMm: 14,
      loose: [],
      colour: '#33231d',
      felt: null,
    });
    expect(
      points(nosed, 'under 18 months')
        .filter((p) => p.check === 1)
        .map((p) => p.title),
    ).toEqual([expect.stringMatching(/Plastic eyes/), expect.stringMatching(/plastic nose of 12 mm/)]);
  });

  it('looks at a long chain as a cord: 60 chains of 4.35 mm are 292 mm at the worst end, over 220', () => {
    const cord = addParts(newToy('Cord', newId), 'Tail\nR1: 6 sc in ring\nR2: 6 sc, ch 60', newId);
    expect(points(cord, 'under 18 months')[0]).toMatchObject({
      check: 6,
      weight: 'stop',
      title: 'Tail: a free length of 292 mm',
    });
    expect(points(cord, '3 years and over').filter((p) => p.check === 6)).toEqual([]);
    const short = addParts(newToy('Cord', newId), 'Tail\nR1: 6 sc in ring\nR2: 6 sc, ch 20', newId);
    // How far it stretches is not known, so it is never passed over.
    expect(points(short, 'under 18 months').find((p) => p.check === 6)?.weight).toBe('open');
  });

  it('gives every profile a source and a year, and never says that a toy is safe', () => {
    for (const p of Object.values(PROFILES)) expect(p.source.length * p.year).toBeGreaterThan(0);
    expect(PROFILES.own.cord.mostMm).toBe(220);
    const words = JSON.stringify(
      (['unknown', '3 years and over', 'accessory'] as const).map((age) => points(base, age)),
    );
    expect(words).not.toMatch(/is safe|complies|holds/i);
  });
});
