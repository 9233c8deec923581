import { frameAt, pointOf, type Polar } from '@hoppla/core/address';
import {
  isOn,
  threadHalfMm,
  type EyePair,
  type Feature,
  type Nose,
  type ThreadLine,
} from '@hoppla/core/feature';
import { dot, ringPoint, type PartForm, type Vec3 } from '@hoppla/core/form';
import { move, moveBack, moveRigid, turn, type Placed, type Placement } from '@hoppla/core/join';
import {
  allYarnLines,
  patches,
  sculptings,
  stitchings,
  yarnColour,
  yarnLines,
  type ToyModel,
} from '@hoppla/core/model';
import { shade } from './colour';
import { rowsOf, VIEWS, type Rows } from './view';
import { type Point, hull, n, pathOf, stitchPaths } from './scenePaths';

/** Paths of one piece in mm, x to the right and y down, drawn one over the other. */
export interface Layer {
  key: string;
  part: string;
  copy: string;
  ground: string;
  groundFill: string;
  stitches: { d: string; fill: string }[];
  eyes: {
    x: number;
    y: number;
    r: number;
    tall: number;
    felt: { r: number; colour: string } | null;
    colour: string;
    embroidered: boolean;
  }[];
  threads: { d: string; colour: string; /** mm */ width: number }[];
  /** cloth under the eyes and the thread, and over them */
  patches: { d: string; colour: string; isOver: boolean }[];
}

