import fc from 'fast-check';
import { newPair } from '../../feature';
import { holePlace, newJoin, STRAIGHT_OUT, wholeEdge } from '../../join';
import { headOf, modelToy } from '../../model';
import {
  addParts,
  changePart,
  changeSettings,
  newToy,
  setFeature,
  setJoin,
  type AgeGroup,
  type Toy,
} from '../../toy';

// Toys that add up: balls and limbs of any size, with eyes, fill and seams as makers give them.

let n = 0;
const newId = () => `g${++n}`;

interface Shape {
  up: number;
  plain: number;
  closed: boolean;
  copies: number;
  fill: 'empty' | 'soft' | 'medium' | 'firm';
  eyes: boolean;
  plastic: boolean;
}

/** A ball: so many increases, so many plain rounds, closed again or left open. */
function ball(name: string, { up, plain, closed, copies }: Shape): string {
  const rounds = ['R1: 6 sc in ring (6)', 'R2: inc x6 (12)'];
  for (let k = 3; k <= up; k++) rounds.push(`R${k}: (${k - 2} sc, inc) x6 (${6 * k})`);
  for (let k = 1; k <= plain; k++) rounds.push(`R${up + k}: sc around (${6 * up})`);
  for (let k = 1; closed && k < up; k++) {
    const before = up - k - 1;
    rounds.push(`R${up + plain + k}: (${before > 0 ? `${before} sc, ` : ''}dec) x6 (${6 * (up - k)})`);
  }
  return `${name} (${copies}x, 3.0 mm hook)\n${rounds.join('\n')}\n${closed ? 'close' : 'fasten off'}`;
}

const shape: fc.Arbitrary<Shape> = fc.record({
  up: fc.integer({ min: 2, max: 8 }),
  plain: fc.integer({ min: 1, max: 9 }),
  closed: fc.boolean(),
  copies: fc.integer({ min: 1, max: 3 }),
  fill: fc.constantFrom('empty' as const, 'soft' as const, 'medium' as const, 'firm' as const),
  eyes: fc.boolean(),
  plastic: fc.boolean(),
});

const NAMES = ['Head', 'Body', 'Arm', 'Ear', 'Tail'];
const AGES: AgeGroup[] = ['under 18 months', '3 years and over', 'display only', 'unknown'];
/** A host of this number leaves a part loose. */
const LOOSE = 9;

/** A toy of two to five parts; every later part may be sewn to an earlier one, so that no circle comes about. */
export const soundToy: fc.Arbitrary<Toy> = fc
  .record({
    shapes: fc.array(shape, { minLength: 2, maxLength: 5 }),
    hosts: fc.array(fc.nat(LOOSE), { minLength: 5, maxLength: 5 }),
    places: fc.array(fc.nat(99), { minLength: 5, maxLength: 5 }),
    age: fc.constantFrom(...AGES),
  })
  .map(({ shapes, hosts, places, age }) => {
    const text = shapes.map((s, i) => ball(NAMES[i], s)).join('\n\n');
    let toy = changeSettings(addParts(newToy('Sound', newId), text, newId), { age });
    shapes.forEach((s, i) => (toy = withFace(changePart(toy, toy.parts[i].id, { fill: s.fill }), i, s)));
    for (let i = 1; i < shapes.length; i++) toy = sewnOn(toy, i, hosts[i], places[i]);
    return toy;
  });

function withFace(toy: Toy, i: number, { eyes, plastic }: Shape): Toy {
  const model = modelToy(toy);
  const part = model.parts[i];
  const pair = eyes ? newPair(headOf(model, part), { id: newId(), part: part.part.id, copy: null }) : null;
  if (!pair) return toy;
  return setFeature(toy, plastic ? pair : { ...pair, making: 'embroidered' });
}

/** Part i sewn to an earlier one, or left loose. */
function sewnOn(toy: Toy, i: number, host: number, place: number): Toy {
  if (host === LOOSE) return toy;
  const { parts, pieces } = modelToy(toy);
  const on = pieces.find((p) => p.part === parts[host % i].part.id)!;
  const [first, second] = parts[i].copies;
  const round = 1 + (place % Math.max(1, on.form.fabric.rounds.length - 2));
  return setJoin(
    toy,
    newJoin({
      id: newId(),
      guest: { part: parts[i].part.id, copy: first.id },
      at: holePlace(on, round, place),
      edge: wholeEdge(place % 3 ? 'open' : 'flattened'),
      aim: { ...STRAIGHT_OUT, tiltDeg: place % 80, towardDeg: (7 * place) % 180 },
      twin: second && place % 2 ? { copy: second.id, at: null } : null,
    }),
  );
}
