import { holeName, nearestPlace, nearestPolar, onBody, polarOf, resolve, type HoleName } from '../address';
import type { LineOver, OnPart, SurfaceWork } from '../feature';
import { GAUGE } from '../figures';
import { cross, distance, dot, scale, sub, unit, type Vec3 } from '../form';
import {
  lineOnToy,
  move,
  moveBack,
  onToy,
  outAt,
  pieceKey,
  placeOn,
  stand,
  type OfPiece,
  type OnToy,
  type Placed,
  type ToyLine,
} from '../join';
import { kept } from '../kept';
import { readMotif, type Motif } from './motif';
import { everyJoin, modelOf, type ToyModel } from './toy';

/** One station of a line: where on the toy, its address, and how the work on it stands there; toy's frame, mm. */
export interface Station {
  at: OnToy;
  mm: number;
  /** the hole nearest to it, and how far that is */
  name: HoleName;
  round: number;
  coord: number;
  missMm: number;
  /** it lies on a seam between two pieces */
  onSeam: boolean;
  /** unit vectors: along the line, and out of the fabric */
  along: Vec3;
  out: Vec3;
}

/** A line as it lies on the toy now. */
export interface SurfaceSite {
  copy: string;
  twin: boolean;
  line: ToyLine;
  stations: readonly Station[];
  /** from station to station, mm; 0 for one alone */
  gapMm: number;
  /** stitches of the surface that are free between two; less than nothing where they do not fit */
  freeStitches: number;
  /** so many fit without touching */
  most: number;
  /** furthest from the toy's own middle plane, mm; null for a line that has a twin */
  offMiddleMm: number | null;
  /** features that it goes over, by their ids */
  over: readonly string[];
}

export type SurfaceFault =
  /** a round that it stood on is gone */
  | 'homeless'
  /** its ends are not on pieces that are joined, so no fabric leads from one to the other */
  | 'not joined'
  /** its ends look away from each other: over which side it goes is not said */
  | 'no way out'
  /** what is worked is not read; `words` says why */
  | 'motif';

/** Surface work as it is now. */
export interface SurfaceState {
  feature: SurfaceWork;
  motif: Motif | null;
  /** stitch of the work itself, mm */
  stitchMm: number;
  sites: readonly SurfaceSite[];
  fault: SurfaceFault | null;
  words: string | null;
  /** left against right: how far a twin's stations lie from true mirror images at most, mm */
  mirrorMissMm: number | null;
  yarnM: number;
  movements: number;
}

/** The pieces of the toy as they stand: those that hold together, and loose ones each by itself. */
export const standingPieces = kept((model: ToyModel): readonly Placed[] => [
  ...model.placed,
  ...model.loose.map(stand),
]);

const joinedBy = kept((model: ToyModel) => {
  const pairs = new Set(
    everyJoin(model).flatMap(({ join, sites }) =>
      sites.map((s) =>
        [pieceKey({ part: join.guest.part, copy: s.copy }), pieceKey(join.at)].sort().join('|'),
      ),
    ),
  );
  return (a: OfPiece, b: OfPiece): boolean => pairs.has([pieceKey(a), pieceKey(b)].sort().join('|'));
});

/** Every line of surface work of a toy. */
export const surfaceWorks = kept((model: ToyModel): readonly SurfaceState[] =>
  model.toy.features.flatMap((f) => (f.kind === 'surface' ? [stateOf(model, f)] : [])),
);

