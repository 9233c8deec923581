import { polarOf, pointOf } from '@hoppla/core/address';
import { add, cross, distance, dot, looksOf, scale, sub, unit, type Vec3 } from '@hoppla/core/form';
import { newStitching, STITCH_WORKS } from '@hoppla/core/feature';
import { headOf, marksOn, modelOf, modelToy, rillFile } from '@hoppla/core/model';
import { setFeature, type Toy } from '@hoppla/core/toy';
import { draped } from './draped';
import { shownOf } from './shown';

let n = 0;
const id = () => `d${++n}`;

/** Rill with everything that can be stitched on his head. */
function stitched(): Toy {
  return STITCH_WORKS.reduce((toy, work) => {
    const model = modelToy(toy);
    const head = model.parts.find((p) => p.name === 'Head')!;
    const ids = { id: id(), name: work, colour: '#000000', part: head.part.id, copy: null };
    return setFeature(toy, newStitching(headOf(model, head), marksOn(model, head), ids, work));
  }, rillFile(id).toy);
}

describe('thread lies on the fabric as it is drawn', () => {
  it('at the middle of a stitch it goes where the stitch went, and between stitches nothing jumps', () => {
    const model = modelToy(rillFile(id).toy);
    const { form } = model.placed[0];
    const plain = looksOf(form, 'firm', 'once');
    // A fabric that is pushed about: every stitch by something of its own, up to a millimetre.
    const looks = { ...plain, shift: Float32Array.from(plain.shift, (_, i) => Math.sin(7.3 * i)) };
    let stitch = 0;
    form.fabric.rounds.forEach((round, r) => {
      for (let j = 0; j < round.count; j++, stitch++) {
        const polar = polarOf(form, r, j + 0.5, 'middle');
        const [x, y, z] = looks.shift.subarray(3 * stitch, 3 * stitch + 3);
        const went = sub(draped(form, looks, polar), pointOf(form, polar));
        // The row of a spiral climbs within its round, so a neighbour has its share.
        expect(distance(went, [x, y, z])).toBeLessThan(1.5);
      }
    });
    let before: Vec3 | null = null;
    for (let k = 0; k <= 600; k++) {
      const polar = { angleRad: k / 120, row: 6 + k / 300 };
      const went = sub(draped(form, looks, polar), pointOf(form, polar));
      if (before) expect(distance(went, before)).toBeLessThan(0.5);
      before = went;
    }
  });

  it('on the relaxed head every stretch lies within half a millimetre of its height over the fabric, 50 places of each work', () => {
    const model = modelToy(stitched());
    const placed = model.placed.find((p) => modelOf(model, p.part).name === 'Head')!;
    const looks = looksOf(placed.form, 'firm', 'relaxed');
    const shown = shownOf(model, placed, looks);
    const at = (i: number): Vec3 => [looks.points[3 * i], looks.points[3 * i + 1], looks.points[3 * i + 2]];
    /** How far a point lies out of the nearest triangle's plane, inside of whose edges it stands; the test's own arithmetic. */
    const heightOver = (p: Vec3): number => {
      let best = { off: Infinity, high: NaN };
      for (let t = 0; t < looks.triangles.length; t += 3) {
        const [a, b, c] = [0, 1, 2].map((k) => at(looks.triangles[t + k]));
        const normal = unit(cross(sub(b, a), sub(c, a)));
        const high = dot(sub(p, a), normal);
        const foot = sub(p, scale(normal, high));
        const middle = scale(add(add(a, b), c), 1 / 3);
        const off = distance(foot, middle);
        if (off < best.off && Math.abs(high) < 6) best = { off, high: Math.abs(high) };
      }
      return best.high;
    };
    const wanted = 0.3 * placed.form.gauge.stitchMm;
    const eachWork = shown.threads.filter((t) => t.lines.length > 0);
    expect(eachWork).toHaveLength(STITCH_WORKS.length);
    let worst = 0;
    for (const { lines } of eachWork) {
      const points = lines.flatMap((l) => l.points);
      const step = Math.max(1, Math.floor(points.length / 50));
      for (let k = 0; k < points.length; k += step)
        worst = Math.max(worst, Math.abs(heightOver(points[k]) - wanted));
    }
    process.stdout.write(
      `  thread over the relaxed fabric: at most ${worst.toFixed(2)} mm from its height\n`,
    );
    expect(worst).toBeLessThan(0.5);
  });
});
