import fc from 'fast-check';
import { dot, type Vec3 } from '../form';
import { modelToy } from '../model';
import { soundToy } from '../plan/cases/soundToys';
import { guestsOf, move, pieceKey, turn, type Placed } from './index';
import { frameAt, pointOf } from '../address';

const RUNS = { numRuns: 60, seed: 20261126 };
const near = (a: Vec3, b: Vec3): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

/** Determinant of a placement's rotation: 1 for a proper one, -1 where something was mirrored. */
function handed({ placement }: Placed): number {
  const [a, b, c] = (
    [
      [1, 0, 0],
      [0, 1, 0],
      [0, 0, 1],
    ] as Vec3[]
  ).map((v) => turn(placement, v));
  return (
    a[0] * (b[1] * c[2] - b[2] * c[1]) -
    a[1] * (b[0] * c[2] - b[2] * c[0]) +
    a[2] * (b[0] * c[1] - b[1] * c[0])
  );
}

describe('generated toys put together', () => {
  it('every piece is placed once or loose once, and none vanishes', () =>
    fc.assert(
      fc.property(soundToy, (toy) => {
        const { pieces, placed, loose } = modelToy(toy);
        const all = [...placed, ...loose].map(pieceKey);
        expect(all.sort()).toEqual(pieces.map(pieceKey).sort());
      }),
      RUNS,
    ));
  it('no piece is mirrored, twins least of all; all of them keep their size', () =>
    fc.assert(
      fc.property(soundToy, (toy) => {
        for (const piece of modelToy(toy).placed) {
          expect(handed(piece)).toBeCloseTo(1, 6);
          const [p, q] = [0, 1].map((row) => pointOf(piece.form, { angleRad: 1, row }));
          expect(near(move(piece.placement, p), move(piece.placement, q))).toBeCloseTo(near(p, q), 6);
        }
      }),
      RUNS,
    ));
  it('a guest’s edge is centred on its hole, and leans out of the fabric by its tilt', () =>
    fc.assert(
      fc.property(soundToy, (toy) => {
        const { placed, sites } = modelToy(toy);
        const at = (of: { part: string; copy: string }) => placed.find((p) => pieceKey(p) === pieceKey(of));
        for (const { join, sites: all } of sites)
          for (const site of all) {
            const [host, guest] = [at(join.at), at({ part: join.guest.part, copy: site.copy })];
            if (!host || !guest) continue;
            const { form } = guest;
            const edge = form.closed ? form.r.length - 1 : form.fabric.rounds.length;
            const centre = move(guest.placement, [0, 0, form.z[edge]]);
            expect(near(centre, move(host.placement, pointOf(host.form, site.polar)))).toBeLessThan(1e-6);
            // Its axis leans out of the fabric there by just the tilt that was asked for.
            if (join.kind !== 'sewn') throw new Error(`no ${join.kind} was generated`);
            const out = turn(host.placement, frameAt(host.form, site.polar).normal);
            const cosLean = dot(turn(guest.placement, [0, 0, -1]), out);
            expect(cosLean).toBeCloseTo(Math.cos((join.aim.tiltDeg * Math.PI) / 180), 6);
          }
      }),
      RUNS,
    ));
  it('every join that is not made is told with its fault, and every guest of one that is has its place', () =>
    fc.assert(
      fc.property(soundToy, (toy) => {
        const { sites, joinFaults, placed } = modelToy(toy);
        const there = new Set(placed.map(pieceKey));
        for (const { join } of sites) {
          const faulty = joinFaults.some((f) => f.join === join);
          if (!faulty) for (const guest of guestsOf(join)) expect(there.has(pieceKey(guest))).toBe(true);
        }
      }),
      RUNS,
    ));
});
