import { ringPoint, type PartForm, type Vec3 } from '../form';
import { joinedUsually, modelToy } from '../model';
import { addParts, changePart, newToy, type Toy } from '../toy';
import { edgeLine } from './edgeLine';
import { move, pieceKey, type Placed, type Placement } from './index';
import { share } from '../../bench/share';

// Measured by triangles of the test's own, in the whole toy's frame: nothing that placed the parts is asked.

let n = 0;
const newId = () => `t${++n}`;
let seed = 42;
const random = () => (seed = (Math.imul(seed, 1103515245) + 12345) & 0x7fffffff) / 0x7fffffff;
const between = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));

function trunk(open: boolean, most: number): string {
  const up = between(6, most);
  const rounds = ['R1: 6 sc in ring', 'R2: inc x6'];
  for (let k = 3; k <= up; k++) rounds.push(`R${k}: (${k - 2} sc, inc) x6`);
  const plain = between(3, 9);
  rounds.push(`R${up + 1}-${up + plain}: sc around`);
  const down = open ? up - between(4, 5) : up - 1;
  for (let k = 1; k <= down; k++) {
    const left = up - k - 1;
    rounds.push(`R${up + plain + k}: (${left > 0 ? `${left} sc, ` : ''}dec) x6`);
  }
  return `${rounds.join('\n')}\n${open ? 'stuff\nleave open' : 'stuff firmly\nclose'}`;
}

const limb = (): string => {
  const n = [6, 9, 12][between(0, 2)];
  const up = { 6: '', 9: 'R2: (sc, inc) x3\n', 12: 'R2: inc x6\n' }[n]!;
  return `R1: 6 sc in ring\n${up}R3-${between(5, 14)}: sc around\nstuff softly\nleave open`;
};

const NAMES = [
  'Ears (2x, ring = tip)',
  'Arms (2x, ring = tip)',
  'Legs (2x, ring = sole)',
  'Tail (ring = tip)',
  'Snout (ring = nose)',
];

/** A toy of three to nine parts put together the usual way. */
function toyOf(): Toy {
  const parts = [
    `Head (3.0 mm hook, ring = crown)\n${trunk(false, 9)}`,
    `Body (3.0 mm hook, ring = sole)\n${trunk(true, 9)}`,
  ];
  const from = between(0, NAMES.length - 1);
  for (let k = 0; k < between(1, 4); k++)
    parts.push(`${NAMES[(from + k) % NAMES.length].replace(')', ', 3.0 mm hook)')}\n${limb()}`);
  const toy = addParts(newToy('T', newId), parts.join('\n\n'), newId);
  const flat = toy.parts.find((p) => p.text.startsWith('Ears'));
  return joinedUsually(flat ? changePart(toy, flat.id, { fill: 'empty' }) : toy, newId);
}

type Triangle = readonly [Vec3, Vec3, Vec3];
const AROUND = 64;

/** A piece's surface as it is placed; open ends are closed by a lid when `lids`. */
function trianglesOf(form: PartForm, placement: Placement, lids: boolean): Triangle[] {
  const rings = Array.from({ length: form.r.length }, (_, i) =>
    Array.from({ length: AROUND }, (_, k) => move(placement, ringPoint(form, i, (2 * Math.PI * k) / AROUND))),
  );
  const out: Triangle[] = [];
  const mean = (ring: readonly Vec3[]): Vec3 =>
    [0, 1, 2].map((i) => ring.reduce((sum, p) => sum + p[i], 0) / ring.length) as unknown as Vec3;
  rings.slice(1).forEach((ring, i) =>
    ring.forEach((p, k) => {
      const [q, a, b] = [ring[(k + 1) % AROUND], rings[i][k], rings[i][(k + 1) % AROUND]];
      out.push([a, b, q], [a, q, p]);
    }),
  );
  if (lids)
    for (const ring of [rings[0], rings.at(-1)!])
      ring.forEach((p, k) => out.push([mean(ring), p, ring[(k + 1) % AROUND]]));
  return out;
}

const minus = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const dotted = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const crossed = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

