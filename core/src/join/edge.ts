import type { PartForm } from '../form';

/** Which stitches of a piece meet something. Seams, join rounds, edgings, strands and tails speak of edges. */
export interface Edge {
  which: 'last' | 'first' | 'side' | 'layer' | 'chain end';
  /** the first of its stitches, from 1, in the order they are worked */
  from: number;
  /** the last of its stitches; null for the whole edge, however many stitches the text gives it */
  to: number | null;
  /** 1: open as a ring, or a single layer; 2: pressed flat, two stitches lie on one another */
  layers: 1 | 2;
}

/** The whole last round, open as a ring or pressed flat. */
export const wholeEdge = (lies: 'open' | 'flattened'): Edge => ({
  which: 'last',
  from: 1,
  to: null,
  layers: lies === 'open' ? 1 : 2,
});

export const isFlattened = (edge: Edge): boolean => edge.layers === 2;

/** Whether it is worked out yet where such an edge lies: the whole last round. */
export const isWorkedOut = (edge: Edge): boolean =>
  edge.which === 'last' && edge.from === 1 && edge.to === null;

/** Seam stitches of an edge: its last round's, half of them when it is pressed flat; a closed end is sewn on by its last round. */
export function edgeCount(form: PartForm, edge: Edge): number {
  const last = form.fabric.rounds.at(-1)?.count ?? 0;
  return isFlattened(edge) ? Math.floor(last / 2) : last;
}

/** How far an edge reaches from its middle, mm: the radius of an open one, half the length of one pressed flat. */
export function edgeReach(form: PartForm, edge: Edge): number {
  const count = form.fabric.rounds.at(-1)?.count ?? 0;
  return (count * form.gauge.stitchMm) / (isFlattened(edge) ? 4 : 2 * Math.PI);
}
