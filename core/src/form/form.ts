import { FABRIC, GAUGE, HEIGHT_OF } from '../figures';
import { KINDS, type Fabric, type FabricRound } from '../fabric';
import { ranged, type Gauge, type Ranged } from '../gauge';
import { solveRings, type Rings } from './rings';

export type Firmness = 'empty' | 'soft' | 'medium' | 'firm';

/** One round in millimetres. `radiusMm` and `heightMm` (along the axis from the ring) are of the ring model. */
export interface RoundForm {
  label: string;
  number: number;
  count: number;
  /** diameter at rest, n w / pi */
  ringMm: number;
  /** diameter pulled open by hand */
  pulledMm: number;
  radiusMm: number;
  heightMm: number;
  /** free radius over solved radius; above 1.1 over neighbouring rounds it ruffles or puckers */
  fullness: number;
}

/** A part in millimetres: everything stated about its size comes from here (decision 13). */
export interface PartForm {
  basis: 'ring model' | 'flat rows' | 'chain';
  gauge: Gauge;
  fabric: Fabric;
  rounds: readonly RoundForm[];
  /** rings of the model: index 0 is the start, i the tops of round i, one more with radius 0 when closed */
  r: Float64Array;
  z: Float64Array;
  /** angle of each round's start in the working direction, radians, lean included */
  phase: Float64Array;
  /** +1 or -1: which way stitches run about +z, decided once (decision 16) */
  direction: 1 | -1;
  closed: boolean;
  widthMm: number;
  heightMm: number;
  volumeCm3: number;
  innerCm3: number;
  areaCm2: number;
  converged: boolean;
  iterations: number;
}

export interface FormOptions {
  fill: Firmness;
  wrongSideOut?: boolean;
}

/**
 * Which way the stitches of a part run about its axis, +z from the ring to the end. Right-handed and right side out
 * they run anticlockwise seen from the ring, so clockwise seen along -z: -1. Left hands and work turned inside out
 * each mirror it. Source: decision 16; every other function asks this one.
 */
export function workingDirection(hand: 'right' | 'left', wrongSideOut: boolean): 1 | -1 {
  return (hand === 'left') !== wrongSideOut ? 1 : -1;
}

/** Works out the form of a part worked in rounds. Empty fabric gives a form without rounds. */
export function formOf(fabric: Fabric, gauge: Gauge, options: FormOptions): PartForm {
  const counts = fabric.rounds.map((r) => Math.max(1, r.count));
  const heights = fabric.rounds.map((r) => meanHeight(fabric, r) * gauge.roundMm);
  const perRadius = gauge.stitchMm / (2 * Math.PI);
  const { how, chain } = fabric.start;
  // An oval base closes along its foundation chain.
  const startRadiusMm = how === 'ring' || how === 'chain' ? 0 : how === 'loop' ? (chain * perRadius) / 2 : how === 'tube' ? chain * perRadius : null;
  const rings = fabric.shape !== 'rounds' || counts.length === 0 ? flatRings(fabric, heights, gauge) : solveRings({
    counts, heightsMm: heights, stitchMm: gauge.stitchMm, roundMm: gauge.roundMm, startRadiusMm, closed: fabric.closed && counts.length > 0,
    stretch: FABRIC.stretch[options.fill],
  });
  const rounds = fabric.rounds.map((round, i): RoundForm => {
    const ringMm = (counts[i] * gauge.stitchMm) / Math.PI;
    return {
      label: round.label, number: round.number, count: round.count, ringMm, pulledMm: ringMm * GAUGE.pulledPerRing.value,
      radiusMm: rings.r[i + 1], heightMm: rings.z[i + 1], fullness: (counts[i] * perRadius) / Math.max(rings.r[i + 1], 1e-6),
    };
  });
  const { volume, area } = fabric.shape === 'rounds' ? measure(rings.r, rings.z) : { volume: 0, area: flatArea(rings.r, rings.z) };
  const inner = Math.max(0, volume - (area * FABRIC.thicknessPerStitch * gauge.stitchMm) / 2);
  return {
    basis: fabric.shape === 'rows' ? 'flat rows' : fabric.shape === 'cord' ? 'chain' : 'ring model', gauge, fabric, rounds, r: rings.r, z: rings.z, phase: phases(fabric, gauge), closed: fabric.closed,
    direction: workingDirection(gauge.hand, options.wrongSideOut ?? false), widthMm: 2 * largest(rings.r), heightMm: counts.length ? Math.max(largest(rings.z) - smallest(rings.z), FABRIC.thicknessPerStitch * gauge.stitchMm) : 0,
    volumeCm3: volume / 1000, innerCm3: inner / 1000, areaCm2: area / 100, converged: rings.converged, iterations: rings.iterations,
  };
}

