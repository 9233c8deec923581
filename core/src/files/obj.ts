import { looksOf, type Vec3 } from '../form';
import { move, stand, turnNormal, type Placed } from '../join';
import { copyName, modelOf, type ToyModel } from '../model';
import { oneLine } from './escaped';

/**
 * The fabric of a toy as a Wavefront OBJ: one object a piece, mm, y up, the face towards +z, relaxed stitch by stitch. A
 * point is the top of a stitch. What no join holds stands at the origin by itself. Looks: no stated number is read from it.
 */
export function objOf(model: ToyModel): string {
  const pieces: Placed[] = [...model.placed, ...model.loose.map((piece) => stand(piece))];
  const lines = [`# ${oneLine(model.toy.name)}, mm`];
  let base = 1;
  for (const piece of pieces) {
    const part = modelOf(model, piece.part);
    const { points, normals, triangles } = looksOf(piece.form, part.fill, 'relaxed');
    lines.push(`o ${oneLine(copyName(part, piece.copy)).replace(/\s+/g, '_')}`);
    const written = (sign: string, [x, y, z]: Vec3) =>
      lines.push(`${sign} ${x.toFixed(3)} ${y.toFixed(3)} ${z.toFixed(3)}`);
    const at = (list: Float32Array, k: number): Vec3 => [list[k], list[k + 1], list[k + 2]];
    for (let k = 0; k < points.length; k += 3) written('v', move(piece.placement, at(points, k)));
    for (let k = 0; k < points.length; k += 3)
      written('vn', turnNormal(piece.placement, at(points, k), at(normals, k)));
    // Right-handed work is wound the other way about its axis.
    const order = piece.form.direction < 0 ? [0, 2, 1] : [0, 1, 2];
    for (let t = 0; t < triangles.length; t += 3)
      lines.push(`f ${order.map((k) => `${base + triangles[t + k]}//${base + triangles[t + k]}`).join(' ')}`);
    base += points.length / 3;
  }
  return `${lines.join('\n')}\n`;
}
