import { FABRIC } from '../figures';
import { Band } from './band';

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
  /** stretch of a stuffed ball, `FABRIC.stretch`; one a round where lengths are filled otherwise */
  stretch: number | readonly number[];
  /** straight length of each round's section: 0 for a circle, else an oval of two half circles and two straights; the start has that of round 1 */
  straightMm?: readonly number[];
  /** stiffness of stretched posts over that of rows: `figures`, GAUGE.postGive; 1 for the house's older tables; where nothing is filled posts give as rows do */
  postGive?: number;
  /** softness of gathering; the house figure unless a test says otherwise */
  gathering?: number;
  bendStiffness?: number;
}

/**
 * Rings of the solved part: `r[0], z[0]` is the start, `r[i], z[i]` the tops of round i (1-based), and for a closed
 * part one more ring of radius 0. z is 0 at the start and grows towards the end. `r` is the radius of an oval's ends.
 */
export interface Rings {
  r: Float64Array;
  z: Float64Array;
  iterations: number;
  converged: boolean;
}

const MOST_ITERATIONS = 400;
/** Done when the rms Newton step is under this share of a stitch. */
const STOP = 1e-6;
const DAMPING = { first: 1e-2, least: 1e-12, most: 1e12 };

/**
 * One radius and height per round of a stuffed or empty part.
 *
 * Minimises the energy of rows and posts as springs (stiff when stretched, soft when gathered), a weak resistance to
 * folding and the pressure of the fill. Each round meets only its neighbours and the next but one, so Newton's matrix is
 * a narrow band; a step is damped (Levenberg and Marquardt) until the band is positive and the energy falls.
 * Deterministic and capped; linear in the rounds for each step.
 * Source of the energy: the house's geometry, section 2. It is solved there by accelerated gradients; `rings.test.ts`
 * keeps that as the second opinion.
 */
export function solveRings(input: RingInput): Rings {
  return new Model(input).solve();
}

class Model {
  private readonly n: number;
  private readonly r: Float64Array;
  private readonly z: Float64Array;
  private readonly rest: Float64Array;
  private readonly h: Float64Array;
  private readonly count: Float64Array;
  private readonly straight: Float64Array;
  private readonly pinnedR: Uint8Array;
  private readonly mass: Float64Array;
  private readonly g: Float64Array;
  private readonly band: Band;
  /** inside the cone below each ring */
  private readonly pressure: Float64Array;
  private readonly row: number;
  private readonly post: number;
  /** of the posts below each ring */
  private readonly give: Float64Array;
  private readonly gather: number;
  private readonly bend: number;
  private readonly w: number;

  constructor(input: RingInput) {
    const rounds = input.counts.length;
    this.n = rounds + 1 + (input.closed ? 1 : 0);
    this.w = input.stitchMm;
    const f = (n = this.n) => new Float64Array(n);
    this.r = f();
    this.z = f();
    this.rest = f();
    this.h = f();
    this.count = f();
    this.straight = f();
    this.mass = f(2 * this.n);
    this.g = f(2 * this.n);
    this.band = new Band(2 * this.n);
    this.pinnedR = new Uint8Array(this.n);
    this.row = input.roundMm / input.stitchMm;
    this.post = input.stitchMm / input.roundMm;
    this.pressure = f();
    this.give = f();
    this.gather = input.gathering ?? FABRIC.gathering;
    this.bend = input.bendStiffness ?? FABRIC.bendStiffness;
    for (let i = 0; i < rounds; i++) {
      this.count[i + 1] = input.counts[i];
      this.straight[i + 1] = input.straightMm?.[i] ?? 0;
      this.rest[i + 1] =
        Math.max(0, input.counts[i] * input.stitchMm - 2 * this.straight[i + 1]) / (2 * Math.PI);
      this.h[i + 1] = input.heightsMm[i];
    }
    this.count[0] = input.counts[0] ?? 0;
    this.straight[0] = this.straight[1] ?? 0;
    this.rest[0] = input.startRadiusMm ?? this.rest[1];
    if (input.startRadiusMm === 0) this.pinnedR[0] = 1;
    if (input.closed) {
      this.pinnedR[this.n - 1] = 1;
      this.count[this.n - 1] = this.count[this.n - 2];
      this.h[this.n - 1] = this.h[this.n - 2] * FABRIC.gatheredHeight;
    }
    let area = 0;
    for (let i = 1; i < this.n; i++) area += this.count[i] * this.w * this.h[i];
    const radius = Math.max(Math.sqrt(area / (4 * Math.PI)), 1e-9);
    const { stretch } = input;
    for (let i = 1; i < this.n; i++) {
      // What is gathered shut is filled as its last round is.
      const own = typeof stretch === 'number' ? stretch : stretch[Math.min(i, rounds) - 1];
      this.pressure[i] = (2 * own) / radius;
      this.give[i] = own > 0 ? (input.postGive ?? 1) : 1;
    }
    this.start(this.pressure.some((p) => p > 0));
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
    const { count, mass, n } = this;
    for (let i = 0; i < n; i++) {
      const round = count[i] > 0 ? (this.row * 4 * Math.PI * Math.PI) / count[i] : 0;
      const below = i > 0 ? count[i] * this.post : 0;
      const above = i + 1 < n ? count[i + 1] * this.post : 0;
      const bend = this.bend * ((i > 1 ? count[i] : 0) + (i + 2 < n ? count[i + 2] : 0));
      const links = below + above + bend;
      mass[2 * i] = Math.max(round + links, 1e-9);
      mass[2 * i + 1] = Math.max(links, 1e-9);
    }
  }

