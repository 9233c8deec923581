import { FABRIC } from '../figures';

/** What the ring model is given: one entry a round, ring end first. Lengths in mm. */
export interface RingInput {
  counts: readonly number[];
  /** mean stitch height of each round */
  heightsMm: readonly number[];
  stitchMm: number;
  roundMm: number;
  /** relaxed radius of what the first round is worked into; 0 for an adjustable ring, `null` for a free edge */
  startRadiusMm: number | null;
  /** the last round is gathered shut */
  closed: boolean;
  /** stretch of a stuffed ball, `FABRIC.stretch` */
  stretch: number;
  /** softness of gathering; the house figure unless a test says otherwise */
  gathering?: number;
  bendStiffness?: number;
}

/**
 * Rings of the solved part: `r[0], z[0]` is the start, `r[i], z[i]` the tops of round i (1-based), and for a closed
 * part one more ring of radius 0. z is 0 at the start and grows towards the end.
 */
export interface Rings {
  r: Float64Array;
  z: Float64Array;
  iterations: number;
  converged: boolean;
}

const MOST_ITERATIONS = 6000;
const STEP = 0.6;
const STOP = 1e-5;

/**
 * One radius and height per round of a stuffed or empty part.
 *
 * Minimises the energy of rows and posts as springs (stiff when stretched, soft when gathered), a weak resistance to
 * folding and the pressure of the fill, by accelerated gradient descent with restarts. Deterministic and capped.
 * Source: the house's geometry, section 2 (tried and measured before the project began).
 */
export function solveRings(input: RingInput): Rings {
  const m = new Model(input);
  return m.solve();
}

class Model {
  private readonly n: number;
  private readonly r: Float64Array;
  private readonly z: Float64Array;
  private readonly rest: Float64Array;
  private readonly h: Float64Array;
  private readonly count: Float64Array;
  private readonly pinnedR: Uint8Array;
  private readonly gr: Float64Array;
  private readonly gz: Float64Array;
  private readonly mr: Float64Array;
  private readonly mz: Float64Array;
  private readonly pressure: number;
  private readonly row: number;
  private readonly post: number;
  private readonly gather: number;
  private readonly bend: number;
  private readonly w: number;

  constructor(input: RingInput) {
    const rounds = input.counts.length;
    this.n = rounds + 1 + (input.closed ? 1 : 0);
    this.w = input.stitchMm;
    const f = () => new Float64Array(this.n);
    this.r = f(); this.z = f(); this.rest = f(); this.h = f(); this.count = f(); this.gr = f(); this.gz = f(); this.mr = f(); this.mz = f();
    this.pinnedR = new Uint8Array(this.n);
    this.row = input.roundMm / input.stitchMm;
    this.post = input.stitchMm / input.roundMm;
    this.gather = input.gathering ?? FABRIC.gathering;
    this.bend = input.bendStiffness ?? FABRIC.bendStiffness;
    const perRadius = input.stitchMm / (2 * Math.PI);
    for (let i = 0; i < rounds; i++) {
      this.count[i + 1] = input.counts[i];
      this.rest[i + 1] = input.counts[i] * perRadius;
      this.h[i + 1] = input.heightsMm[i];
    }
    this.count[0] = input.counts[0] ?? 0;
    this.rest[0] = input.startRadiusMm ?? this.rest[1];
    if (input.startRadiusMm === 0) this.pinnedR[0] = 1;
    if (input.closed) {
      this.pinnedR[this.n - 1] = 1;
      this.count[this.n - 1] = this.count[this.n - 2];
      this.h[this.n - 1] = this.h[this.n - 2] * FABRIC.gatheredHeight;
    }
    let area = 0;
    for (let i = 1; i < this.n; i++) area += this.count[i] * this.w * this.h[i];
    this.pressure = (2 * input.stretch) / Math.max(Math.sqrt(area / (4 * Math.PI)), 1e-9);
    this.start(input.stretch > 0);
    this.masses();
  }

  /** Fabric can gather but never overstretch: each radius is reachable along the fabric from every narrower ring. */
  private start(lift: boolean): void {
    const { r, z, h, rest, n } = this;
    for (let i = 0; i < n; i++) r[i] = this.pinnedR[i] ? 0 : rest[i];
    for (let i = 1; i < n; i++) r[i] = Math.min(r[i], r[i - 1] + h[i]);
    for (let i = n - 2; i >= 0; i--) r[i] = Math.min(r[i], r[i + 1] + h[i + 1]);
    for (let i = 1; i < n; i++) {
      const dr = r[i] - r[i - 1];
      const dz = Math.sqrt(Math.max(0, h[i] * h[i] - dr * dr));
      // A flat bag has no outside for the pressure to find.
      z[i] = z[i - 1] + (lift ? Math.max(dz, FABRIC.liftOfRoundHeight * h[i]) : dz);
    }
  }

