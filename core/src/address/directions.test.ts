import { buildFabric } from '../fabric';
import { cross, distance, dot, formOf, meshOf, sub, unit, type PartForm, type Vec3 } from '../form';
import { gaugeOf } from '../gauge';
import { read } from '../notation';
import {
  courseOf,
  directionsOf,
  equalGaps,
  faceAngle,
  frameAt,
  frontAngle,
  heightFraction,
  level,
  lineBetween,
  lineOver,
  locate,
  mirrored,
  nearestPlace,
  nearestPolar,
  opposite,
  pointOf,
  polarOf,
  straight,
  surfaceDistance,
  type Place,
  type RingIs,
} from './index';

const BALL =
  'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6-12: sc around\nR13: (3 sc, dec) x6\nR14: (2 sc, dec) x6\nR15: (sc, dec) x6\nclose';
const EGG =
  'R1: 5 sc in ring\nR2: inc x5\nR3: (sc, inc) x5\nR4: sc around\nR5: (2 sc, inc) x5\nR6-8: sc around\nR9: (3 sc, inc) x5\nR10-14: sc around\nR15: (3 sc, dec) x5\nR16: (2 sc, dec) x5';
const form = (
  text: string,
  {
    hand = 'right',
    lean = -0.25,
    joined = false,
    inside = false,
  }: { hand?: 'right' | 'left'; lean?: number; joined?: boolean; inside?: boolean } = {},
): PartForm => {
  const written = joined ? text.replace(/^(R\d+: .*)$/gm, '$1, sl st to join') : text;
  const part = read(written, { terms: 'us' }).parts[0];
  return formOf(
    buildFabric(
      part,
      written.split('\n').map((_, i) => `m${i}`),
    ),
    gaugeOf({ hookMm: 3, stitchMm: 5, roundMm: 4.5, leanStitches: lean, hand, yarnUnder: false }),
    { fill: 'medium', wrongSideOut: inside },
  );
};
const planeMiss = (p: Vec3, at: Vec3, normal: Vec3) => Math.abs(dot(sub(p, at), normal));

describe('directions on the toy, over both hands, both sides, every pose, with and without lean', () => {
  const errors: Record<string, number[]> = { straight: [], level: [], opposite: [], mirror: [], snapped: [] };
  const note = (what: string, mm: number) => errors[what].push(mm);
  const HALF_CELL = Math.hypot(5, 4.5) / 2;

  for (const hand of ['right', 'left'] as const)
    for (const inside of [false, true])
      for (const lean of [0, -0.25])
        for (const ringIs of ['crown', 'chin', 'nose'] as RingIs[])
          it(`${hand}, ${inside ? 'inside' : 'right side'} out, lean ${lean}, ring is ${ringIs}`, () => {
            for (const text of [BALL, EGG]) {
              const f = form(text, { hand, lean, inside });
              const own = directionsOf(f, ringIs, frontAngle(f, f.fabric.rounds.length - 4));
              for (let round = 4; round < f.fabric.rounds.length - 3; round += 2)
                for (let k = 1; k < f.fabric.rounds[round].count; k += 5) {
                  const from = polarOf(f, round, k, 'hole');
                  const p = pointOf(f, from);
                  const { normal } = frameAt(f, from);
                  const side = unit(
                    cross(
                      own.up,
                      unit(
                        sub(normal, [
                          own.up[0] * dot(normal, own.up),
                          own.up[1] * dot(normal, own.up),
                          own.up[2] * dot(normal, own.up),
                        ]),
                      ),
                    ),
                  );
                  const up = straight(f, own, from, 'up', 8);
                  const q = pointOf(f, up.at);
                  note('straight', planeMiss(q, p, side));
                  if (Math.abs(dot(normal, own.up)) < 0.9) expect(dot(sub(q, p), own.up)).toBeGreaterThan(0);
                  if (ringIs !== 'nose') {
                    // On an upright axis, straight up keeps the direction from the axis.
                    expect(
                      Math.abs(Math.atan2(p[1] * q[0] - p[0] * q[1], p[0] * q[0] + p[1] * q[1])) *
                        Math.hypot(q[0], q[1]),
                    ).toBeLessThan(0.1);
                    const back = straight(f, own, up.at, 'down', up.walkedMm);
                    expect(distance(pointOf(f, back.at), p)).toBeLessThan(0.1);
                  }
                  const left = pointOf(f, level(f, own, from, 'left', 6).at);
                  note('level', planeMiss(left, p, own.up));
                  const far = pointOf(f, opposite(f, own, from));
                  const c: Vec3 = [0, 0, (Math.min(...f.z) + Math.max(...f.z)) / 2];
                  // Half round the upright line: the middle between both lies on it.
                  const between = sub([(p[0] + far[0]) / 2, (p[1] + far[1]) / 2, (p[2] + far[2]) / 2], c);
                  // With the axis level, an egg's other end is not there: only what lies on the surface can be exact.
                  if (ringIs !== 'nose') note('opposite', Math.hypot(...cross(between, own.up)));
                  const image = mirrored(f, own, from);
                  const m = pointOf(f, image);
                  note(
                    'mirror',
                    Math.hypot(
                      dot(sub(m, c), own.left) + dot(sub(p, c), own.left),
                      dot(sub(m, p), own.up),
                      dot(sub(m, p), own.front),
                    ),
                  );
                  note('snapped', nearestPlace(f, image, 'hole')!.missMm);
                }
            }
            for (const what of ['straight', 'level', 'opposite', 'mirror'])
              expect(Math.max(0, ...errors[what])).toBeLessThanOrEqual(0.1);
            expect(Math.max(...errors.snapped)).toBeLessThanOrEqual(HALF_CELL);
          });

  it('holds on an oval and on a bent part too', () => {
    const oval = form(
      'R1: ch 7, sc in 2nd ch from hook, 4 sc, 4 sc in last ch, 4 sc, 3 sc in last ch (16)\nR2: 2 inc, 4 sc, 4 inc, 4 sc, 2 inc (24)\nR3-10: 24 sc (24)',
      { lean: 0 },
    );
    const bent = form(
      `R1: ch 24, join (24)\n${Array.from({ length: 12 }, (_, i) => `R${i + 2}: 12 sc, 12 hdc`).join('\n')}`,
    );
    expect([oval.basis, bent.basis]).toEqual(['oval model', 'bent ring model']);
    for (const f of [oval, bent]) {
      const own = directionsOf(f, 'crown', frontAngle(f, f.fabric.rounds.length - 1));
      for (let round = 4; round < f.fabric.rounds.length - 2; round += 2)
        for (let k = 1; k < 24; k += 3) {
          const from = polarOf(f, round, k, 'hole');
          const p = pointOf(f, from);
          const { normal } = frameAt(f, from);
          const out = unit(
            sub(normal, [
              own.up[0] * dot(normal, own.up),
              own.up[1] * dot(normal, own.up),
              own.up[2] * dot(normal, own.up),
            ]),
          );
          expect(
            planeMiss(pointOf(f, straight(f, own, from, 'down', 6).at), p, unit(cross(own.up, out))),
          ).toBeLessThan(0.1);
          expect(planeMiss(pointOf(f, level(f, own, from, 'right', 6).at), p, own.up)).toBeLessThan(0.1);
          // A place is found again from its own point.
          expect(distance(pointOf(f, nearestPolar(f, p)), p)).toBeLessThan(0.05);
        }
    }
  });

  afterAll(() => {
    const line = Object.entries(errors)
      .map(([what, all]) => `${what} ${Math.max(0, ...all).toFixed(3)}`)
      .join(', ');
    process.stdout.write(
      `  worst mm of ${errors.straight.length} places (goal 0.1; snapped half a cell, ${HALF_CELL.toFixed(2)}): ${line}\n`,
    );
  });
});

