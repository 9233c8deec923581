import fc from 'fast-check';
import { courseOf } from '../../address';
import { newPair, newStitching, type Feature } from '../../feature';
import { holePlace, newJoin, STRAIGHT_OUT, wholeEdge } from '../../join';
import {
  headOf,
  marksOn,
  modelToy,
  newHanger,
  newStrands,
  newSurface,
  usualPatch,
  usualSculpt,
} from '../../model';
import { planOf } from '../index';
import {
  addParts,
  changePart,
  changePlan,
  changeSettings,
  newToy,
  rewritePart,
  setFeature,
  setJoin,
  setMove,
  setPause,
  USUAL_END,
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
function ball(name: string, { up, plain, closed, copies }: Shape, fins = false): string {
  const rounds = ['R1: 6 sc in ring (6)', 'R2: inc x6 (12)'];
  for (let k = 3; k <= up; k++) rounds.push(`R${k}: (${k - 2} sc, inc) x6 (${6 * k})`);
  for (let k = 1; k <= plain; k++) rounds.push(`R${up + k}: sc around (${6 * up})`);
  if (fins)
    rounds[up + plain - 1] =
      `R${up + plain}: fin over 3, ${3 * up - 3} sc, fin over 3, ${3 * up - 3} sc (${6 * up})`;
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

/** What else a toy may have: how it is planned, lengths filled otherwise, a core, and work of every kind. */
const wishes = fc.record({
  eyes: fc.constantFrom('late' as const, 'early' as const),
  goes: fc.constantFrom(null, 1 as const, 2 as const, 3 as const),
  seams: fc.constantFrom('last' as const, 'soon' as const),
  copies: fc.constantFrom('piece by piece' as const, 'in runs' as const),
  own: fc.option(fc.integer({ min: 10, max: 45 })),
  zone: fc.option(
    fc.record({
      part: fc.nat(4),
      from: fc.nat(12),
      to: fc.nat(12),
      fill: fc.constantFrom('empty' as const, 'soft' as const, 'firm' as const, 'yarn ends' as const),
    }),
  ),
  core: fc.option(fc.nat(4)),
  gather: fc.option(fc.nat(4)),
  fins: fc.boolean(),
  /** a part closed as a star, one in goes of its own, and one with a spot of another colour in a plain round */
  star: fc.option(fc.nat(4)),
  ownGoes: fc.option(
    fc.record({ part: fc.nat(4), goes: fc.constantFrom(1 as const, 2 as const, 3 as const) }),
  ),
  spot: fc.option(fc.record({ part: fc.nat(4), at: fc.integer({ min: 1, max: 6 }) })),
  works: fc.subarray(['strands', 'hanger', 'surface', 'patch', 'lids', 'sculpt', 'brows', 'mouth'] as const),
  pause: fc.option(fc.record({ round: fc.nat(20), stitch: fc.nat(40) })),
  moves: fc.array(fc.tuple(fc.nat(40), fc.nat(40)), { maxLength: 3 }),
});

type Wishes = typeof wishes extends fc.Arbitrary<infer T> ? T : never;

/** A toy of two to five parts; every later part may be sewn to an earlier one, so that no circle comes about. */
export const soundToy: fc.Arbitrary<Toy> = fc
  .record({
    shapes: fc.array(shape, { minLength: 2, maxLength: 5 }),
    hosts: fc.array(fc.nat(LOOSE), { minLength: 5, maxLength: 5 }),
    places: fc.array(fc.nat(99), { minLength: 5, maxLength: 5 }),
    age: fc.constantFrom(...AGES),
  })
  .map(({ shapes, hosts, places, age }) => soundOf({ shapes, hosts, places, age }, false));

function soundOf(
  { shapes, hosts, places, age }: { shapes: Shape[]; hosts: number[]; places: number[]; age: AgeGroup },
  fins: boolean,
): Toy {
  const text = shapes.map((s, i) => ball(NAMES[i], s, fins && i === 0)).join('\n\n');
  let toy = changeSettings(addParts(newToy('Sound', newId), `${text}${fins ? FINS : ''}`, newId), { age });
  shapes.forEach((s, i) => (toy = withFace(changePart(toy, toy.parts[i].id, { fill: s.fill }), i, s)));
  for (let i = 1; i < shapes.length; i++) toy = sewnOn(toy, i, hosts[i], places[i]);
  return toy;
}

/** Two fins that the first part catches. */
const FINS = '\n\nFin (2x, 3.0 mm hook)\nR1: 6 sc in ring (6)\nR2: sc around (6)\nfasten off';

/** Any toy with work of every kind, and a maker with a will of their own. */
export const wilfulToy: fc.Arbitrary<Toy> = fc
  .record({
    shapes: fc.array(shape, { minLength: 2, maxLength: 4 }),
    hosts: fc.array(fc.nat(LOOSE), { minLength: 5, maxLength: 5 }),
    places: fc.array(fc.nat(99), { minLength: 5, maxLength: 5 }),
    age: fc.constantFrom(...AGES),
    wish: wishes,
  })
  .map(({ wish, ...base }) => willed(soundOf(base, wish.fins), wish));

function willed(sound: Toy, { own, zone, core, gather, star, ownGoes, spot, works, ...plan }: Wishes): Toy {
  let toy = changePlan(sound, { eyes: plan.eyes, goes: plan.goes, seams: plan.seams, copies: plan.copies });
  if (own !== null) toy = changeSettings(toy, { ownSmallestMm: own });
  if (zone) toy = withZone(toy, zone);
  if (core !== null) toy = withCore(toy, core);
  if (gather !== null) toy = gatheredEarly(toy, gather);
  if (spot) toy = spotted(toy, spot);
  if (star !== null) {
    const { id, ending } = toy.parts[star % toy.parts.length];
    toy = changePart(toy, id, { ending: { ...(ending ?? USUAL_END), way: 'star' } });
  }
  if (ownGoes) toy = changePart(toy, toy.parts[ownGoes.part % toy.parts.length].id, { goes: ownGoes.goes });
  for (const work of works) toy = withWork(toy, work);
  if (plan.pause) toy = pausedAt(toy, plan.pause);
  const { blocks } = planOf(modelToy(toy));
  const keyAt = (k: number) => blocks[k % blocks.length].key;
  for (const [a, b] of plan.moves)
    if (keyAt(a) !== keyAt(b)) toy = setMove(toy, { key: keyAt(a), after: b === 0 ? null : keyAt(b) });
  return toy;
}

function withZone(toy: Toy, { part, from, to, fill }: NonNullable<Wishes['zone']>): Toy {
  const { fabric, part: own } = modelToy(toy).parts[part % toy.parts.length];
  const at = (k: number) => courseOf(fabric, k % fabric.rounds.length);
  const [a, b] = [from % fabric.rounds.length, to % fabric.rounds.length].sort((x, y) => x - y);
  return changePart(toy, own.id, { zones: [{ from: at(a), to: at(b), fill }] });
}

function withCore(toy: Toy, k: number): Toy {
  const { fabric, part } = modelToy(toy).parts[k % toy.parts.length];
  const at = courseOf(fabric, Math.floor(fabric.rounds.length / 2));
  return changePart(toy, part.id, { core: { is: 'felt', lengthMm: 20, widthMm: 8, at } });
}

function gatheredEarly(toy: Toy, k: number): Toy {
  const { fabric, part, reading } = modelToy(toy).parts[k % toy.parts.length];
  if (!reading.closed || fabric.rounds.length < 4) return toy;
  const gather = courseOf(fabric, fabric.rounds.length - 2);
  return changePart(toy, part.id, { ending: { ...USUAL_END, gather } });
}

/** The first plain round of a part gets two stitches of another colour. */
function spotted(toy: Toy, { part, at }: NonNullable<Wishes['spot']>): Toy {
  const { id, text } = toy.parts[part % toy.parts.length];
  const spot = text.replace(
    /^(R\d+): sc around \((\d+)\)$/m,
    (_, label: string, count: string) =>
      `${label}: ${at} sc, with white: 2 sc, with sand: ${Number(count) - at - 2} sc (${count})`,
  );
  return rewritePart(toy, id, spot, newId);
}

function withWork(toy: Toy, work: Wishes['works'][number]): Toy {
  const model = modelToy(toy);
  const [part] = model.parts;
  const ids = { id: newId(), name: work, part: part.part.id, copy: null, colour: '#5f6b78' };
  const head = headOf(model, part);
  const made: Record<Wishes['works'][number], () => Feature | null> = {
    strands: () => newStrands(model, part.part.id, newId),
    hanger: () => newHanger(model, part.part.id, newId),
    surface: () => newSurface(model, part.part.id, newId),
    patch: () => usualPatch(model, part, ids, 'under the eyes'),
    lids: () => usualPatch(model, part, ids, 'lids'),
    sculpt: () => usualSculpt(model, part, ids, 'eyes'),
    brows: () => ({ ...newStitching(head, marksOn(model, part), ids, 'brows'), when: 'after filling' }),
    mouth: () => newStitching(head, marksOn(model, part), ids, 'smile'),
  };
  const feature = made[work]();
  return feature ? setFeature(toy, feature) : toy;
}

/** The first pair's pause put anywhere. */
function pausedAt(toy: Toy, { round, stitch }: { round: number; stitch: number }): Toy {
  const model = modelToy(toy);
  const eyes = model.eyes[0]?.eyes;
  if (!eyes) return toy;
  const part = model.parts.find((p) => p.part.id === eyes.part)!;
  const index = round % part.fabric.rounds.length;
  const stitches = stitch === 0 ? null : 1 + (stitch % part.fabric.rounds[index].count);
  return setPause(toy, `eyes:${part.copies[0].id}:${eyes.id}`, {
    at: courseOf(part.fabric, index),
    stitches,
  });
}

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
