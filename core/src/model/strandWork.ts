import {
  coordAt,
  frameAt,
  holeName,
  onBody,
  pointOf,
  polarOf,
  resolve,
  type HoleName,
  type Polar,
} from '../address';
import { isOn, type Strands } from '../feature';
import { STRANDS } from '../figures';
import { add, depthInside, dot, scale, sub, unit, type PartForm, type Vec3 } from '../form';
import { move, moveBack, onToy, outAt, turnNormal, type Placed } from '../join';
import { kept } from '../kept';
import { standingPieces } from './surfaceWork';
import { modelOf, type ToyModel } from './toy';

/** One place of a patch that holds strands, on a piece. */
export interface StrandPlace {
  piece: Placed;
  round: number;
  coord: number;
  polar: Polar;
  name: HoleName;
}

/** Strands as they are now. */
export interface StrandState {
  feature: Strands;
  fault: 'homeless' | null;
  /** the places of each piece, round by round as the part is worked */
  places: readonly StrandPlace[];
  /** labels of the first and the last round of the patch, as the part is worked; empty where there is none */
  rounds: readonly string[];
  /** how far each end hangs, mm */
  hangsMm: number;
  /** yarns to cut, and their metres altogether */
  yarns: number;
  yarnM: number;
}

/** Everything of strands on a toy. */
export const strandWorks = kept((model: ToyModel): readonly StrandState[] =>
  model.toy.features.flatMap((f) => (f.kind === 'strands' ? [strandState(model, f)] : [])),
);

/** How far a strand hangs, mm: folded in half and looped in, or one end of it; a dot hangs not at all; what its knot takes is in its fabric's own widths. Source: `figures`, STRANDS. */
export function hangsMm({ cutMm, fix }: Pick<Strands, 'cutMm' | 'fix'>, stitchMm: number): number {
  if (fix === 'knotted as a dot') return 0;
  const left = cutMm - STRANDS[fix].takesWidths.value * stitchMm - STRANDS[fix].takesMm.value;
  return Math.max(0, STRANDS[fix].folded ? left / 2 : left);
}

/** How many yarns strands take on all pieces that they are on, before they are put on. */
export const strandCount = (model: ToyModel, f: Strands): number =>
  standingPieces(model)
    .filter((p) => isOn(f, p))
    .reduce((sum, piece) => sum + placesOn(piece, f).length, 0) * f.together;

function strandState(model: ToyModel, feature: Strands): StrandState {
  const { gauge, fabric } = modelOf(model, feature.part);
  const pieces = standingPieces(model).filter((p) => isOn(feature, p));
  const places = pieces.flatMap((piece) => placesOn(piece, feature));
  const found = [...new Set(places.map((p) => p.round))].sort((a, b) => a - b);
  return {
    feature,
    fault: places.length > 0 ? null : 'homeless',
    places,
    rounds: found.length > 0 ? [found[0], found[found.length - 1]].map((r) => fabric.rounds[r].label) : [],
    hangsMm: hangsMm(feature, gauge.stitchMm),
    yarns: places.length * feature.together,
    yarnM: (places.length * feature.together * feature.cutMm) / 1000,
  };
}

/** The holes of a patch: so many degrees to each side of its middle, a direction in space, in each of its rounds. */
function placesOn(piece: Placed, f: Strands): StrandPlace[] {
  const { form } = piece;
  const spot = onBody(resolve(form, f.place));
  if (!spot) return [];
  const way = Math.sign(f.rounds) || 1;
  const middleRad = spot.polar.angleRad;
  return Array.from({ length: Math.ceil(Math.abs(f.rounds) / f.everyRound) }, (_, k) => {
    const round = spot.round + way * k * f.everyRound;
    const count = form.fabric.rounds[round]?.count;
    if (round < 1 || !count) return [];
    const half = (f.halfDeg / 360) * count;
    const middle = coordAt(form, round, middleRad, 'hole');
    // All the way round, the first is not told twice.
    const [from, to] = [Math.ceil(middle - half - 1e-9), Math.floor(middle + half + 1e-9)];
    const many = Math.min(to - from + 1, count);
    return Array.from({ length: Math.ceil(many / f.everyStitch) }, (_, j): StrandPlace => {
      const coord = (((from + j * f.everyStitch) % count) + count) % count;
      return {
        piece,
        round,
        coord,
        polar: polarOf(form, round, coord, 'hole'),
        name: holeName(form, round, coord),
      };
    });
  }).flat();
}