function stateOf(model: ToyModel, feature: SurfaceWork): SurfaceState {
  const { gauge } = modelOf(model, feature.part);
  const stitchMm = feature.hookMm === null ? gauge.stitchMm : feature.hookMm * GAUGE.stitchPerHookMm.value;
  const roundMm = feature.hookMm === null ? gauge.roundMm : stitchMm * GAUGE.roundPerStitch.value;
  const read = readMotif(feature.motif, model.toy.settings.terms, gauge, { stitchMm, roundMm });
  const nothing: SurfaceState = {
    feature,
    motif: read.motif,
    stitchMm,
    sites: [],
    fault: null,
    words: null,
    mirrorMissMm: null,
    yarnM: 0,
    movements: 0,
  };
  const { motif } = read;
  if (!motif) return { ...nothing, fault: 'motif', words: read.problem };
  const lines = linesOf(model, feature);
  if (typeof lines === 'string') return { ...nothing, fault: lines };
  const sites = lines.map((l) => siteOf(model, feature, motif, gauge.stitchMm, l));
  const made = sites.length * feature.stations;
  return {
    ...nothing,
    sites,
    mirrorMissMm: mirrorMiss(sites),
    yarnM: (made * motif.yarnWidths * (gauge.yarnWidths / GAUGE.yarnPerStitch.value) * stitchMm) / 1000,
    movements: made * motif.movements,
  };
}

interface Laid {
  copy: string;
  twin: boolean;
  line: ToyLine;
}

/** The line of each copy, and its twin; or why there is none. */
function linesOf(model: ToyModel, feature: SurfaceWork): Laid[] | SurfaceFault {
  const placed = standingPieces(model);
  const own = placed.filter((p) => p.part === feature.part && (feature.copy ?? p.copy) === p.copy);
  const starts = feature.end.part === feature.part ? own : own.slice(0, 1);
  const out: Laid[] = [];
  for (const piece of starts) {
    const from = spotOn(piece, feature.place);
    const to = endOf(placed, feature, piece);
    if (!from || !to) return 'homeless';
    // A loose piece stands by itself, wherever the others stand.
    const around = model.placed.includes(piece) ? model.placed : [piece];
    const line = lineOnToy(around, joinedBy(model), from, to, feature.over);
    if (!line) return faultOf(from, to, feature.over);
    out.push({ copy: piece.copy, twin: false, line });
    if (!feature.twin) continue;
    const [a, b] = [from, to].map((at) => mirrorOn(around, at));
    const twin = lineOnToy(around, joinedBy(model), a, b, MIRROR_OVER[feature.over]);
    if (!twin) return faultOf(a, b, feature.over);
    out.push({ copy: a.piece.copy, twin: true, line: twin });
  }
  return out.length > 0 ? out : 'homeless';
}

const MIRROR_OVER: Record<LineOver, LineOver> = {
  outside: 'outside',
  top: 'top',
  back: 'back',
  front: 'front',
  left: 'right',
  right: 'left',
};

/** Why there is no line: the ends say no way out, or no fabric leads from one to the other. */
function faultOf(from: OnToy, to: OnToy, over: LineOver): SurfaceFault {
  const along = unit(sub(to.point, from.point));
  const wanted = unit([0, 1, 2].map((k) => outAt(from)[k] + outAt(to)[k]) as unknown as Vec3, along);
  return over === 'outside' && Math.abs(dot(wanted, along)) > 0.9 ? 'no way out' : 'not joined';
}

const spotOn = (piece: Placed, spot: SurfaceWork['place']): OnToy | null => {
  const found = onBody(resolve(piece.form, spot));
  return found ? onToy(piece, found.polar) : null;
};

/** The end of a line: on the same piece, or on the copy that is said, or on the nearest. */
function endOf(placed: readonly Placed[], { part, end, place }: SurfaceWork, piece: Placed): OnToy | null {
  if (end.part === part) return spotOn(piece, end);
  const from = spotOn(piece, place);
  const ends = placed
    .filter((p) => p.part === end.part && (end.copy ?? p.copy) === p.copy)
    .flatMap((p) => spotOn(p, end) ?? []);
  if (!from || ends.length === 0) return null;
  return ends.reduce((a, b) => (distance(b.point, from.point) < distance(a.point, from.point) ? b : a));
}

