import type { Feature, Hanger, StrandFix } from '../feature';
import { add, cross, scale, unit, type Vec3 } from '../form';
import { across, outAt, pieceKey, type OfPiece, type OnToy } from '../join';
import { kept } from '../kept';
import { hangersOf } from './hangers';
import { hangingFrom, strandWorks } from './strandWork';
import { surfaceWorks } from './surfaceWork';
import { modelOf, yarnColour, type ToyModel } from './toy';

/** A strand of yarn that stands on a piece or hangs from it, in the toy's frame, mm, with the stitch that it goes with. */
export interface YarnLine {
  round: number;
  coord: number;
  at: OnToy;
  points: readonly Vec3[];
  out: Vec3;
  colour: string;
  halfMm: number;
}

/** Half the width of yarn, in widths of its stitch. Judged by eye. */
const YARN = 0.26;
/** Half the width of one strand of hair, mm, and of a ring's wire. */
const STRAND_MM = 0.75;
const WIRE_MM = 0.6;
/** A knot is so many times as wide as its strand, and these strands have one outside. */
const KNOT = 1.3;
const KNOTTED: readonly StrandFix[] = ['looped in and knotted', 'knotted as a dot'];
const METAL = '#9aa3ab';

/** Strands that are drawn; of a thick head of hair every so-manieth. */
const MOST_STRANDS = 260;

const KINDS: { [K in Feature['kind']]?: (model: ToyModel) => YarnLine[] } = {
  surface: (model) =>
    surfaceWorks(model).flatMap(({ feature, motif, stitchMm, sites }) =>
      sites.flatMap(({ stations }) =>
        stations.flatMap((s) =>
          (motif?.lines ?? []).map((line) => ({
            round: s.round,
            coord: s.coord,
            at: s.at,
            points: line.map(({ alongMm, upMm }) =>
              add(s.at.point, add(scale(s.along, alongMm), scale(s.out, upMm + YARN * stitchMm))),
            ),
            out: unit(cross(s.along, s.out)),
            colour: feature.colour,
            halfMm: YARN * stitchMm,
          })),
        ),
      ),
    ),
  strands: (model) =>
    strandWorks(model).flatMap(({ feature, places, hangsMm }) => {
      const shown = places.filter((_, k) => k % Math.ceil(places.length / MOST_STRANDS) === 0);
      return shown.flatMap((place): YarnLine[] => {
        const points = hangingFrom(place, hangsMm);
        const strand: YarnLine = {
          round: place.round,
          coord: place.coord,
          at: { piece: place.piece, polar: place.polar, point: [0, 0, 0] },
          points,
          out: outAt(place),
          colour: feature.colour,
          halfMm: STRAND_MM,
        };
        // A knot is a dot of its own where it is tied.
        const knot = { ...strand, points: points.slice(0, 1), halfMm: KNOT * STRAND_MM };
        return KNOTTED.includes(feature.fix) ? [strand, knot] : [strand];
      });
    }),
  hanger: (model) =>
    hangersOf(model).flatMap(({ feature, at, round, coord, loopMm }) =>
      at.flatMap((place) => {
        const out = outAt(place);
        const wide = across([1, 0, 0], out);
        const oval = (middle: Vec3, tall: number, half: number): Vec3[] =>
          Array.from({ length: 25 }, (_, k) => {
            const turn = (2 * Math.PI * k) / 24;
            return add(middle, add(scale(out, -tall * Math.cos(turn)), scale(wide, half * Math.sin(turn))));
          });
        // An oval twice as tall as it is wide: its perimeter is 4.84 times its longer half axis (Ramanujan).
        const tall = (loopMm ?? 0) / 4.84;
        const line = (points: Vec3[], colour: string, halfMm: number): YarnLine => ({
          round,
          coord,
          at: place,
          points,
          out: unit(cross(out, wide)),
          colour,
          halfMm,
        });
        const ringAt = add(place.point, scale(out, 2 * tall + feature.mm / 2 - 1));
        return [
          ...(loopMm
            ? [line(oval(add(place.point, scale(out, tall)), tall, tall / 2), loopColour(model, feature), 1)]
            : []),
          line(oval(ringAt, feature.mm / 2, feature.mm / 2), METAL, WIRE_MM),
        ];
      }),
    ),
};

/** A loop has the yarn of the part that it is, else that of the part it is on. */
function loopColour(model: ToyModel, { part, loop }: Hanger): string {
  const own = 'part' in loop ? loop.part : part;
  return yarnColour(model, own, modelOf(model, own).copies[0]?.id ?? '');
}

/** All yarn of features that stands on the toy or hangs from it. */
export const allYarnLines = kept((model: ToyModel): readonly YarnLine[] =>
  Object.values(KINDS).flatMap((lines) => lines(model)),
);

/** All yarn of a kind of feature that stands on a piece or hangs from it. */
export const yarnLines = (model: ToyModel, kind: Feature['kind'], piece: OfPiece): YarnLine[] =>
  (KINDS[kind]?.(model) ?? []).filter(({ at }) => pieceKey(at.piece) === pieceKey(piece));
