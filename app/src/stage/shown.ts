import { directionsOf, frameAt, pointOf, type Polar } from '@hoppla/core/address';
import {
  isOn,
  threadHalfMm,
  type EyePair,
  type Feature,
  type Nose,
  type ThreadLine,
} from '@hoppla/core/feature';
import { add, dot, scale, STITCH, sub, unit, type Looks, type Vec3 } from '@hoppla/core/form';
import { laidLooks, laidNormal, laidPoint, moveBack, turnBack, type Placed } from '@hoppla/core/join';
import {
  chainStrands,
  sculptings,
  slotColours,
  stitchings,
  yarnLines,
  type ToyModel,
} from '@hoppla/core/model';
import { clothTop, clothUnder, patchesOn } from './cloth';
import { draped } from './draped';

/** An eye or a nose on a piece, mm in the piece's own frame. `up` lies along the fabric. */
export interface ShownEye {
  at: Vec3;
  normal: Vec3;
  up: Vec3;
  /** half its width and half its height */
  radius: number;
  halfHeight: number;
  washerRadius: number;
  colour: string;
  embroidered: boolean;
  felt: { radius: number; colour: string } | null;
}
/** Thread on a piece: stretches of one colour; one point alone is a knot. */
export interface ShownThread {
  lines: readonly ThreadOn[];
  colour: string;
  /** half as wide as it is, mm */
  halfMm: number;
}
export interface ThreadOn {
  points: readonly Vec3[];
  normals: readonly Vec3[];
}

/** A piece of cloth on the fabric as triangles, mm in the piece's own frame; the last `edge` places are its outline. */
export interface ShownPatch {
  points: readonly Vec3[];
  normals: readonly Vec3[];
  triangles: readonly number[];
  edge: number;
  colour: string;
}

/** A piece as the stage draws and touches it. */
export interface Shown {
  key: string;
  placed: Placed;
  looks: Looks;
  /** yarn of each colour slot of the fabric, #rrggbb */
  colours: readonly string[];
  eyes: readonly ShownEye[];
  threads: readonly ShownThread[];
  patches: readonly ShownPatch[];
  /** changes when what is on it does */
  dress: string;
  /** rounds that are there; the rest is still to be worked */
  upTo: number;
}

export const keyOf = (piece: { part: string; copy: string }): string => `${piece.part}/${piece.copy}`;

/** A placed piece with its looks, its yarn and what is on it. */
export function shownOf(
  model: ToyModel,
  placed: Placed,
  looks: Looks,
  { bare = false, upTo = Infinity }: { bare?: boolean; upTo?: number } = {},
): Shown {
  const colours = slotColours(model, placed.part, placed.copy, placed.form.fabric.colours);
  const { laid } = placed.placement;
  const dress = bare ? [] : Object.values(DRESS).map((dressed) => dressed(model, placed, looks));
  const eyes = dress.flatMap((d) => d.eyes ?? []);
  const threads = [...dress.flatMap((d) => d.threads ?? []), ...chainsOn(placed, colours)];
  const patches = dress.flatMap((d) => d.patches ?? []);
  return {
    key: `${model.toy.id}/${keyOf(placed)}`,
    placed,
    looks: laid ? laidLooks(laid, looks) : looks,
    colours,
    eyes,
    threads,
    patches,
    dress: JSON.stringify([eyes, threads, patches.map((p) => [p.colour, p.points])]),
    upTo: Math.min(upTo, placed.form.rim ?? Infinity),
  };
}

/** Half the width of a chain that comes back, in widths of its stitch. Judged by eye. */
const CHAIN = 0.42;

/** Chains that come back to their round hang from there, in the yarn of their stitch. */
function chainsOn(placed: Placed, colours: readonly string[]): ShownThread[] {
  const { placement, form } = placed;
  return chainStrands(placed).map(({ points, out, stitch }) => ({
    lines: [
      {
        points: points.map((p) => moveBack(placement, p)),
        normals: points.map(() => turnBack(placement, out)),
      },
    ],
    colour: colours[form.fabric.colour[stitch]] ?? colours[0],
    halfMm: CHAIN * form.gauge.stitchMm,
  }));
}

type Dress = Partial<Pick<Shown, 'eyes' | 'threads' | 'patches'>>;

/** How each kind of feature is drawn on its piece; a kind without a line does not compile. */
const DRESS: { [K in Feature['kind']]: (model: ToyModel, placed: Placed, looks: Looks) => Dress } = {
  eyes: (...on) => ({ eyes: eyesOn(...on) }),
  nose: (...on) => ({ eyes: nosesOn(...on) }),
  embroidery: (...on) => ({ threads: threadsOn(...on) }),
  patch: (...on) => ({ patches: patchesOn(...on) }),
  sculpt: (...on) => ({ threads: pulledOn(...on) }),
  surface: (...on) => ({ threads: yarnOn('surface', ...on) }),
  strands: (...on) => ({ threads: yarnOn('strands', ...on) }),
  hanger: (...on) => ({ threads: yarnOn('hanger', ...on) }),
};