/** The hole on the other side of the toy that is nearest to a place's mirror image. */
function mirrorOn(placed: readonly Placed[], at: OnToy): OnToy {
  const image: Vec3 = [-at.point[0], at.point[1], at.point[2]];
  const all = placed
    .filter((p) => p.part === at.piece.part)
    .map((piece) => {
      const polar = nearestPolar(piece.form, moveBack(piece.placement, image));
      const hole = nearestPlace(piece.form, polar, 'hole');
      return onToy(piece, hole ? polarOf(piece.form, hole.round, hole.index, 'hole') : polar);
    });
  return all.reduce((a, b) => (distance(b.point, image) < distance(a.point, image) ? b : a));
}

function siteOf(
  model: ToyModel,
  feature: SurfaceWork,
  motif: Motif,
  hostMm: number,
  { copy, twin, line }: Laid,
): SurfaceSite {
  const n = feature.stations;
  const gapMm = n > 1 ? line.lengthMm / (n - 1) : 0;
  const stations = Array.from({ length: n }, (_, k) =>
    stationAt(line, n > 1 ? k * gapMm : line.lengthMm / 2),
  );
  const wideMm = motif.eats * hostMm;
  return {
    copy,
    twin,
    line,
    stations,
    gapMm,
    freeStitches: n > 1 ? gapMm / hostMm - motif.eats : line.lengthMm / hostMm,
    most: Math.floor(line.lengthMm / wideMm + 1e-9) + 1,
    offMiddleMm: feature.twin ? null : Math.max(...line.path.map((p) => Math.abs(p.point[0]))),
    over: featuresUnder(model, line, wideMm),
  };
}

function stationAt(line: ToyLine, mm: number): Station {
  const found = placeOn(line, mm);
  const { piece, polar, point } = found;
  const hole = nearestPlace(piece.form, polar, 'hole') ?? { round: 0, index: 0, missMm: Infinity };
  const out = outAt(found);
  return {
    at: { piece, polar, point },
    mm,
    name: holeName(piece.form, hole.round, hole.index),
    round: hole.round,
    coord: hole.index,
    missMm: hole.missMm,
    onSeam: line.seams.some((s) => Math.abs(s.mm - mm) <= s.wideMm / 2 + piece.form.gauge.stitchMm / 2),
    along: unit(sub(found.way, scale(out, dot(found.way, out))), cross(out, line.side)),
    out,
  };
}

/** Eyes and noses that a line goes over, their washers and half of what is worked counted in. */
function featuresUnder(model: ToyModel, { path }: ToyLine, wideMm: number): string[] {
  const near = (on: OnPart, points: readonly Vec3[], reachMm: number): boolean =>
    path.some(
      ({ piece, point }) =>
        piece.part === on.part &&
        (on.copy ?? piece.copy) === piece.copy &&
        points.some((p) => distance(move(piece.placement, p), point) < reachMm + wideMm / 2),
    );
  return [
    ...model.eyes.flatMap(({ eyes, state }) =>
      state.state !== 'homeless' && near(eyes, state.points, Math.max(eyes.eyeMm, eyes.washerMm) / 2)
        ? [eyes.id]
        : [],
    ),
    ...model.noses.flatMap(({ nose, state }) =>
      state.state !== 'homeless' && near(nose, [state.point], Math.max(nose.widthMm, nose.washerMm) / 2)
        ? [nose.id]
        : [],
    ),
  ];
}

/** How far stations of twins lie from true mirror images, mm. */
function mirrorMiss(sites: readonly SurfaceSite[]): number | null {
  const pairs = sites.flatMap((own, k) =>
    sites[k + 1]?.twin && !own.twin ? [[own, sites[k + 1]] as const] : [],
  );
  if (pairs.length === 0) return null;
  return Math.max(
    ...pairs.flatMap(([own, twin]) =>
      own.stations.map(({ at: { point } }, i) =>
        distance([-point[0], point[1], point[2]], twin.stations[i].at.point),
      ),
    ),
  );
}