/** A picture of placed pieces from the front; farther pieces first. Bounds in mm. */
export interface Scene {
  layers: Layer[];
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** More stitches than this are drawn as plain fabric: looks, not numbers. */
const MOST_DRAWN = 9000;

const RING_POINTS = 36;

const FRONT = rowsOf(VIEWS.front);

/** Turns the world for the viewer. */
const seen = (p: Vec3, rows: Rows): Vec3 => [dot(rows[0], p), dot(rows[1], p), dot(rows[2], p)];

/** The flat picture of some pieces of a toy: what is seen until the stage is there, and where there is no graphics for it. Pure; draw once and move overlays. */
export function sceneOf(
  model: ToyModel,
  placed: readonly Placed[],
  from: Rows = FRONT,
  upTo: Record<string, number> = {},
): Scene {
  const total = placed.reduce((sum, p) => sum + p.form.fabric.stitches, 0);
  const drawn = placed.map((piece) => {
    const key = `${piece.part}/${piece.copy}`;
    // What is pushed in stands inside, out of sight.
    const rounds = Math.min(
      upTo[key] ?? Infinity,
      piece.form.rim ?? Infinity,
      piece.form.fabric.rounds.length,
    );
    const colour = yarnColour(model, piece.part, piece.copy);
    const centre = seen(
      move(piece.placement, [0, 0, (piece.form.z[0] + piece.form.z[piece.form.z.length - 1]) / 2]),
      from,
    );
    const layer: Layer = {
      key,
      part: piece.part,
      copy: piece.copy,
      groundFill: shade(colour, 0.5),
      ground: [
        ground(piece.form, piece.placement, from, rounds),
        ...skirts(piece.form, rounds).map((l) => ground(l, piece.placement, from, l.fabric.rounds.length)),
      ].join(''),
      stitches:
        total <= MOST_DRAWN
          ? [
              stitchPaths(piece.form, piece.placement, from, colour, rounds, key),
              ...skirts(piece.form, rounds).map((l, i) =>
                stitchPaths(l, piece.placement, from, colour, l.fabric.rounds.length, `${key}/${i}`),
              ),
            ].flat()
          : [],
      ...dressOf(model, piece, from),
    };
    return { layer, depth: centre[2] + 0.02 * centre[1] };
  });
  drawn.sort((a, b) => a.depth - b.depth);
  return { layers: drawn.map((d) => d.layer), ...boundsOf(placed, from) };
}

/** Frills and edgings that stand on rounds already worked; a fold sewn shut is not drawn. */
const skirts = (form: PartForm, rounds: number): PartForm[] =>
  form.layers.filter((_, i) => form.fabric.layers[i].kind !== 'fold' && form.fabric.layers[i].on < rounds);

/** The rings of a piece as seen, mm. */
function ringsSeen(form: PartForm, placement: Placement, from: Rows): Vec3[][] {
  return Array.from(form.r, (_, i) =>
    Array.from({ length: RING_POINTS }, (_, k) =>
      seen(
        move(
          placement,
          ringPoint(form, i, (2 * Math.PI * k) / (form.section === 'sheet' ? RING_POINTS - 1 : RING_POINTS)),
        ),
        from,
      ),
    ),
  );
}

/** Left, top, right and bottom of a piece as seen, mm, with its frills and edgings or without. */
export function boxOf(piece: Placed, from: Rows = FRONT, bare = false): [number, number, number, number] {
  const points = [piece.form, ...(bare ? [] : skirts(piece.form, Infinity))].flatMap((form) =>
    ringsSeen(form, piece.placement, from).flat(),
  );
  const xs = points.map((p) => p[0]);
  const ys = points.map((p) => -p[1]);
  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
}

/** Bounds of placed pieces as they are seen, mm, y down; a little room where there is nothing. */
export function boundsOf(
  placed: readonly Placed[],
  from: Rows = FRONT,
): Pick<Scene, 'left' | 'right' | 'top' | 'bottom'> {
  const boxes = placed.map((piece) => boxOf(piece, from));
  if (boxes.length === 0) return { left: -20, right: 20, top: 0, bottom: 40 };
  return {
    left: Math.min(...boxes.map((b) => b[0])),
    top: Math.min(...boxes.map((b) => b[1])),
    right: Math.max(...boxes.map((b) => b[2])),
    bottom: Math.max(...boxes.map((b) => b[3])),
  };
}

/** The bounds of a toy with all the yarn that stands on it or hangs from it, seen from the front. */
export function roomOf(model: ToyModel, placed: readonly Placed[]): ReturnType<typeof boundsOf> {
  const { left, right, top, bottom } = boundsOf(placed);
  const points = allYarnLines(model).flatMap((line) => line.points);
  return {
    left: points.reduce((least, [x]) => Math.min(least, x), left),
    right: points.reduce((most, [x]) => Math.max(most, x), right),
    top: points.reduce((least, [, y]) => Math.min(least, -y), top),
    bottom: points.reduce((most, [, y]) => Math.max(most, -y), bottom),
  };
}

/** The fabric's ground: the hull of each two neighbouring rings, all in one path. */
function ground(form: PartForm, placement: Placement, from: Rows, rounds: number): string {
  const rings = ringsSeen(form, placement, from).slice(
    0,
    rounds < form.fabric.rounds.length ? rounds + 1 : undefined,
  );
  let d = '';
  for (let i = 1; i < rings.length; i++)
    d += pathOf(hull([...rings[i - 1], ...rings[i]].map((p) => [p[0], -p[1]] as const)));
  return d;
}

export function at(form: PartForm, placement: Placement, from: Rows, angleRad: number, row: number): Point {
  const p = seen(move(placement, pointOf(form, { angleRad, row })), from);
  return [p[0], -p[1]];
}

export function turnedNormal(
  form: PartForm,
  placement: Placement,
  from: Rows,
  polar: { angleRad: number; row: number },
): Vec3 {
  return seen(turn(placement, frameAt(form, polar).normal), from);
}

/** A lens between two points, as wide as it should be for its length. */
export function lens(a: Point, b: Point): string {
  const dx = b[0] - a[0];
  const dy = b[1] - a[1];
  const mx = (a[0] + b[0]) / 2;
  const my = (a[1] + b[1]) / 2;
  const k = 0.4;
  return `M${n(a[0])} ${n(a[1])}Q${n(mx - dy * k)} ${n(my + dx * k)} ${n(b[0])} ${n(b[1])}Q${n(mx + dy * k)} ${n(my - dx * k)} ${n(a[0])} ${n(a[1])}Z`;
}

/** Numbers from 0 to 1 that are the same for the same word, so that fabric never flickers. */
export function seeded(word: string): () => number {
  let s = 2166136261;
  for (let i = 0; i < word.length; i++) s = Math.imul(s ^ word.charCodeAt(i), 16777619);
  return () => {
    s = Math.imul(s ^ (s >>> 15), 2246822519) + 374761393;
    return ((s >>> 0) % 1000) / 1000;
  };
}

type Dress = Pick<Layer, 'eyes' | 'threads' | 'patches'>;

/** How each kind of feature is drawn on its piece; a kind without a line does not compile. */
const DRESS: { [K in Feature['kind']]: (model: ToyModel, piece: Placed, from: Rows) => Partial<Dress> } = {
  eyes: (...on) => ({ eyes: eyesOn(...on) }),
  nose: (...on) => ({ eyes: nosesOn(...on) }),
  embroidery: (...on) => ({ threads: threadsOn(...on) }),
  patch: (...on) => ({ patches: patchesOn(...on) }),
  sculpt: (...on) => ({ threads: pulledOn(...on) }),
  surface: (...on) => ({ threads: yarnOn('surface', ...on) }),
  strands: (...on) => ({ threads: yarnOn('strands', ...on) }),
  hanger: (...on) => ({ threads: yarnOn('hanger', ...on) }),
};

/** Yarn that stands on the fabric or hangs from it, where it is not behind its piece. */
const yarnOn = (kind: Feature['kind'], model: ToyModel, piece: Placed, from: Rows): Layer['threads'] =>
  yarnLines(model, kind, piece).flatMap(({ at: on, points, colour, halfMm }) => {
    if (turnedNormal(piece.form, piece.placement, from, on.polar)[2] < -0.3) return [];
    const flat = points.map((p) => seen(moveRigid(piece.placement, moveBack(on.piece.placement, p)), from));
    const d = flat.map(([x, y]) => `${n(x)} ${n(-y)}`).join('L');
    return [{ d: flat.length === 1 ? `M${d}h0` : `M${d}`, colour, width: 2 * halfMm }];
  });

function dressOf(model: ToyModel, piece: Placed, from: Rows): Dress {
  const dress = Object.values(DRESS).map((dressed) => dressed(model, piece, from));
  return {
    eyes: dress.flatMap((d) => d.eyes ?? []),
    threads: dress.flatMap((d) => d.threads ?? []),
    patches: dress.flatMap((d) => d.patches ?? []),
  };
}

/** A dome where it is seen from the front, of an eye or a nose. */
function domeOn(
  piece: Placed,
  from: Rows,
  at: { polar: Polar; point: Vec3 },
  f: EyePair | Nose,
  [widthMm, heightMm]: readonly [number, number],
): Layer['eyes'] {
  if (turnedNormal(piece.form, piece.placement, from, at.polar)[2] < 0.1) return [];
  const q = seen(move(piece.placement, at.point), from);
  return [
    {
      x: q[0],
      y: -q[1],
      r: widthMm / 2,
      tall: heightMm / widthMm,
      felt: f.felt && { r: f.felt.mm / 2, colour: f.felt.colour },
      colour: f.colour,
      embroidered: f.making === 'embroidered',
    },
  ];
}

const eyesOn = (model: ToyModel, piece: Placed, from: Rows): Layer['eyes'] =>
  model.eyes.flatMap(({ eyes, state }) =>
    isOn(eyes, piece) && state.state !== 'homeless'
      ? state.points.flatMap((point, i) =>
          domeOn(piece, from, { polar: state.polar[i], point }, eyes, [eyes.eyeMm, eyes.eyeMm]),
        )
      : [],
  );

const nosesOn = (model: ToyModel, piece: Placed, from: Rows): Layer['eyes'] =>
  model.noses.flatMap(({ nose, state }) =>
    isOn(nose, piece) && state.state !== 'homeless'
      ? domeOn(piece, from, state, nose, [nose.widthMm, nose.heightMm])
      : [],
  );

/** Cloth that is laid on, where it is seen from the front. */
const patchesOn = (model: ToyModel, { form, placement, ...piece }: Placed, from: Rows): Layer['patches'] =>
  patches(model).flatMap(({ feature: f, sides }) =>
    isOn(f, piece)
      ? sides.flatMap((side) =>
          side.pieces.flatMap(({ place, outline }) => {
            if (turnedNormal(form, placement, from, place.polar)[2] < 0.05) return [];
            const points = outline.map((polar) => at(form, placement, from, polar.angleRad, polar.row));
            return [{ d: pathOf(points), colour: f.colour, isOver: f.eyes === 'over' }];
          }),
        )
      : [],
  );

/** What lies over the fabric of needle sculpting. */
const pulledOn = (model: ToyModel, { form, placement, ...piece }: Placed, from: Rows): Layer['threads'] =>
  sculptings(model).flatMap(({ feature: f, way }) =>
    isOn(f, piece) && way ? linesOn(form, placement, from, way.over, f.colour, PULLED_MM) : [],
  );

/** Width of strong thread, mm. */
const PULLED_MM = 0.7;

/** Embroidery, every stretch of it where it is seen from the front. */
const threadsOn = (model: ToyModel, { form, placement, ...piece }: Placed, from: Rows): Layer['threads'] =>
  stitchings(model).flatMap(({ feature: f, sides }) => {
    if (!isOn(f, piece)) return [];
    const width = 2 * threadHalfMm(form.gauge.stitchMm, f);
    return sides.flatMap(({ lines }) => linesOn(form, placement, from, lines, f.colour, width));
  });

/** Stretches of thread where they are seen; a knot is twice as wide. */
function linesOn(
  form: PartForm,
  placement: Placement,
  from: Rows,
  lines: readonly ThreadLine[],
  colour: string,
  width: number,
): Layer['threads'] {
  return lines.flatMap((line) => {
    const inSight = line.filter((polar) => turnedNormal(form, placement, from, polar)[2] >= 0.05);
    const points = inSight.map((polar) => at(form, placement, from, polar.angleRad, polar.row));
    // A path of one place is a dot as wide as its round end.
    const d = points.map((p) => `${n(p[0])} ${n(p[1])}`).join('L');
    const dot = points.length === 1 ? `M${d}h0` : `M${d}`;
    return points.length > 0 ? [{ d: dot, colour, width: line.length === 1 ? 2 * width : width }] : [];
  });
}
