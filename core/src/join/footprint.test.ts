import { mirrorPoint } from '../address';
import type { Vec3 } from '../form';
import { modelToy } from '../model';
import { addParts, newToy, setJoin, type Toy } from '../toy';
import {
  holePlace,
  newJoin,
  ownDirections,
  STRAIGHT_OUT,
  wholeEdge,
  type EdgeLies,
  type JoinSite,
} from './index';

let n = 0;
const newId = () => `f${++n}`;

/** A small generator of its own, so that every run places the same. */
let seed = 20261127;
const random = () => (seed = (Math.imul(seed, 1103515245) + 12345) & 0x7fffffff) / 0x7fffffff;
const oneOf = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)];

const grown = (to: number): string[] =>
  Array.from({ length: to }, (_, k) =>
    k === 0 ? 'R1: 6 sc in ring' : k === 1 ? 'R2: inc x6' : `R${k + 1}: (${k - 1} sc, inc) x6`,
  );
function ball(up: number, plain: number): string {
  const rounds = [...grown(up), `R${up + 1}-${up + plain}: sc around`];
  for (let k = 1; k < up; k++) {
    const between = up - k - 1;
    rounds.push(`R${up + plain + k}: (${between > 0 ? `${between} sc, ` : ''}dec) x6`);
  }
  return `${rounds.join('\n')}\nstuff firmly\nclose`;
}
const PEAR = `${grown(6).join('\n')}\nR7-12: sc around\nR13: (4 sc, dec) x6\nR14-16: sc around\nR17: (3 sc, dec) x6\nR18-20: sc around\nR21: (2 sc, dec) x6\nstuff\nleave open`;
const BENT = `${grown(4).join('\n')}\nR5-14: 12 hdc, 12 sc\nR15: (2 sc, dec) x6\nR16: (sc, dec) x6\nR17: dec x6\nstuff\nclose`;
const EDGES: Record<number, string> = {
  6: 'R1: 6 sc in ring\nR2-8: sc around',
  8: 'R1: 6 sc in ring\nR2: (2 sc, inc) x2\nR3-8: sc around',
  9: 'R1: 6 sc in ring\nR2: (sc, inc) x3\nR3-8: sc around',
  12: 'R1: 6 sc in ring\nR2: inc x6\nR3-8: sc around',
  15: 'R1: 6 sc in ring\nR2: inc x6\nR3: (3 sc, inc) x3\nR4-8: sc around',
  18: 'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4-8: sc around',
};

interface Placement {
  toy: Toy;
  host: 'ball' | 'pear' | 'bent';
  lies: EdgeLies;
  sites: readonly JoinSite[];
}

const made = new Map<string, Toy>();

/** A host and a limb: a ball by its increases and plain rounds, a pear or a bent one. */
function toyOf(shape: string, stitches: number, filled: boolean): Toy {
  const key = `${shape}/${stitches}/${filled}`;
  const known = made.get(key);
  if (known) return known;
  const [up, plain] = shape.split('.').map(Number);
  const text = { pear: PEAR, bent: BENT }[shape] ?? ball(up, plain);
  const toy = addParts(
    newToy('T', newId),
    `Head (1x, 3.0 mm hook, ring = crown)\n${text}\n\nLimb (2x, 3.0 mm hook, ring = tip)\n${EDGES[stitches]}\n${filled ? 'stuff softly' : ''}\nfasten off`,
    newId,
  );
  made.set(key, toy);
  return toy;
}

/** One placement of the five hundred: any host, edge, hole, tilt to 50 degrees, turn, alone or with its twin. */
function placed(): Placement {
  const host = oneOf(['ball', 'ball', 'pear', 'bent'] as const);
  const lies = oneOf(['open', 'open', 'flattened', 'pinched'] as const);
  const shape = host === 'ball' ? `${6 + Math.floor(random() * 5)}.${2 + Math.floor(random() * 3)}` : host;
  const stitches = oneOf([6, 8, 9, 12, 15, 18]);
  const toy = toyOf(shape, stitches, lies === 'open');
  const { pieces } = modelToy(toy);
  const [on, guest] = pieces;
  const round = 1 + Math.floor(random() * (on.form.fabric.rounds.length - 2));
  const join = newJoin({
    id: 'j',
    guest: { part: guest.part, copy: pieces[1].copy },
    at: holePlace(on, round, Math.floor(random() * 60)),
    edge: wholeEdge(lies),
    aim: {
      ...STRAIGHT_OUT,
      tiltDeg: random() * 50,
      towardDeg: random() * 180,
      turnDeg: lies === 'open' ? 0 : oneOf([0, 0, 30, 90]),
    },
    twin: random() < 0.6 ? { copy: pieces[2].copy, at: null } : null,
  });
  const joined = setJoin(toy, join);
  return { toy: joined, host, lies, sites: modelToy(joined).sites[0].sites };
}

