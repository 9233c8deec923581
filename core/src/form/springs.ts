import { FABRIC } from '../figures';
import { enclosed, type Rim } from './enclosed';
import { postGiveOf, type PartForm } from './form';
import type { Net } from './net';
import { cornerAt, slantAt } from './springAngles';

/** Stiffness of the weaker links against a row's, K = 1. Source: the house's geometry, section 3. */
const WEAK = { shear: 0.04, skip: 0.05, fold: 0.05, crumple: 0.05 };

/** A post leans for free by so many stitches to where its round lies even. The house's own: without it a flat disc came out 4 % too small. */
const FREE_LEAN = 0.5;

/**
 * The energy of a part stitch by stitch, and its slope: rows and posts as springs, stiff when stretched and soft when
 * gathered, a post measured square to its row; a weak resistance to shear, to corners along the row and to folding;
 * the pressure of the fill on the triangles, with a lid on every open rim. Source: the house's geometry, sections 2 and 3.
 */
export class Springs {
  /** spring constants that meet in each point */
  readonly mass: Float64Array;
  private readonly soften: number;
  private readonly edgeA: Int32Array;
  private readonly edgeB: Int32Array;
  private readonly edgeRest: Float64Array;
  /** stiffness when stretched, and when pressed together */
  private readonly edgeOut: Float64Array;
  private readonly edgeIn: Float64Array;
  private readonly edges: number;
  private readonly posts: Int32Array;
  private readonly bends: Int32Array;
  private readonly bendRest: Float64Array;
  private readonly shearRest: Float64Array;
  private readonly rims: readonly Rim[];
  private readonly pressure: number;
  private readonly out: 1 | -1;
  private readonly postStiff: number;
  /** the same while a post is stretched: posts give more than rows */
  private readonly postOut: number;
  private readonly shearStiff: number;

  constructor(
    form: PartForm,
    private readonly net: Net,
    stretch: number,
  ) {
    const { gauge, fabric } = form;
    const [w, h] = [gauge.stitchMm, gauge.roundMm];
    const row = h / w;
    const post = w / h;
    const g = FABRIC.gathering;
    const give = postGiveOf(gauge, stretch);
    const a: number[] = [];
    const b: number[] = [];
    const rest: number[] = [];
    const stretched: number[] = [];
    const pressed: number[] = [];
    const edge = (from: number, to: number, restMm: number, out: number, inward: number) => {
      a.push(from);
      b.push(to);
      rest.push(restMm);
      stretched.push(out);
      pressed.push(inward);
    };
    // Rows rest at the chord: at their own length they would be too wide.
    const chord = (n: number, steps: number) =>
      ((n * w) / Math.PI) * Math.sin((Math.PI * Math.min(steps, n / 2)) / Math.max(n, 1));
    const posts: number[] = [];
    const bends: number[] = [];
    const rests = new Float64Array(net.stitches);
    const lean = gauge.leanStitches;
    for (let s = 0; s < net.stitches; s++) {
      const round = fabric.rounds[net.round[s]];
      const next = net.after[s];
      if (next !== s && round.count > 1 && !(round.count === 2 && next < s)) {
        const n =
          next < net.stitches && net.round[next] !== net.round[s]
            ? (round.count + fabric.rounds[net.round[next]].count) / 2
            : round.count;
        // The last round of a closed part is drawn together by its own yarn.
        const share =
          net.mesh.cap >= 0 && net.round[s] === fabric.rounds.length - 1
            ? Math.min(1, (2 * Math.PI * form.r[fabric.rounds.length]) / (n * w))
            : 1;
        edge(s, next, share * chord(n, 1), row, row * g);
        if (net.before[s] !== s && net.before[s] !== next && n > 4) {
          edge(net.before[s], next, share * chord(n, 2), WEAK.skip * row, WEAK.skip * row * g);
          bends.push(s);
        }
      }
      const [low, high] = [net.parentFrom[s], net.parentTo[s]];
      if (low >= net.stitches) {
        // Into the closed start: the ring itself takes what a chain loop leaves.
        edge(s, low, net.heightMm[s] + form.r[0], post * give, post * g);
      } else if (high > low) {
        posts.push(s);
        // What the stitch wants, and what the round wants that lies even: within half a stitch the post leans for free.
        const wish = ((round.turned ? 0 : lean) + net.offset[s]) * w;
        rests[s] = Math.max(wish - FREE_LEAN * w, Math.min(wish + FREE_LEAN * w, slantAt(net, s)));
        const middle = (low + high - 1) >> 1;
        const [deep, deeper] = [net.parentFrom[middle], net.parentTo[middle]];
        if (deeper > deep)
          edge(s, (deep + deeper - 1) >> 1, net.heightMm[s] + net.heightMm[middle], 0, WEAK.fold);
      }
      if (net.mesh.cap >= 0 && net.round[s] === fabric.rounds.length - 1)
        edge(s, net.mesh.cap, net.heightMm[s] * FABRIC.gatheredHeight, post * give, post * g);
    }
    this.edgeA = Int32Array.from(a);
    this.edgeB = Int32Array.from(b);
    this.edgeRest = Float64Array.from(rest);
    this.edgeOut = Float64Array.from(stretched);
    this.edgeIn = Float64Array.from(pressed);
    this.edges = a.length;
    this.posts = Int32Array.from(posts);
    this.bends = Int32Array.from(bends);
    this.bendRest = Float64Array.from(bends, (s) =>
      cornerAt(net.start, 3 * net.before[s], 3 * s, 3 * net.after[s]),
    );
    this.shearRest = rests;
    this.postStiff = post;
    this.postOut = post * give;
    this.shearStiff = WEAK.shear;
    const first = net.mesh.first;
    const last = fabric.rounds.length - 1;
    // Wound on from the triangles beside them.
    this.rims = [
      ...(net.mesh.centre < 0 ? [{ from: first[0], to: first[1], way: -1 as const }] : []),
      ...(net.mesh.cap < 0 ? [{ from: first[last], to: first[last + 1], way: 1 as const }] : []),
    ];
    let area = 0;
    for (let s = 0; s < net.stitches; s++) area += w * net.heightMm[s];
    // Spread over the stretch the fill is given. Source: the house's geometry, section 2, "Pressure".
    this.pressure = (2 * stretch) / Math.max(Math.sqrt(area / (4 * Math.PI)), 1e-9);
    this.mass = this.masses();
    this.soften = stretch;
    this.out = this.volume(net.start) < 0 ? -1 : 1;
  }

