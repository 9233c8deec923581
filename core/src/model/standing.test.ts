import { pointOf } from '../address';
import { TOUCH_MM } from '../figures';
import { type Vec3 } from '../form';
import { movedJoin, newJoin, pieceKey, STRAIGHT_OUT } from '../join';
import { addParts, newToy, setJoin, type Toy } from '../toy';
import {
  balanceOf,
  isAbout,
  joinedUsually,
  meetingsOf,
  mendingMove,
  modelOf,
  modelToy,
  rill,
  wayOut,
  type ToyModel,
} from './index';

let n = 0;
const newId = () => `v${++n}`;

const otter = modelToy(rill(newId));
const joinOf = (model: ToyModel, name: string) =>
  model.sites.find((s) => modelOf(model, s.join.guest.part).name === name)!;
/** Rill with one join moved by so many steps. */
function moved(model: ToyModel, name: string, way: Parameters<typeof movedJoin>[3], steps: number): ToyModel {
  let now = model;
  for (let k = 0; k < steps; k++) {
    const { join, sites } = joinOf(now, name);
    const host = now.placed.find((p) => pieceKey(p) === pieceKey(join.at))!;
    now = modelToy(setJoin(now.toy, movedJoin(host, join, sites[0], way)!.join));
  }
  return now;
}

describe('a toy that stands, and one that does not', () => {
  it('Rill sits: on his body, his legs and his tail', () => {
    const balance = balanceOf(otter)!;
    expect(balance.tips).toBe(false);
    expect(balance.marginMm).toBeGreaterThan(3);
    expect(balance.assumed).toBe(true);
    expect(meetingsOf(otter)).toEqual([]);
  });
  it('with his legs two rounds lower he leans back a little and stands; four lower he tips over, and the move that is offered really mends it', () => {
    const leans = balanceOf(moved(otter, 'Leg', 'down', 2))!;
    expect([leans.tips, leans.leansDeg > 0, leans.marginMm > 3]).toEqual([false, true, true]);
    const low = moved(otter, 'Leg', 'down', 4);
    expect(balanceOf(low)!.tips).toBe(true);
    const mend = mendingMove(low)!;
    const after = balanceOf(
      modelToy(
        setJoin(
          low.toy,
          joinOf(
            moved(low, modelOf(low, mend.join.guest.part).name, mend.move, mend.steps),
            modelOf(low, mend.join.guest.part).name,
          ).join,
        ),
      ),
    )!;
    expect(after.tips).toBe(false);
    expect(after.marginMm).toBeCloseTo(mend.marginMm, 6);
  });
  it('a head on a body too thin for it is told: g for each cm of its neck', () => {
    const ball = (up: number) =>
      `R1: 6 sc in ring\nR2: inc x6\n${Array.from({ length: up - 2 }, (_, k) => `R${k + 3}: (${k + 1} sc, inc) x6`).join('\n')}\nR${up + 1}-${up + 8}: sc around\nstuff firmly`;
    const closing = (up: number, from: number) =>
      Array.from(
        { length: up - 1 },
        (_, k) => `R${from + k}: (${up - k - 2 > 0 ? `${up - k - 2} sc, ` : ''}dec) x6`,
      ).join('\n');
    const toy = joinedUsually(
      addParts(
        newToy('T', newId),
        `Head (5 mm hook, ring = crown)\n${ball(14)}\n${closing(14, 23)}\nclose\n\nBody (5 mm hook, ring = sole)\nR1: 6 sc in ring\nR2: inc x6\nR3-12: sc around\nstuff\nleave open`,
        newId,
      ),
      newId,
    );
    const [neck] = balanceOf(modelToy(toy))!.necks;
    expect(neck.wobbles).toBe(true);
    expect(neck.gPerCm).toBeCloseTo(neck.grams / (neck.girthMm / 10), 9);
  });
});

