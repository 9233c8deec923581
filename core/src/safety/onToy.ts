import { onBody, resolve } from '../address';
import { discMm, isOn, spotsOf, type EyePair, type Nose } from '../feature';
import { ringPoint, scale, sub, type Vec3 } from '../form';
import type { OfPiece } from '../join';
import type { ToyModel } from '../model';
import { sewnTwice } from './reinforcement';
import type { SafetyPoint } from './point';

/** A point of a piece: mm, in the piece's own frame. */
export interface OnPiece {
  piece: OfPiece;
  point: Vec3;
}

/** How something is held, as it is drawn over the toy. Points in mm, in the frame of `piece`. */
export type HeldMark =
  /** a seam, once or twice round, and whether it comes back to its beginning */
  | { is: 'seam'; join: string; piece: OfPiece; points: readonly Vec3[]; twice: boolean; ring: boolean }
  /** an end of thread that is buried after its knot; `said` is false where nobody has said how deep */
  | { is: 'buried'; join: string; piece: OfPiece; points: readonly [Vec3, Vec3]; said: boolean }
  /** a disc that lies inside, between fabric and washer */
  | { is: 'disc'; feature: string; piece: OfPiece; points: readonly [Vec3]; mm: number }
  /** the yarn on which limbs turn, from hole to hole, and where it is anchored */
  | { is: 'anchor'; join: string; piece: OfPiece; points: readonly [Vec3, Vec3] };

/** Everything that holds on a toy: seams with their buried ends, discs, yarns that limbs turn on. */
export const heldMarks = (model: ToyModel): HeldMark[] => [
  ...seamMarks(model),
  ...discMarks(model),
  ...model.drawn.flatMap(({ join, sites }): HeldMark[] =>
    join.kind === 'threaded'
      ? sites.map(({ exits }) => ({
          is: 'anchor',
          join: join.id,
          piece: join.at,
          points: [exits.first.point, exits.other.point],
        }))
      : [],
  ),
];

function seamMarks(model: ToyModel): HeldMark[] {
  return model.sites.flatMap(({ join, sites }) =>
    sites.flatMap((site): HeldMark[] => {
      if (site.seam.length === 0) return [];
      const of = { join: join.id, piece: join.at };
      const last = site.seam[site.seam.length - 1].hostPoint;
      return [
        {
          is: 'seam',
          ...of,
          points: site.seam.map((s) => s.hostPoint),
          twice: sewnTwice(join.seam, model.toy.settings.age),
          ring: site.how !== 'surface' || join.edge.layers === 1,
        },
        ...buriedAt(model, of, last),
      ];
    }),
  );
}

/** From the last stitch of a seam towards the host's middle line, as deep as is said, and no deeper than the host. */
function buriedAt(model: ToyModel, of: { join: string; piece: OfPiece }, from: Vec3): HeldMark[] {
  const { buriedMm } = model.toy.safety;
  const inward = sub([0, 0, from[2]], from);
  const middle = Math.hypot(...inward);
  if (middle < 1e-6) return [];
  const deep = Math.min(buriedMm ?? middle, 2 * middle);
  const along = scale(inward, deep / middle);
  const to: Vec3 = [from[0] + along[0], from[1] + along[1], from[2] + along[2]];
  return [{ is: 'buried', ...of, points: [from, to], said: buriedMm !== null }];
}

function discMarks(model: ToyModel): HeldMark[] {
  const discs = (f: EyePair | Nose, points: readonly Vec3[], mm: number | null): HeldMark[] =>
    mm === null
      ? []
      : model.pieces
          .filter((p) => isOn(f, p))
          .flatMap((p) =>
            points.map((point): HeldMark => ({
              is: 'disc',
              feature: f.id,
              piece: { part: p.part, copy: p.copy },
              points: [point],
              mm,
            })),
          );
  return [
    ...model.eyes.flatMap(({ eyes, state }) =>
      state.state !== 'homeless' && eyes.making === 'safety eye'
        ? discs(eyes, state.points, discMm(eyes, state.retention.band))
        : [],
    ),
    ...model.noses.flatMap(({ nose, state }) =>
      state.state !== 'homeless' && nose.making === 'safety nose'
        ? discs(nose, [state.point], discMm(nose, state.retention.band))
        : [],
    ),
  ];
}

/** Where a safety point is seen on the toy: at its feature, its seam, its round or its part; null for what is of the whole toy. */
export function placeOfPoint(model: ToyModel, point: SafetyPoint): OnPiece | null {
  return (
    (point.feature === undefined ? null : placeOfFeature(model, point.feature)) ??
    (point.join === undefined ? null : placeOfJoin(model, point)) ??
    (point.part === undefined ? null : placeOfPart(model, point.part))
  );
}

function placeOfFeature(model: ToyModel, id: string): OnPiece | null {
  const feature = model.toy.features.find((f) => f.id === id);
  const piece = feature && model.pieces.find((p) => isOn(feature, p));
  if (!feature || !piece) return null;
  const on = (point: Vec3): OnPiece => ({ piece: { part: piece.part, copy: piece.copy }, point });
  if (feature.kind === 'eyes') {
    const state = model.eyes.find((e) => e.eyes.id === id)?.state;
    return state && state.state !== 'homeless' ? on(state.points[0]) : null;
  }
  const [spot] = spotsOf(feature);
  const found = spot ? onBody(resolve(piece.form, spot)) : null;
  return found ? on(found.point) : null;
}

/** The seam of the copy that the point names last (`ID:COPY`), else the first one. */
function placeOfJoin(model: ToyModel, { join, id }: SafetyPoint): OnPiece | null {
  const sewn = model.sites.find((s) => s.join.id === join);
  const site = sewn?.sites.find((s) => id.endsWith(`:${s.copy}`)) ?? sewn?.sites[0];
  if (sewn && site && site.seam.length > 0) return { piece: sewn.join.at, point: site.seam[0].hostPoint };
  const drawn = model.drawn.find((s) => s.join.id === join);
  if (drawn && drawn.sites.length > 0)
    return { piece: drawn.join.at, point: drawn.sites[0].exits.first.point };
  return null;
}

/** The front of the middle round of a part. */
function placeOfPart(model: ToyModel, part: string): OnPiece | null {
  const piece = model.pieces.find((p) => p.part === part);
  if (!piece || piece.form.r.length === 0) return null;
  const ring = Math.floor(piece.form.r.length / 2);
  return { piece: { part, copy: piece.copy }, point: ringPoint(piece.form, ring, piece.frontRad) };
}