  private masses(): Float64Array {
    const { net, edges } = this;
    const mass = new Float64Array(net.points);
    for (let k = 0; k < edges; k++) {
      const stiff = Math.max(this.edgeOut[k], this.edgeIn[k]);
      mass[this.edgeA[k]] += stiff;
      mass[this.edgeB[k]] += stiff;
    }
    for (const s of this.posts) {
      const stiff = this.postStiff + this.shearStiff;
      mass[s] += stiff;
      const [low, high] = [net.parentFrom[s], net.parentTo[s]];
      for (let p = low; p < high; p++) mass[p] += stiff / (high - low);
    }
    for (let i = 0; i < mass.length; i++) mass[i] = Math.max(mass[i], 1e-3);
    return mass;
  }

  /** Each point's own stiffness at x, inverted: six numbers a point (xx, xy, xz, yy, yz, zz). Out of the fabric a point is held by tension alone. */
  answers(x: Float64Array): Float64Array {
    const { net, edges, soften } = this;
    const b = new Float64Array(6 * net.points);
    const put = (p: number, k: number, side: number, ux: number, uy: number, uz: number) => {
      const a = k - side;
      b[6 * p] += a * ux * ux + side;
      b[6 * p + 1] += a * ux * uy;
      b[6 * p + 2] += a * ux * uz;
      b[6 * p + 3] += a * uy * uy + side;
      b[6 * p + 4] += a * uy * uz;
      b[6 * p + 5] += a * uz * uz + side;
    };
    const least = 0.03 + soften;
    for (let k = 0; k < edges; k++) {
      const [p, q] = [this.edgeA[k], this.edgeB[k]];
      const [dx, dy, dz] = [x[3 * q] - x[3 * p], x[3 * q + 1] - x[3 * p + 1], x[3 * q + 2] - x[3 * p + 2]];
      const d = Math.sqrt(dx * dx + dy * dy + dz * dz) + 1e-9;
      const e = d - this.edgeRest[k];
      const stiff = e > 0 ? this.edgeOut[k] : this.edgeIn[k];
      const side = Math.max(least * stiff, (stiff * e) / d);
      put(p, stiff, side, dx / d, dy / d, dz / d);
      put(q, stiff, side, dx / d, dy / d, dz / d);
    }
    for (const s of this.posts) {
      const [low, high] = [net.parentFrom[s], net.parentTo[s]];
      let [dx, dy, dz] = [x[3 * s], x[3 * s + 1], x[3 * s + 2]];
      for (let p = low; p < high; p++) {
        dx -= x[3 * p] / (high - low);
        dy -= x[3 * p + 1] / (high - low);
        dz -= x[3 * p + 2] / (high - low);
      }
      const d = Math.sqrt(dx * dx + dy * dy + dz * dz) + 1e-9;
      const e = d - net.heightMm[s];
      const stiff = e > 0 ? this.postOut : this.postStiff * FABRIC.gathering;
      const side = Math.max(least * stiff, (stiff * e) / d, 0.5 * this.shearStiff);
      put(s, stiff, side, dx / d, dy / d, dz / d);
      const share = 1 / (high - low);
      for (let p = low; p < high; p++) put(p, stiff * share, side * share, dx / d, dy / d, dz / d);
    }
    for (let p = 0; p < net.points; p++) {
      const k = 6 * p;
      const hold = 1e-3;
      const [a, f, c, e2, d2, i] = [
        b[k] + hold,
        b[k + 1],
        b[k + 2],
        b[k + 3] + hold,
        b[k + 4],
        b[k + 5] + hold,
      ];
      const A = e2 * i - d2 * d2;
      const B = c * d2 - f * i;
      const C = f * d2 - c * e2;
      const det = a * A + f * B + c * C;
      b[k] = A / det;
      b[k + 1] = B / det;
      b[k + 2] = C / det;
      b[k + 3] = (a * i - c * c) / det;
      b[k + 4] = (f * c - a * d2) / det;
      b[k + 5] = (a * e2 - f * f) / det;
    }
    return b;
  }

