import { FABRIC } from '../figures';
import { Band } from './band';
import { postGiveOf, type PartForm } from './form';
import type { Net } from './net';

/** Waves round the axis that the coarse level knows: none (rings grow, slide, twist), one (the part bends), two (it turns oval) and on. Measured: six take twice the steps of ten. */
const WAVES = 10;
/** Share of the mean stiffness that keeps free movements of the whole part out of the way. */
const HOLD = 1e-5;

/**
 * The coarse level of the relaxation. Slow movements of a part are waves round its axis that change little from round to
 * round: of each wave a ring has three freedoms (across, round, along the axis), rings meet only their neighbours, so the
 * stiffness of each wave is a narrow band, factored once from the ring model. Semi-analytic shells of revolution, as in
 * structural engineering; its use on crochet is the house's own.
 */
export class Harmonics {
  private readonly rings: number;
  private readonly bands: { band: Band; held: Uint8Array }[] = [];
  /** cosine and sine of each wave but the first at each stitch */
  private readonly waves: Float64Array;
  /** across, round and along the axis at each stitch: nine numbers each */
  private readonly frame: Float64Array;
  private readonly load: Float64Array;
  private readonly move: Float64Array;

  constructor(
    private readonly form: PartForm,
    private readonly net: Net,
    private readonly stretch: number,
  ) {
    this.rings = form.fabric.rounds.length;
    this.load = new Float64Array((2 * WAVES - 1) * 3 * this.rings);
    this.move = new Float64Array(this.load.length);
    this.frame = frames(form, net);
    this.waves = new Float64Array(2 * (WAVES - 1) * net.stitches);
    for (let s = 0, t = 0; s < net.stitches; s++)
      for (let m = 1; m < WAVES; m++) {
        this.waves[t++] = Math.cos(m * net.angle[s]);
        this.waves[t++] = Math.sin(m * net.angle[s]);
      }
    for (let m = 0; m < WAVES; m++) this.bands.push(this.stiffness(m));
  }

  private stiffness(m: number): { band: Band; held: Uint8Array } {
    const { form, rings } = this;
    const { r, z, gauge, fabric } = form;
    const [w, h] = [gauge.stitchMm, gauge.roundMm];
    const band = new Band(3 * rings);
    const held = new Uint8Array(3 * rings);
    const mass = new Float64Array(3 * rings);
    // The stuffing pulls rows and posts by as much as it stretches them. Source: Laplace's law of a ball.
    const pull = this.stretch;
    const c = new Float64Array(6);
    const square = (i: number, stiff: number) => {
      // c holds across, round, along of ring i - 1 and of ring i.
      for (let p = i > 0 ? 0 : 3; p < 6; p++) {
        const row = 3 * (i - 1) + p;
        mass[row] += stiff * c[p] * c[p];
        for (let q = i > 0 ? 0 : 3; q <= p; q++)
          if (c[p] !== 0 && c[q] !== 0) band.add(row, 3 * (i - 1) + q, stiff * c[p] * c[q]);
      }
      c.fill(0);
    };
    for (let i = 0; i < rings; i++) {
      const n = fabric.rounds[i].count;
      if (n <= 2 * m || r[i + 1] < 0.05 * w)
        held.fill(1, 3 * i + (m === 0 ? 1 : 0), 3 * i + (m === 0 ? 2 : 3));
      const share = m === 0 ? n : n / 2;
      const half = Math.PI / Math.max(n, 1);
      const dr = r[i + 1] - r[i];
      const dz = z[i + 1] - z[i];
      const d = Math.max(Math.hypot(dr, dz), 1e-6);
      const [pr, pz] = [dr / d, dz / d];
      const rest = (n * w) / (2 * Math.PI);
      const row = (h / w) * (r[i + 1] > rest ? 1 : FABRIC.gathering);
      // Rows, and every second stitch of them.
      for (const [steps, stiff] of [
        [1, row],
        [2, 0.05 * row],
      ] as const) {
        c[4] = 2 * Math.cos(steps * half) * Math.sin(m * steps * half);
        c[3] = 2 * Math.sin(steps * half) * Math.cos(m * steps * half);
        square(i, stiff * share);
      }
      // Rows under tension keep straight out of the fabric.
      c[3] = 2 * Math.sin(m * half) * pz;
      c[5] = -2 * Math.sin(m * half) * pr;
      square(i, (pull + 0.005) * (h / w) * share);
      const post = (w / h) * (d > h * 1.001 ? postGiveOf(gauge, this.stretch) : FABRIC.gathering);
      c[0] = i > 0 ? -pr : 0;
      c[2] = i > 0 ? -pz : 0;
      c[3] = pr;
      c[5] = pz;
      square(i, post * share);
      c[0] = i > 0 ? pz : 0;
      c[2] = i > 0 ? -pr : 0;
      c[3] = -pz;
      c[5] = pr;
      square(i, (pull + 0.005) * share);
      const turn = h / Math.max(r[i + 1], 0.2 * w);
      c[1] = i > 0 ? -1 : 0;
      c[3] = -turn * m * pr;
      c[4] = 1 - turn * pr;
      c[5] = -turn * m * pz;
      square(i, 0.04 * share);
    }
    const mean = mass.reduce((a, b) => a + b, 0) / Math.max(1, mass.length);
    const even = mass.map((k) => Math.max(k, mean));
    for (let damping = HOLD; !band.factor(even, damping, held); damping *= 10) if (damping > 1) held.fill(1);
    return { band, held };
  }

