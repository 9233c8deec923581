import { FABRIC, STITCHES } from '../figures';
import { FREE, KINDS } from '../fabric';
import type { Firmness, PartForm } from './form';
import { netOf, type Net } from './net';
import { relax } from './relax';
import { surfacePoint } from './shape';
import { cross, scale, sub, unit, type Vec3 } from './vectors';
import { legMatrix, add3, half, mean, spacing, trianglesOf, normalsOf } from './lookMath';

/** A leg is so thick, of its width. */
export const THICK = 0.95;

/** Numbers a stitch is known by: layer (0 = the part itself), round within it, index from 0. */
export const STITCH = 3;

/**
 * How a part looks stitch by stitch, mm, in its own frame: what is drawn and touched, never measured (decision 13). Stitches of the part
 * itself come first, round by round, then those of its layers.
 */
export interface Looks {
  /** every stitch as two legs of yarn, taller ones with wraps, free loops as a rim: a matrix of sixteen each, column by column from the foot along the leg, across it and out of the fabric */
  legs: Float32Array;
  /** whose leg it is: index of the stitch */
  legOf: Int32Array;
  /** legs and triangles of the part itself up to each of its rounds: `legsTo[i]` belong to the first i rounds */
  legsTo: Int32Array;
  trianglesTo: Int32Array;
  stitches: Int32Array;
  /** middle and foot of each stitch */
  middles: Float32Array;
  feet: Float32Array;
  /** the fabric between the stitches: points, the way out of it at each, and three points a triangle */
  points: Float32Array;
  normals: Float32Array;
  triangles: Int32Array;
  /** the stitch whose top each point is, -1 where it is none's */
  stitchOf: Int32Array;
  /** where points of the ring model have gone: the shift of each stitch of the part itself */
  shift: Float32Array;
}

/** How far a leg reaches beyond foot and top, of its height; how far apart the legs end, of the stitch width. */
const REACH = { foot: 0.1, top: 0.1, apart: 0.46 };

/** Half widths in stitch widths: a leg, a wrap of a taller stitch, a free loop. */
const HALF_WIDTH = { leg: 0.25, wrap: 0.16, rim: 0.2 };

/** The looks of a part, relaxed, or as the ring model lays it when `at` is 'once'. */
export function looksOf(form: PartForm, fill: Firmness, at: 'once' | 'relaxed', stop?: () => boolean): Looks {
  const made = new Weaver();
  const net = at === 'relaxed' ? relax(form, FABRIC.stretch[fill], { stop }) : null;
  const body = net?.net ?? netOf(form);
  const points = net?.points ?? body.start;
  made.add(form, body, points, 0);
  form.layers.forEach((layer, k) => {
    // A fold sewn shut lies inside the fabric.
    if (form.fabric.layers[k].kind !== 'fold' && layer.fabric.rounds.length > 0)
      made.addLayer(layer, k + 1, Math.max(0, form.fabric.layers[k].on), body, points);
  });
  return made.finish(body, points);
}

/** The colour slot of a stitch of some looks. */
export function slotOfStitch({ fabric }: PartForm, { stitches }: Looks, stitch: number): number {
  const at = STITCH * stitch;
  const { rounds } = stitches[at] ? fabric.layers[stitches[at] - 1] : fabric;
  return fabric.colour[rounds[stitches[at + 1]].from + stitches[at + 2]];
}

/** Lays legs, stitch after stitch. */
class Weaver {
  private readonly legs: number[] = [];
  private readonly legOf: number[] = [];
  private readonly legsTo: number[] = [0];
  private readonly trianglesTo: number[] = [0];
  private readonly stitches: number[] = [];
  private readonly middles: number[] = [];
  private readonly feet: number[] = [];
  private readonly points: number[] = [];
  private readonly normals: number[] = [];
  private readonly triangles: number[] = [];
  private readonly stitchOf: number[] = [];

