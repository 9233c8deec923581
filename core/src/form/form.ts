import { FABRIC, MODEL_RANGE } from '../figures';
import type { Fabric } from '../fabric';
import type { Gauge } from '../gauge';
import { bendOf, type Axis } from './bend';
import { flatSheet, flattenedRings, ovalStraights, pushedIn, type Sections } from './flat';
import { layerForms } from './layers';
import { phasesOf } from './phases';
import { meanHeight, roundForms } from './rounds';
import { solveRings, type Rings } from './rings';
import { extents, isPressed, measure } from './shape';

export type Firmness = 'empty' | 'soft' | 'medium' | 'firm';

/** What a part is made into after it is worked: left as it is, pressed flat, a disc folded over, or its end pushed in along a round. */
export type Shaping =
  | { how: 'as worked' }
  | { how: 'flattened' }
  | { how: 'folded' }
  | { how: 'pushed in'; /** index of the round that becomes the rim */ round: number };

/** The model that a form's numbers rest on; each has its own range in `figures`, MODEL_RANGE. */
export type Basis =
  'ring model' | 'bent ring model' | 'oval model' | 'flattened' | 'folded' | 'flat rows' | 'chain';

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
  basis: Basis;
  gauge: Gauge;
  fabric: Fabric;
  rounds: readonly RoundForm[];
  /** rings of the model: index 0 is the start, i the tops of round i, one more with radius 0 when closed */
  r: Float64Array;
  z: Float64Array;
  /** what a ring is: a closed curve about the axis, a row of a flat piece (r = half its width), a bit of a cord */
  section: 'ring' | 'sheet' | 'cord';
  /** straight length of each ring's section, mm; 0 for a circle */
  straight: Float64Array;
  /** angle in the working direction at which the long way of an oval or flattened ring lies */
  longRad: number;
  /** where the rings stand when taller stitches bend the part; null while the axis is straight */
  axis: Axis | null;
  folded: boolean;
  /** index of the ring along which the end is pushed in; null when it is not */
  rim: number | null;
  /** angle of each round's start in the working direction, radians, lean included */
  phase: Float64Array;
  /** +1 or -1: which way stitches run about +z, decided once (decision 16) */
  direction: 1 | -1;
  closed: boolean;
  /** how firmly it was worked out to be filled, and round by round where lengths are filled otherwise */
  fill: Firmness;
  fills: readonly Firmness[] | null;
  /** frills, edgings and the like, in the order of `fabric.layers`; each a form that begins on its host's ring */
  layers: readonly PartForm[];
  /** the part without its layers: the longer and the shorter way across, and along the axis */
  widthMm: number;
  depthMm: number;
  heightMm: number;
  volumeCm3: number;
  innerCm3: number;
  areaCm2: number;
  converged: boolean;
  iterations: number;
}

export interface FormOptions {
  fill: Firmness;
  /** one a round, where lengths are filled otherwise than the part */
  fills?: readonly Firmness[] | null;
  wrongSideOut?: boolean;
  shaping?: Shaping;
}

/**
 * Which way the stitches of a part run about its axis, +z from the ring to the end. Right-handed and right side out
 * they run anticlockwise seen from the ring, so clockwise seen along -z: -1. Left hands and work turned inside out
 * each mirror it. Source: decision 16; every other function asks this one.
 */
export function workingDirection(hand: 'right' | 'left', wrongSideOut: boolean): 1 | -1 {
  return (hand === 'left') !== wrongSideOut ? 1 : -1;
}

/** What a form is laid on before anything is measured. */
interface Laid {
  basis: Basis;
  section: PartForm['section'];
  rings: Sections;
  /** heights along the axis, the end pushed in where it is */
  z: Float64Array;
  rim: number | null;
}

/** The kind of section that a fabric's shape has. */
const SECTIONS: Record<Fabric['shape'], PartForm['section']> = {
  rounds: 'ring',
  rows: 'sheet',
  cord: 'cord',
};

/** Chooses the model of a part and lays its rings; whether its axis is bent is known only then. */
function laid(fabric: Fabric, gauge: Gauge, { fill, fills }: FormOptions, shaping: Shaping): Laid {
  const heights = fabric.rounds.map((r) => meanHeight(fabric, r) * gauge.roundMm);
  const section = SECTIONS[fabric.shape];
  if (section !== 'ring' || fabric.rounds.length === 0) {
    const rings = flatSheet(fabric, heights, gauge);
    const flat = section === 'sheet' ? 'flat rows' : 'chain';
    return { basis: section === 'ring' ? 'ring model' : flat, section, rings, z: rings.z, rim: null };
  }
  if (shaping.how === 'flattened') {
    const rings = flattenedRings(fabric, heights, gauge);
    return { basis: 'flattened', section, rings, z: rings.z, rim: null };
  }
  const straight = ovalStraights(fabric, heights, gauge);
  const rings = {
    ...ringsOf(fabric, heights, gauge, straight, fills ?? fill),
    straight: withEnds(straight, fabric.closed),
  };
  const round = straight.some((l) => l > 0) ? 'oval model' : 'ring model';
  const basis = shaping.how === 'folded' ? 'folded' : round;
  if (shaping.how !== 'pushed in') return { basis, section, rings, z: rings.z, rim: null };
  return { basis, section, rings, z: pushedIn(rings.z, shaping.round + 1), rim: shaping.round + 1 };
}