  private masses(): void {
    const { count, mr, mz, n } = this;
    for (let i = 0; i < n; i++) {
      const round = count[i] > 0 ? (this.row * 4 * Math.PI * Math.PI) / count[i] : 0;
      const below = i > 0 ? count[i] * this.post : 0;
      const above = i + 1 < n ? count[i + 1] * this.post : 0;
      const bend = this.bend * ((i > 1 ? count[i] : 0) + (i + 2 < n ? count[i + 2] : 0));
      const links = below + above + bend;
      mr[i] = Math.max((i > 0 || !this.pinnedR[0] ? round : 0) + links, 1e-9);
      mz[i] = Math.max(links, 1e-9);
    }
  }

  private gradient(): void {
    const { r, z, gr, gz, n, count, h } = this;
    gr.fill(0);
    gz.fill(0);
    for (let i = 0; i < n; i++) {
      if (this.pinnedR[i] || count[i] === 0) continue;
      const e = (2 * Math.PI * (r[i] - this.rest[i])) / count[i];
      gr[i] += this.row * (e > 0 ? 1 : this.gather) * e * 2 * Math.PI;
    }
    const third = (this.pressure * Math.PI) / 3;
    for (let i = 1; i < n; i++) {
      this.pull(i - 1, i, h[i], count[i] * this.post, 1, this.gather);
      if (i > 1) this.pull(i - 2, i, h[i] + h[i - 1], count[i] * this.bend, 0, 1);
      const dz = z[i] - z[i - 1];
      const a = r[i - 1];
      const b = r[i];
      gr[i] -= third * dz * (2 * b + a);
      gr[i - 1] -= third * dz * (2 * a + b);
      const face = third * (a * a + a * b + b * b);
      gz[i] -= face;
      gz[i - 1] += face;
    }
    for (let i = 0; i < n; i++) if (this.pinnedR[i]) gr[i] = 0;
    gz[0] = 0;
  }

  /** A spring between rings a and b; `stretching` and `gathering` scale it longer and shorter than its rest. */
  private pull(a: number, b: number, rest: number, stiffness: number, stretching: number, gathering: number): void {
    const dr = this.r[b] - this.r[a];
    const dz = this.z[b] - this.z[a];
    const length = Math.sqrt(dr * dr + dz * dz);
    if (length < 1e-12) return;
    const d = length - rest;
    const force = (stiffness * (d > 0 ? stretching : gathering) * d) / length;
    this.gr[b] += force * dr;
    this.gr[a] -= force * dr;
    this.gz[b] += force * dz;
    this.gz[a] -= force * dz;
  }

  solve(): Rings {
    const { r, z, gr, gz, mr, mz, n } = this;
    const oldR = Float64Array.from(r);
    const oldZ = Float64Array.from(z);
    const cap = this.w / 2;
    let k = 0;
    let iterations = 0;
    let converged = false;
    while (iterations < MOST_ITERATIONS && !converged) {
      iterations++;
      const momentum = k / (k + 3);
      for (let i = 0; i < n; i++) {
        const nr = r[i] + momentum * (r[i] - oldR[i]);
        const nz = z[i] + momentum * (z[i] - oldZ[i]);
        oldR[i] = r[i];
        oldZ[i] = z[i];
        r[i] = Math.max(0, nr);
        z[i] = nz;
      }
      this.gradient();
      let along = 0;
      let square = 0;
      for (let i = 0; i < n; i++) {
        r[i] = Math.max(0, r[i] - clamp((STEP * gr[i]) / mr[i], cap));
        z[i] -= clamp((STEP * gz[i]) / mz[i], cap);
        const sr = r[i] - oldR[i];
        const sz = z[i] - oldZ[i];
        along += gr[i] * sr + gz[i] * sz;
        square += sr * sr + sz * sz;
      }
      // Going uphill: the momentum has overshot.
      k = along > 0 ? 0 : k + 1;
      converged = Math.sqrt(square / n) < STOP * this.w;
    }
    return { r, z, iterations, converged };
  }
}

const clamp = (x: number, most: number): number => Math.max(-most, Math.min(most, x));