describe('what is in the way of what', () => {
  const BALL =
    'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6: (4 sc, inc) x6\nR7-14: sc around\nR15: (4 sc, dec) x6\nR16: (3 sc, dec) x6\nR17: (2 sc, dec) x6\nR18: (sc, dec) x6\nR19: dec x6\nstuff\nclose';
  const two = (turnHoles: number): Toy => {
    const toy = addParts(
      newToy('T', newId),
      `Body (3.0 mm hook, ring = sole)\n${BALL}\n\nArm (3.0 mm hook, ring = tip)\nR1: 6 sc in ring\nR2: inc x6\nR3-9: sc around\nstuff\nopen\n\nWing (3.0 mm hook, ring = tip)\nR1: 6 sc in ring\nR2: inc x6\nR3-9: sc around\nstuff\nopen`,
      newId,
    );
    const { pieces } = modelToy(toy);
    const at = (index: number) => ({
      part: pieces[0].part,
      copy: pieces[0].copy,
      course: {
        mark: pieces[0].form.fabric.rounds[10].mark,
        nth: pieces[0].form.fabric.rounds[10].nth,
        layer: 0,
      },
      at: 'hole' as const,
      index,
      of: 36,
    });
    const sewn = (guest: number, index: number) =>
      newJoin({
        id: newId(),
        guest: { part: pieces[guest].part, copy: pieces[guest].copy },
        at: at(index),
        aim: STRAIGHT_OUT,
      });
    return setJoin(setJoin(toy, sewn(1, 4)), sewn(2, 4 + turnHoles));
  };
  it('two parts on the same holes are told, with how far they lie in one another', () => {
    const found = meetingsOf(modelToy(two(0)));
    expect(found.map((m) => m.what)).toEqual(expect.arrayContaining(['seams', 'parts']));
    // Both are rings of 12 stitches of 4.35 mm: one lies over the other by about its radius, 8.3 mm.
    const seams = found.find((m) => m.what === 'seams')!;
    expect(seams.mm).toBeGreaterThan(5);
    expect(seams.mm).toBeLessThan(11);
  });
  it('the nearest way out clears it, tried on the toy itself', () => {
    const toy = two(2);
    const model = modelToy(toy);
    const wing = toy.joins[1];
    const out = wayOut(model, wing.id)!;
    const after = meetingsOf(modelToy(setJoin(toy, out.join)));
    expect(after.filter((m) => isAbout(m, wing.id))).toEqual([]);
    expect(out.steps).toBeLessThanOrEqual(6);
  });
  it.each([0, 1, 2, 3, 4, 5, 6, 8, 12])(
    '%d holes apart: as deep as every point of both edges says',
    (holes) => {
      const model = modelToy(two(holes));
      const edges = model.sites.flatMap(({ sites }) => sites.map((s) => s.footprint!.points));
      const middles = model.sites.flatMap(({ sites }) =>
        sites.map((s) => pointOf(model.placed[0].form, s.polar)),
      );
      const apart = (p: Vec3, q: Vec3) => Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);
      let deepest = 0;
      for (const [own, other] of [
        [0, 1],
        [1, 0],
      ])
        for (const point of [middles[own], ...edges[own]]) {
          const near = [...edges[other]].sort((p, q) => apart(p, point) - apart(q, point))[0];
          if (apart(point, middles[other]) < apart(near, middles[other]))
            deepest = Math.max(deepest, apart(near, point));
        }
      const told = meetingsOf(model).find((m) => m.what === 'seams')?.mm ?? 0;
      expect(told).toBeCloseTo(deepest > TOUCH_MM.value ? deepest : 0, 9);
    },
  );
  it('far enough apart nothing is told', () => {
    expect(meetingsOf(modelToy(two(12)))).toEqual([]);
  });
  it('a snout over an eye is told in mm', () => {
    // Rill's snout two holes to his left, over the eye there.
    const over = moved(otter, 'Snout', 'left', 3);
    const eye = meetingsOf(over).find((m) => m.what === 'eye');
    expect(eye).toBeDefined();
    expect(eye!.mm).toBeGreaterThan(1);
  });
});