/** Works out the form of a part. Empty fabric gives a form without rounds. */
export function formOf(fabric: Fabric, gauge: Gauge, options: FormOptions): PartForm {
  const shaping = options.shaping ?? { how: 'as worked' };
  const { basis: straightBasis, section, rings, z, rim } = laid(fabric, gauge, options, shaping);
  const direction = workingDirection(gauge.hand, options.wrongSideOut ?? false);
  const phase = phasesOf(fabric, fabric.rounds, gauge.leanStitches, null);
  const mayBend = straightBasis === 'ring model' && rim === null && fabric.rounds.length > 0;
  const axis = mayBend ? bendOf(fabric, gauge, rings.r, z, phase, direction) : null;
  const basis = axis ? 'bent ring model' : straightBasis;
  const { volume, area } = measure({ r: rings.r, z, straight: rings.straight }, basis);
  const inner = isPressed(basis) ? 0 : volume - (area * thicknessOf(gauge)) / 2;
  const plain: PartForm = {
    basis,
    gauge,
    fabric,
    rounds: roundForms(fabric.rounds, gauge, rings.r, z, rings.straight),
    r: rings.r,
    z,
    section,
    straight: rings.straight,
    longRad: longWay(basis, fabric, phase),
    axis,
    folded: basis === 'folded',
    rim,
    phase,
    closed: fabric.closed,
    fill: options.fill,
    fills: options.fills ?? null,
    layers: [],
    direction,
    widthMm: 0,
    depthMm: 0,
    heightMm: 0,
    volumeCm3: isPressed(basis) ? 0 : Math.max(0, volume) / 1000,
    innerCm3: Math.max(0, inner) / 1000,
    areaCm2: area / 100,
    converged: rings.converged,
    iterations: rings.iterations,
  };
  const sized = fabric.rounds.length ? { ...plain, ...extents(plain, thicknessOf(gauge)) } : plain;
  return { ...sized, layers: layerForms(sized) };
}

/** The direction of the long way across, radians in the working direction: flat parts are wide to both sides of their round start; of two joined edges it goes through the middle of the first. */
function longWay(basis: Basis, { start, rounds }: Fabric, phase: Float64Array): number {
  if (isPressed(basis)) return (phase[phase.length - 1] ?? 0) + Math.PI / 2;
  if (start.how !== 'edges' || !start.first) return 0;
  return phase[0] + (Math.PI * start.first) / rounds[0].count;
}

/** Posts give more than rows only under fill: an empty part keeps what its swatch had. Source: the house's geometry, section 2, "Posts". */
export const postGiveOf = (gauge: Gauge, stretch: number): number => (stretch > 0 ? gauge.postGive : 1);

/** Thickness of the fabric, mm; its surface runs through the middle. */
export const thicknessOf = (gauge: Gauge): number => FABRIC.thicknessPerStitch * gauge.stitchMm;

/** How far a form's lengths across and along its axis may be off, percent: the gauge and the model, as independent errors. */
export function formRange({ gauge, basis }: Pick<PartForm, 'gauge' | 'basis'>): {
  across: Pick<Gauge, 'rangePercent' | 'source'>;
  along: Pick<Gauge, 'rangePercent' | 'source'>;
} {
  const model = MODEL_RANGE[basis];
  return {
    across: { rangePercent: Math.hypot(gauge.stitchRangePercent, model), source: gauge.stitchSource },
    along: { rangePercent: Math.hypot(gauge.roundRangePercent, model), source: gauge.source },
  };
}

/** Straights for the rings: the start takes those of the first round, a gathered end none. */
function withEnds(straight: Float64Array, closed: boolean): Float64Array {
  return Float64Array.from([straight[0] ?? 0, ...straight, ...(closed ? [0] : [])]);
}

function ringsOf(
  fabric: Fabric,
  heights: readonly number[],
  gauge: Gauge,
  straight: Float64Array,
  fill: Firmness | readonly Firmness[],
): Rings {
  return solveRings({
    counts: fabric.rounds.map((r) => Math.max(1, r.count)),
    heightsMm: heights,
    stitchMm: gauge.stitchMm,
    roundMm: gauge.roundMm,
    startRadiusMm: startRadius(fabric, gauge),
    closed: fabric.closed,
    stretch: typeof fill === 'string' ? FABRIC.stretch[fill] : fill.map((f) => FABRIC.stretch[f]),
    postGive: gauge.postGive,
    straightMm: Array.from(straight),
  });
}

/** The radius of the very start, mm; null where the rounds decide. An oval base closes along its foundation chain. */
function startRadius({ start: { how, chain } }: Fabric, gauge: Gauge): number | null {
  const chainMm = chain * gauge.stitchMm;
  switch (how) {
    case 'ring':
    case 'chain':
      return 0;
    case 'loop':
      return chainMm / (4 * Math.PI);
    case 'tube':
      return chainMm / (2 * Math.PI);
    default:
      return null;
  }
}

/** An open part flatter than this share of its width holds no fill: it would be stuffed into a bowl that nobody worked. Judged. */
const FLAT_SHARE = 0.2;

/** Whether a part is an open piece that lies flat by itself, such as a disc, a patch or a sole that is sewn on. */
export function liesFlat(fabric: Fabric, gauge: Gauge): boolean {
  if (fabric.closed || fabric.rounds.length === 0) return false;
  if (fabric.shape !== 'rounds') return true;
  const counts = fabric.rounds.map((r) => r.count);
  if (counts[counts.length - 1] < Math.max(...counts)) return false;
  const { heightMm, widthMm } = formOf(fabric, gauge, { fill: 'empty' });
  return heightMm < FLAT_SHARE * widthMm;
}