/** Yarn that stands on the fabric or hangs from it: it goes with the stitch that it stands on. */
const yarnOn = (kind: Feature['kind'], model: ToyModel, placed: Placed, looks: Looks): ShownThread[] =>
  yarnLines(model, kind, placed).map(({ at, points, out, colour, halfMm }) => {
    const shift = sub(draped(placed.form, looks, at.polar), pointOf(placed.form, at.polar));
    // The line stands where its piece does in the whole toy, wherever that piece is shown now.
    const own = points.map((p) => add(moveBack(at.piece.placement, p), shift));
    const normal = turnBack(at.piece.placement, out);
    return { lines: [{ points: own, normals: own.map(() => normal) }], colour, halfMm };
  });

/** A dome on the fabric, of an eye or a nose. */
function domeOn(
  { form, ringIs, frontRad, placement: { laid } }: Placed,
  made: Vec3,
  out: Vec3,
  f: EyePair | Nose,
  [widthMm, heightMm]: readonly [number, number],
): ShownEye {
  const { up, front } = directionsOf(form, ringIs, frontRad);
  const at = laid ? laidPoint(laid, made) : made;
  const normal = laid ? laidNormal(laid, made, out) : out;
  return {
    at,
    normal,
    up: unit(sub(up, scale(normal, dot(up, normal))), front),
    radius: widthMm / 2,
    halfHeight: heightMm / 2,
    washerRadius: f.washerMm / 2,
    colour: f.colour,
    embroidered: f.making === 'embroidered',
    felt: f.felt && { radius: f.felt.mm / 2, colour: f.felt.colour },
  };
}

/** A dome sinks so far into what it stands on, mm. */
const SINKS_MM = 0.4;

/** Where a dome stands on a piece: on its fabric, or on the cloth that lies there. */
function standing(model: ToyModel, placed: Placed, looks: Looks): (polar: Polar) => Vec3 {
  const { form } = placed;
  const isCloth = clothUnder(model, placed);
  const high = clothTop(form.gauge.stitchMm) - SINKS_MM;
  return (polar) => {
    const p = draped(form, looks, polar);
    return isCloth(polar) ? add(p, scale(frameAt(form, polar).normal, high)) : p;
  };
}

function eyesOn(model: ToyModel, placed: Placed, looks: Looks): ShownEye[] {
  const onCloth = standing(model, placed, looks);
  return model.eyes.flatMap(({ eyes: e, state }) =>
    !isOn(e, placed) || state.state === 'homeless'
      ? []
      : state.polar.map((polar) =>
          domeOn(placed, onCloth(polar), frameAt(placed.form, polar).normal, e, [e.eyeMm, e.eyeMm]),
        ),
  );
}

function nosesOn(model: ToyModel, placed: Placed, looks: Looks): ShownEye[] {
  const onCloth = standing(model, placed, looks);
  return model.noses.flatMap(({ nose, state }) => {
    if (!isOn(nose, placed) || state.state === 'homeless') return [];
    return [domeOn(placed, onCloth(state.polar), state.normal, nose, [nose.widthMm, nose.heightMm])];
  });
}

/** How far the middle of a thread lies out of the middle of its fabric, in stitch widths: it lies on the legs of the stitches. */
const ON_TOP = 0.3;
const onTop = (stitchMm: number): number => ON_TOP * stitchMm;

/** Embroidery: every stretch of thread laid on the fabric as it is drawn. */
const threadsOn = (model: ToyModel, placed: Placed, looks: Looks): ShownThread[] =>
  stitchings(model).flatMap(({ feature: f, sides }) =>
    isOn(f, placed) && sides.length > 0
      ? [
          {
            lines: sides.flatMap(({ lines }) =>
              lines.map((line) => threadOn(placed, looks, line, clothUnder(model, placed))),
            ),
            colour: f.colour,
            halfMm: threadHalfMm(placed.form.gauge.stitchMm, f),
          },
        ]
      : [],
  );

/** Needle sculpting: what lies over the fabric is seen. */
const pulledOn = (model: ToyModel, placed: Placed, looks: Looks): ShownThread[] =>
  sculptings(model).flatMap(({ feature: f, way }) =>
    isOn(f, placed) && way
      ? [
          {
            lines: way.over.map((line) => threadOn(placed, looks, line, clothUnder(model, placed))),
            colour: f.colour,
            halfMm: PULLED_MM,
          },
        ]
      : [],
  );

/** Half the width of strong thread, mm. */
const PULLED_MM = 0.35;

function threadOn(
  { form, placement: { laid } }: Placed,
  looks: Looks,
  line: ThreadLine,
  isCloth: (polar: Polar) => boolean,
): ThreadOn {
  const laidOn = line.map((polar) => {
    const { normal } = frameAt(form, polar);
    const p = add(
      draped(form, looks, polar),
      scale(normal, (isCloth(polar) ? clothTop : onTop)(form.gauge.stitchMm)),
    );
    return laid ? { p: laidPoint(laid, p), normal: laidNormal(laid, p, normal) } : { p, normal };
  });
  return { points: laidOn.map((x) => x.p), normals: laidOn.map((x) => x.normal) };
}

/** Layer, round and place of a stitch of a piece. */
export const stitchAt = (
  { looks }: Pick<Shown, 'looks'>,
  stitch: number,
): { layer: number; round: number; index: number } => ({
  layer: looks.stitches[STITCH * stitch],
  round: looks.stitches[STITCH * stitch + 1],
  index: looks.stitches[STITCH * stitch + 2],
});
