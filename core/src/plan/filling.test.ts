import { courseOf } from '../address';
import { fillGrams } from '../form';
import { bothFillings, fillBetween, fillingOf, modelToy, zonesOf, type PartModel } from '../model';
import { bareHead, newPair, type EyePair } from '../feature';
import {
  addParts,
  changePart,
  changePlan,
  changeSettings,
  newToy,
  setFeature,
  type Toy,
  type ZoneFill,
} from '../toy';
import { planOf, stepWords, troubleWords, type Step } from './index';

let n = 0;
const newId = () => `f${++n}`;
const page = (text: string): Toy =>
  changeSettings(addParts(newToy('T', newId), text, newId), { age: '3 years and over' });
const ARM = 'Arm (3.0 mm hook, ring = tip)\nR1: 6 sc in ring\nR2: inc x6\nR3-12: sc around';
const DOLL =
  'Doll (3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5-8: sc around\nR9: (2 sc, dec) x6\nR10: (sc, dec) x6\nR11: (sc, inc) x6\nR12: (2 sc, inc) x6\nR13-16: sc around\nR17: (2 sc, dec) x6\nR18: (sc, dec) x6';
const BALL =
  'Ball (3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6-11: sc around\nR12: (3 sc, dec) x6\nR13: (2 sc, dec) x6\nR14: (sc, dec) x6\nR15: dec x6';
const zones = (part: PartModel) =>
  zonesOf(part).map((z) => [part.fabric.rounds[z.from].label, part.fabric.rounds[z.to].label, z.fill]);
const first = (toy: Toy) => modelToy(toy).parts[0];
const stuffed = (toy: Toy) =>
  planOf(modelToy(toy)).steps.filter((s): s is Extract<Step, { kind: 'stuff' }> => s.kind === 'stuff');
const zoned = (toy: Toy, from: number, to: number, fill: ZoneFill): Toy => {
  const { part, fabric } = first(toy);
  return changePart(toy, part.id, {
    zones: [{ from: courseOf(fabric, from), to: courseOf(fabric, to), fill }],
  });
};

/** Room between two rounds by frusta, a share of the whole: what a hand would work out, with none of the program's sums. */
function shareByHand({ form }: PartModel, from: number, to: number): number {
  const frustum = (i: number) => {
    const [a, b, h] = [form.r[i], form.r[i + 1], form.z[i + 1] - form.z[i]];
    return h * (a * a + a * b + b * b);
  };
  let [some, all] = [0, 0];
  for (let i = 0; i + 1 < form.r.length; i++) {
    all += frustum(i);
    if (i >= from && i <= to) some += frustum(i);
  }
  return some / all;
}

describe('filling by length, from the text', () => {
  it.each<[string, unknown[]]>([
    [
      'stuff the paw only',
      [
        ['R1', 'R6', 'medium'],
        ['R7', 'R12', 'empty'],
      ],
    ],
    [
      'stuff softly\ndo not stuff the last 4 rounds',
      [
        ['R1', 'R8', 'soft'],
        ['R9', 'R12', 'empty'],
      ],
    ],
    [
      'stuff\nleave the top third empty',
      [
        ['R1', 'R8', 'medium'],
        ['R9', 'R12', 'empty'],
      ],
    ],
    [
      'stuff the arm a little, not the end',
      [
        ['R1', 'R9', 'medium'],
        ['R10', 'R12', 'empty'],
      ],
    ],
    [
      'stuff\ndo not stuff R2-3',
      [
        ['R1', 'R1', 'medium'],
        ['R2', 'R3', 'empty'],
        ['R4', 'R12', 'medium'],
      ],
    ],
    ['do not stuff', [['R1', 'R12', 'empty']]],
  ])('an arm, “%s”', (words, wanted) =>
    expect(zones(first(page(`${ARM}\n${words}\nfasten off`)))).toEqual(wanted),
  );

  it('a doll whose neck is left soft: the narrowest round and what is as narrow', () =>
    expect(zones(first(page(`${DOLL}\nstuff firmly, but leave the neck soft\nclose`)))).toEqual([
      ['R1', 'R9', 'firm'],
      ['R10', 'R10', 'soft'],
      ['R11', 'R18', 'firm'],
    ]));

  it('filled firmly first and softly later: each time up to its own round', () =>
    expect(
      zones(first(page(DOLL.replace('R11:', 'stuff the head firmly\nR11:') + '\nstuff lightly\nclose'))),
    ).toEqual([
      ['R1', 'R10', 'firm'],
      ['R11', 'R18', 'soft'],
    ]));

  it('the top of what lies level is not known, and said so', () => {
    const model = modelToy(
      page(`${ARM.replace('tip', 'nose')}\nstuff\nleave the top third empty\nfasten off`),
    );
    expect(
      planOf(model)
        .trouble.map((t) => troubleWords(t, model))
        .join(),
    ).toMatch(/the top third otherwise, and nobody can tell/);
  });
});