const ALL = Array.from({ length: 500 }, placed);
const middle = (points: readonly Vec3[]): Vec3 =>
  [0, 1, 2].map((k) => points.reduce((sum, p) => sum + p[k], 0) / points.length) as unknown as Vec3;
const apart = (a: Vec3, b: Vec3): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

describe('five hundred footprints', () => {
  it('every stitch of every edge has a hole of its own', () => {
    for (const { sites } of ALL)
      for (const { seam, guestEdge } of sites) {
        expect(seam).toHaveLength(guestEdge);
        expect(new Set(seam.map((s) => `${s.round}/${s.coord}`)).size).toBe(guestEdge);
      }
  });
  it('an edge is as long on its host as its stitches, and lies on the fabric', () => {
    for (const { sites } of ALL)
      for (const { footprint, guestEdge, join, burial } of sites) {
        const stitches =
          join.edge.layers === 2 ? footprint!.lengthMm / (2 * 4.35) : footprint!.lengthMm / 4.35;
        expect(Math.abs(stitches - guestEdge)).toBeLessThanOrEqual(0.51);
        expect(burial().gapMm).toBeLessThan(1);
        expect(burial().buriedMm).toBeLessThan(1);
      }
  });
  it('rings are sewn in order: their holes go once round the place, one way', () => {
    for (const { toy, sites } of ALL)
      for (const { seam, join, footprint } of sites) {
        if (join.edge.layers === 2) continue;
        const [host] = modelToy(toy).pieces;
        const centre = middle(footprint!.points);
        // A plain frame of the test's own: square to the area that the ring goes round.
        const around = footprint!.points.map((p) => p.map((x, k) => x - centre[k]));
        const area = [0, 1, 2].map((k) =>
          around.reduce((sum, u, i) => {
            const v = around[(i + 1) % around.length];
            return sum + u[(k + 1) % 3] * v[(k + 2) % 3] - u[(k + 2) % 3] * v[(k + 1) % 3];
          }, 0),
        );
        const long = Math.hypot(...area);
        const normal = area.map((x) => x / long);
        const first = seam[0].hostPoint.map((x, k) => x - centre[k]);
        const along = first.reduce((sum, x, k) => sum + x * normal[k], 0);
        const x = first.map((v, k) => v - along * normal[k]);
        const y = [
          normal[1] * x[2] - normal[2] * x[1],
          normal[2] * x[0] - normal[0] * x[2],
          normal[0] * x[1] - normal[1] * x[0],
        ];
        const angles = seam.map((s) => {
          const p = s.hostPoint.map((v, k) => v - centre[k]);
          return Math.atan2(
            p.reduce((sum, v, k) => sum + v * y[k], 0),
            p.reduce((sum, v, k) => sum + v * x[k], 0),
          );
        });
        const steps = angles.map((a, k) => {
          const by = angles[(k + 1) % angles.length] - a;
          return by - 2 * Math.PI * Math.round(by / (2 * Math.PI));
        });
        const turn = steps.reduce((sum, by) => sum + by, 0) / (2 * Math.PI);
        expect(Math.abs(Math.round(turn))).toBe(1);
        // No stitch goes back by more than what a plane hides of a bent host.
        const back = Math.max(...steps.map((by) => -by * Math.sign(turn)));
        expect(back).toBeLessThan(0.35);
        expect(host.form.gauge.stitchMm).toBeCloseTo(4.35, 6);
      }
  });
  it('the holes are centred on the place within half a stitch, all but one in fifty', () => {
    const far = ALL.flatMap(({ sites }) =>
      sites.map(
        ({ seam, footprint }) =>
          apart(middle(seam.map((s) => s.hostPoint)), middle(footprint!.points)) / 4.35,
      ),
    );
    expect(far.filter((w) => w > 0.5).length / far.length).toBeLessThan(0.02);
    expect(Math.max(...far)).toBeLessThan(0.75);
  });
  it('twins are mirror images within 0.6 stitches, half of them within 0.3; what is not says by how much', () => {
    const missed: { host: string; lies: EdgeLies; w: number }[] = [];
    for (const { toy, host, lies, sites } of ALL) {
      if (sites.length < 2) continue;
      const [on] = modelToy(toy).pieces;
      const [a, b] = sites.map((s) => middle(s.seam.map((x) => x.hostPoint)));
      const image = mirrorPoint(on.form, ownDirections(on), a);
      const mm = apart(image, b);
      expect(sites[1].missMm).toBeCloseTo(mm, 6);
      missed.push({ host, lies, w: mm / 4.35 });
    }
    const sorted = missed.map((m) => m.w).sort((a, b) => a - b);
    expect(sorted[Math.floor(sorted.length / 2)]).toBeLessThan(0.3);
    // A bent host has no mirror image of its own: only the others are held to it.
    const straight = missed.filter((m) => m.host !== 'bent');
    expect(straight.filter((m) => m.w > 0.6).length / straight.length).toBeLessThan(0.02);
    expect(straight.filter((m) => m.host === 'ball' && m.lies === 'open' && m.w > 0.6)).toEqual([]);
  });
});
