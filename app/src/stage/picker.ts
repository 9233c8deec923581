import type { Projection } from '@hoppla/core/picture';
import type { Vec3 } from '@hoppla/core/form';
import { stitchAt, type Shown } from './shown';

/** A stitch or a hole that was touched. `index` is that of the stitch from 0, or of the hole at the base of its round, between stitches index and index + 1 counted from 1. */
export interface Pick {
  piece: number;
  stitch: number;
  layer: number;
  round: number;
  index: number;
  at: 'middle' | 'hole';
}

/** Of so many nearest stitches the first in sight is meant; one is hidden when fabric lies so many stitches before it. */
const CANDIDATES = 6;
const HIDDEN_STITCHES = 0.8;
/** px beside the fabric at which a finger still means the nearest stitch. */
const NEAR_PX = 14;

interface Flat {
  /** px, px, and depth in px towards the viewer, of the fabric's points and of the stitches' middles and feet */
  points: Float32Array;
  middles: Float32Array;
  feet: Float32Array;
  triangles: number;
  stitches: number;
}

/** Finds what lies under a finger. Works on points, without graphics: what is drawn flat is touched the same way. */
export class Picker {
  private laid: Flat[] | null = null;

  /** `cutDepth`: what is nearer to the viewer than so many mm has been cut away. */
  constructor(
    private readonly pieces: readonly Shown[],
    private readonly projection: Projection,
    private readonly cutDepth = Infinity,
  ) {}

  /** Laid flat when something is first asked: most pictures are never touched. */
  private get flats(): Flat[] {
    return (this.laid ??= this.pieces.map((piece) => flatten(piece, this.projection)));
  }

  /** The stitch or hole at px x, y; `holes` says whether holes are looked for. Hidden stitches are never found. */
  at(x: number, y: number, holes = true): Pick | null {
    const hit = this.surfaceAt(x, y) ?? this.beside(x, y);
    if (!hit) return null;
    const { piece, depth } = hit;
    const best = this.nearest(piece, x, y, depth);
    return best === null ? null : this.named(piece, best.stitch, x, y, depth, holes ? best.away : 0);
  }

  /** The stitch whose middle is nearest to a point of the fabric, among those in sight. */
  private nearest(
    piece: number,
    x: number,
    y: number,
    depth: number,
  ): { stitch: number; away: number } | null {
    const { middles, stitches } = this.flats[piece];
    const near: { stitch: number; away: number }[] = [];
    for (let s = 0; s < stitches; s++) {
      const d = away(middles, s, x, y, depth);
      if (near.length === CANDIDATES && d >= near[CANDIDATES - 1].away) continue;
      let k = near.length;
      while (k > 0 && near[k - 1].away > d) k--;
      near.splice(k, 0, { stitch: s, away: d });
      if (near.length > CANDIDATES) near.pop();
    }
    const hiddenBy =
      HIDDEN_STITCHES * this.pieces[piece].placed.form.gauge.stitchMm * this.projection.pxPerMm;
    return (
      near.find(
        ({ stitch }) =>
          (this.surfaceAt(middles[3 * stitch], middles[3 * stitch + 1])?.depth ?? -Infinity) <=
          middles[3 * stitch + 2] + hiddenBy,
      ) ?? null
    );
  }

  private named(piece: number, stitch: number, x: number, y: number, depth: number, toMiddle: number): Pick {
    const shown = this.pieces[piece];
    const { layer, round, index } = stitchAt(shown, stitch);
    const middle: Pick = { piece, stitch, layer, round, index, at: 'middle' };
    if (toMiddle === 0) return middle;
    const { feet } = this.flats[piece];
    // A hole lies between the feet of two neighbours, at the base of their round.
    let hole: Pick | null = null;
    let least = toMiddle;
    for (const s of [stitch, ...this.above(piece, stitch)]) {
      const own = stitchAt(shown, s);
      const { count } = (
        own.layer ? shown.placed.form.fabric.layers[own.layer - 1] : shown.placed.form.fabric
      ).rounds[own.round];
      if (own.round === 0 && own.layer === 0) continue;
      for (const step of [-1, 0]) {
        const a = own.index + step < 0 ? s + count - 1 : s + step;
        const b = own.index + step + 1 >= count ? s - own.index : s + step + 1;
        const d = awayFrom(
          [
            (feet[3 * a] + feet[3 * b]) / 2,
            (feet[3 * a + 1] + feet[3 * b + 1]) / 2,
            (feet[3 * a + 2] + feet[3 * b + 2]) / 2,
          ],
          x,
          y,
          depth,
        );
        if (d < least) {
          least = d;
          hole = {
            piece,
            stitch: s,
            layer: own.layer,
            round: own.round,
            index: (((own.index + step + 1) % count) + count) % count,
            at: 'hole',
          };
        }
      }
    }
    return hole ?? middle;
  }

  /** Stitches of the next round that stand nearest above a stitch. */
  private above(piece: number, stitch: number): number[] {
    const shown = this.pieces[piece];
    const { layer, round } = stitchAt(shown, stitch);
    const rounds = (layer ? shown.placed.form.fabric.layers[layer - 1] : shown.placed.form.fabric).rounds;
    if (round + 1 >= Math.min(rounds.length, layer === 0 ? shown.upTo : Infinity)) return [];
    const { middles, stitches } = this.flats[piece];
    let best = -1;
    let least = Infinity;
    for (
      let s = stitch + 1;
      s < Math.min(stitches, stitch + rounds[round].count + rounds[round + 1].count + 1);
      s++
    ) {
      if (stitchAt(shown, s).round !== round + 1) continue;
      const d = away(middles, s, middles[3 * stitch], middles[3 * stitch + 1], middles[3 * stitch + 2]);
      if (d < least) {
        least = d;
        best = s;
      }
    }
    return best < 0 ? [] : [best];
  }

