import { modelToy } from '../model';
import {
  addParts,
  changePart,
  changePlan,
  changeSettings,
  newToy,
  USUAL_END,
  type AgeGroup,
  type Toy,
} from '../toy';
import { planOf, stepWords, type Step } from './index';

let n = 0;
const newId = () => `c${++n}`;
const page = (text: string, age: AgeGroup = '3 years and over'): Toy =>
  changeSettings(addParts(newToy('T', newId), text, newId), { age });
const BALL =
  'Ball (3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4-9: sc around\nR10: (sc, dec) x6\nR11: dec x6';
const stepsOf = (toy: Toy, part = 0) => {
  const { id } = toy.parts[part];
  return planOf(modelToy(toy)).steps.filter((s) => s.part === id);
};
type Close = Extract<Step, { kind: 'close' }>;
const closeOf = (toy: Toy, part = 0) => stepsOf(toy, part).find((s): s is Close => s.kind === 'close')!;
const told = (toy: Toy, step: Step) => {
  const { title, detail, notes, reason } = stepWords(step, modelToy(toy));
  return [title, detail, ...notes, reason].join(' ');
};

describe('closing as a star', () => {
  it.each([
    'Close as a star.',
    'Fasten off and close the hole with a star.',
    'Cut the yarn. Star close.',
    'Fasten off. Go over and under the loops between the legs and pull tight.',
  ])('is read: %s', (words) => {
    const close = closeOf(page(`${BALL}\n${words}`));
    expect(close.gather).toMatchObject({ way: 'star', legs: 0, points: 3 });
  });

  it.each([
    'Close.',
    'Weave the tail through the last 6 stitches and pull tight.',
    'Close the hole. Sew the star on.',
    'Close. Weave the end in, over and under the stitches.',
  ])('is not read: %s', (words) =>
    expect(closeOf(page(`${BALL}\n${words}`)).gather).toMatchObject({ way: 'drawn together', points: 0 }),
  );

  it('goes across once for each leg round the hole, and takes the yarn for it: by hand', () => {
    const legs = 'Leg (4x, 3.0 mm hook)\nR1: 6 sc in ring\nR2-5: sc around\nfasten off';
    const body =
      'Body (3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5-9: sc around\nR10: leg over 3, 3 sc, leg over 3, 3 sc, leg over 3, 3 sc, leg over 3, 3 sc\nR11: (2 sc, dec) x6\nR12: (sc, dec) x6\nR13: dec x6';
    const star = closeOf(page(`${legs}\n\n${body}\nClose as a star.`), 1);
    expect(star.gather).toMatchObject({ way: 'star', legs: 4, points: 4 });
    // 6 stitches of 4.35 mm are 26.1 mm round, 8.31 mm across.
    expect(star.end.needMm.value).toBeCloseTo(1.6 * 26.1 + 4 * (26.1 / Math.PI) + 150, 6);
    const plain = closeOf(page(`${legs}\n\n${body}\nClose.`), 1);
    expect(plain.end.needMm.value).toBeCloseTo(1.6 * 26.1 + 150, 6);
    expect(star.minutes).toBeCloseTo(plain.minutes + 4 * 0.25, 6);
    // Twice round for a small child: both, twice.
    const small = closeOf(page(`${legs}\n\n${body}\nClose as a star.`, 'under 18 months'), 1);
    expect(small.end.needMm.value).toBeCloseTo(2 * (1.6 * 26.1 + 4 * (26.1 / Math.PI)) + 150, 6);
  });

  it('is told, and a tick of another way is another', () => {
    const toy = page(`${BALL}\nClose as a star.`);
    const close = closeOf(toy);
    expect(told(toy, close)).toContain('over one loop, under the next, across and across, 3 times');
    const plain = changePart(toy, toy.parts[0].id, { ending: { ...USUAL_END, way: 'drawn together' } });
    expect(closeOf(plain).gather).toMatchObject({ way: 'drawn together' });
    expect(closeOf(plain).content).not.toBe(close.content);
    expect(told(plain, closeOf(plain))).not.toContain('star');
  });
});

describe('goes of filling, part by part', () => {
  const LONG =
    'Ball (3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6: (4 sc, inc) x6\nR7-20: sc around\nR21: (4 sc, dec) x6\nR22: (3 sc, dec) x6\nR23: (2 sc, dec) x6\nR24: (sc, dec) x6\nR25: dec x6';
  const goes = (toy: Toy, part = 0) => stepsOf(toy, part).filter((s) => s.kind === 'stuff').length;
  it('a part’s own number counts, the others follow the toy', () => {
    const toy = changePlan(page(`${LONG}\nclose\n\n${LONG.replace('Ball', 'Other')}\nclose`), { goes: 3 });
    expect([goes(toy, 0), goes(toy, 1)]).toEqual([3, 3]);
    const own = changePart(toy, toy.parts[0].id, { goes: 1 });
    expect([goes(own, 0), goes(own, 1)]).toEqual([1, 3]);
  });

  it('it goes before the text’s own pauses, and all the filling goes in', () => {
    const toy = page(`${LONG.replace('R22', 'stuff\nR22')}\nclose`);
    expect(goes(toy)).toBe(2);
    const grams = (t: Toy) =>
      stepsOf(t).reduce((sum, s) => sum + (s.kind === 'stuff' ? s.fillG.value : 0), 0);
    for (const many of [1, 3] as const) {
      const own = changePart(toy, toy.parts[0].id, { goes: many });
      expect(goes(own)).toBe(many);
      expect(grams(own)).toBeCloseTo(grams(toy), 6);
    }
  });
});