/** Distance of a point from a triangle: from its plane where the foot is inside, else from its sides. */
function fromTriangle(p: Vec3, [a, b, c]: Triangle): number {
  const normal = crossed(minus(b, a), minus(c, a));
  const long = Math.hypot(...normal);
  const sides: [Vec3, Vec3][] = [
    [a, b],
    [b, c],
    [c, a],
  ];
  if (long > 1e-9 && sides.every(([u, v]) => dotted(crossed(minus(v, u), minus(p, u)), normal) >= 0))
    return Math.abs(dotted(minus(p, a), normal)) / long;
  return Math.min(
    ...sides.map(([u, v]) => {
      const way = minus(v, u);
      const all = dotted(way, way);
      const t = all > 0 ? Math.max(0, Math.min(1, dotted(minus(p, u), way) / all)) : 0;
      return Math.hypot(...minus(p, [u[0] + t * way[0], u[1] + t * way[1], u[2] + t * way[2]]));
    }),
  );
}

/** Whether a point is inside a closed surface: a ray leaves it an odd number of times. */
function isInside(p: Vec3, triangles: readonly Triangle[]): boolean {
  const way: Vec3 = [0.5773, 0.5771, 0.5776];
  let crossings = 0;
  for (const [a, b, c] of triangles) {
    const [u, v] = [minus(b, a), minus(c, a)];
    const h = crossed(way, v);
    const det = dotted(u, h);
    if (Math.abs(det) < 1e-12) continue;
    const s = minus(p, a);
    const x = dotted(s, h) / det;
    const q = crossed(s, u);
    const y = dotted(way, q) / det;
    if (x >= 0 && y >= 0 && x + y <= 1 && dotted(v, q) / det > 1e-9) crossings++;
  }
  return crossings % 2 === 1;
}

describe(`${share(100)} generated toys, measured by triangles`, () => {
  const TOYS = Array.from({ length: share(100) }, toyOf).map((toy) => modelToy(toy));
  const of = (placed: readonly Placed[], key: string) => placed.find((p) => pieceKey(p) === key)!;
  it('have three to nine parts, all of them sewn on', () => {
    for (const model of TOYS) {
      expect(model.placed.length).toBeGreaterThanOrEqual(3);
      expect(model.loose).toEqual([]);
      expect(model.joinFaults).toEqual([]);
    }
  });
  it('along every seam the surfaces are at most 1 mm apart', () => {
    for (const { placed, sites } of TOYS)
      for (const { join, sites: all } of sites)
        for (const site of all) {
          const [host, guest] = [
            of(placed, pieceKey(join.at)),
            of(placed, pieceKey({ part: join.guest.part, copy: site.copy })),
          ];
          const skin = trianglesOf(host.form, host.placement, false);
          const corners = skin.map(([a, b, c]) => ({
            triangle: [a, b, c] as Triangle,
            reach: Math.max(Math.hypot(...minus(a, b)), Math.hypot(...minus(a, c))),
          }));
          const edge = edgeLine(guest, join.edge)!.points.filter((_, k) => k % 3 === 0);
          for (const p of edge) {
            const at = move(guest.placement, p);
            // Only triangles that reach so near can be the nearest.
            const near = corners.filter((t) => Math.hypot(...minus(at, t.triangle[0])) <= t.reach + 1);
            expect(Math.min(...near.map((t) => fromTriangle(at, t.triangle)))).toBeLessThan(1);
          }
        }
  });
  it('no part’s middle line runs inside its host behind its seam', () => {
    for (const { placed, sites } of TOYS)
      for (const { join, sites: all } of sites)
        for (const site of all) {
          if (site.how !== 'surface') continue;
          const [host, guest] = [
            of(placed, pieceKey(join.at)),
            of(placed, pieceKey({ part: join.guest.part, copy: site.copy })),
          ];
          const closed = trianglesOf(host.form, host.placement, true);
          const { form } = guest;
          // From one radius behind the edge: before that, the host's own roundness fills the opening.
          const edgeZ = form.z[form.fabric.rounds.length];
          for (let z = edgeZ - form.r[form.fabric.rounds.length]; z > 0; z -= 3)
            expect(isInside(move(guest.placement, [0, 0, z]), closed)).toBe(false);
        }
  });
});
