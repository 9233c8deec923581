import { dot, sub } from '../form';
import { pointOf, polarOf } from '../address';
import { addParts, changePart, changeSettings, newToy, setJoin, typeInPart, type Toy } from '../toy';
import { modelOf, modelToy, type ToyModel } from '../model';
import { planOf, troubleWords } from '../plan';
import { holePlace, newJoin, ownDirections, wholeEdge, type Pin, type PinAt, type SewnJoin } from './index';

let n = 0;
const newId = () => `j${++n}`;
const trouble = (toy: Toy): string[] => {
  const model = modelToy(toy);
  return planOf(model).trouble.map((t) => troubleWords(t, model));
};
const BALL =
  'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6: (4 sc, inc) x6\nR7-12: sc around\nR13: (4 sc, dec) x6\nR14: (3 sc, dec) x6\nR15: (2 sc, dec) x6\nclose';
const page = (text: string): Toy =>
  changeSettings(addParts(newToy('T', newId), text, newId), { age: '3 years and over' });

function sewn(
  model: ToyModel,
  host: string,
  guest: string,
  round: number,
  index: number,
  more: Partial<SewnJoin> = {},
): SewnJoin {
  const piece = model.pieces.find((p) => modelOf(model, p.part).name === host)!;
  const part = model.parts.find((p) => p.name === guest)!;
  return newJoin({
    id: newId(),
    guest: { part: part.part.id, copy: part.copies[0].id },
    at: holePlace(piece, round, index),
    ...more,
  });
}

const pinAt = (pins: readonly Pin[], at: PinAt) => pins.find((p) => p.at === at)?.name ?? null;

describe('pins on heads in every pose', () => {
  it.each(['crown', 'chin', 'nose'] as const)(
    'ring = %s: top lies higher, bottom lower, left and right on the toy’s own sides',
    (ringIs) => {
      const toy = page(
        `Head (1x, 3.0 mm hook, ring = ${ringIs})\n${BALL}\n\nEar (1x, 3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3-5: sc around`,
      );
      const model = modelToy(toy);
      for (const [round, index] of [
        [8, 3],
        [8, 12],
        [8, 20],
        [9, 30],
        [5, 9],
      ] as const) {
        const joined = modelToy(setJoin(toy, sewn(model, 'Head', 'Ear', round, index)));
        const [site] = joined.sites[0].sites;
        const host = joined.pieces.find((p) => modelOf(joined, p.part).name === 'Head')!;
        const own = ownDirections(host);
        const at = (name: { round: [number, number]; stitch: [number, number] }) => {
          const k = host.form.fabric.rounds.findIndex((r) => r.number === name.round[1]);
          return pointOf(host.form, polarOf(host.form, k, name.stitch[0], 'hole'));
        };
        const middle = pointOf(host.form, site.polar);
        const [top, bottom, left, right] = (['top', 'bottom', 'left', 'right'] as const).map((k) =>
          pinAt(site.pins, k),
        );
        if (top && bottom) expect(dot(sub(at(top), at(bottom)), own.up)).toBeGreaterThan(5);
        if (top) expect(dot(sub(at(top), middle), own.up)).toBeGreaterThan(0);
        if (bottom) expect(dot(sub(middle, at(bottom)), own.up)).toBeGreaterThan(0);
        // Level pins lie across from each other, as high as each other within two stitches; near the crown, where the fabric lies, they are the toy's own sides.
        if (left && right && round > 5)
          expect(Math.abs(dot(sub(at(left), at(right)), own.up))).toBeLessThan(2 * 4.35);
        // As one looks at the place from outside, the pins are half the edge's 12 stitches of 4.35 mm, 8.3 mm, from its middle.
        for (const pin of [top, bottom, left, right])
          if (pin) expect(Math.hypot(...sub(at(pin), middle))).toBeLessThan(8.3 + 4.35);
      }
    },
  );

  it('on the front of a nose-first head, left is the toy’s left', () => {
    const toy = page(
      `Head (1x, 3.0 mm hook, ring = nose)\n${BALL}\n\nEar (1x, 3.0 mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3-5: sc around`,
    );
    const model = modelToy(toy);
    const host = model.pieces[0];
    const up = ownDirections(host);
    // The hole that looks straight up: there, left and right of the toy are to both sides.
    const count = host.form.fabric.rounds[8].count;
    const index = Array.from({ length: count }, (_, k) => k).reduce((a, b) =>
      dot(pointOf(host.form, polarOf(host.form, 8, b, 'hole')), up.up) >
      dot(pointOf(host.form, polarOf(host.form, 8, a, 'hole')), up.up)
        ? b
        : a,
    );
    const joined = modelToy(setJoin(toy, sewn(model, 'Head', 'Ear', 8, index)));
    const { pins } = joined.sites[0].sites[0];
    const [left, right] = [pinAt(pins, 'left'), pinAt(pins, 'right')];
    const at = (name: { round: [number, number]; stitch: [number, number] }) =>
      pointOf(
        host.form,
        polarOf(
          host.form,
          host.form.fabric.rounds.findIndex((r) => r.number === name.round[1]),
          name.stitch[0],
          'hole',
        ),
      );
    expect(dot(sub(at(left!), at(right!)), up.left)).toBeGreaterThan(8);
  });
});