  /** The energy at x; its slope is written into g. */
  at(x: Float64Array, g: Float64Array): number {
    g.fill(0);
    return (
      this.alongEdges(x, g) +
      this.alongPosts(x, g) +
      this.atCorners(x, g) +
      (this.pressure > 0 ? this.fill(x, g) : 0)
    );
  }

  private alongEdges(x: Float64Array, g: Float64Array): number {
    const { edgeA, edgeB, edgeRest, edgeOut, edgeIn, edges } = this;
    let energy = 0;
    for (let k = 0; k < edges; k++) {
      const a = 3 * edgeA[k];
      const b = 3 * edgeB[k];
      const dx = x[b] - x[a];
      const dy = x[b + 1] - x[a + 1];
      const dz = x[b + 2] - x[a + 2];
      const d = Math.sqrt(dx * dx + dy * dy + dz * dz);
      const e = d - edgeRest[k];
      const stiff = e > 0 ? edgeOut[k] : edgeIn[k];
      if (stiff === 0) continue;
      energy += 0.5 * stiff * e * e;
      const f = (stiff * e) / (d + 1e-12);
      g[a] -= f * dx;
      g[a + 1] -= f * dy;
      g[a + 2] -= f * dz;
      g[b] += f * dx;
      g[b + 1] += f * dy;
      g[b + 2] += f * dz;
    }
    return energy;
  }