  /** The energy at radii r and heights z. */
  private energy(r: Float64Array, z: Float64Array): number {
    const { n, count, h, straight } = this;
    let sum = 0;
    for (let i = 0; i < n; i++) {
      if (this.pinnedR[i] || count[i] === 0) continue;
      const e = (2 * Math.PI * (r[i] - this.rest[i])) / count[i];
      sum += (count[i] / 2) * this.row * (e > 0 ? 1 : this.gather) * e * e;
    }
    for (let i = 1; i < n; i++) {
      const dr = r[i] - r[i - 1];
      const dz = z[i] - z[i - 1];
      const d = Math.sqrt(dr * dr + dz * dz) - h[i];
      sum += (count[i] / 2) * this.post * (d > 0 ? this.give[i] : this.gather) * d * d;
      if (i > 1) {
        const ar = r[i] - r[i - 2];
        const az = z[i] - z[i - 2];
        const a = Math.sqrt(ar * ar + az * az) - h[i] - h[i - 1];
        if (a < 0) sum += (count[i] / 2) * this.bend * a * a;
      }
      const flat = (straight[i] + straight[i - 1]) / 2;
      sum -=
        this.pressure[i] *
        dz *
        ((Math.PI / 3) * (r[i] * r[i] + r[i] * r[i - 1] + r[i - 1] * r[i - 1]) + flat * (r[i] + r[i - 1]));
    }
    return sum;
  }

  /** Slope and curvature of the energy, into `g` and `band`. */
  private slopes(): void {
    const { r, z, g, band, n, count, h, pressure, straight } = this;
    g.fill(0);
    band.clear();
    const turn = 4 * Math.PI * Math.PI * this.row;
    for (let i = 0; i < n; i++) {
      if (this.pinnedR[i] || count[i] === 0) continue;
      const e = (2 * Math.PI * (r[i] - this.rest[i])) / count[i];
      const c = e > 0 ? 1 : this.gather;
      g[2 * i] += this.row * c * e * 2 * Math.PI;
      band.add(2 * i, 2 * i, (turn * c) / count[i]);
    }
    for (let i = 1; i < n; i++) {
      this.spring(i - 1, i, h[i], count[i] * this.post, this.give[i], this.gather);
      if (i > 1) this.spring(i - 2, i, h[i] + h[i - 1], count[i] * this.bend, 0, 1);
      if (pressure[i] === 0) continue;
      const third = (pressure[i] * Math.PI) / 3;
      const [a, b, dz] = [r[i - 1], r[i], z[i] - z[i - 1]];
      const flat = (pressure[i] * (straight[i] + straight[i - 1])) / 2;
      const [ra, za, rb, zb] = [2 * i - 2, 2 * i - 1, 2 * i, 2 * i + 1];
      const toB = third * (2 * b + a) + flat;
      const toA = third * (2 * a + b) + flat;
      const face = third * (a * a + a * b + b * b) + flat * (a + b);
      g[rb] -= dz * toB;
      g[ra] -= dz * toA;
      g[zb] -= face;
      g[za] += face;
      band.add(ra, ra, -2 * third * dz);
      band.add(rb, rb, -2 * third * dz);
      band.add(rb, ra, -third * dz);
      band.add(zb, rb, -toB);
      band.add(zb, ra, -toA);
      band.add(rb, za, toB);
      band.add(za, ra, toA);
    }
  }

