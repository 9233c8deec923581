import { pointOf } from '../address';
import { distance, type Vec3 } from '../form';
import { aimedAt, move, pieceKey, STRAIGHT_OUT, tipOf } from '../join';
import { addParts, mendPart, newToy, setJoin, type Toy } from '../toy';
import {
  joinedUsually,
  modelOf,
  modelToy,
  readSet,
  rill,
  setOf,
  sidesOf,
  stretchesOf,
  takenApart,
  type ToyModel,
} from './index';

let n = 0;
const newId = () => `s${++n}`;

/** Three balls in one piece, ring at the tip of the first. */
const WORM = [
  'Body (3.0 mm hook, ring = sole)',
  'R1: 6 sc in ring',
  'R2: inc x6',
  'R3: (sc, inc) x6',
  'R4-6: sc around',
  'R7: (sc, dec) x6',
  'R8: dec x6',
  'R9: inc x6',
  'R10: (sc, inc) x6',
  'R11-13: sc around',
  'R14: (sc, dec) x6',
  'R15: dec x6',
  'R16: inc x6',
  'R17: (sc, inc) x6',
  'R18-20: sc around',
  'R21: (sc, dec) x6',
  'R22: dec x6',
  'stuff firmly',
  'close',
].join('\n');
const legs = (made: number) =>
  `Legs (${made}x, 3.0 mm hook, ring = sole)\nR1: 5 sc in ring\nR2-4: sc around\nstuff softly\nleave open`;

const toyOf = (made: number): Toy =>
  joinedUsually(addParts(newToy('T', newId), `${WORM}\n\n${legs(made)}`, newId), newId);
const set = (toy: Toy, words: string) => {
  const join = toy.joins.find((j) => j.kind === 'sewn')!;
  if (join.kind !== 'sewn') throw new Error();
  return setOf(modelToy(toy), join, readSet(words)!, newId);
};
/** Where every join of a toy is centred, in the toy's frame, seen from the host's own middle line. */
const places = (model: ToyModel): Vec3[] =>
  model.sites.map(({ join, sites }) => {
    const host = model.placed.find((p) => pieceKey(p) === pieceKey(join.at))!;
    return move(host.placement, pointOf(host.form, sites[0].polar));
  });

test.each([
  ['6 around', { by: 'round', n: 6 }],
  ['six evenly around', { by: 'round', n: 6 }],
  ['2 for each segment', { by: 'stretch', each: 2, first: 2, last: 2 }],
  ['2 for each segment, 4 on the first', { by: 'stretch', each: 2, first: 4, last: 2 }],
  ['two per stretch, four on the first and 1 on the last', { by: 'stretch', each: 2, first: 4, last: 1 }],
  ['6 sideways', null],
  ['6 around, blue', null],
  ['around', null],
  ['some for each segment', null],
  ['', null],
])('the set "%s" is read, or not at all', (words, said) => {
  expect(readSet(words)).toEqual(said);
});

test('n around stand at equal turns and level, each copy once, and follow the first when the text grows', () => {
  const toy = set(toyOf(6), '6 around');
  if (!toy || 'asked' in toy) throw new Error();
  const model = modelToy(toy);
  expect(toy.joins).toHaveLength(6);
  expect(new Set(toy.joins.map((j) => j.guest.copy)).size).toBe(6);
  const check = (m: ToyModel) => {
    const at = places(m);
    const turns = at.map((p) => (Math.atan2(p[0], p[2]) * 180) / Math.PI).sort((a, b) => a - b);
    const gaps = turns.map((t, k) => (k === 0 ? t + 360 - turns[turns.length - 1] : t - turns[k - 1]));
    // Half a stitch of 18 either way, at both ends of a gap.
    for (const gap of gaps) expect(Math.abs(gap - 60)).toBeLessThan(22);
    expect(Math.max(...at.map((p) => p[1])) - Math.min(...at.map((p) => p[1]))).toBeLessThan(4.6);
  };
  check(model);
  const body = toy.joins[0].at.part;
  const { text } = toy.parts.find((p) => p.id === body)!;
  const from = text.indexOf('R4-6') + 3;
  const longer = modelToy(mendPart(toy, body, [{ from, to: from + 1, insert: '7' }], newId));
  expect(modelOf(longer, body).fabric.rounds).toHaveLength(modelOf(model, body).fabric.rounds.length + 1);
  expect(longer.unfollowed).toEqual([]);
  check(longer);
});

test('so many on each stretch, more on the first: every stretch has its own, in pairs on both sides', () => {
  const toy = set(toyOf(8), '2 for each segment, 4 on the first');
  if (!toy || 'asked' in toy) throw new Error();
  const model = modelToy(toy);
  const stretches = stretchesOf(modelOf(model, toy.joins[0].at.part));
  expect(stretches).toHaveLength(3);
  const rounds = model.sites.map((s) => s.sites[0].round);
  expect(stretches.map(({ from, to }) => rounds.filter((r) => r >= from && r <= to + 1).length)).toEqual([
    4, 2, 2,
  ]);
  const left = places(model).filter((p) => p[0] > 0).length;
  expect(left).toBe(4);
});

