import fc from 'fast-check';
import { coordOf, pointOf, polarOf } from '../address';
import type { PartForm, Vec3 } from '../form';
import { modelToy } from '../model';
import { soundToy } from '../plan/cases/soundToys';
import { addParts, newToy } from '../toy';
import { groundOf } from './ground';
import { pieceKey, type Pin } from './index';
import { begunAt, roundSeam, sharedIn, surfaceSeam } from './seam';
import { share } from '../../bench/share';

let n = 0;
const newId = () => `s${++n}`;
const apart = (a: Vec3, b: Vec3): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

/** A tube of so many stitches. */
function tube(count: number): PartForm {
  const toy = addParts(
    newToy('T', newId),
    `Tube (3.0 mm hook)\nR1: ch ${count}, join (${count})\nR2-4: ch 1, sc around, sl st to join (${count})\nfasten off`,
    newId,
  );
  return modelToy(toy).pieces[0].form;
}

/** Points round a rim of radius 1, one a stitch. */
const rim = (count: number) =>
  Array.from({ length: count }, (_, k) => {
    const turn = (2 * Math.PI * (k + 0.3)) / count;
    return { edge: k + 1, under: null, point: [Math.cos(turn), Math.sin(turn), 0] as Vec3 };
  });

/** How unevenly marked places of a ring lie: the longest run between two of them less the shortest. */
function unevenness(marked: readonly number[], count: number): number {
  if (marked.length < 2) return 0;
  const runs = marked.map((at, k) => (marked[(k + 1) % marked.length] - at + count) % count || count);
  return Math.max(...runs) - Math.min(...runs);
}

describe('rim to rim', () => {
  const SIZES = Array.from({ length: 35 }, (_, k) => k + 6);
  it.each(SIZES)(
    'host of %i, guests of 6 to 40: every stitch is sewn, shares are spread as evenly as can be',
    (host) => {
      const form = tube(host);
      for (const guest of SIZES) {
        const seam = roundSeam(form, form.fabric.rounds.length - 1, form.r.length - 1, rim(guest));
        const pairs = Math.max(host, guest);
        expect(seam).toHaveLength(pairs);
        expect(new Set(seam.map((s) => s.edge)).size).toBe(guest);
        expect(new Set(seam.map((s) => s.coord)).size).toBe(host);
        expect(sharedIn(seam)).toBe(pairs - Math.min(host, guest));
        // Each of the fewer takes the same number, or one more.
        const few = host < guest ? seam.map((s) => s.coord) : seam.map((s) => s.edge);
        const takes = [...new Set(few)].map((x) => few.filter((y) => y === x).length);
        expect(Math.max(...takes) - Math.min(...takes)).toBeLessThanOrEqual(1);
        const most = Math.max(...takes);
        const doubled = takes.flatMap((t, k) => (t === most ? [k] : []));
        if (most > Math.min(...takes)) expect(unevenness(doubled, takes.length)).toBeLessThanOrEqual(1);
        // Neighbours stay neighbours on both edges.
        const steps = seam.slice(1).map((s, k) => ({
          onHost: Math.abs(s.coord - seam[k].coord),
          onGuest: s.edge - seam[k].edge,
        }));
        expect(
          steps.filter(
            ({ onHost, onGuest }) => !(Math.min(onHost, host - onHost) <= 1 && onGuest >= 0 && onGuest <= 1),
          ),
        ).toEqual([]);
      }
    },
  );
});

/** Another way to the cheapest seam in order: by trying, remembering what was tried; it shares nothing with the programme but its question. */
function cheapest(points: readonly Vec3[], holes: readonly Vec3[], ring: boolean): number {
  const cost = (i: number, c: number) => apart(points[i], holes[c]) ** 2;
  const from = (first: number): number => {
    const order = holes.map((_, k) => (first + k) % holes.length);
    const known = new Map<number, number>();
    const best = (i: number, at: number): number => {
      if (i === points.length) return 0;
      if (at === order.length) return Infinity;
      const key = i * 10_000 + at;
      const before = known.get(key);
      if (before !== undefined) return before;
      const found =
        i === 0 && ring
          ? cost(0, order[0]) + best(1, 1)
          : Math.min(best(i, at + 1), cost(i, order[at]) + best(i + 1, at + 1));
      known.set(key, found);
      return found;
    };
    return best(0, 0);
  };
  if (!ring) return from(0);
  const starts = holes.flatMap((h, k) => (apart(h, points[0]) <= 1.7 * 4.35 ? [k] : []));
  return Math.min(...starts.map(from));
}

const MODELS = fc.sample(soundToy, { numRuns: share(100), seed: 20261127 }).map((toy) => modelToy(toy));