  /** A spring between rings a and b; `stretching` and `gathering` scale it longer and shorter than its rest. */
  private spring(
    a: number,
    b: number,
    rest: number,
    stiffness: number,
    stretching: number,
    gathering: number,
  ): void {
    const { r, z, g, band } = this;
    const dr = r[b] - r[a];
    const dz = z[b] - z[a];
    const length = Math.sqrt(dr * dr + dz * dz);
    if (length < 1e-12) return;
    const d = length - rest;
    const k = stiffness * (d > 0 ? stretching : gathering);
    if (k === 0) return;
    const [ur, uz] = [dr / length, dz / length];
    const force = k * d;
    g[2 * b] += force * ur;
    g[2 * a] -= force * ur;
    g[2 * b + 1] += force * uz;
    g[2 * a + 1] -= force * uz;
    const across = force / length;
    const rr = k * ur * ur + across * uz * uz;
    const rz = (k - across) * ur * uz;
    const zz = k * uz * uz + across * ur * ur;
    band.add(2 * a, 2 * a, rr);
    band.add(2 * b, 2 * b, rr);
    band.add(2 * b, 2 * a, -rr);
    band.add(2 * a + 1, 2 * a + 1, zz);
    band.add(2 * b + 1, 2 * b + 1, zz);
    band.add(2 * b + 1, 2 * a + 1, -zz);
    band.add(2 * a + 1, 2 * a, rz);
    band.add(2 * b + 1, 2 * b, rz);
    band.add(2 * b + 1, 2 * a, -rz);
    band.add(2 * b, 2 * a + 1, -rz);
  }

  /** Turns a part with a volume below nothing right side out; false when there is nothing to turn. */
  private turnOut(): boolean {
    const { r, z, n } = this;
    let volume = 0;
    for (let i = 1; i < n; i++)
      volume += (z[i] - z[i - 1]) * (r[i] * r[i] + r[i] * r[i - 1] + r[i - 1] * r[i - 1]);
    if (volume >= -1e-9 * this.w ** 3) return false;
    for (let i = 0; i < n; i++) z[i] = -z[i];
    return true;
  }

  /** Where a step leads, written into `newR` and `newZ`: cut to two stitch widths, and how long it is in stitch widths. */
  private stepped(step: Float64Array, newR: Float64Array, newZ: Float64Array) {
    const { r, z, n, w } = this;
    let longest = 0;
    for (let i = 0; i < 2 * n; i++) longest = Math.max(longest, Math.abs(step[i]));
    const scale = longest > 2 * w ? (2 * w) / longest : 1;
    let square = 0;
    for (let i = 0; i < n; i++) {
      newR[i] = Math.max(0, r[i] - scale * step[2 * i]);
      newZ[i] = z[i] - scale * step[2 * i + 1];
      square += (newR[i] - r[i]) ** 2 + (newZ[i] - z[i]) ** 2;
    }
    return { scale, rms: Math.sqrt(square / n) / w };
  }

  solve(): Rings {
    const { r, z, g, mass, n, band } = this;
    const step = new Float64Array(2 * n);
    const held = new Uint8Array(2 * n);
    const newR = new Float64Array(n);
    const newZ = new Float64Array(n);
    let damping = DAMPING.first;
    let energy = this.energy(r, z);
    let iterations = 0;
    let converged = n < 2;
    this.slopes();
    while (iterations < MOST_ITERATIONS && !converged) {
      iterations++;
      held.fill(0);
      held[1] = 1;
      // A ring drawn to nothing stays so while its springs pull it further.
      for (let i = 0; i < n; i++) if (this.pinnedR[i] || (r[i] === 0 && g[2 * i] > 0)) held[2 * i] = 1;
      if (!band.solve(g, mass, damping, held, step)) {
        damping = Math.max(damping * 8, 1e-6);
        continue;
      }
      const { scale, rms } = this.stepped(step, newR, newZ);
      const next = this.energy(newR, newZ);
      if (next <= energy + 1e-13 * Math.abs(energy)) {
        r.set(newR);
        z.set(newZ);
        energy = next;
        damping = Math.max(DAMPING.least, damping / (scale === 1 ? 6 : 2));
        this.slopes();
        converged = rms < STOP && damping < 1e-3;
      } else {
        // No way down that numbers can tell apart: this is the bottom.
        converged = rms < STOP * 1e-2;
        damping = Math.min(DAMPING.most, Math.max(damping * 5, 1e-6));
      }
      // Inside out: the same springs the right way out are as long, and the fill presses with them.
      if (converged && this.turnOut()) {
        converged = false;
        damping = DAMPING.first;
        energy = this.energy(r, z);
        this.slopes();
      }
    }
    return { r, z, iterations, converged };
  }
}