  /** Rows that are pressed together shrink, they do not crumple: a corner sharper than where the ring model has it is resisted. */
  private atCorners(x: Float64Array, g: Float64Array): number {
    const { bends, bendRest, net } = this;
    let energy = 0;
    for (let k = 0; k < bends.length; k++) {
      const s = 3 * bends[k];
      const a = 3 * net.before[bends[k]];
      const b = 3 * net.after[bends[k]];
      const dx = x[a] + x[b] - 2 * x[s];
      const dy = x[a + 1] + x[b + 1] - 2 * x[s + 1];
      const dz = x[a + 2] + x[b + 2] - 2 * x[s + 2];
      const sharp = Math.sqrt(dx * dx + dy * dy + dz * dz);
      const e = sharp - bendRest[k];
      if (e <= 0) continue;
      energy += 0.5 * WEAK.crumple * e * e;
      const f = (WEAK.crumple * e) / sharp;
      g[a] += f * dx;
      g[a + 1] += f * dy;
      g[a + 2] += f * dz;
      g[b] += f * dx;
      g[b + 1] += f * dy;
      g[b + 2] += f * dz;
      g[s] -= 2 * f * dx;
      g[s + 1] -= 2 * f * dy;
      g[s + 2] -= 2 * f * dz;
    }
    return energy;
  }

  private alongPosts(x: Float64Array, g: Float64Array): number {
    const { net, posts, postStiff, postOut, shearStiff, shearRest } = this;
    const { before, after, parentFrom, parentTo, heightMm } = net;
    const soft = postStiff * FABRIC.gathering;
    let energy = 0;
    for (let k = 0; k < posts.length; k++) {
      const s = posts[k];
      const low = parentFrom[s];
      const high = parentTo[s];
      const share = 1 / (high - low);
      let px = 0;
      let py = 0;
      let pz = 0;
      for (let p = 3 * low; p < 3 * high; p += 3) {
        px += x[p];
        py += x[p + 1];
        pz += x[p + 2];
      }
      const i = 3 * s;
      const dx = x[i] - px * share;
      const dy = x[i + 1] - py * share;
      const dz = x[i + 2] - pz * share;
      // Square to the row half way: square to the stitch's own row alone would shorten every slanted post.
      const a = 3 * before[s];
      const b = 3 * after[s];
      const c = 3 * before[low];
      const d = 3 * after[high - 1];
      let tx = x[b] - x[a] + x[d] - x[c];
      let ty = x[b + 1] - x[a + 1] + x[d + 1] - x[c + 1];
      let tz = x[b + 2] - x[a + 2] + x[d + 2] - x[c + 2];
      const long = Math.sqrt(tx * tx + ty * ty + tz * tz) + 1e-9;
      tx /= long;
      ty /= long;
      tz /= long;
      const along = dx * tx + dy * ty + dz * tz;
      const qx = dx - along * tx;
      const qy = dy - along * ty;
      const qz = dz - along * tz;
      const tall = Math.sqrt(qx * qx + qy * qy + qz * qz) + 1e-9;
      const e = tall - heightMm[s];
      const stiff = e > 0 ? postOut : soft;
      const shear = along - shearRest[s];
      energy += 0.5 * stiff * e * e + 0.5 * shearStiff * shear * shear;
      const pull = (stiff * e) / tall;
      const push = shearStiff * shear;
      const fx = pull * qx + push * tx;
      const fy = pull * qy + push * ty;
      const fz = pull * qz + push * tz;
      g[i] += fx;
      g[i + 1] += fy;
      g[i + 2] += fz;
      for (let p = 3 * low; p < 3 * high; p += 3) {
        g[p] -= fx * share;
        g[p + 1] -= fy * share;
        g[p + 2] -= fz * share;
      }
      // The rows turn with their neighbours: without this, momentum is not kept.
      const swing = (push - pull * along) / long;
      const sx = swing * qx;
      const sy = swing * qy;
      const sz = swing * qz;
      g[b] += sx;
      g[b + 1] += sy;
      g[b + 2] += sz;
      g[a] -= sx;
      g[a + 1] -= sy;
      g[a + 2] -= sz;
      g[d] += sx;
      g[d + 1] += sy;
      g[d + 2] += sz;
      g[c] -= sx;
      g[c + 1] -= sy;
      g[c + 2] -= sz;
    }
    return energy;
  }

  /** Minus pressure times volume. */
  private fill(x: Float64Array, g: Float64Array): number {
    const k = -this.pressure * this.out;
    return k * enclosed(x, this.net.mesh.triangles, this.rims, g, k / 6);
  }

  /** Volume inside, mm3, in the sense of the triangles. */
  volume(x: Float64Array): number {
    return enclosed(x, this.net.mesh.triangles, this.rims, null, 0);
  }
}
