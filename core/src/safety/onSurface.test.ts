import { modelToy, newHanger, newStrands, rillFile, rubyFile } from '../model';
import { changeSettings, setFeature, type AgeGroup, type Toy } from '../toy';
import { checkToy } from './index';

let n = 0;
const newId = () => `f${++n}`;
const RILL = rillFile(newId).toy;
const head = modelToy(RILL).parts.find((p) => p.name === 'Head')!.part.id;

const points = (toy: Toy, age: AgeGroup) => checkToy(modelToy(changeSettings(toy, { age })));
const about = (toy: Toy, age: AgeGroup, feature: string) =>
  points(toy, age).filter((p) => p.feature === feature);

describe('hair, loops, rings and bells', () => {
  const hair = newStrands(modelToy(RILL), head, newId)!;

  it('hair that hangs further than a cord may is a stop for a baby, short hair is open, and of older children only what comes out is told', () => {
    const long = setFeature(RILL, { ...hair, cutMm: 520 });
    expect(about(long, 'under 18 months', hair.id).map((p) => [p.check, p.weight])).toEqual([[6, 'stop']]);
    expect(about(long, 'unknown', hair.id)[0].weight).toBe('stop');
    const short = setFeature(RILL, hair);
    expect(about(short, 'under 18 months', hair.id)[0].weight).toBe('open');
    expect(about(short, '18 to 36 months', hair.id)[0].weight).toBe('open');
    expect(about(short, '3 years and over', hair.id)[0].weight).toBe('advice');
    const knotted = setFeature(RILL, { ...hair, fix: 'looped in and knotted' });
    expect(about(knotted, '3 years and over', hair.id)).toEqual([]);
  });

  it.each([
    ['split ring', 25, 'stop'],
    ['bell', 12, 'stop'],
    // Wider than the cylinder, it does not fit in; it is open all the same.
    ['split ring', 45, 'open'],
  ] as const)('a %s of %s mm on a toy for a small child: %s; for others open', (is, mm, weight) => {
    const ring = { ...newHanger(modelToy(RILL), head, newId)!, is, mm };
    const toy = setFeature(RILL, ring);
    const own = about(toy, 'under 18 months', ring.id).filter((p) => p.check === 11);
    expect(own.map((p) => p.weight)).toEqual([weight]);
    expect(about(toy, 'accessory', ring.id).map((p) => [p.check, p.weight])).toEqual([[11, 'open']]);
  });

  it('a loop of more chains than a neck fits through is a stop for a baby, by its worst length', () => {
    const ring = newHanger(modelToy(RILL), head, newId)!;
    const loops = (chain: number) =>
      about(setFeature(RILL, { ...ring, loop: { chain } }), 'under 18 months', ring.id).filter(
        (p) => p.check === 6,
      );
    // 4.35 mm a chain and 12 percent: 77 chains are 335 mm, 375 at worst; 79 are 344, 385 at worst; 380 is the limit.
    expect(loops(77).map((p) => p.weight)).toEqual(['open']);
    expect(loops(79).map((p) => p.weight)).toEqual(['stop']);
  });

  it('Ruby’s ring is told once, from the toy and no more from her text', () => {
    const { toy } = rubyFile(newId);
    const named = (t: Toy) => points(t, 'accessory').filter((p) => p.check === 11);
    expect(named(toy).map((p) => p.id)).toEqual([expect.stringMatching(/^hanger:/)]);
    expect(named({ ...toy, features: [] }).map((p) => p.id)).toEqual([expect.stringMatching(/^text:/)]);
  });
});