describe('the face plane and heights', () => {
  it('looks away from the marker at the pause, over a colour patch, or over a chosen stitch', () => {
    const f = form(
      `R1: 20 sc\nR2-3: sc around\nR4: with rust: 8 sc, with cream: 4 sc, with rust: 8 sc\nR5-6: sc around`.replace(
        /with (\w+):/g,
        'in $1:',
      ),
      { lean: 0 },
    );
    expect(faceAngle(f, { by: 'marker', pause: 4 })).toBeCloseTo(Math.PI, 6);
    expect(faceAngle(f, { by: 'stitch', round: 3, index: 11 })).toBeCloseTo((2 * Math.PI * 10.5) / 20, 6);
    expect(faceAngle(f, { by: 'stitch', round: 3, index: 21 })).toBeNull();
    expect(faceAngle(f, { by: 'patch', colour: 'plaid' })).toBeNull();
  });
  it('measures height from the lowest point of the pose: a tube of ten rounds, ring up and ring down', () => {
    const f = form('R1: ch 24, join\nR2-11: sc around', { lean: 0, joined: true });
    const at = polarOf(f, 4, 3, 'hole');
    const share = f.z[4] / (f.z[f.z.length - 1] - f.z[0]);
    expect(heightFraction(f, directionsOf(f, 'crown', 0), at)).toBeCloseTo(1 - share, 3);
    expect(heightFraction(f, directionsOf(f, 'chin', 0), at)).toBeCloseTo(share, 3);
  });
});

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
    const found = locate(f, directionsOf(f, 'crown', 0), place);
    if (found.state !== 'at') throw new Error(found.state);
    return found;
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
    const [there, back] = [where(rows, doc(rows, 2, 'middle', 1)), where(rows, doc(rows, 3, 'middle', 8))];
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
      locate(frill, directionsOf(frill, 'crown', 0), {
        ...doc(frill, 5, 'hole', 3),
        course: { mark: 'gone', nth: 0, layer: 0 },
      }),
    ).toEqual({ state: 'homeless' });
  });

  it('a line looks straight, is as long as its way, and is shared out in equal gaps, also over two parts with a seam between', () => {
    const f = form('R1: ch 40, join\nR2-30: sc around', { lean: 0, joined: true });
    const up = lineBetween(f, polarOf(f, 25, 10, 'hole'), polarOf(f, 5, 10, 'hole'));
    expect(up.arrived).toBe(true);
    expect(up.lengthMm).toBeCloseTo(f.z[25] - f.z[5], 1);
    // On a ball the straightest line is the great circle's.
    const ball = form(BALL);
    const [a, b] = [polarOf(ball, 6, 3, 'hole'), polarOf(ball, 11, 14, 'hole')];
    const over = lineBetween(ball, a, b);
    expect(over.arrived).toBe(true);
    expect(over.lengthMm / surfaceDistance(ball, a, b)).toBeGreaterThan(0.97);
    expect(over.lengthMm / surfaceDistance(ball, a, b)).toBeLessThan(1.06);
    const both = lineOver(
      [
        { form: f, line: up },
        { form: ball, line: over },
      ],
      [5],
    );
    const places = equalGaps(both, 8);
    const gap = (up.lengthMm + 5 + over.lengthMm) / 8;
    expect(places.map((p) => p.mm)).toEqual(Array.from({ length: 9 }, (_, k) => expect.closeTo(k * gap, 6)));
    expect(new Set(places.map((p) => p.leg))).toEqual(new Set([0, 1]));
    for (const p of places) expect(p.hole!.missMm).toBeLessThan(HALF_CELL_MM);
  });
});

const HALF_CELL_MM = Math.hypot(5, 4.5) / 2 + 0.4;

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