  /** The nearest fabric to the viewer under a point. */
  private surfaceAt(x: number, y: number): { piece: number; depth: number } | null {
    let found: { piece: number; depth: number } | null = null;
    const most = this.cutDepth * this.projection.pxPerMm;
    for (let piece = 0; piece < this.flats.length; piece++) {
      const { points, triangles } = this.flats[piece];
      const corners = this.pieces[piece].looks.triangles;
      for (let t = 0; t < triangles; t++) {
        const depth = depthAt(
          points,
          3 * corners[3 * t],
          3 * corners[3 * t + 1],
          3 * corners[3 * t + 2],
          x,
          y,
        );
        if (depth <= most && depth > (found?.depth ?? -Infinity)) found = { piece, depth };
      }
    }
    return found;
  }

  /** A cord has no surface, and a finger may fall beside an edge: the nearest stitch not behind anything. */
  private beside(x: number, y: number): { piece: number; depth: number } | null {
    let found: { piece: number; depth: number } | null = null;
    let least = NEAR_PX;
    for (let piece = 0; piece < this.flats.length; piece++) {
      const { middles, stitches } = this.flats[piece];
      for (let s = 0; s < stitches; s++) {
        const d = Math.hypot(middles[3 * s] - x, middles[3 * s + 1] - y);
        if (d < least && middles[3 * s + 2] <= this.cutDepth * this.projection.pxPerMm) {
          const over = this.surfaceAt(middles[3 * s], middles[3 * s + 1]);
          if (over && over.depth > middles[3 * s + 2] + 2) continue;
          least = d;
          found = { piece, depth: middles[3 * s + 2] };
        }
      }
    }
    return found;
  }
}

function flatten({ placed, looks, upTo }: Shown, { rows: view, pivot, pxPerMm, x, y }: Projection): Flat {
  const { rows: own, shift } = placed.placement;
  // Placement and view in one: three rows of three, and where the piece's own 0 stands.
  const m = view.map((v) => [0, 1, 2].map((k) => v[0] * own[0][k] + v[1] * own[1][k] + v[2] * own[2][k]));
  const at = view.map(
    (v) => v[0] * (shift[0] - pivot[0]) + v[1] * (shift[1] - pivot[1]) + v[2] * (shift[2] - pivot[2]),
  );
  const lay = (from: Float32Array) => {
    const out = new Float32Array(from.length);
    for (let k = 0; k < from.length; k += 3) {
      out[k] = x + pxPerMm * (m[0][0] * from[k] + m[0][1] * from[k + 1] + m[0][2] * from[k + 2] + at[0]);
      out[k + 1] = y - pxPerMm * (m[1][0] * from[k] + m[1][1] * from[k + 1] + m[1][2] * from[k + 2] + at[1]);
      out[k + 2] = pxPerMm * (m[2][0] * from[k] + m[2][1] * from[k + 1] + m[2][2] * from[k + 2] + at[2]);
    }
    return out;
  };
  const whole = upTo >= placed.form.fabric.rounds.length;
  const rounds = Math.max(0, Math.min(upTo, placed.form.fabric.rounds.length));
  const stitches = whole
    ? looks.middles.length / 3
    : placed.form.fabric.rounds.slice(0, rounds).reduce((sum, r) => sum + r.count, 0);
  return {
    points: lay(looks.points),
    middles: lay(looks.middles),
    feet: lay(looks.feet),
    triangles: whole ? looks.triangles.length / 3 : looks.trianglesTo[Math.max(0, rounds - 1)],
    stitches,
  };
}

/** Squared px from a point to entry s of a list of points. */
const away = (list: Float32Array, s: number, x: number, y: number, depth: number): number =>
  (list[3 * s] - x) ** 2 + (list[3 * s + 1] - y) ** 2 + (list[3 * s + 2] - depth) ** 2;
const awayFrom = (p: Vec3, x: number, y: number, depth: number): number =>
  (p[0] - x) ** 2 + (p[1] - y) ** 2 + (p[2] - depth) ** 2;

const CRACK = 1e-4;

/** Depth of a triangle at px x, y; minus infinity beside it. */
function depthAt(p: Float32Array, a: number, b: number, c: number, x: number, y: number): number {
  const [ax, ay, bx, by, cx, cy] = [p[a], p[a + 1], p[b], p[b + 1], p[c], p[c + 1]];
  if (
    (x < ax && x < bx && x < cx) ||
    (x > ax && x > bx && x > cx) ||
    (y < ay && y < by && y < cy) ||
    (y > ay && y > by && y > cy)
  )
    return -Infinity;
  const whole = (bx - ax) * (cy - ay) - (cx - ax) * (by - ay);
  if (Math.abs(whole) < 1e-9) return -Infinity;
  const u = ((bx - x) * (cy - y) - (cx - x) * (by - y)) / whole;
  const v = ((cx - x) * (ay - y) - (ax - x) * (cy - y)) / whole;
  const w = 1 - u - v;
  // Between two triangles no crack lets a finger through.
  return u < -CRACK || v < -CRACK || w < -CRACK ? -Infinity : u * p[a + 2] + v * p[b + 2] + w * p[c + 2];
}