describe('seams on the surface against a second, plain way', () => {
  it(`cost no more than the cheapest seam in order, on ${share(200)} generated joins`, () => {
    let checked = 0;
    for (const { placed, sites } of MODELS)
      for (const { join, sites: all } of sites)
        for (const site of all) {
          const host = placed.find((p) => pieceKey(p) === pieceKey(join.at))!;
          if (site.how !== 'surface' || site.seam.length < 4 || checked >= share(200)) continue;
          const ring = join.edge.layers === 1;
          const wanted = site.seam.map((s) => ({ edge: s.edge, under: s.under, point: s.edgePoint }));
          const ground = groundOf(host, site.polar);
          const seam = surfaceSeam(host.form, ground, wanted, ring);
          if (sharedIn(seam) > 0) continue;
          // All holes near the line of the seam, in order about its place or along it.
          const points = wanted.map((w) => w.point);
          const holes = holesNear(host.form, points, ring);
          const place = pointOf(host.form, site.polar);
          const order = orderAlong(points, place, ground, ring);
          holes.sort((a, b) => order(a) - order(b));
          const spent = seam.reduce((sum, s) => sum + apart(s.edgePoint, s.hostPoint) ** 2, 0);
          expect(spent).toBeLessThanOrEqual(cheapest(points, holes, ring) + 1e-6);
          checked++;
        }
    expect(checked).toBeGreaterThanOrEqual(share(200));
  });
  it('a seam begins at the stitch that is wished, and goes on in its order', () => {
    const [seam] = MODELS.flatMap((m) => m.sites)
      .flatMap((x) => x.sites.map((y) => y.seam))
      .filter((x) => x.length > 8);
    const begun = begunAt([...seam], seam[3].edge);
    expect(begun.map((x) => x.edge)).toEqual([...seam.slice(3), ...seam.slice(0, 3)].map((x) => x.edge));
    expect(begunAt([...seam], null)).toEqual(seam);
    expect(begunAt([...seam], 999)).toEqual(seam);
  });
  it('pins hold stitches of their own seam, those that lie furthest; three or four of a ring, two of a line', () => {
    for (const { sites: all } of MODELS)
      for (const { join, sites } of all)
        for (const { pins, seam, how, footprint } of sites) {
          if (how !== 'surface' || seam.length < 6 || footprint!.cut) continue;
          for (const pin of pins)
            expect(seam.some((s) => s.edge === pin.edge && s.name === pin.name)).toBe(true);
          expect(new Set(pins.map((p: Pin) => p.edge)).size).toBe(pins.length);
          expect(pins.length).toBeGreaterThanOrEqual(join.edge.layers === 1 ? 3 : 2);
        }
  });
});

function holesNear(form: PartForm, points: readonly Vec3[], ring: boolean): Vec3[] {
  const toSegment = (p: Vec3, a: Vec3, b: Vec3): number => {
    const way = [0, 1, 2].map((k) => b[k] - a[k]);
    const long = way.reduce((s, x) => s + x * x, 0);
    const t =
      long > 0 ? Math.max(0, Math.min(1, way.reduce((s, x, k) => s + x * (p[k] - a[k]), 0) / long)) : 0;
    return Math.hypot(...[0, 1, 2].map((k) => p[k] - a[k] - t * way[k]));
  };
  const out: Vec3[] = [];
  form.fabric.rounds.forEach((round, i) => {
    if (i === 0) return;
    for (let j = 0; j < round.count; j++) {
      const p = pointOf(form, polarOf(form, i, coordOf('hole', j), 'hole'));
      const near = points.some(
        (a, k) =>
          (ring || k + 1 < points.length) && toSegment(p, a, points[(k + 1) % points.length]) <= 2.2 * 4.35,
      );
      if (near) out.push(p);
    }
  });
  return out;
}

/** The order of a hole: its angle about the place, or how far along the line. */
function orderAlong(
  points: readonly Vec3[],
  place: Vec3,
  { right, up }: { right: Vec3; up: Vec3 },
  ring: boolean,
): (p: Vec3) => number {
  const dotted = (p: Vec3, v: Vec3) => p.reduce((sum, x, k) => sum + (x - place[k]) * v[k], 0);
  const angle = (p: Vec3) => Math.atan2(dotted(p, up), dotted(p, right));
  const turns = points.map((p, k) => {
    const by = angle(points[(k + 1) % points.length]) - angle(p);
    return by - 2 * Math.PI * Math.round(by / (2 * Math.PI));
  });
  const way = turns.reduce((a, b) => a + b, 0) < 0 ? -1 : 1;
  if (ring)
    return (p) => {
      const by = way * (angle(p) - angle(points[0]));
      return by - 2 * Math.PI * Math.floor(by / (2 * Math.PI));
    };
  return (p) => {
    let [least, at] = [Infinity, 0];
    for (let k = 0; k + 1 < points.length; k++) {
      const [a, b] = [points[k], points[k + 1]];
      const step = b.map((x, i) => x - a[i]);
      const long = step.reduce((s, x) => s + x * x, 0);
      const exact = step.reduce((s, x, i) => s + x * (p[i] - a[i]), 0) / long;
      const t = Math.max(0, Math.min(1, exact));
      const mm = Math.hypot(...[0, 1, 2].map((i) => p[i] - a[i] - t * step[i]));
      const beyond = (k === 0 && exact < 0) || (k + 2 === points.length && exact > 1);
      if (mm < least) [least, at] = [mm, k + (beyond ? exact : t)];
    }
    return at;
  };
}
