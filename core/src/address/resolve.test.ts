import { BALL, form } from './cases/eggs';
import { cross, dot, meshOf, sub, unit, type PartForm, type Vec3 } from '../form';
import {
  courseOf,
  directionsOf,
  resolve,
  ResolvedPlace,
  pointOf,
  polarOf,
  surfaceDistance,
  type Place,
} from './index';

describe('stored places of every form, and lines', () => {
  const doc = (f: PartForm, round: number, at: Place['at'], index: number, layer = 0): Place => ({
    part: 'p',
    copy: 'c',
    course: courseOf(f.fabric, round, layer),
    at,
    index,
    of: (layer ? f.fabric.layers[layer - 1] : f.fabric).rounds[round].count,
  });
  const where = (f: PartForm, place: Place) => {
    const found = resolve(f, place);
    if (!(found instanceof ResolvedPlace)) throw new Error(found.state);
    return { point: found.point, ...found.seen(directionsOf(f, 'crown', 0)) };
  };

  it('a hole on a tube: square frame, out from the axis, up towards the ring, right as one looks at it', () => {
    const f = form('R1: ch 40, join\nR2-12: sc around', { lean: 0, joined: true });
    const { point, normal, up, right } = where(f, doc(f, 5, 'hole', 10));
    // The stuffed tube bulges a little.
    expect(dot(unit([point[0], point[1], 0]), normal)).toBeCloseTo(1, 3);
    expect(up[2]).toBeCloseTo(-1, 3);
    expect(right).toEqual(cross(up, normal));
    // Ring up and right-handed, numbers grow to the right as one looks at it (decision 16).
    expect(dot(sub(where(f, doc(f, 5, 'hole', 11)).point, point), right)).toBeGreaterThan(4);
  });
  it('rows, and those that come back; chains; frills; the open edge', () => {
    const rows = form(
      'ch 9\nRow 1: sc in 2nd ch from hook, 7 sc (8)\nRow 2: ch 1, turn, 8 sc (8)\nRow 3: ch 1, turn, 8 sc (8)',
    );
    const [there, back] = [where(rows, doc(rows, 1, 'middle', 1)), where(rows, doc(rows, 2, 'middle', 8))];
    // The last stitch of a row that comes back stands above the first of the row before.
    expect(Math.abs(there.point[0] - back.point[0])).toBeLessThan(1e-6);
    expect(Math.abs(back.point[2] - there.point[2])).toBeCloseTo(4.5, 6);
    const cord = form('ch 20 (20)');
    expect(where(cord, doc(cord, 0, 'link', 5)).point[2]).toBeCloseTo(4.5 * 5, 6);
    const frill = form(
      'R1: ch 24, join\nR2-4: sc around (24)\nR5: BLO: 24 sc (24)\nR6-8: sc around (24)\nfrill, in the front loops of R4: inc around (48)',
      { lean: 0 },
    );
    const edge = where(frill, doc(frill, 0, 'middle', 7, 1));
    expect(Math.hypot(edge.point[0], edge.point[1])).toBeGreaterThan(frill.r[4] + 1);
    const open = where(frill, doc(frill, 7, 'edge', 0));
    expect([open.point, open.normal]).toEqual([
      [expect.closeTo(0, 6), expect.closeTo(0, 6), expect.closeTo(frill.z[8], 6)],
      [expect.closeTo(0, 6), expect.closeTo(0, 6), expect.closeTo(1, 6)],
    ]);
    expect(
      resolve(frill, {
        ...doc(frill, 5, 'hole', 3),
        course: { mark: 'gone', nth: 0, layer: 0 },
      }),
    ).toEqual({ state: 'homeless' });
  });
});

describe('the fabric as triangles, and distances along it', () => {
  it.each([
    ['spiral', false],
    ['joined', true],
  ] as const)('a closed ball, %s, is a closed surface: Euler 2', (_, joined) => {
    const { triangles, vertices } = meshOf(form(BALL, { joined }));
    const edges = new Map<string, number>();
    for (let t = 0; t < triangles.length; t += 3)
      for (let k = 0; k < 3; k++) {
        const [a, b] = [triangles[t + k], triangles[t + ((k + 1) % 3)]];
        const key = `${Math.min(a, b)},${Math.max(a, b)}`;
        edges.set(key, (edges.get(key) ?? 0) + 1);
      }
    expect([...edges.values()].every((n) => n === 2)).toBe(true);
    expect(vertices - edges.size + triangles.length / 3).toBe(2);
  });

  it('agrees with great circles on a ball within 1 percent on average, and with the unrolled tube', () => {
    const R = 60;
    const rounds = Math.round((Math.PI * R) / 4.5);
    const counts = Array.from({ length: rounds - 1 }, (_, i) =>
      Math.max(4, Math.round((2 * Math.PI * R * Math.sin((Math.PI * (i + 1)) / rounds)) / 5)),
    );
    const text = counts
      .map((n, i) =>
        i === 0
          ? `R1: ${n} sc in ring`
          : n > counts[i - 1]
            ? `R${i + 1}: ${n - counts[i - 1]} inc, ${2 * counts[i - 1] - n} sc`
            : n < counts[i - 1]
              ? `R${i + 1}: ${counts[i - 1] - n} dec, ${2 * n - counts[i - 1]} sc`
              : `R${i + 1}: sc around`,
      )
      .join('\n');
    const ball = form(`${text}\nclose`, { lean: 0 });
    const centre: Vec3 = [0, 0, (ball.z[0] + ball.z[ball.z.length - 1]) / 2];
    const errors: number[] = [];
    for (let i = 0; i < 120; i++) {
      const [a, b] = [
        polarOf(ball, 6 + ((i * 7) % (rounds - 14)), i * 3, 'hole'),
        polarOf(ball, 6 + ((i * 11) % (rounds - 14)), i * 5 + 9, 'hole'),
      ];
      const [p, q] = [sub(pointOf(ball, a), centre), sub(pointOf(ball, b), centre)];
      const mean = (Math.hypot(...p) + Math.hypot(...q)) / 2;
      const arc = mean * Math.acos(Math.max(-1, Math.min(1, dot(unit(p), unit(q)))));
      if (arc > 20) errors.push(Math.abs(surfaceDistance(ball, a, b) / arc - 1) * 100);
    }
    const mean = errors.reduce((x, y) => x + y, 0) / errors.length;
    process.stdout.write(
      `  surface distance on a ball of ${ball.fabric.stitches} stitches: mean error ${mean.toFixed(2)} %, worst ${Math.max(...errors).toFixed(2)} % of ${errors.length}\n`,
    );
    expect(mean).toBeLessThan(1);
    const tube = form('R1: ch 40, join\nR2-30: sc around', { lean: 0, joined: true });
    // A quarter of the way round and 12 rounds apart: the straight line on the unrolled tube.
    const [a, b] = [polarOf(tube, 8, 4, 'hole'), polarOf(tube, 20, 14, 'hole')];
    expect(
      surfaceDistance(tube, a, b) / Math.hypot((Math.PI / 2) * tube.r[14], tube.z[20] - tube.z[8]),
    ).toBeCloseTo(1, 1.9);
  });
});
