import { descend } from './descent';
import type { PartForm } from './form';
import { Harmonics } from './harmonics';
import { netOf, type Net } from './net';
import { Springs } from './springs';

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

/** Whether a part's stitches are relaxed: round sections are; what is pressed, folded, oval, pushed in or flat lies as its model says. */
export const relaxes = (form: PartForm): boolean => form.section === 'ring' && !form.folded && form.rim === null && form.fabric.rounds.length > 1 && form.straight.every((l) => l === 0);

/**
 * Relaxes a part from its ring model, over two levels: each point by its own springs, whole rings by waves round the axis.
 * `stretch` is that of the fill (`figures`, FABRIC.stretch). Deterministic and capped.
 */
export function relax(form: PartForm, stretch: number, { tolerance = 1e-4, mostIterations = 300, stop = () => false }: RelaxOptions = {}): Relaxed {
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
  const run = descend(points, { at: (x, g) => springs.at(x, g), precondition, mostStep: MOST_STEP * w, mostSteps: mostIterations, stop, done: (g) => plainStep(g, springs.mass) < tolerance * w });
  return { net, points, ...run };
}

/** Rms over the points of a plain step, mm. */
function plainStep(g: Float64Array, mass: Float64Array): number {
  let sum = 0;
  for (let p = 0, k = 0; p < mass.length; p++, k += 3) sum += (g[k] * g[k] + g[k + 1] * g[k + 1] + g[k + 2] * g[k + 2]) / (mass[p] * mass[p]);
  return PLAIN * Math.sqrt(sum / mass.length);
}
