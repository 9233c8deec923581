import type { PartForm } from './form';

/** The fabric as triangles between the middles of its stitches. Vertices are the part's own stitches in working order, then a middle for a closed start and one for a gathered end. */
export interface Mesh {
  vertices: number;
  /** three vertices a triangle */
  triangles: Int32Array;
  /** first vertex of each round */
  first: Int32Array;
  /** vertex of the closed start and of the gathered end, -1 where there is none */
  centre: number;
  cap: number;
}

/**
 * Triangles between neighbouring rounds, each stitch joined to those nearest to it in direction (parents would give long
 * slanted triangles where increases stand together, and the ring model spreads a round evenly). A ball is a closed surface.
 */
export function meshOf(form: Pick<PartForm, 'fabric' | 'closed' | 'r' | 'phase' | 'gauge'>): Mesh {
  const rounds = form.fabric.rounds;
  const first = new Int32Array(rounds.length + 1);
  rounds.forEach((round, i) => (first[i + 1] = first[i] + round.count));
  const stitches = first[rounds.length];
  const open = form.r[0] > 0;
  const centre = open ? -1 : stitches;
  const cap = form.closed ? stitches + (open ? 0 : 1) : -1;
  const out: number[] = [];
  const fan = (round: number, middle: number, way: 0 | 1) => {
    const { count } = rounds[round];
    for (let j = 0; j < count; j++)
      out.push(first[round] + ((j + 1 - way) % count), first[round] + ((j + way) % count), middle);
  };
  // Wound so that every triangle has the same side out.
  if (centre >= 0 && rounds.length) fan(0, centre, 0);
  for (let i = 1; i < rounds.length; i++) {
    const [a, b] = [rounds[i - 1].count, rounds[i].count];
    if (a === 0 || b === 0) continue;
    // In turns, from the first stitch of the lower round on.
    const offset = (form.phase[i] - form.phase[i - 1]) / (2 * Math.PI) + 0.5 / b - 0.5 / a;
    const start = Math.round(-offset * b);
    for (let ja = 0, jb = 0; ja < a || jb < b;) {
      const va = first[i - 1] + (ja % a);
      const vb = first[i] + ((((start + jb) % b) + b) % b);
      if (jb >= b || (ja < a && (ja + 1) / a <= offset + (start + jb + 1) / b))
        out.push(va, first[i - 1] + (++ja % a), vb);
      else out.push(va, first[i] + ((((start + ++jb) % b) + b) % b), vb);
    }
  }
  if (cap >= 0 && rounds.length) fan(rounds.length - 1, cap, 1);
  return {
    vertices: stitches + (centre >= 0 ? 1 : 0) + (cap >= 0 ? 1 : 0),
    triangles: Int32Array.from(out),
    first,
    centre,
    cap,
  };
}