  /** Adds to `d` the movement of the coarse level under the slope `g`. */
  add(g: Float64Array, d: Float64Array): void {
    const { net, rings, frame, waves, load, move } = this;
    const { stitches, round } = net;
    const size = 3 * rings;
    // Of each wave first what follows the cosine, then what follows the sine.
    load.fill(0);
    for (let v = 0, k = 0, f = 0, t = 0; v < stitches; v++, k += 3, f += 9) {
      const gx = g[k];
      const gy = g[k + 1];
      const gz = g[k + 2];
      const across = gx * frame[f] + gy * frame[f + 1] + gz * frame[f + 2];
      const about = gx * frame[f + 3] + gy * frame[f + 4] + gz * frame[f + 5];
      const along = gx * frame[f + 6] + gy * frame[f + 7] + gz * frame[f + 8];
      let at = 3 * round[v];
      load[at] += across;
      load[at + 1] += about;
      load[at + 2] += along;
      for (let m = 1; m < WAVES; m++, t += 2) {
        const c = waves[t];
        const s = waves[t + 1];
        at += size;
        load[at] += across * c;
        load[at + 1] += about * s;
        load[at + 2] += along * c;
        at += size;
        load[at] += across * s;
        load[at + 1] -= about * c;
        load[at + 2] += along * s;
      }
    }
    this.bands.forEach(({ band, held }, m) => {
      for (let k = Math.max(0, 2 * m - 1); k <= 2 * m; k++)
        band.substitute(
          load.subarray(k * size, (k + 1) * size),
          held,
          move.subarray(k * size, (k + 1) * size),
        );
    });
    for (let v = 0, k = 0, f = 0, t = 0; v < stitches; v++, k += 3, f += 9) {
      let at = 3 * round[v];
      let across = move[at];
      let about = move[at + 1];
      let along = move[at + 2];
      for (let m = 1; m < WAVES; m++, t += 2) {
        const c = waves[t];
        const s = waves[t + 1];
        at += size;
        across += move[at] * c;
        about += move[at + 1] * s;
        along += move[at + 2] * c;
        at += size;
        across += move[at] * s;
        about -= move[at + 1] * c;
        along += move[at + 2] * s;
      }
      d[k] += across * frame[f] + about * frame[f + 3] + along * frame[f + 6];
      d[k + 1] += across * frame[f + 1] + about * frame[f + 4] + along * frame[f + 7];
      d[k + 2] += across * frame[f + 2] + about * frame[f + 5] + along * frame[f + 8];
    }
    this.ends(d);
  }

  /** The closed start and the gathered end go with the ring beside them. */
  private ends(d: Float64Array): void {
    const { net, rings, move, form } = this;
    const size = 3 * rings;
    for (const [point, ring] of [
      [net.mesh.centre, 0],
      [net.mesh.cap, rings - 1],
    ]) {
      if (point < 0) continue;
      const at = 3 * ring;
      const b = form.axis ? form.axis.rotation.subarray(9 * (ring + 1), 9 * (ring + 1) + 9) : STRAIGHT;
      // Across and round together shift a ring sideways.
      const x = (move[size + at] - move[size + at + 1]) / 2;
      const y = (form.direction * (move[2 * size + at] - move[2 * size + at + 1])) / 2;
      for (let k = 0; k < 3; k++)
        d[3 * point + k] += b[3 * k] * x + b[3 * k + 1] * y + b[3 * k + 2] * move[at + 2];
    }
  }
}

const STRAIGHT = [1, 0, 0, 0, 1, 0, 0, 0, 1];

/** Across, round (in the working direction) and along the axis at each stitch where the ring model puts it. */
function frames(form: PartForm, net: Net): Float64Array {
  const frame = new Float64Array(9 * net.stitches);
  for (let s = 0; s < net.stitches; s++) {
    const b = form.axis
      ? form.axis.rotation.subarray(9 * (net.round[s] + 1), 9 * (net.round[s] + 1) + 9)
      : STRAIGHT;
    const [c, q] = [Math.cos(net.angle[s]), form.direction * Math.sin(net.angle[s])];
    const local = [c, q, 0, -q * form.direction, c * form.direction, 0, 0, 0, 1];
    for (let v = 0; v < 3; v++)
      for (let k = 0; k < 3; k++)
        frame[9 * s + 3 * v + k] =
          b[3 * k] * local[3 * v] + b[3 * k + 1] * local[3 * v + 1] + b[3 * k + 2] * local[3 * v + 2];
  }
  return frame;
}
