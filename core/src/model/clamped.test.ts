import { dot, sub, surfacePoint, unit, type Vec3 } from '../form';
import { move, moveBack, ownDirections, pieceKey, turn, USUALLY_CLAMPED, type ClampSaid } from '../join';
import { planOf, stepWords } from '../plan';
import { addParts, mendPart, newToy, rewritePart, setClamp, type Toy } from '../toy';
import {
  asymmetryOf,
  besideFront,
  dappleFile,
  fitted,
  gapsOf,
  joinRoundsOf,
  mirroredClamps,
  modelOf,
  modelToy,
  slotSteps,
  slotWords,
  withEnd,
  writtenRound,
  type JoinRound,
  type ToyModel,
} from './index';

let n = 0;
const newId = () => `k${++n}`;
let seed = 11;
const random = () => (seed = (Math.imul(seed, 1103515245) + 12345) & 0x7fffffff) / 0x7fffffff;
const between = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));

const WING =
  'Wing (3x, 3.0 mm hook, ring = tip)\nR1: 6 sc in ring\nR2: inc x2, 4 sc (8)\nR3-7: sc around (8)\nfasten off';
const bodyText = (round: string) =>
  `Body (3.0 mm hook, ring = crown)\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\nR4: (2 sc, inc) x6 (24)\nR5-8: sc around (24)\nR9: ${round}\nR10-11: sc around (24)`;
const toyOf = (round: string): Toy => addParts(newToy('T', newId), `${WING}\n\n${bodyText(round)}`, newId);

const bodyOf = (model: ToyModel) => model.parts.find((p) => p.name === 'Body')!;
const roundOf = (model: ToyModel): JoinRound => {
  const body = bodyOf(model);
  return joinRoundsOf(
    body,
    model.pieces.find((p) => p.part === body.part.id)!,
  )[0];
};
const saying = (toy: Toy, k: number, change: Partial<ClampSaid>): Toy => {
  const { join } = modelToy(toy).caught[k];
  return setClamp(toy, { ...join.clamp, copy: null, ...USUALLY_CLAMPED, ...change });
};

/** Where the side of a wing opposite its round start and its tip look on the toy, from what is placed: no code of the join is asked. */
function standing(model: ToyModel, k: number): { front: Vec3; tip: Vec3 } {
  const { join } = model.caught[k];
  const wing = model.placed.find((p) => pieceKey(p) === pieceKey(join.guest))!;
  const last = wing.form.r.length - 1;
  const ring = (row: number): Vec3 => {
    const points = [0, 1, 2, 3].map((q) =>
      move(wing.placement, surfacePoint(wing.form, (q * Math.PI) / 2, row)),
    );
    return points.reduce((a, p) => [a[0] + p[0] / 4, a[1] + p[1] / 4, a[2] + p[2] / 4], [0, 0, 0]);
  };
  // A part that begins at its tip lies: what is opposite its round start is its up.
  return { front: turn(wing.placement, ownDirections(wing).up), tip: unit(sub(ring(1), ring(last))) };
}
const degrees = (a: Vec3, b: Vec3) => (Math.acos(Math.max(-1, Math.min(1, dot(a, b)))) * 180) / Math.PI;

const ROUND = '4 sc, wing over 4, 8 sc, wing over 4, 4 sc';

