import fc from 'fast-check';
import { dot, type Vec3 } from '../form';
import { modelToy } from '../model';
import { soundToy } from '../plan/cases/soundToys';
import { guestsOf, move, pieceKey, turn, type Placed } from './index';
import { frameAt, pointOf } from '../address';

const MODELS = fc.sample(soundToy, { numRuns: 60, seed: 20261126 }).map((toy) => modelToy(toy));
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
  it('every piece is placed once or loose once, and none vanishes', () => {
    for (const { pieces, placed, loose } of MODELS) {
      const all = [...placed, ...loose].map(pieceKey);
      expect(all.sort()).toEqual(pieces.map(pieceKey).sort());
    }
  });
  it('no piece is mirrored, twins least of all; away from its seam each keeps its size', () => {
    for (const { placed } of MODELS)
      for (const piece of placed) {
        expect(handed(piece)).toBeCloseTo(1, 6);
        const rigid = { ...piece.placement, laid: null };
        const [p, q] = [0, 1].map((row) => pointOf(piece.form, { angleRad: 1, row }));
        expect(near(move(rigid, p), move(rigid, q))).toBeCloseTo(near(p, q), 6);
      }
  });
  it('a guest leans out of the fabric by its tilt, less what its host holds it off', () => {
    for (const { placed, sites } of MODELS) {
      const at = (of: { part: string; copy: string }) => placed.find((p) => pieceKey(p) === pieceKey(of));
      for (const { join, sites: all } of sites)
        for (const site of all) {
          const [host, guest] = [at(join.at), at({ part: join.guest.part, copy: site.copy })];
          if (!host || !guest) continue;
          const out = turn(host.placement, frameAt(host.form, site.polar).normal);
          const lean = Math.acos(Math.min(1, dot(turn(guest.placement, [0, 0, -1]), out)));
          expect((lean * 180) / Math.PI).toBeCloseTo(join.aim.tiltDeg - site.heldOffDeg, 3);
          expect(site.heldOffDeg).toBeGreaterThanOrEqual(0);
        }
    }
  });
  it('every join that is not made is told with its fault, and every guest of one that is has its place', () => {
    for (const { sites, joinFaults, placed } of MODELS) {
      const there = new Set(placed.map(pieceKey));
      for (const { join } of sites) {
        const faulty = joinFaults.some((f) => f.join === join);
        if (!faulty) for (const guest of guestsOf(join)) expect(there.has(pieceKey(guest))).toBe(true);
      }
    }
  });
});
