import { pointOf } from '@hoppla/core/address';
import { areaMm2, outlineOf, PATCH_SHAPES, PATCH_WORKS, readOutline } from '@hoppla/core/feature';
import { cross, dot, looksOf, sub, type Vec3 } from '@hoppla/core/form';
import { modelToy, patches, rillFile, usualPatch, usualSculpt } from '@hoppla/core/model';
import { setFeature, type Toy } from '@hoppla/core/toy';
import { clothTop, clothUnder, meshOf } from './cloth';
import { shownOf } from './shown';

let n = 0;
const id = () => `k${++n}`;
const headOfToy = (toy: Toy) => modelToy(toy).parts.find((p) => p.name === 'Head')!;
const put = (toy: Toy, work: (typeof PATCH_WORKS)[number], over = false) => {
  const head = headOfToy(toy);
  const ids = { id: id(), name: work, part: head.part.id, copy: null, colour: '#f1eee6' };
  const made = usualPatch(modelToy(toy), head, ids, work);
  return setFeature(toy, over ? { ...made, eyes: 'over' } : made);
};
const shownHead = (toy: Toy) => {
  const model = modelToy(toy);
  const placed = model.placed.find((p) => p.part === headOfToy(toy).part.id)!;
  return { model, placed, shown: shownOf(model, placed, looksOf(placed.form, 'firm', 'once')) };
};

describe('the triangles of cloth', () => {
  const area = ({ flats, triangles }: ReturnType<typeof meshOf>) => {
    let sum = 0;
    for (let i = 0; i < triangles.length; i += 3) {
      const [a, b, c] = triangles.slice(i, i + 3).map((k) => flats[k]);
      sum += Math.abs((b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0])) / 2;
    }
    return sum;
  };

  it('cover each outline, no more and no less', () => {
    for (const shape of PATCH_SHAPES.filter((s) => s !== 'own')) {
      const outline = outlineOf({ shape, widthMm: 24, heightMm: 15, path: null, turnDeg: 20 });
      expect(area(meshOf(outline)) / areaMm2(outline)).toBeCloseTo(1, 3);
    }
  });

  it('cover a crescent too, which no one place sees whole', () => {
    const crescent = 'M0 0 C30 0 30 40 0 40 C18 30 18 10 0 0 Z';
    expect(readOutline(crescent)).not.toBeNull();
    const outline = outlineOf({ shape: 'own', widthMm: 16, heightMm: 24, path: crescent, turnDeg: 0 });
    const mesh = meshOf(outline);
    expect(mesh.edge).toBe(0);
    expect(Math.abs(area(mesh) / areaMm2(outline) - 1)).toBeLessThan(0.03);
  });
});

describe('cloth on the fabric as it is drawn', () => {
  it('lies on the legs of the stitches, everywhere as high, looking out', () => {
    const { placed, shown } = shownHead(put(put(rillFile(id).toy, 'under the eyes'), 'cheeks'));
    expect(shown.patches).toHaveLength(4);
    for (const { points, normals } of shown.patches) {
      expect(points.length).toBeGreaterThan(60);
      points.forEach((p, i) => {
        // The relaxed fabric differs from the rings by less than this.
        const off = dot(sub(p, nearest(placed.form, p)), normals[i]);
        expect(Math.abs(off - clothTop(placed.form.gauge.stitchMm))).toBeLessThan(1.6);
      });
    }
  });

  it('faces and normals agree, so that nothing is seen from behind', () => {
    const { shown } = shownHead(put(rillFile(id).toy, 'muzzle'));
    for (const { points, normals, triangles } of shown.patches) {
      let facing = 0;
      for (let i = 0; i < triangles.length; i += 3) {
        const [a, b, c] = triangles.slice(i, i + 3);
        const face = cross(sub(points[b], points[a]), sub(points[c], points[a]));
        if (dot(face, normals[a]) > 0) facing++;
      }
      expect([0, triangles.length / 3]).toContain(facing);
    }
  });

  it('eyes stand on the cloth under them, and a lid goes over them', () => {
    const plain = shownHead(rillFile(id).toy);
    const whites = shownHead(put(rillFile(id).toy, 'under the eyes'));
    const rise = whites.shown.eyes.map((e, i) => dot(sub(e.at, plain.shown.eyes[i].at), e.normal));
    const top = clothTop(whites.placed.form.gauge.stitchMm);
    for (const mm of rise) expect(Math.abs(mm - top)).toBeLessThan(0.5);
    const lids = shownHead(put(rillFile(id).toy, 'lids'));
    for (const eye of lids.shown.eyes) {
      const over = lids.shown.patches.flatMap((p) =>
        p.points
          .filter((q) => Math.hypot(...sub(q, eye.at)) < eye.radius * 1.3)
          .map((q) => dot(sub(q, eye.at), eye.normal)),
      );
      expect(Math.max(...over)).toBeGreaterThan(0.6 * eye.radius);
    }
    expect(clothUnder(lids.model, lids.placed)(patches(lids.model)[0].sides[0].places[0].polar)).toBe(false);
  });

  it('thread that shapes the eyes is seen where it lies over the fabric', () => {
    const toy = rillFile(id).toy;
    const head = headOfToy(toy);
    const ids = { id: id(), name: 'In', part: head.part.id, copy: null, colour: '#33231d' };
    const { shown } = shownHead(setFeature(toy, usualSculpt(modelToy(toy), head, ids, 'eyes')));
    expect(shown.threads.flatMap((t) => t.lines)).toHaveLength(2);
  });
});

/** The place of the ring model that is nearest, looked for on a plain grid. */
function nearest(form: Parameters<typeof pointOf>[0], p: Vec3): Vec3 {
  let best: Vec3 = [0, 0, 0];
  let least = Infinity;
  const angleRad = form.direction * Math.atan2(p[1], p[0]);
  for (let row = 0; row <= form.r.length - 1; row += 0.05) {
    const q = pointOf(form, { angleRad, row });
    const off = Math.hypot(...sub(p, q));
    if (off < least) [best, least] = [q, off];
  }
  return best;
}