  /** A frill or an edging: it goes with the stitches that it stands on. */
  addLayer(form: PartForm, layer: number, on: number, body: Net, points: Float64Array): void {
    const net = netOf(form);
    const moved = net.start.slice();
    const [from, to] = [body.mesh.first[on], body.mesh.first[on + 1]];
    for (let s = 0; s < net.stitches; s++) {
      const turns = (net.angle[s] - body.angle[from]) / (2 * Math.PI);
      const near = from + Math.min(to - from - 1, Math.floor((turns - Math.floor(turns)) * (to - from)));
      for (let k = 0; k < 3; k++) moved[3 * s + k] += points[3 * near + k] - body.start[3 * near + k];
    }
    this.add(form, net, moved, layer);
  }

  add(form: PartForm, net: Net, x: Float64Array, layer: number): void {
    const outward = normalsOf(form, net, x);
    const base = this.points.length / 3;
    const stitches = this.stitches.length / STITCH;
    for (let p = 0; p < x.length / 3; p++) this.stitchOf.push(p < net.stitches ? stitches + p : -1);
    for (const value of x) this.points.push(value);
    for (const value of outward) this.normals.push(value);
    form.fabric.rounds.forEach((round, i) => {
      for (let j = 0; j < round.count; j++) this.stitch(form, net, x, outward, layer, i, j);
      if (layer === 0) this.legsTo.push(this.legOf.length);
    });
    const triangles = trianglesOf(form, net);
    let done = 0;
    for (let t = 0; t < triangles.length; t += 3) {
      const last = Math.max(
        ...[0, 1, 2].map((k) =>
          triangles[t + k] < net.stitches
            ? net.round[triangles[t + k]]
            : triangles[t + k] === net.mesh.cap
              ? form.fabric.rounds.length
              : 0,
        ),
      );
      // Triangles come round by round.
      if (layer === 0) while (done < last) this.trianglesTo[++done] = this.triangles.length / 3;
      for (let k = 0; k < 3; k++) this.triangles.push(base + triangles[t + k]);
    }
    if (layer === 0)
      while (done < form.fabric.rounds.length) this.trianglesTo[++done] = this.triangles.length / 3;
  }

  private stitch(
    form: PartForm,
    net: Net,
    x: Float64Array,
    outward: Float32Array,
    layer: number,
    round: number,
    j: number,
  ): void {
    const { gauge, fabric } = form;
    const w = gauge.stitchMm;
    const s = net.mesh.first[round] + j;
    const index = this.stitches.length / STITCH;
    const top: Vec3 = [x[3 * s], x[3 * s + 1], x[3 * s + 2]];
    const normal: Vec3 = [outward[3 * s], outward[3 * s + 1], outward[3 * s + 2]];
    const [low, high] = [net.parentFrom[s], net.parentTo[s]];
    const row = rowAt(net, x, s, normal);
    const foot = high > low && low < net.stitches ? mean(x, low, high) : below(form, net, round, j, top);
    const height = sub(top, foot);
    // Brothers stand side by side in their hole; a decrease draws its two holes together.
    const share = high > low ? net.offset[s] * 0.42 * w : 0;
    const gathers = high - low > 1 ? 0.36 * w : 0;
    this.stitches.push(layer, round, j);
    this.feet.push(...foot);
    this.middles.push((foot[0] + top[0]) / 2, (foot[1] + top[1]) / 2, (foot[2] + top[2]) / 2);
    const kind = KINDS[fabric.kind[fabric.rounds[round].from + j]];
    const wide = Math.min(1, spacing(net, x, s) / w);
    const thick = (kind === 'bob' ? 1.7 : 1) * HALF_WIDTH.leg * w * (0.55 + 0.45 * wide);
    for (const side of [-1, 1]) {
      const from = add3(foot, scale(height, -REACH.foot), scale(row, share + side * gathers));
      const to = add3(top, scale(height, REACH.top), scale(row, side * REACH.apart * w * wide));
      this.leg(index, from, to, normal, thick);
    }
    // Taller stitches show the yarn that is wrapped round their post.
    const wraps = Math.round(STITCHES[kind].height - 0.6);
    for (let k = 1; k <= wraps && kind !== 'bob'; k++) {
      const on = add3(foot, scale(height, k / (wraps + 1)), scale(normal, 0.12 * w));
      const half = scale(row, 0.36 * w * wide);
      this.leg(
        index,
        sub(on, add3(half, scale(height, 0.1 / (wraps + 1)))),
        add3(on, half, scale(height, 0.1 / (wraps + 1))),
        normal,
        HALF_WIDTH.wrap * w,
      );
    }
    this.rim(index, form, net, x, s, round, j, normal, height);
  }

