import type { Polar } from '../address';
import { isOn, threadHalfMm, type EyePair, type Feature, type Nose, type ThreadLine } from '../feature';
import type { PartForm, Vec3 } from '../form';
import { move, moveBack, moveRigid, type Placed, type Placement } from '../join';
import { patches, sculptings, stitchings, yarnLines, type ToyModel } from '../model';
import type { Layer } from './scene';
import { n, pathOf } from './paths';
import { at, seen, turnedNormal } from './seenFrom';
import type { Rows } from './view';

/** What is on a piece, as it is drawn flat. */
export type Dress = Pick<Layer, 'eyes' | 'threads' | 'patches'>;

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

export function dressOf(model: ToyModel, piece: Placed, from: Rows): Dress {
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
