import { heightOf } from '../fabric';
import type { PartForm } from './form';
import { meshOf, type Mesh } from './mesh';
import { surfacePoint } from './shape';

/** A spiral gains its full climb over its first three rounds. Source: the house's geometry, section 3. */
const RAMP = [0.5, 0.75, 1];

/** How far along its turn a stitch has climbed, in rounds; 0 in joined and flat work. */
export const climbAt = (
  form: Pick<PartForm, 'fabric' | 'section'>,
  round: number,
  fraction: number,
): number =>
  form.section !== 'ring' || form.fabric.rounds[round].joined ? 0 : (fraction - 0.5) * (RAMP[round] ?? 1);

/**
 * The stitches of a part as a net of points: point s is the top of stitch s, in working order; a closed start and a gathered
 * end have a point of their own after them. Lengths in mm.
 */
export interface Net {
  mesh: Mesh;
  /** points, and how many of them are stitches */
  points: number;
  stitches: number;
  /** round of each stitch, and its angle about the axis in the working direction where the ring model puts it, radians */
  round: Int32Array;
  angle: Float64Array;
  /** height of each stitch */
  heightMm: Float64Array;
  /** neighbours along the round, itself at an end */
  before: Int32Array;
  after: Int32Array;
  /** parents of stitch s: `parentFrom[s]..parentTo[s]`, end exclusive, points in a row; the closed start for the first round */
  parentFrom: Int32Array;
  parentTo: Int32Array;
  /** place among the children of one parent, in stitches */
  offset: Float32Array;
  /** where the ring model puts every point, three numbers each */
  start: Float64Array;
}

/** The net of a form, laid out on its ring model. */
export function netOf(form: PartForm): Net {
  const { fabric, gauge } = form;
  const mesh = meshOf(form);
  const stitches = mesh.first[fabric.rounds.length];
  const net: Net = {
    mesh,
    points: mesh.vertices,
    stitches,
    round: new Int32Array(stitches),
    angle: new Float64Array(stitches),
    heightMm: new Float64Array(stitches),
    before: new Int32Array(stitches),
    after: new Int32Array(stitches),
    parentFrom: new Int32Array(stitches),
    parentTo: new Int32Array(stitches),
    offset: new Float32Array(stitches),
    start: new Float64Array(3 * mesh.vertices),
  };
  // Stitches of layers stand between those of the part itself.
  const own = new Int32Array(fabric.stitches).fill(-1);
  fabric.rounds.forEach((round, i) => {
    for (let j = 0; j < round.count; j++) own[round.from + j] = mesh.first[i] + j;
  });
  fabric.rounds.forEach((round, i) => {
    const first = mesh.first[i];
    const cyclic =
      form.section === 'ring' && (round.joined || (form.closed && i === fabric.rounds.length - 1));
    for (let j = 0; j < round.count; j++) {
      const [s, f] = [first + j, round.from + j];
      net.round[s] = i;
      net.heightMm[s] = heightOf(fabric.kind[f]) * gauge.roundMm;
      net.before[s] =
        j > 0
          ? s - 1
          : round.joined && form.section === 'ring'
            ? first + round.count - 1
            : i > 0 && form.section === 'ring'
              ? s - 1
              : s;
      net.after[s] =
        j < round.count - 1
          ? s + 1
          : cyclic
            ? first
            : i < fabric.rounds.length - 1 && form.section === 'ring' && !fabric.rounds[i + 1].joined
              ? s + 1
              : s;
      const [low, high] = [own[fabric.parentFrom[f]] ?? -1, own[fabric.parentTo[f] - 1] ?? -1];
      if (fabric.parentTo[f] > fabric.parentFrom[f] && low >= 0 && high >= 0 && low < s && high < s) {
        net.parentFrom[s] = Math.min(low, high);
        net.parentTo[s] = Math.max(low, high) + 1;
      } else if (i === 0 && mesh.centre >= 0) {
        net.parentFrom[s] = mesh.centre;
        net.parentTo[s] = mesh.centre + 1;
      }
      net.offset[s] = fabric.offset[f];
      net.angle[s] = topAngle(form, i, j);
      net.start.set(
        surfacePoint(
          form,
          net.angle[s],
          form.section === 'cord'
            ? i + (j + 0.5) / round.count
            : i + 1 + climbAt(form, i, (j + 0.5) / round.count),
        ),
        3 * s,
      );
    }
  });
  if (mesh.centre >= 0) net.start.set(surfacePoint(form, 0, 0), 3 * mesh.centre);
  if (mesh.cap >= 0) net.start.set(surfacePoint(form, 0, form.r.length - 1), 3 * mesh.cap);
  return net;
}

/** The angle of a stitch's top; rows come back every other time. */
function topAngle(form: PartForm, round: number, j: number): number {
  const { count, direction } = form.fabric.rounds[round];
  if (form.section === 'sheet') return (2 * Math.PI * (direction === 1 ? j + 0.5 : count - j - 0.5)) / count;
  return form.section === 'cord' ? 0 : form.phase[round] + (2 * Math.PI * (j + 0.5)) / count;
}
