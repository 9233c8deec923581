import { ringPoint, type Vec3 } from '../form';
import { modelToy, modelOf, joinedUsually, type ToyModel } from '../model';
import { addParts, newToy, rewritePart, setJoin, type Toy } from '../toy';
import { checkToy } from '../safety';
import { planOf, stepWords } from '../plan';
import { heldAs, move, pieceKey, type StoredJoin, type Placed } from './index';

let n = 0;
const newId = () => `d${++n}`;

const BODY = [
  'Body (3.0 mm hook, ring = sole)',
  'R1: 6 sc in ring',
  'R2: inc x6',
  'R3: (sc, inc) x6',
  'R4: (2 sc, inc) x6',
  'R5: (3 sc, inc) x6',
  'R6-16: sc around',
  'R17: (3 sc, dec) x6',
  'R18: (2 sc, dec) x6',
  'stuff firmly',
  'leave open',
].join('\n');
/** Both arms in one: shut at both ends. */
const STRIP = 'Arms (3.0 mm hook, ring = tip)\nR1: 6 sc in ring\nR2-40: sc around\nclose';
const LEGS = `Legs (2x, 3.0 mm hook, ring = sole)\nR1: 6 sc in ring\nR2: inc x6\nR3-14: sc around\nR15: dec x6\nstuff softly\nclose`;

const toyOf = (...parts: string[]): Toy => addParts(newToy('T', newId), parts.join('\n\n'), newId);
const only = (model: ToyModel) => model.drawn[0].sites[0];

/** Where the axis of a placed piece begins and ends in the whole toy: means of its first and last ring. */
function ends(piece: Placed): [Vec3, Vec3] {
  const mean = (ring: number): Vec3 => {
    const all = Array.from({ length: 36 }, (_, k) =>
      move(piece.placement, ringPoint(piece.form, ring, (k * Math.PI) / 18)),
    );
    return [0, 1, 2].map((i) => all.reduce((sum, p) => sum + p[i], 0) / all.length) as unknown as Vec3;
  };
  return [mean(0), mean(piece.form.r.length - 1)];
}
const far = (a: Vec3, b: Vec3) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

describe('a strip of both arms', () => {
  const toy = joinedUsually(toyOf(BODY, STRIP), newId);
  const model = modelToy(toy);

  it('goes right through by itself: level, free alike on both sides, and nothing lies loose', () => {
    expect(toy.joins.map((j) => j.kind)).toEqual(['through']);
    expect([model.loose, model.joinFaults]).toEqual([[], []]);
    const site = only(model);
    if (site.how !== 'through') throw new Error();
    const body = modelOf(model, toy.joins[0].at.part).form;
    // Half way up the trunk the body is as wide as its widest round, less what a hole lies under the crest of its stitches.
    expect(site.exits.widthMm).toBeGreaterThan(body.widthMm * 0.85);
    expect(site.exits.widthMm).toBeLessThan(body.widthMm + 0.1);
    // A spiral has climbed half a round by the other side.
    expect(Math.abs(site.risesMm)).toBeLessThan(0.7 * body.gauge.roundMm);
    const strip = model.placed.find((p) => p.part === site.join.guest.part)!;
    const [a, b] = ends(strip);
    expect(site.freeMm[0] + site.freeMm[1] + site.exits.widthMm).toBeCloseTo(far(a, b), 3);
    expect(site.freeMm[0]).toBeCloseTo(site.freeMm[1], 6);
    // By the toy: one end left, the other right, alike.
    expect(Math.abs(a[0] + b[0])).toBeLessThan(3);
    expect(b[1] - a[1]).toBeCloseTo((site.risesMm * far(a, b)) / site.exits.widthMm, 3);
  });

  it('is drawn further to one side by what is asked, and never shorter', () => {
    const [join] = toy.joins;
    if (join.kind !== 'through') throw new Error();
    const moved = only(modelToy(setJoin(toy, { ...join, shiftMm: 10 })));
    const before = only(model);
    if (moved.how !== 'through' || before.how !== 'through') throw new Error();
    expect(moved.freeMm.map((mm, k) => mm - before.freeMm[k])).toEqual([
      expect.closeTo(10, 6),
      expect.closeTo(-10, 6),
    ]);
  });

  it('that is no longer than its host is wide is refused with a reason; so is a place on the middle', () => {
    const short = toyOf(BODY, STRIP.replace('R2-40', 'R2-8'));
    const sewn = joinedUsually(short, newId);
    const [host, guest] = ['Body', 'Arms'].map((name) =>
      modelToy(sewn).pieces.find((p) => modelOf(modelToy(sewn), p.part).name === name)!,
    );
    const through = heldAs(sewn.joins[0], 'through', host, guest, null);
    expect(modelToy(setJoin(sewn, through)).joinFaults.map((f) => f.fault)).toEqual(['too short']);
    const [join] = toy.joins;
    const one = { ...join, kind: 'through' as const, out: join.at, shiftMm: 0 } as StoredJoin;
    expect(modelToy(setJoin(toy, one)).joinFaults.map((f) => f.fault)).toEqual(['no way through']);
  });

  it('is in the plan after the fill, with both holes and what is free', () => {
    const steps = planOf(model).steps;
    const at = steps.findIndex((s) => s.kind === 'draw-through');
    expect(at).toBeGreaterThan(steps.findLastIndex((s) => s.kind === 'stuff'));
    const words = stepWords(steps[at], model);
    expect(words.title).toBe('Draw the arms through the body');
    expect(words.detail).toMatch(
      /^in at R\d+·\d+ \| .*, out at R\d+·\d+ \| .*free on the first side .*sewn fast at both/,
    );
  });
});