/** Width and height of a form with their range, in mm. */
export function sizeOf(form: PartForm): { width: Ranged; height: Ranged } {
  return { width: ranged(form.widthMm, form.gauge), height: ranged(form.heightMm, form.gauge) };
}

/** A piece worked to and fro lies flat: half its width and its height, row by row. A bare chain is as long as its stitches and as wide as one. */
function flatRings(fabric: Fabric, heights: readonly number[], gauge: Gauge): Pick<Rings, 'r' | 'z' | 'converged' | 'iterations'> {
  const cord = fabric.shape === 'cord';
  const half = fabric.rounds.map((round) => ((cord ? 1 : round.count) * gauge.stitchMm) / 2);
  const tall = cord ? fabric.rounds.map((round) => round.count * gauge.stitchMm) : heights;
  const z = new Float64Array(half.length + 1);
  tall.forEach((h, i) => (z[i + 1] = z[i] + h));
  return { r: Float64Array.from([half[0] ?? 0, ...half]), z, converged: true, iterations: 0 };
}

/** Area of both faces of a flat piece, mm2. */
function flatArea(r: Float64Array, z: Float64Array): number {
  let area = 0;
  for (let i = 1; i < r.length; i++) area += 2 * (r[i] + r[i - 1]) * (z[i] - z[i - 1]);
  return area;
}

/** Volume by frusta (a polygon would lose up to a sixth) and area of the side, in mm3 and mm2. */
function measure(r: Float64Array, z: Float64Array): { volume: number; area: number } {
  let volume = 0;
  let area = 0;
  for (let i = 1; i < r.length; i++) {
    const dz = z[i] - z[i - 1];
    volume += (Math.PI / 3) * dz * (r[i] * r[i] + r[i] * r[i - 1] + r[i - 1] * r[i - 1]);
    area += Math.PI * (r[i] + r[i - 1]) * Math.hypot(dz, r[i] - r[i - 1]);
  }
  return { volume: Math.max(0, volume), area };
}

function meanHeight(fabric: Fabric, round: FabricRound): number {
  let sum = 0;
  for (let s = round.from; s < round.from + round.count; s++) sum += HEIGHT_OF[KINDS[fabric.kind[s]]];
  return round.count ? sum / round.count : 1;
}

/** Source: the house's geometry, section 3, "Phase of round i". */
function phases(fabric: Fabric, gauge: Gauge): Float64Array {
  const phase = new Float64Array(fabric.rounds.length);
  for (let i = 1; i < phase.length; i++) {
    const round = fabric.rounds[i];
    const below = fabric.rounds[i - 1];
    let sum = 0;
    for (let j = 0; j < round.count; j++) {
      const s = round.from + j;
      const from = fabric.parentFrom[s];
      const to = Math.max(from + 1, fabric.parentTo[s]);
      const parent = (from + to) / 2 - below.from;
      sum += parent / below.count - (j + 0.5) / round.count;
    }
    const mean = round.count ? (sum / round.count) * 2 * Math.PI : 0;
    phase[i] = phase[i - 1] + mean + (round.turned ? 0 : (gauge.leanStitches * 2 * Math.PI) / Math.max(1, round.count));
  }
  return phase;
}

const largest = (values: Float64Array): number => values.reduce((a, b) => Math.max(a, b), -Infinity);
const smallest = (values: Float64Array): number => values.reduce((a, b) => Math.min(a, b), Infinity);