describe('grams by length', () => {
  const doll = page(`${DOLL}\nclose`);
  it('are the room of the length, by frusta, times what it is filled with', () => {
    const model = modelToy(zoned(doll, 0, 9, 'firm'));
    const [part] = model.parts;
    const byHand = (from: number, to: number, grams: number) =>
      part.form.innerCm3 * shareByHand(part, from, to) * grams;
    expect(fillBetween(model, part, 0, 9).fillG.value).toBeCloseTo(byHand(0, 9, 0.05), 1);
    expect(fillBetween(model, part, 10, 17).fillG.value).toBeCloseTo(byHand(10, 17, 0.035), 1);
    // A quarter either way by the hand, 12 % of gauge cubed.
    const { value, low, high } = fillGrams(1, 'firm', 'polyester', 12);
    const whole = fillBetween(model, part, 0, 9).fillG;
    expect(whole.low / whole.value).toBeLessThanOrEqual(low / value + 1e-9);
    expect(whole.high / whole.value).toBeGreaterThanOrEqual(high / value - 1e-9);
  });

  it('yarn ends are 0.12 g for each cm3, and told apart', () => {
    const model = modelToy(zoned(doll, 10, 17, 'yarn ends'));
    const { thrumsG, fillG } = fillingOf(model, model.parts[0]);
    const part = model.parts[0];
    expect(thrumsG.value).toBeCloseTo(part.form.innerCm3 * shareByHand(part, 10, 17) * 0.12, 1);
    expect(bothFillings({ thrumsG, fillG }).value).toBeCloseTo(thrumsG.value + fillG.value, 9);
  });

  it('a bag that was weighed decides: of the part itself, and of others by the same hand', () => {
    const two = page(`${DOLL}\nclose\n\n${DOLL.replace('Doll', 'Twin')}\nclose`);
    const before = fillingOf(modelToy(two), modelToy(two).parts[0]).fillG.value;
    const model = modelToy(changePart(two, two.parts[0].id, { weighedG: before * 1.5 }));
    expect(fillingOf(model, model.parts[0]).fillG).toMatchObject({ source: 'measured' });
    expect(fillingOf(model, model.parts[0]).fillG.value).toBeCloseTo(1.5 * before, 9);
    const twin = fillingOf(model, model.parts[1]).fillG;
    expect(twin.value).toBeCloseTo(1.5 * before, 9);
    expect((twin.high - twin.low) / twin.value).toBeCloseTo(0.2, 9);
  });
});