describe('what is said of a clamp', () => {
  it.each([15, -30, 60])('its tip leans by %s degrees from where it pointed, within 5', (tiltDeg) => {
    const toy = toyOf(ROUND);
    const plain = standing(modelToy(toy), 0);
    const leant = standing(modelToy(saying(toy, 0, { tiltDeg })), 0);
    expect(Math.abs(degrees(plain.tip, leant.tip) - Math.abs(tiltDeg))).toBeLessThan(5);
    // Towards the side that looked forward or up, and away from it for less than nothing.
    const toward = plain.front[1] > 0.7 ? plain.front : ([0, 1, 0] as Vec3);
    expect(Math.sign(dot(leant.tip, toward) - dot(plain.tip, toward))).toBe(Math.sign(tiltDeg));
  });

  it('turned over, its front looks the other way and its tip the same', () => {
    const toy = toyOf(ROUND);
    const [plain, over] = [toy, saying(toy, 0, { over: true })].map((t) => standing(modelToy(t), 0));
    expect(degrees(plain.front, over.front)).toBeGreaterThan(175);
    expect(degrees(plain.tip, over.tip)).toBeLessThan(5);
    const other = standing(modelToy(saying(toy, 0, { over: true })), 1);
    expect(degrees(other.front, standing(modelToy(toy), 1).front)).toBeLessThan(1e-6);
  });

  it('inside, it points into its host, and its edge still lies along the round within a millimetre', () => {
    const model = modelToy(saying(toyOf(ROUND), 0, { inside: true }));
    const [{ join, sites }] = model.caught;
    const host = model.placed.find((p) => pieceKey(p) === pieceKey(join.at))!;
    const wing = model.placed.find((p) => pieceKey(p) === pieceKey(join.guest))!;
    const tip = moveBack(host.placement, move(wing.placement, surfacePoint(wing.form, 0, 1)));
    const edge = sites[0].footprint.points[0];
    expect(Math.hypot(tip[0], tip[1])).toBeLessThan(Math.hypot(edge[0], edge[1]));
    const last = wing.form.r.length - 1;
    for (let q = 0; q < 24; q++) {
      const p = moveBack(
        host.placement,
        move(wing.placement, surfacePoint(wing.form, (q * Math.PI) / 12, last)),
      );
      const near = Math.min(...sites[0].footprint.points.map((e) => Math.hypot(...sub(e, p))));
      expect(near).toBeLessThan(1);
    }
  });

  it('the copy that was said is caught there, and nobody else takes it', () => {
    const toy = toyOf(ROUND);
    const [, , third] = modelToy(toy).parts.find((p) => p.name === 'Wing')!.copies;
    const first = modelToy(toy).parts.find((p) => p.name === 'Wing')!.copies[0];
    const model = modelToy(saying(toy, 1, { copy: first.id }));
    expect(model.caught.map((c) => c.join.guest.copy)).toEqual([
      expect.not.stringMatching(first.id),
      first.id,
    ]);
    expect(new Set(model.caught.map((c) => c.join.guest.copy)).size).toBe(2);
    expect(modelToy(saying(toy, 0, { copy: third.id })).caught[0].join.guest.copy).toBe(third.id);
  });

  it('goes with its round and its turn through edits of the text; what no text has any more is told, and comes back', () => {
    const toy = saying(toyOf(ROUND), 1, { over: true });
    const body = bodyOf(modelToy(toy)).part;
    const moved = rewritePart(toy, body.id, bodyText('2 sc, wing over 4, 10 sc, wing over 3, 5 sc'), newId);
    expect(modelToy(moved).caught.map((c) => c.join.held.over)).toEqual([false, true]);
    const gone = rewritePart(toy, body.id, bodyText('4 sc, wing over 4, 16 sc'), newId);
    expect(modelToy(gone).unmet).toHaveLength(1);
    expect(modelToy(rewritePart(gone, body.id, bodyText(ROUND), newId)).unmet).toEqual([]);
  });
});

