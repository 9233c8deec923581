import { courseOf } from '../address';
import { adviceOn, newPair, resolveEyes, type EyesAt, type Head } from '../feature';
import { windowOf } from '../form';
import { addParts, changeGauge, newToy } from '../toy';
import { facedPart, headOf, modelToy, type PartModel, type ToyModel } from './index';

let n = 0;
const newId = () => `h${++n}`;
/** A toy whose stitches are 5 mm and whose rounds are 4.8 mm: the sums beside are made by hand with these. */
function made(text: string): ToyModel {
  const toy = addParts(newToy('T', newId), text, newId);
  const model = modelToy(changeGauge(toy, toy.gauges[0].id, { stitchMm: 5, roundMm: 4.8 }));
  expect(model.parts.flatMap((p) => p.problems.filter((x) => x.severity === 'error'))).toEqual([]);
  return model;
}
const only = (text: string): [ToyModel, PartModel, Head] => {
  const model = made(text);
  const [part] = model.parts;
  return [model, part, headOf(model, part)];
};
const labels = (part: PartModel, { rounds: { from, to } }: Head) => [
  part.fabric.rounds[from].label,
  part.fabric.rounds[to].label,
];

const CROWN =
  'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6-10: sc around';
const SHUT = (from: number) =>
  `R${from}: (3 sc, dec) x6\nR${from + 1}: (2 sc, dec) x6\nR${from + 2}: (sc, dec) x6\nR${from + 3}: dec x6\nclose`;
const NECK = 'R11: (3 sc, dec) x6\nR12: (2 sc, dec) x6\nR13: (sc, dec) x6';
const BODY = `R14: (sc, inc) x6\nR15: (2 sc, inc) x6\nR16: (3 sc, inc) x6\nR17-24: sc around\n${SHUT(25)}`;
const SOLE_UP = `R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6-13: sc around\nR14: (3 sc, dec) x6\nR15: (2 sc, dec) x6\nR16: (sc, dec) x6\nR17: (sc, inc) x6\nR18: (2 sc, inc) x6\nR19: (3 sc, inc) x6\nR20-24: sc around\n${SHUT(25)}`;
const LONG_NECK = `${CROWN}\n${NECK}\nR14-21: sc around\nR22: (sc, inc) x6\nR23: (2 sc, inc) x6\nR24: (3 sc, inc) x6\nR25-32: sc around\n${SHUT(33)}`;

describe('a face belongs to the head of a part, and a part without a neck is all head', () => {
  it.each<[string, string, [string, string]]>([
    [
      'a doll begun at its crown: to the neck of 12',
      `Doll (ring = crown)\n${CROWN}\n${NECK}\n${BODY}`,
      ['R1', 'R13'],
    ],
    ['a doll begun at its sole: from above the neck', `Doll (ring = sole)\n${SOLE_UP}`, ['R17', 'R28']],
    [
      'a giraffe with a neck of nine rounds: its narrowest round ends the head',
      `Giraffe (ring = crown)\n${LONG_NECK}`,
      ['R1', 'R13'],
    ],
    ['a ball', `Ball (ring = crown)\n${CROWN}\n${SHUT(11)}`, ['R1', 'R14']],
    [
      'an egg that is its own body',
      `Chick (ring = crown)\n${CROWN}\nR11-16: sc around\n${SHUT(17)}`,
      ['R1', 'R20'],
    ],
    ['a cone', `Gnome (ring = crown)\n${CROWN}\nleave open`, ['R1', 'R10']],
    [
      'a four-legged beast begun at its nose: head, neck of 12, and a body that lies; its legs are parts of their own',
      `Calf (ring = nose)\n${CROWN}\n${NECK}\n${BODY}\n\nLeg (4x, ring = tip)\nR1: 6 sc in ring\nR2: inc x6\nR3-8: sc around\nleave open`,
      ['R1', 'R13'],
    ],
    [
      'a duck begun at its sole, with a neck of eight rounds under the head: the last of them is drawn out by the round above',
      `Duck (ring = sole)\n${CROWN}\n${NECK}\nR14-21: sc around\nR22: (sc, inc) x6\nR23: (2 sc, inc) x6\nR24-29: sc around\nR30: (2 sc, dec) x6\nR31: (sc, dec) x6\nR32: dec x6\nclose`,
      ['R21', 'R32'],
    ],
    [
      'a bust that ends in its open neck',
      `Bust (ring = crown)\n${CROWN}\n${NECK}\nfasten off`,
      ['R1', 'R13'],
    ],
    [
      'a bell that only widens',
      `Bell (ring = crown)\nR1: 6 sc in ring\nR2: inc x6\nR3-6: sc around\nR7: (sc, inc) x6\nR8-11: sc around\nR12: (2 sc, inc) x6\nfasten off`,
      ['R1', 'R12'],
    ],
    ['a fish begun at its mouth, no neck', `Fish (ring = mouth)\n${CROWN}\n${SHUT(11)}`, ['R1', 'R14']],
    [
      'a shallow waist, 24 of 30, is no neck',
      `Pear (ring = crown)\n${CROWN}\nR11: (3 sc, dec) x6\nR12: (3 sc, inc) x6\nR13-16: sc around\n${SHUT(17)}`,
      ['R1', 'R20'],
    ],
  ])('%s', (_, text, wanted) => {
    const [, part, head] = only(text);
    expect(labels(part, head)).toEqual(wanted);
    const eyes = newPair(head, { id: 'e', part: part.part.id, copy: null })!;
    const at = resolveEyes(head, eyes) as EyesAt;
    expect(at.round).toBeGreaterThanOrEqual(head.rounds.from);
    expect(at.round).toBeLessThanOrEqual(head.rounds.to);
    // The first pair is where it is usual, so nothing is said of its line.
    expect(adviceOn(head, eyes, at).filter((a) => a.about === 'line' || a.about === 'off the head')).toEqual(
      [],
    );
  });

  it('the same eyes have the same advice on a doll as on her head alone; on her belly they are told to be off the head', () => {
    const [, doll, head] = only(`Doll (ring = crown)\n${CROWN}\n${NECK}\n${BODY}`);
    const [, , alone] = only(`Head (ring = crown)\n${CROWN}\n${NECK}\nleave open`);
    const eyes = newPair(head, { id: 'e', part: doll.part.id, copy: null })!;
    const of = (h: Head) => {
      const pair = newPair(h, { id: 'e', part: 'p', copy: null })!;
      const at = resolveEyes(h, pair) as EyesAt;
      return [pair.eyeMm, at.round, pair.pair.between];
    };
    // Her neck is held open by the body, the head alone ends there: a mm, a round or a stitch may lie between.
    const [her, bare] = [of(head), of(alone)];
    for (const k of [0, 1, 2]) expect(Math.abs(her[k] - bare[k])).toBeLessThanOrEqual(1);
    const belly = {
      ...eyes,
      pair: { ...eyes.pair, course: courseOf(doll.fabric, 19) },
    };
    const at = resolveEyes(head, belly) as EyesAt;
    expect(at.round).toBeGreaterThan(head.rounds.to);
    expect(adviceOn(head, belly, at).map((a) => a.about)).toContain('off the head');
  });

  it('Face opens on the part that is a head and a body, before a larger one that is neither', () => {
    const model = made(
      `Bag (ring = sole)\n${CROWN}\nR11-30: sc around\nleave open\n\nDoll (ring = crown)\n${CROWN}\n${NECK}\n${BODY}`,
    );
    expect(facedPart(model)?.name).toBe('Doll');
  });
});

