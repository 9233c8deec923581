import { endSaid, piecesSaid, threadHalfMm, type OnPart } from '../feature';
import { patches, sculptings, stitchings, type Patched, type Stitched } from '../model';
import { sculptThread, threadLength } from '../plan';
import { faceWords } from '../words';
import { BAR_MM, barAt, f, INK, MEASURED_COLOURS, svg, type FrontView } from './faceDrawing';
import { tagOf, type Faced } from './faceMap';

const say = faceWords.map;

type Flat = { x: number; y: number };

/** A stretch of thread as it is seen from the front, mm; one place alone is a knot. */
interface FlatThread {
  points: readonly Flat[];
  wideMm: number;
}

const shares = (a: OnPart, copy: string | null): boolean =>
  a.copy === null || copy === null || a.copy === copy;

/** The embroidery of a face that has a place now. */
const stitchedOn = ({ model, part, eyes }: Faced): readonly Stitched[] =>
  stitchings(model).filter(
    (s) => s.feature.part === part.part.id && shares(s.feature, eyes.copy) && !s.fault,
  );

/** All thread of a face, from the front; what lies on the far side is left out. */
export function threadsOf(face: Faced, view: FrontView): FlatThread[] {
  const { stitchMm } = face.part.gauge;
  return stitchedOn(face).flatMap(({ feature, sides }) =>
    sides.flatMap(({ lines }) =>
      lines.flatMap((line): FlatThread[] => {
        const points = line.map(view.see).filter((p) => p.near);
        return points.length > 0 ? [{ points, wideMm: 2 * threadHalfMm(stitchMm, feature) }] : [];
      }),
    ),
  );
}

/** A stretch of thread as a path in mm. */
export function threadPath(
  { points, wideMm }: FlatThread,
  x: (mm: number) => string,
  y: (mm: number) => string,
): string {
  if (points.length === 1)
    return `<circle cx="${x(points[0].x)}" cy="${y(points[0].y)}" r="${f(wideMm)}" fill="${INK}" fill-opacity=".55"/>`;
  const d = points.map((p, i) => `${i ? 'L' : 'M'}${x(p.x)} ${y(p.y)}`).join('');
  return `<path data-thread="1" d="${d}" fill="none" stroke="${MEASURED_COLOURS.thread}" stroke-opacity=".55" stroke-width="${f(wideMm)}" stroke-linecap="round" stroke-linejoin="round"/>`;
}

/** What is stitched, each with where its ends go in, by tag and in words, and its thread. */
export const stitchedList = (face: Faced): string[] =>
  stitchedOn(face).flatMap(({ feature, sides }) =>
    sides.map((side, k) => {
      const ends = side.places.map((p, i) =>
        k === 0 ? `${tagOf(p.name)} (${endSaid(feature.ends[i])})` : tagOf(p.name),
      );
      const { strands, of } = feature.thread;
      return say.stitched(feature.name, k === 1, ends, face.units.end(threadLength(side.mm)), strands, of);
    }),
  );

/** What is laid on a face and has a place now. */
const patchesOn = ({ model, part, eyes }: Faced): readonly Patched[] =>
  patches(model).filter((p) => p.feature.part === part.part.id && shares(p.feature, eyes.copy) && !p.fault);

/** Outlines of what is laid on, from the front. */
export const patchPaths = (
  face: Faced,
  view: FrontView,
  x: (mm: number) => string,
  y: (mm: number) => string,
): string =>
  patchesOn(face)
    .flatMap(({ sides }) => sides.flatMap((side) => side.pieces))
    .flatMap(({ outline }) => {
      const seen = outline.map(view.see);
      return seen.every((p) => p.near)
        ? [
            `<path data-patch="1" d="${seen.map((p, i) => `${i ? 'L' : 'M'}${x(p.x)} ${y(p.y)}`).join('')}Z" fill="${INK}" fill-opacity=".06" stroke="${INK}" stroke-width=".35"/>`,
          ]
        : [];
    })
    .join('');

/** What is laid on, with where its middles are. */
export const patchList = (face: Faced): string[] =>
  patchesOn(face).flatMap(({ feature, sides }) =>
    sides.map((side, k) =>
      say.patch(
        feature.name,
        k === 1,
        side.places.map((p) => tagOf(p.name)).join(', '),
        piecesSaid(feature, face.units, side.pieces.length),
      ),
    ),
  );

/** The ways of a needle that shapes this face, with its thread. */
export const sculptList = ({ model, part, eyes, units }: Faced): string[] =>
  sculptings(model)
    .filter((s) => s.feature.part === part.part.id && shares(s.feature, eyes.copy) && s.way)
    .map(({ feature, sides: [run], way }) =>
      say.sculptWay(
        feature.name,
        run.places.map((p) => tagOf(p.name)),
        feature.passes,
        units.end(sculptThread(way!)),
        units.length(way!.needleMm),
      ),
    );

const MARGIN = 6;

/** All thread of a face mirrored left to right, for tracing from behind, with the eyes as crosses and a bar to measure; null where nothing is stitched. */
export function transferSvg(face: Faced, view: FrontView): string | null {
  const threads = threadsOf(face, view);
  if (threads.length === 0) return null;
  const eyes = face.at.points.map(view.point);
  const all = [...threads.flatMap((t) => t.points), ...eyes];
  const [left, right] = [Math.min(...all.map((p) => -p.x)), Math.max(...all.map((p) => -p.x))];
  const [top, bottom] = [Math.min(...all.map((p) => p.y)), Math.max(...all.map((p) => p.y))];
  const x = (mm: number) => f(-mm - left + MARGIN);
  const y = (mm: number) => f(mm - top + MARGIN);
  const crosses = eyes.map(
    (p) =>
      `<path data-eye="1" d="M${f(-p.x - left + MARGIN - 2)} ${y(p.y)}h4M${x(p.x)} ${f(p.y - top + MARGIN - 2)}v4" stroke="${INK}" stroke-width=".3"/>`,
  );
  const tall = bottom - top + 2 * MARGIN;
  return svg(
    Math.max(right - left + 2 * MARGIN, BAR_MM + 24),
    tall + 14,
    `${threads.map((t) => threadPath(t, x, y)).join('')}${crosses.join('')}${barAt(4, tall + 8)}`,
    say.transfer,
  );
}
