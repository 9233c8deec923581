import { cross, distance, dot, sub, unit, type Vec3 } from '../form';
import {
  directionsOf,
  faceAngle,
  frameAt,
  frontAngle,
  heightFraction,
  level,
  mirrored,
  nearestPlace,
  nearestPolar,
  opposite,
  pointOf,
  polarOf,
  straight,
  type RingIs,
} from './index';
import { BALL, EGG, form } from './cases/eggs';

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
