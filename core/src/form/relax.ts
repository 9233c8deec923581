import { descend } from './descent';
import type { PartForm } from './form';
import { Harmonics } from './harmonics';
import { netOf, type Net } from './net';
import { Springs } from './springs';
import { cross, dot, unit, type Vec3 } from './vectors';

/** A part stitch by stitch in space. For looks: stated numbers come from the form (decision 13). */
export interface Relaxed {
  net: Net;
  /** three numbers a point of the net, mm */
  points: Float64Array;
  iterations: number;
  converged: boolean;
}

export interface RelaxOptions {
  /** done when the rms of a plain step (0.6 of the slope over the mass) is under so many stitches. Source: the house's geometry, section 3 */
  tolerance?: number;
  mostIterations?: number;
  /** asked before each iteration; true ends the work where it stands */
  stop?: () => boolean;
}

/** The house's plain step, for its measure of how far there is to go; most that a point moves in a step, stitches. */
const PLAIN = 0.6;
const MOST_STEP = 0.5;
/** Share of a point's own answer that a step takes beside the waves. */
const OWN = 0.9;

/** Whether a part's stitches are relaxed: round sections are; what is pressed, folded, oval, pushed in, flat or filled in lengths lies as its model says. */
export const relaxes = (form: PartForm): boolean =>
  form.section === 'ring' &&
  !form.folded &&
  form.rim === null &&
  form.fills === null &&
  form.fabric.rounds.length > 1 &&
  form.straight.every((l) => l === 0);

/**
 * Relaxes a part from its ring model, over two levels: each point by its own springs, whole rings by waves round the axis.
 * `stretch` is that of the fill (`figures`, FABRIC.stretch). Deterministic and capped.
 */
export function relax(
  form: PartForm,
  stretch: number,
  { tolerance = 1e-4, mostIterations = 300, stop = () => false }: RelaxOptions = {},
): Relaxed {
  const net = netOf(form);
  const points = net.start.slice();
  if (!relaxes(form)) return { net, points, iterations: 0, converged: true };
  const springs = new Springs(form, net, stretch);
  const coarse = new Harmonics(form, net, stretch);
  const own = springs.answers(points);
  const w = form.gauge.stitchMm;
  const precondition = (slope: Float64Array, answer: Float64Array) => {
    for (let k = 0, b = 0; k < slope.length; k += 3, b += 6) {
      const x = OWN * slope[k];
      const y = OWN * slope[k + 1];
      const z = OWN * slope[k + 2];
      answer[k] = own[b] * x + own[b + 1] * y + own[b + 2] * z;
      answer[k + 1] = own[b + 1] * x + own[b + 3] * y + own[b + 4] * z;
      answer[k + 2] = own[b + 2] * x + own[b + 4] * y + own[b + 5] * z;
    }
    coarse.add(slope, answer);
  };
  const run = descend(points, {
    at: (x, g) => springs.at(x, g),
    precondition,
    mostStep: MOST_STEP * w,
    mostSteps: mostIterations,
    stop,
    done: (g) => plainStep(g, springs.mass) < tolerance * w,
  });
  standBack(points, net.start);
  return { net, points, ...run };
}

/** Turns and shifts the points, as a whole, to where they began: relaxing lets a part drift and twist freely. */
function standBack(x: Float64Array, start: Float64Array): void {
  const n = x.length / 3;
  for (let round = 0; round < 3; round++) {
    const c = [0, 0, 0];
    const d = [0, 0, 0];
    for (let k = 0; k < x.length; k++) {
      c[k % 3] += x[k] / n;
      d[k % 3] += start[k] / n;
    }
    const moment = [0, 0, 0];
    const inertia = [0, 0, 0, 0, 0, 0, 0, 0, 0];
    for (let k = 0; k < x.length; k += 3) {
      const r: Vec3 = [x[k] - c[0], x[k + 1] - c[1], x[k + 2] - c[2]];
      const turned = cross(r, [start[k] - d[0], start[k + 1] - d[1], start[k + 2] - d[2]]);
      for (let i = 0; i < 3; i++) {
        moment[i] += turned[i];
        for (let j = 0; j < 3; j++) inertia[3 * i + j] += (i === j ? dot(r, r) : 0) - r[i] * r[j];
      }
    }
    const turn = solveThree(inertia, moment);
    const angle = Math.hypot(...turn);
    const [u, co, si] = [unit(turn), Math.cos(angle), Math.sin(angle)];
    for (let k = 0; k < x.length; k += 3) {
      const r: Vec3 = [x[k] - c[0], x[k + 1] - c[1], x[k + 2] - c[2]];
      const [across, along] = [cross(u, r), dot(u, r)];
      for (let i = 0; i < 3; i++) x[k + i] = d[i] + co * r[i] + si * across[i] + (1 - co) * along * u[i];
    }
  }
}

/** Solves a symmetric system of three by Cramer's rule; no turn where there is nothing to turn. */
function solveThree(m: readonly number[], b: readonly number[]): Vec3 {
  const columns = [0, 1, 2].map((j): Vec3 => [m[j], m[3 + j], m[6 + j]]);
  const whole = dot(columns[0], cross(columns[1], columns[2]));
  if (!(Math.abs(whole) > 1e-9)) return [0, 0, 0];
  const right: Vec3 = [b[0], b[1], b[2]];
  return [
    dot(right, cross(columns[1], columns[2])) / whole,
    dot(columns[0], cross(right, columns[2])) / whole,
    dot(columns[0], cross(columns[1], right)) / whole,
  ];
}

/** Rms over the points of a plain step, mm. */
function plainStep(g: Float64Array, mass: Float64Array): number {
  let sum = 0;
  for (let p = 0, k = 0; p < mass.length; p++, k += 3)
    sum += (g[k] * g[k] + g[k + 1] * g[k + 1] + g[k + 2] * g[k + 2]) / (mass[p] * mass[p]);
  return PLAIN * Math.sqrt(sum / mass.length);
}