describe('what cannot be joined is told, and nothing vanishes', () => {
  const LIMB = 'R1: 6 sc in ring\nR2: inc x6\nR3-5: sc around';
  const text = `Head (1x, 3.0 mm hook)\n${BALL}\n\nBody (1x, 3.0 mm hook)\n${BALL}\n\nArm (2x, 3.0 mm hook)\n${LIMB}\n\nTail (1x, 3.0 mm hook)\n${LIMB}`;
  const toy = page(text);
  const model = modelToy(toy);
  const faults = (t: Toy) => modelToy(t).joinFaults.map((f) => f.fault);
  const names = (t: Toy) =>
    modelToy(t)
      .placed.map((p) => modelOf(modelToy(t), p.part).name)
      .sort();

  it('a guest sewn twice: the second is left out and told in the plan', () => {
    const twice = setJoin(setJoin(toy, sewn(model, 'Body', 'Tail', 7, 3)), sewn(model, 'Head', 'Tail', 7, 3));
    expect(faults(twice)).toEqual(['sewn twice']);
    expect(trouble(twice)).toContainEqual(expect.stringMatching(/^Tail is sewn on twice/));
    expect(planOf(modelToy(twice)).steps.filter((s) => s.kind === 'sew')).toHaveLength(1);
  });

  it('a copy that the text no longer makes', () => {
    const pair = setJoin(
      toy,
      sewn(model, 'Body', 'Arm', 7, 3, { twin: { copy: model.parts[2].copies[1].id, at: null } }),
    );
    const arm = pair.parts[2];
    const at = arm.text.indexOf('2x');
    const fewer = typeInPart(pair, arm.id, { from: at, to: at + 1, insert: '1' }, newId);
    expect(faults(pair)).toEqual([]);
    expect(faults(fewer)).toEqual(['copy gone']);
    expect(trouble(fewer)).toContainEqual(expect.stringMatching(/^Arm on Body: the text makes fewer/));
    expect(planOf(modelToy(fewer)).steps.filter((s) => s.kind === 'sew')).toHaveLength(1);
  });

  it('a circle of joins is opened at its first, told, and all of it is drawn', () => {
    const circle = setJoin(
      setJoin(toy, sewn(model, 'Body', 'Head', 7, 3)),
      sewn(model, 'Head', 'Body', 7, 3),
    );
    expect(faults(circle)).toEqual(['circle']);
    expect(names(circle)).toEqual(['Body', 'Head']);
  });

  it('two trees are both drawn, side by side, and what nothing holds is loose and told', () => {
    const two = setJoin(setJoin(toy, sewn(model, 'Body', 'Arm', 7, 3)), sewn(model, 'Head', 'Tail', 7, 3));
    expect(names(two)).toEqual(['Arm', 'Body', 'Head', 'Tail']);
    const [head, body] = ['Head', 'Body'].map((name) =>
      modelToy(two).placed.find((p) => modelOf(modelToy(two), p.part).name === name)!,
    );
    expect(Math.abs(head.placement.shift[0] - body.placement.shift[0])).toBeGreaterThan(50);
    // The second arm is not joined to anything.
    expect(trouble(two)).toContainEqual(expect.stringMatching(/^Nothing holds Arm yet/));
  });

  it('an end that is sewn flat keeps two pins, at the ends of its line', () => {
    const flat = modelToy(setJoin(toy, sewn(model, 'Head', 'Tail', 7, 3, { edge: wholeEdge('flattened') })));
    expect(flat.sites[0].sites[0].pins).toHaveLength(2);
    expect(changePart(toy, toy.parts[0].id, {})).toEqual(toy);
  });
});