test('a set of more than the text makes is refused with both numbers, and nothing is changed', () => {
  const toy = toyOf(6);
  expect(set(toy, '2 for each segment, 4 on the first')).toEqual({ asked: 8, made: 6 });
});

test('taken apart, every piece goes the way it came on, and what it carries goes with it', () => {
  const model = modelToy(rill(newId));
  const apart = takenApart(model, 20);
  const by = (name: string) => {
    const k = model.placed.findIndex((p) => modelOf(model, p.part).name === name);
    const [a, b] = [model.placed[k], apart[k]].map((p) => p.placement.shift);
    return [0, 1, 2].map((i) => b[i] - a[i]);
  };
  const [head, ear, snout, tail] = ['Head', 'Ear', 'Snout', 'Tail'].map(by);
  const length = (v: number[]) => Math.hypot(...v);
  const shifts = [head, by('Body')].map(length).sort((a, b) => a - b);
  expect(shifts).toEqual([expect.closeTo(0, 6), expect.closeTo(20, 6)]);
  const ofHead = (v: number[]) => v.map((x, i) => x - head[i]);
  expect(length(ofHead(ear))).toBeCloseTo(20, 6);
  expect(ofHead(ear)[1]).toBeGreaterThan(5);
  expect(ofHead(snout)[2]).toBeGreaterThan(15);
  expect(tail[2] - by('Body')[2]).toBeLessThan(-10);
});

test('left over right: a mirrored pair is as far apart as its seams; one that is moved by itself as far as it was moved', () => {
  const toy = rill(newId);
  const model = modelToy(toy);
  const arm = model.sites.find((s) => modelOf(model, s.join.guest.part).name === 'Arm')!;
  const of = (m: ToyModel) => sidesOf(m).pairs.find((p) => p.part === arm.join.guest.part)!.apartMm;
  expect(of(model)).toBeCloseTo(Math.max(...arm.sites.map((s) => s.missMm)), 6);
  const [a, b] = arm.sites;
  const host = model.placed.find((p) => pieceKey(p) === pieceKey(arm.join.at))!;
  const twin = {
    copy: b.copy,
    at: {
      ...arm.join.at,
      course: host.form.fabric.rounds[b.round + 3] && {
        mark: host.form.fabric.rounds[b.round + 3].mark,
        nth: host.form.fabric.rounds[b.round + 3].nth,
        layer: 0,
      },
      index: b.index,
      of: host.form.fabric.rounds[b.round + 3].count,
    },
  };
  const moved = modelToy(setJoin(toy, { ...arm.join, twin }));
  expect(of(moved)).toBeGreaterThan(2 * host.form.gauge.roundMm);
  expect(a.copy).not.toBe(b.copy);
});

test('a tip that is drawn somewhere points there, and springs to steps of 15 degrees', () => {
  const toy = rill(newId);
  const model = modelToy(toy);
  const tail = model.sites.find((s) => modelOf(model, s.join.guest.part).name === 'Tail')!;
  const [site] = tail.sites;
  const of = (m: ToyModel) => {
    const now = m.sites.find((s) => s.join.id === tail.join.id)!;
    const host = m.placed.find((p) => pieceKey(p) === pieceKey(tail.join.at))!;
    const guest = m.pieces.find((p) => pieceKey(p) === pieceKey(tail.join.guest))!;
    return { host, guest, site: now.sites[0], ...tipOf(host, guest, now.sites[0]) };
  };
  const now = of(model);
  expect(distance(now.base, now.tip)).toBeGreaterThan(20);
  for (const way of [
    [0.3, 0.4, -1],
    [0, 0.3, -1],
    [-0.5, 0.1, -1],
  ] as Vec3[]) {
    const aim = aimedAt(now.host, site, STRAIGHT_OUT, way, 15);
    const after = of(modelToy(setJoin(toy, { ...tail.join, aim })));
    const long = Math.hypot(...way);
    const points = after.tip.map((x, i) => x - after.base[i]);
    const cos = points.reduce((sum, x, i) => sum + (x * way[i]) / long, 0) / Math.hypot(...points);
    // Within what the tilt and its direction spring by, and what its host holds it off.
    expect((Math.acos(Math.min(1, cos)) * 180) / Math.PI).toBeLessThan(7 + after.site.heldOffDeg);
    expect(aim.way).toBeNull();
  }
  // Nearly straight out is straight out.
  const out = now.tip.map((x, i) => x - now.base[i]) as unknown as Vec3;
  expect(aimedAt(now.host, { ...site }, STRAIGHT_OUT, out, 15).tiltDeg % 15).toBe(0);
});