describe('a window counts how deep the hand goes, through what, and the fill', () => {
  const tube = (count: number, rounds: number) => {
    const [, part] = only(
      `Tube\nR1: ch ${count}, join (${count})\nR2-${rounds}: sc around\nleave open\nleave unstuffed`,
    );
    return part.form;
  };
  const needs = { comfortableMm: 24, possibleMm: 16 };
  /** A measured round is 3 percent off at most. */
  const WORST = 1.03;

  it('thread goes through the fabric at any time, however deep', () => {
    const window = windowOf(tube(36, 40), 6, { comfortableMm: 24, possibleMm: 0 });
    expect([window.lastComfortable, window.lastPossible]).toEqual([17, 40]);
  });

  it('36 stitches are 69 mm, for fingers: from R6 on 60 mm are 12 rounds of 4.94 at the worst, 80 mm are 16', () => {
    const window = windowOf(tube(36, 40), 6, needs);
    expect([window.lastComfortable, window.lastPossible, window.ends]).toEqual([17, 21, 'depth']);
    expect(window.reach).toEqual({
      deepMm: expect.closeTo(12 * 4.8 * WORST, 6),
      throughMm: expect.closeTo(69.5, 1),
      by: 'fingers',
    });
  });
  it('48 stitches are 93 mm, for a whole hand: 140 mm are 28 rounds of 4.94, 180 mm are 36', () => {
    const window = windowOf(tube(48, 60), 6, needs);
    expect([window.lastComfortable, window.lastPossible, window.reach?.by]).toEqual([33, 41, 'hand']);
  });
  it('the narrowest ring on the way counts, not the last: through a neck of 18 only fingers reach into the head', () => {
    const [, part] = only(
      `Vase\nR1: ch 48, join (48)\nR2-8: sc around\nR9: (2 sc, dec) x12\nR10: dec x18\nR11: inc x18\nR12-40: sc around\nleave open\nleave unstuffed`,
    );
    const window = windowOf(part.form, 4, needs);
    // 18 x 5 / pi x 1.25 x 0.97 = 34.7 mm.
    expect(window.reach).toMatchObject({ throughMm: expect.closeTo(34.7, 1), by: 'fingers' });
    expect(window.ends).toBe('depth');
    const deep = (round: number) => WORST * (part.form.z[round] - part.form.z[3]);
    expect(deep(window.lastComfortable!)).toBeLessThanOrEqual(60);
    expect(deep(window.lastComfortable! + 1)).toBeGreaterThan(60);
    expect(deep(window.lastPossible! + 1)).toBeGreaterThan(80);
  });
  it('what the text stuffs ends the comfort, never what is possible, and only fill that lies behind the place', () => {
    const [model, part, head] = only(
      `Head (ring = crown)\n${CROWN}\nR11: (3 sc, dec) x6\nstuff firmly\nR12: (2 sc, dec) x6\nR13: (sc, dec) x6\nR14: dec x6\nclose`,
    );
    expect(head.stuffedAfter).toEqual([11]);
    const early = windowOf(part.form, 7, { ...needs, stuffedAfter: head.stuffedAfter });
    expect([early.lastComfortable, early.ends]).toEqual([11, 'fill']);
    const bare = windowOf(part.form, 7, needs);
    expect(bare.lastComfortable).toBeGreaterThan(11);
    expect(early.lastPossible).toBe(bare.lastPossible);
    expect(windowOf(part.form, 12, { ...needs, stuffedAfter: head.stuffedAfter }).ends).not.toBe('fill');
    expect(model.parts).toHaveLength(1);
  });
});