describe('limbs on a yarn', () => {
  const sewn = joinedUsually(toyOf(BODY, LEGS), newId);
  const before = modelToy(sewn);
  const [join] = sewn.joins;
  const piece = (of: { part: string; copy: string }) =>
    before.pieces.find((p) => pieceKey(p) === pieceKey(of))!;
  if (join.kind !== 'sewn') throw new Error();
  const threaded = heldAs(join, 'threaded', piece(join.at), piece(join.guest), join.twin!.copy);
  const toy = setJoin(sewn, threaded);
  const model = modelToy(toy);

  it('hang down on both sides of their host, mirrored, and lie against it without going in', () => {
    expect(model.drawn[0].sites.map((s) => s.how)).toEqual(['threaded', 'threaded']);
    const [a, b] = model.placed.filter((p) => p.part === join.guest.part).map(ends);
    // The ring is the sole: it hangs lowest.
    for (const [sole, top] of [a, b]) expect(top[1] - sole[1]).toBeGreaterThan(0.9 * far(sole, top));
    expect(Math.abs(a[0][0] + b[0][0])).toBeLessThan(4);
    expect(Math.abs(a[0][1] - b[0][1])).toBeLessThan(4);
    expect(Math.sign(a[0][0])).toBe(-Math.sign(b[0][0]));
  });

  it('turn on their yarn: forward by 90 degrees they point to the front, and the pierced place stays', () => {
    if (threaded.kind !== 'threaded') throw new Error();
    const turned = modelToy(setJoin(toy, { ...threaded, poseDeg: 90 }));
    for (const p of turned.placed.filter((x) => x.part === join.guest.part)) {
      const [sole, top] = ends(p);
      expect(sole[2] - top[2]).toBeGreaterThan(0.9 * far(sole, top));
    }
  });

  it('ask for four widths of yarn and 300 mm, and are stopped for a small child', () => {
    const step = planOf(model).steps.find((s) => s.kind === 'thread')!;
    const width = only(model).exits.widthMm;
    if (step.kind !== 'thread') throw new Error();
    expect(step.threadMm).toBe(Math.ceil((4 * width + 300) / 50) * 50);
    const of = (age: Toy['settings']['age']) =>
      checkToy(modelToy({ ...toy, settings: { ...toy.settings, age } }))
        .filter((p) => p.check === 5)
        .map((p) => p.weight);
    expect([of('under 18 months'), of('18 to 36 months'), of('3 years and over')]).toEqual([
      ['stop'],
      ['stop'],
      ['open'],
    ]);
  });

  it('keep their pair when they are sewn again', () => {
    expect(heldAs(threaded, 'sewn', piece(join.at), piece(join.guest), null)).toMatchObject({
      kind: 'sewn',
      at: threaded.at,
      twin: { copy: join.twin!.copy, at: null },
    });
  });
});

test('a round that has another number of stitches now says that the holes have moved, until they are looked at', () => {
  const toy = joinedUsually(toyOf(BODY, STRIP), newId);
  const [join] = toy.joins;
  expect(only(modelToy(toy)).exits.state).toBe('at');
  const of = join.at.of + 2;
  const moved = modelToy(setJoin(toy, { ...join, at: { ...join.at, of } }));
  expect(only(moved).exits.state).toBe('moved');
});

test('what runs through follows its rounds when the text changes, and a thing can hang on it', () => {
  const toy = joinedUsually(toyOf(BODY, STRIP), newId);
  const [{ at, guest }] = toy.joins;
  const text = toy.parts.find((p) => p.id === at.part)!.text.replace('R6-16', 'R6-17');
  const longer = modelToy(rewritePart(toy, at.part, text, newId));
  expect(longer.drawn[0].sites.length + longer.joinFaults.length).toBe(1);
  expect(longer.toy.joins[0].guest).toEqual(guest);
});

test('a strip is not drawn through a flat piece: it has no inside', () => {
  const flag = 'Flag (3.0 mm hook)\nch 21, turn\nRow 1: 20 sc (20)\nRows 2-20: 20 sc (20)';
  expect(joinedUsually(toyOf(flag, STRIP), newId).joins.map((j) => j.kind)).toEqual(['sewn']);
});

test('a part that is worked shut through both layers is sewn flat by half its stitches, and cannot lie open', () => {
  const arm =
    'Arm (2x, 3.0 mm hook, ring = tip)\nR1: 6 sc in ring\nR2: inc x6\nR3-10: sc around\nfold, sc through both layers x6\nfasten off';
  const toy = joinedUsually(toyOf(BODY, arm), newId);
  const [join] = toy.joins;
  expect(join).toMatchObject({ kind: 'sewn', edge: { which: 'last', layers: 2 } });
  const seam = (t: Toy) => modelToy(t).sites[0].sites[0].seam.length;
  expect(seam(toy)).toBe(6);
  if (join.kind !== 'sewn') throw new Error();
  expect(seam(setJoin(toy, { ...join, edge: { ...join.edge, layers: 1 } }))).toBe(6);
});
