import { dot, ringPoint, sub, unit, type Vec3 } from '../form';
import { move, pieceKey, type Placed } from '../join';
import { planOf, stepWords } from '../plan';
import { addParts, newToy } from '../toy';
import { modelToy, type ToyModel } from './index';

let n = 0;
const newId = () => `l${++n}`;
let seed = 3;
const random = () => (seed = (Math.imul(seed, 1103515245) + 12345) & 0x7fffffff) / 0x7fffffff;
const between = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));

/** A body begun on two legs of so many stitches, with so many chains between. */
function onLegs(around: number, chain: number, tall: number): ToyModel {
  const leg = `Leg (2x, ring = sole, 3 mm hook)\nR1: 6 sc in ring\nR2: inc x${around - 6}, ${12 - around} sc\nR3-${tall}: sc around\nstuff\nleave open`;
  const all = 2 * around + 2 * chain;
  const body = `Body (ring = sole, 3 mm hook)\nR1: leg 1: sc ${around}, ch ${chain}, leg 2: sc ${around}, back along ch: ${chain} sc (${all})\nR2-10: sc around (${all})`;
  const text = around === 12 ? leg.replace(', 0 sc', '') : leg;
  return modelToy(addParts(newToy('T', newId), `${text}\n\n${body}`, newId));
}

const middle = (piece: Placed, ring: number): Vec3 => {
  const points = [0, 1, 2, 3].map((k) =>
    move(piece.placement, ringPoint(piece.form, ring, (k * Math.PI) / 2)),
  );
  return points.reduce((a, p) => [a[0] + p[0] / 4, a[1] + p[1] / 4, a[2] + p[2] / 4], [0, 0, 0]);
};

test('40 bodies on two legs: the legs stand side by side under it, straight down, as far apart as they are wide and the chain is long', () => {
  for (let k = 0; k < 40; k++) {
    const [around, chain, tall] = [between(8, 12), between(1, 6), between(6, 14)];
    const model = onLegs(around, chain, tall);
    const [leg, body] = model.parts;
    expect([leg.addsUp, body.addsUp, model.joinFaults, model.loose]).toEqual([true, true, [], []]);
    expect(body.fabric.rounds[0].count).toBe(2 * around + 2 * chain);
    const legs = model.placed.filter((p) => p.part === leg.part.id);
    const own = model.placed.find((p) => p.part === body.part.id)!;
    expect(new Set(legs.map(pieceKey)).size).toBe(2);
    const last = legs[0].form.r.length - 1;
    const [a, b] = legs.map((p) => middle(p, last));
    // By hand: the two radii of rings of so many stitches of 4.35 mm, and the chain.
    const apart = (2 * around * 4.35) / (2 * Math.PI) + chain * 4.35;
    expect(Math.hypot(...sub(a, b))).toBeCloseTo(apart, 1);
    // Side by side, as one looks at the face; their edges where the body begins; pointing down.
    expect(Math.abs(dot(unit(sub(a, b)), [1, 0, 0]))).toBeGreaterThan(0.999);
    const start = middle(own, 0);
    for (const p of legs) {
      const edge = middle(p, last);
      expect(Math.abs(edge[1] - start[1])).toBeLessThan(1);
      expect(dot(unit(sub(middle(p, 1), edge)), [0, -1, 0])).toBeGreaterThan(0.996);
    }
  }
});

test('legs are finished and ready before the body is begun on them, and three made or one too few is told', () => {
  const model = onLegs(12, 3, 10);
  const { steps, trouble } = planOf(model);
  const at = (title: RegExp) => steps.findIndex((s) => title.test(stepWords(s, model).title));
  expect(at(/^Before R1: leg 1, leg 2 ready$/)).toBeGreaterThan(at(/^Fasten off leg 2$/));
  expect(at(/^Body R1/)).toBe(at(/^Before R1/) + 1);
  expect(trouble).toEqual([]);
  const one = addParts(
    newToy('T', newId),
    'Leg\nR1: 6 sc in ring\nR2: inc x6\nR3-8: sc around\n\nBody\nR1: leg 1: sc 12, ch 3, leg 2: sc 12, back along ch: 3 sc (30)\nR2-4: sc around',
    newId,
  );
  expect(modelToy(one).caughtFaults).toMatchObject([{ name: 'leg', caught: 2, made: 1 }]);
});
