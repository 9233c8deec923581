import { add, legMatrix, sub, type Looks, type Vec3 } from '../form';
import { kept } from '../kept';
import { laidNormal, laidPoint, type Laid } from './lay';

/** Numbers of a leg's matrix. */
const LEG = 16;

/** How a piece looks after it has given where it is sewn: every leg, point and stitch goes with the fabric. */
export const laidLooks = kept((laid: Laid, looks: Looks): Looks => {
  const points = moved(laid, looks.points);
  const normals = looks.normals.slice();
  for (let k = 0; k < normals.length; k += 3) {
    const at: Vec3 = [looks.points[k], looks.points[k + 1], looks.points[k + 2]];
    if (unmoved(points, looks.points, k)) continue;
    normals.set(laidNormal(laid, at, [normals[k], normals[k + 1], normals[k + 2]]), k);
  }
  return {
    ...looks,
    points,
    normals,
    middles: moved(laid, looks.middles),
    feet: moved(laid, looks.feet),
    legs: movedLegs(laid, looks.legs),
  };
});

const unmoved = (a: Float32Array, b: Float32Array, k: number): boolean =>
  a[k] === b[k] && a[k + 1] === b[k + 1] && a[k + 2] === b[k + 2];

function moved(laid: Laid, list: Float32Array): Float32Array {
  const out = new Float32Array(list.length);
  for (let k = 0; k < list.length; k += 3) out.set(laidPoint(laid, [list[k], list[k + 1], list[k + 2]]), k);
  return out;
}

function movedLegs(laid: Laid, legs: Float32Array): Float32Array {
  const out = legs.slice();
  const one: number[] = [];
  for (let k = 0; k < legs.length; k += LEG) {
    const from: Vec3 = [legs[k + 12], legs[k + 13], legs[k + 14]];
    const to = add(from, [legs[k], legs[k + 1], legs[k + 2]]);
    const [a, b] = [laidPoint(laid, from), laidPoint(laid, to)];
    if (a === from && b === to) continue;
    const across: Vec3 = [legs[k + 4], legs[k + 5], legs[k + 6]];
    const up: Vec3 = [legs[k + 8], legs[k + 9], legs[k + 10]];
    const thick = Math.hypot(...up);
    const normal = laidNormal(laid, from, [up[0] / thick, up[1] / thick, up[2] / thick]);
    if (Math.hypot(...sub(b, a)) < 1e-6) continue;
    one.length = 0;
    legMatrix(a, b, normal, Math.hypot(...across), one);
    out.set(one, k);
  }
  return out;
}
