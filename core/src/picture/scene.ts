import { ringPoint, type PartForm, type Vec3 } from '../form';
import { kept } from '../kept';
import { move, type Placed, type Placement } from '../join';
import { allYarnLines, slotColours, type ToyModel } from '../model';
import { bandsOf } from './bands';
import { shade } from './colour';
import { dressOf } from './dress';
import { hull, pathOf, stitchPaths } from './paths';
import { seen } from './seenFrom';
import { rowsOf, VIEWS, type Rows } from './view';

/** Paths of one piece in mm, x to the right and y down, drawn one over the other. */
export interface Layer {
  key: string;
  part: string;
  copy: string;
  /** the fabric in its yarns, farther bands of rounds first; `shadow` lies between its stitches */
  ground: { d: string; yarn: string; shadow: string }[];
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
    const yarns = slotColours(model, piece.part, piece.copy, piece.form.fabric.colours).join(' ');
    const { depth, ...fabric } = fabricOf(piece, from, yarns, rounds, total <= MOST_DRAWN);
    const layer: Layer = {
      ...{ key, part: piece.part, copy: piece.copy },
      ...fabric,
      ...dressOf(model, piece, from),
    };
    return { layer, depth };
  });
  drawn.sort((a, b) => a.depth - b.depth);
  return { layers: drawn.map((d) => d.layer), ...boundsOf(placed, from) };
}

type Seen = Pick<Placed, 'part' | 'copy' | 'form' | 'placement'>;

/** Works something out of a piece anew only where the piece stands otherwise or something else is asked, whatever is put on it and wherever the others go. */
function ofPiece<R extends readonly unknown[], T>(
  make: (piece: Seen, ...asked: R) => T,
): (piece: Seen, ...asked: R) => T {
  const own = () =>
    kept(
      (_: PartForm, piece: Seen, ...asked: R) => make(piece, ...asked),
      (_, { placement: { rows, shift, laid } }, ...asked) => [...rows.flat(), ...shift, laid, ...asked],
    );
  const byForm = kept((_: PartForm) => new Map<string, ReturnType<typeof own>>());
  return (piece, ...asked) => {
    const known = byForm(piece.form);
    const key = `${piece.part}/${piece.copy}`;
    const answer = known.get(key) ?? own();
    known.set(key, answer);
    return answer(piece.form, piece, ...asked);
  };
}

/** What is drawn of a piece's fabric, and how near it is. `dyes`: the yarn of each slot, with a space between two. */
const fabricOf = ofPiece(
  ({ part, copy, form, placement }, from: Rows, dyes: string, rounds: number, isStitched: boolean) => {
    const key = `${part}/${copy}`;
    const yarns = dyes.split(' ');
    const centre = seen(move(placement, [0, 0, (form.z[0] + form.z[form.z.length - 1]) / 2]), from);
    const layers = skirts(form, rounds);
    return {
      ground: [
        ground(form, placement, from, yarns, rounds),
        ...layers.map((l) => ground(l, placement, from, yarns, l.fabric.rounds.length)),
      ].flat(),
      stitches: isStitched
        ? [
            stitchPaths(form, placement, from, yarns, rounds, key),
            ...layers.map((l, i) =>
              stitchPaths(l, placement, from, yarns, l.fabric.rounds.length, `${key}/${i}`),
            ),
          ].flat()
        : [],
      depth: centre[2] + 0.02 * centre[1],
    };
  },
);

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
export function boxOf(piece: Seen, from: Rows = FRONT, bare = false): [number, number, number, number] {
  const points = [piece.form, ...(bare ? [] : skirts(piece.form, Infinity))].flatMap((form) =>
    ringsSeen(form, piece.placement, from).flat(),
  );
  const xs = points.map((p) => p[0]);
  const ys = points.map((p) => -p[1]);
  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
}

const dressedBoxOf = ofPiece((piece, from: Rows) => boxOf(piece, from));

/** Bounds of placed pieces as they are seen, mm, y down; a little room where there is nothing. */
export function boundsOf(
  placed: readonly Placed[],
  from: Rows = FRONT,
): Pick<Scene, 'left' | 'right' | 'top' | 'bottom'> {
  const boxes = placed.map((piece) => dressedBoxOf(piece, from));
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

/** The fabric's ground: the hull of each two neighbouring rings, those of a band in one path, farther bands first. */
function ground(
  form: PartForm,
  placement: Placement,
  from: Rows,
  yarns: readonly string[],
  rounds: number,
): Layer['ground'] {
  const rings = ringsSeen(form, placement, from).slice(
    0,
    rounds < form.fabric.rounds.length ? rounds + 1 : undefined,
  );
  const bands = bandsOf(form.fabric);
  const drawn = bands.map((band, k) => {
    let d = '';
    // Behind the last round its yarn goes on.
    const end = Math.min(rings.length - 1, k < bands.length - 1 ? band.to : Infinity);
    for (let i = band.from; i < end; i++)
      d += pathOf(hull([...rings[i], ...rings[i + 1]].map((p) => [p[0], -p[1]] as const)));
    const own = rings.slice(band.from, end + 1).flat();
    const yarn = yarns[band.slot] ?? yarns[0];
    return { d, yarn, depth: own.reduce((sum, p) => sum + p[2], 0) / own.length };
  });
  return drawn
    .filter(({ d }) => d !== '')
    .sort((a, b) => a.depth - b.depth)
    .map(({ d, yarn }) => ({ d, yarn, shadow: shade(yarn, 0.5) }));
}
