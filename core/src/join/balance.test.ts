import type { Vec3 } from '../form';
import { hullOf, leaningOf, massesOf, pointsOf, standingOf, type Placement } from './index';
import { balanceOf, marginRange, modelToy, rill } from '../model';
import { addParts, newToy } from '../toy';

const AS_MADE: Placement = {
  rows: [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ],
  shift: [0, 0, 0],
  laid: null,
};

describe('balance against sums by hand', () => {
  it('one ball of 20 g on a disc of 30 mm: its weight lies 30 mm inside', () => {
    const disc = Array.from({ length: 360 }, (_, k) => {
      const turn = (k * Math.PI) / 180;
      return [30 * Math.cos(turn), 0, 30 * Math.sin(turn)] as const;
    });
    const standing = standingOf([{ grams: 20, at: [0, 40, 0] }], disc, 1)!;
    expect(standing.massG).toBe(20);
    expect(standing.marginMm).toBeCloseTo(30 * Math.cos(Math.PI / 360), 6);
  });
  it('a head of 10 g that leans 12 mm forward on a body of 30 g: 3 mm forward, 7 mm from the front edge of a base of 20 by 20', () => {
    const base = [
      [-10, 0, -10],
      [10, 0, -10],
      [10, 0, 10],
      [-10, 0, 10],
      [0, 25, 40],
    ] as const;
    const standing = standingOf(
      [
        { grams: 30, at: [0, 20, 0] },
        { grams: 10, at: [0, 60, 12] },
      ],
      base,
      1.5,
    )!;
    expect(standing.centre).toEqual([0, 30, 3]);
    expect(standing.marginMm).toBeCloseTo(7, 9);
    // What hangs in the air carries nothing.
    expect(standing.base).toHaveLength(4);
  });
  it('a tail of 8 g 50 mm behind a body of 12 g on two feet in front: 20 mm behind, 15 mm outside', () => {
    const feet = [
      [-12, 0, -5],
      [12, 0, -5],
      [12, 0, 15],
      [-12, 0, 15],
    ] as const;
    const standing = standingOf(
      [
        { grams: 12, at: [0, 20, 0] },
        { grams: 8, at: [0, 10, -50] },
      ],
      feet,
      1,
    )!;
    expect(standing.centre[2]).toBeCloseTo(-20, 9);
    expect(standing.marginMm).toBeCloseTo(-15, 9);
  });
  it('a toy of 20 g on a ball under its head leans to its foot and stands: rise 5 mm over 50 mm is 6 degrees', () => {
    const flat = (x: number, y: number): Vec3[] =>
      [-15, 15].flatMap((z) => [
        [x - 15, y, z],
        [x + 15, y, z],
      ]) as Vec3[];
    const points: Vec3[] = [[-50, -5, 0], ...flat(0, 0)];
    const masses = [{ grams: 20, at: [-5, 15, 0] as Vec3 }];
    expect(standingOf(masses, points, 1)!.marginMm).toBeLessThan(0);
    const leaning = leaningOf(masses, points, 1, 3, 10)!;
    // By hand: the foot's far edge, 65 mm from the ball, is 5 mm higher: 4.4 degrees, less the millimetre that gives.
    expect(leaning.leansDeg).toBe(4);
    expect(leaning.marginMm).toBeGreaterThan(3);
    // Its weight above the far edge of the foot, it falls.
    expect(leaningOf([{ grams: 20, at: [40, 15, 0] }], points, 1, 3, 10)).toBeNull();
  });
  it('the slices of a round part weigh what it weighs, about its own middle', () => {
    let n = 0;
    const newId = () => `b${++n}`;
    const ball =
      'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5-8: sc around\nR9: (2 sc, dec) x6\nR10: (sc, dec) x6\nR11: dec x6\nstuff firmly\nclose';
    const { form } = modelToy(addParts(newToy('T', newId), `Ball (3.0 mm hook)\n${ball}`, newId)).pieces[0];
    const masses = massesOf(form, AS_MADE, { yarnG: 3, fillG: 5 });
    expect(masses.reduce((sum, m) => sum + m.grams, 0)).toBeCloseTo(8, 9);
    const middle = masses.reduce((sum, m) => sum + m.grams * m.at[2], 0) / 8;
    const all = pointsOf(form, AS_MADE).map((p) => p[2]);
    expect(middle).toBeGreaterThan(0.45 * Math.max(...all));
    expect(middle).toBeLessThan(0.55 * Math.max(...all));
  });
  it('a hull is the outermost points, whatever their order', () => {
    const points = [
      [0, 0],
      [4, 0],
      [2, 1],
      [4, 4],
      [0, 4],
      [1, 3],
      [2, 0],
    ] as const;
    expect(hullOf(points)).toEqual([
      [0, 0],
      [4, 0],
      [4, 4],
      [0, 4],
    ]);
    expect(hullOf([...points].reverse())).toEqual(hullOf(points));
  });
  it('its range holds what it would be with a quarter more fill in any one piece, and every length longer or shorter alike', () => {
    let n = 0;
    const model = modelToy(rill(() => `r${++n}`));
    const { marginMm } = balanceOf(model)!;
    const { low, high } = marginRange(model)!;
    expect(low).toBeLessThan(marginMm);
    expect(high).toBeGreaterThan(marginMm);
    // An assumed gauge is 12 percent either way.
    expect(high - marginMm).toBeGreaterThan(0.119 * marginMm);
    expect(high - marginMm).toBeLessThan(0.5 * marginMm);
    // Fill that weighs more in one part alone: the shaping of balance is taken from the toy itself.
    for (const part of model.toy.parts) {
      const firmer = modelToy({
        ...model.toy,
        parts: model.toy.parts.map((p) => (p === part ? { ...p, fill: 'firm' as const } : p)),
      });
      expect(Math.abs(balanceOf(firmer)!.marginMm - marginMm)).toBeLessThan(3 * (high - marginMm));
    }
  });
});