  /** Loops that nobody works into: a ridge outside, or both along an open edge. */
  private rim(
    index: number,
    form: PartForm,
    net: Net,
    x: Float64Array,
    s: number,
    round: number,
    j: number,
    normal: Vec3,
    height: Vec3,
  ): void {
    const { fabric, gauge } = form;
    const f = fabric.rounds[round].from + j;
    const last = round === fabric.rounds.length - 1;
    const open = last && !form.closed && form.section !== 'cord';
    const ridge = !last && fabric.front[f] === FREE && fabric.back[f] > 0;
    if (!open && !ridge) return;
    const w = gauge.stitchMm;
    const at = (p: number): Vec3 => [x[3 * p], x[3 * p + 1], x[3 * p + 2]];
    const [a, b] = [half(at(net.before[s]), at(s)), half(at(s), at(net.after[s]))];
    const up = scale(unit(height), open ? 0.14 * w : 0.05 * w);
    for (const out of open ? [0.16, -0.16] : [0.3])
      this.leg(
        index,
        add3(a, up, scale(normal, out * w)),
        add3(b, up, scale(normal, out * w)),
        out > 0 ? unit(add3(normal, scale(unit(height), 0.6))) : unit(height),
        HALF_WIDTH.rim * w,
      );
  }

  private leg(index: number, from: Vec3, to: Vec3, normal: Vec3, halfWidth: number): void {
    legMatrix(from, to, normal, halfWidth, this.legs);
    this.legOf.push(index);
  }

  finish(body: Net, x: Float64Array): Looks {
    const shift = new Float32Array(3 * body.stitches);
    for (let k = 0; k < shift.length; k++) shift[k] = x[k] - body.start[k];
    return {
      legs: Float32Array.from(this.legs),
      legOf: Int32Array.from(this.legOf),
      legsTo: Int32Array.from(this.legsTo),
      trianglesTo: Int32Array.from(this.trianglesTo),
      stitches: Int32Array.from(this.stitches),
      middles: Float32Array.from(this.middles),
      feet: Float32Array.from(this.feet),
      points: Float32Array.from(this.points),
      normals: Float32Array.from(this.normals),
      triangles: Int32Array.from(this.triangles),
      stitchOf: Int32Array.from(this.stitchOf),
      shift,
    };
  }
}

/** The foot of a stitch without parents: the ring below it. */
function below(form: PartForm, net: Net, round: number, j: number, top: Vec3): Vec3 {
  const s = net.mesh.first[round] + j;
  const ringBelow = surfacePoint(
    form,
    net.angle[s],
    form.section === 'cord' ? round + j / Math.max(1, form.fabric.rounds[round].count) : round,
  );
  // It goes with the stitch where the stitch has gone.
  return [
    ringBelow[0] + top[0] - net.start[3 * s],
    ringBelow[1] + top[1] - net.start[3 * s + 1],
    ringBelow[2] + top[2] - net.start[3 * s + 2],
  ];
}

/** The way along the row at a stitch, square to the fabric's normal. */
function rowAt(net: Net, x: Float64Array, s: number, normal: Vec3): Vec3 {
  const [a, b] = [3 * net.before[s], 3 * net.after[s]];
  const t: Vec3 = [x[b] - x[a], x[b + 1] - x[a + 1], x[b + 2] - x[a + 2]];
  const along = t[0] * normal[0] + t[1] * normal[1] + t[2] * normal[2];
  return unit(sub(t, scale(normal, along)), unit(cross(normal, [0, 0, 1]), [1, 0, 0]));
}