describe('the ring', () => {
  it('one end of a clamp is drawn while the other is held, in 200 rounds', () => {
    for (let k = 0; k < 200; k++) {
      const [a, b] = [between(0, 6), between(0, 6)];
      const round = roundOf(
        modelToy(toyOf(`${a + 1} sc, wing over 4, ${b + 1} sc, wing over 4, ${14 - a - b} sc`)),
      );
      const by = between(-3, 3);
      const end = by % 2 === 0 ? ('from' as const) : ('to' as const);
      const drawn = withEnd(round, 1, end, by);
      const [from, to] = [a + 5 + b + 1, a + b + 10];
      const wanted = end === 'from' ? [from + by, to] : [from, to + by];
      const fits = wanted[0] < wanted[1] && wanted[0] >= a + 5 && wanted[1] <= 24;
      expect(drawn && [drawn[1].at, drawn[1].at + drawn[1].over]).toEqual(fits ? wanted : null);
    }
  });

  it('mirrored, the gaps of 200 rounds are alike on both sides and the middle is in front or behind, or it is said to be impossible', () => {
    let done = 0;
    for (let k = 0; k < 200; k++) {
      const gaps = [between(1, 6), between(1, 6)];
      const rest = 16 - gaps[0] - gaps[1];
      const round = roundOf(
        modelToy(toyOf(`${gaps[0]} sc, wing over 4, ${gaps[1]} sc, wing over 4, ${rest} sc`)),
      );
      const clamps = mirroredClamps(round);
      if (!clamps) continue;
      done++;
      const after = { ...round, clamps };
      expect(asymmetryOf(after)).toBeLessThanOrEqual(1);
      expect(Math.abs(besideFront(after)!)).toBeLessThan(1);
      expect(gapsOf(after).reduce((sum, g) => sum + g, 0)).toBe(16);
    }
    expect(done).toBeGreaterThan(100);
  });

  it('a round with too many or too few is told with what it catches, and the mend adds up and keeps every clamp', () => {
    for (let k = 0; k < 100; k++) {
      const gaps = [between(2, 7), between(2, 7), between(2, 7)];
      const toy = toyOf(`${gaps[0]} sc, wing over 4, ${gaps[1]} sc, wing over 4, ${gaps[2]} sc`);
      const model = modelToy(toy);
      const round = roundOf(model);
      const sum = gaps[0] + gaps[1] + gaps[2] + 8;
      expect([round.written, round.slots, model.caught.length]).toEqual([sum, 24, 2]);
      const mended = fitted(round);
      if (sum === 24) {
        expect(mended).toBeNull();
        continue;
      }
      const body = bodyOf(model);
      const again = roundOf(
        modelToy(mendPart(toy, body.part.id, [writtenRound(body, round, mended!)!], newId)),
      );
      expect([again.written, again.clamps.map((c) => c.over)]).toEqual([24, [4, 4]]);
    }
  });

  it('worked in the back loops, the round leaves every front loop free for a rim, clamps as well', () => {
    const toy = toyOf('BLO: 4 sc, wing over 4, 8 sc, wing over 4, 4 sc');
    const withRim = rewritePart(
      toy,
      bodyOf(modelToy(toy)).part.id,
      `${bodyText('BLO: 4 sc, wing over 4, 8 sc, wing over 4, 4 sc')}\nin the free front loops of R8: sl st around (24)`,
      newId,
    );
    expect(bodyOf(modelToy(withRim)).addsUp).toBe(true);
    const { fill } = roundOf(modelToy(toy));
    expect(fill).toEqual({ kind: 'sc', loops: 'back' });
    const body = bodyOf(modelToy(toy));
    const round = roundOf(modelToy(toy));
    const change = writtenRound(body, round, round.clamps)!;
    expect(change.insert).toBe('BLO: 4 sc, wing over 4, 8 sc, wing over 4, 4 sc');
  });
});

describe('order', () => {
  it('Dapple: what a round catches is made ready before it, and its ends are not woven in a second time', () => {
    const model = modelToy(dappleFile(newId).toy);
    const plan = planOf(model);
    const at = (title: RegExp) => plan.steps.findIndex((s) => title.test(stepWords(s, model).title));
    const ready = at(/^Before R11: the foot, the neck, the tail ready$/);
    expect(ready).toBeGreaterThan(at(/^Fasten off the tail$/));
    expect(ready).toBeGreaterThan(at(/^Fasten off the neck$/));
    expect(at(/^Shell R11$/)).toBe(ready + 1);
    // Stalks 2, neck, tail, foot: two ends each, woven in before; the shell's two at last.
    expect(plan.steps.flatMap((s) => (s.kind === 'ready' ? [s.ends] : []))).toEqual([4, 6]);
    expect(stepWords(plan.steps[at(/^Weave in/)], model).title).toBe('Weave in 4 ends');
  });

  it('a join round is told clamp by clamp, as it is worked', () => {
    const toy = saying(toyOf(ROUND), 1, { over: true, tail: 'inside' });
    const model = modelToy(toy);
    const body = modelOf(model, bodyOf(model).part.id);
    const steps = slotSteps(model, { part: body.part.id, copy: body.copies[0].id }, 8);
    expect(steps.map(slotWords)).toEqual([
      expect.stringMatching(
        /^into 4 slots free, then wing: front (up|forward), through both layers, 4 slots$/,
      ),
      expect.stringMatching(
        /^into 8 slots free, then wing: back (up|forward), its ends inside, through both layers, 4 slots$/,
      ),
      'into 4 slots free',
    ]);
  });
});