/** Drawn in steps of so many mm, and so far out of the fabric. */
const STEP_MM = 3;
const OFF_MM = 1.2;

/** A strand as it hangs from its place, in the toy's frame, mm: out of the fabric, then down along it. For looks; judged. */
export function hangingFrom(
  { piece, polar }: Pick<StrandPlace, 'piece' | 'polar'>,
  lengthMm: number,
): Vec3[] {
  const start = onToy(piece, polar);
  return hanging(piece, start.point, outAt(start), lengthMm);
}

function hanging(piece: Placed, start: Vec3, out: Vec3, lengthMm: number): Vec3[] {
  const points: Vec3[] = [start];
  let at = start;
  let way = unit(add(out, [0, 0.2, 0]));
  for (let left = lengthMm; left > 1e-6; left -= STEP_MM) {
    const step = Math.min(STEP_MM, left);
    way = unit(add(scale(way, 0.55), [0, -0.62, 0]));
    at = pushedOut(piece, add(at, scale(way, step)));
    way = unit(sub(at, points[points.length - 1]), way);
    points.push(at);
  }
  return points;
}

/** A point moved out of its piece to just outside of it, away from its axis. */
function pushedOut(piece: Placed, point: Vec3): Vec3 {
  const own = moveBack(piece.placement, point);
  const deep = depthInside(piece.form, own);
  if (deep < -OFF_MM) return point;
  const { axis } = piece.form;
  const centre: Vec3 = axis ? nearestCentre(axis.centre, own) : [0, 0, own[2]];
  const away = unit(sub(own, centre), [1, 0, 0]);
  return move({ ...piece.placement, laid: null }, add(own, scale(away, deep + OFF_MM)));
}

function nearestCentre(centres: Float64Array, p: Vec3): Vec3 {
  let best: Vec3 = [centres[0], centres[1], centres[2]];
  for (let k = 0; k + 2 < centres.length; k += 3) {
    const c: Vec3 = [centres[k], centres[k + 1], centres[k + 2]];
    const [a, b] = [c, best].map((q) => dot(sub(p, q), sub(p, q)));
    if (a < b) best = c;
  }
  return best;
}

/** A chain that comes back to its round and hangs from there: a root, a tentacle. Its length is of the stitches worked back, mm. */
export interface ChainStrand {
  /** the stitch before it, in the fabric */
  stitch: number;
  lengthMm: number;
  /** in the toy's frame, mm */
  points: readonly Vec3[];
  out: Vec3;
}

/** Every chain of a piece that comes back, on the part itself or on what is worked on it, as it hangs. */
export function chainStrands(piece: Placed): ChainStrand[] {
  const { form } = piece;
  return form.fabric.strands.flatMap(({ at, chain, worked }) => {
    const own = [form, ...form.layers].find((f) => roundWith(f, at) >= 0);
    if (!own || at < 0) return [];
    const round = roundWith(own, at);
    const polar = polarOf(own, round, at - own.fabric.rounds[round].from + 0.5, 'middle');
    const point = pointOf(own, polar);
    const out = turnNormal(piece.placement, point, frameAt(own, polar).normal);
    const lengthMm = Math.max(1, worked > 0 ? worked : chain) * form.gauge.stitchMm;
    return [
      { stitch: at, lengthMm, out, points: hanging(piece, move(piece.placement, point), out, lengthMm) },
    ];
  });
}

const roundWith = (form: PartForm, stitch: number): number =>
  form.fabric.rounds.findIndex((r) => stitch >= r.from && stitch < r.from + r.count);