describe('goes of the filling', () => {
  it('a doll is filled before its neck closes, while it is wide, and before its last round; all goes are all of it', () => {
    const toy = page(`${DOLL}\nclose`);
    const goes = stuffed(toy);
    expect(goes.map((s) => s.afterRound)).toEqual([8, 16, 17]);
    const model = modelToy(toy);
    const sum = goes.reduce((g, s) => g + s.fillG.value, 0);
    expect(sum).toBeCloseTo(fillingOf(model, model.parts[0]).fillG.value, 9);
    // The head's own length goes in with the first: its room up to R8.
    expect(goes[0].fillG.value / sum).toBeCloseTo(shareByHand(model.parts[0], 0, 7), 1);
  });

  it('in one go, or three', () => {
    const at = (goes: 1 | 2 | 3 | null) =>
      stuffed(changePlan(page(`${BALL}\nclose`), { goes })).map((s) => s.afterRound);
    expect(at(null)).toEqual([12, 14]);
    expect(at(1)).toEqual([12]);
    expect(at(3)).toEqual([12, 13, 14]);
  });

  it('empty lengths get no go of their own, and nothing is a step of no grams', () => {
    const toy = zoned(page(`${DOLL}\nclose`), 10, 17, 'empty');
    expect(stuffed(toy).map((s) => s.afterRound)).toEqual([8, 16]);
    expect(stuffed(zoned(page(`${DOLL}\nclose`), 0, 17, 'empty'))).toEqual([]);
    for (const s of stuffed(toy)) expect(s.fillG.value).toBeGreaterThan(0);
  });

  it('tufts go behind the posts and into a muzzle first, in the first go that can', () => {
    const words = (toy: Toy) => stuffed(toy).map((s) => stepWords(s, modelToy(toy)).detail);
    const head = page(`${BALL}\nclose`);
    const eyed = setFeature(
      head,
      newPair(bareHead(first(head).form), { id: 'e', part: head.parts[0].id, copy: null })!,
    );
    expect(words(eyed)).toEqual([
      expect.stringContaining('a tuft behind and round each of the 2 posts'),
      expect.not.stringContaining('post'),
    ]);
    expect(words(head).join()).not.toMatch(/post|muzzle/);
    const embroidered = setFeature(eyed, { ...(eyed.features[0] as EyePair), making: 'embroidered' });
    expect(words(embroidered).join()).not.toContain('post');
    expect(words(page(`${BALL.replace('3.0 mm hook', '3.0 mm hook, ring = nose')}\nclose`))).toEqual([
      expect.stringContaining('small tufts into the muzzle first'),
      expect.not.stringContaining('muzzle'),
    ]);
  });

  it('a part filled softly settles: 10 to 20 % of its height, told at its last go; a limb, a firm one and what is only shown do not say so', () => {
    const told = (toy: Toy) => stuffed(toy).map((s) => s.settles !== null);
    const plain = page(`${BALL}\nclose`);
    const soft = changePart(plain, plain.parts[0].id, { fill: 'soft' });
    expect(told(soft)).toEqual([false, true]);
    const { heightMm } = first(soft).form;
    const { settles } = stuffed(soft)[1];
    expect(settles!.value).toBeCloseTo(0.15 * heightMm, 0);
    expect(settles!.low).toBeLessThan(0.1 * heightMm);
    expect(settles!.high).toBeGreaterThan(0.2 * heightMm);
    expect(stepWords(stuffed(soft)[1], modelToy(soft)).notes.join()).toMatch(
      /^Filled softly it loses \d+ to \d+ mm/,
    );
    expect(told(changeSettings(soft, { age: 'display only' }))).toEqual([false, false]);
    expect(told(changePart(plain, plain.parts[0].id, { fill: 'firm' }))).toEqual([false, false]);
    expect(told(page(`${ARM}\nstuff softly\nfasten off`))).toEqual([false]);
  });

  it('a part that is folded shut is filled before', () => {
    const toy = page(
      'Fish (3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3-10: sc around\nstuff\nR11: fold flat, 6 sc through both layers\nfasten off',
    );
    const kinds = planOf(modelToy(toy)).steps.map((s) => s.kind);
    expect(kinds.indexOf('stuff')).toBeGreaterThan(0);
    if (kinds.includes('fold')) expect(kinds.indexOf('fold')).toBeGreaterThan(kinds.indexOf('stuff'));
    else expect(kinds).toContain('fold');
  });
});
