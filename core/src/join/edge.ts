import type { FabricRound } from '../fabric';
import type { PartForm } from '../form';

/** Which stitches of a piece meet something. Seams, join rounds, edgings, strands and tails speak of edges. */
export interface Edge {
  which: EdgeIs;
  /** which of several: the layer, or the side of a flat piece (1 where its right-side rows begin); 1 for all others */
  nth: number;
  /** the first of its stitches, from 1, in the order they are worked */
  from: number;
  /** the last of its stitches; null for the whole edge, however many stitches the text gives it */
  to: number | null;
  /** 1: open as a ring, or a single layer; 2: pressed flat, two stitches lie on one another */
  layers: 1 | 2;
  /** pressed flat and bent by a pinch, so that it stands as a bow */
  pinched: boolean;
}

/** Last round or row, first round, side of rows, edge of what is worked on, end of a chain, the fold of a folded disc. */
export type EdgeIs = 'last' | 'first' | 'side' | 'layer' | 'chain end' | 'fold';

/** How a whole edge is laid on its host. */
export type EdgeLies = 'open' | 'flattened' | 'pinched';

/** The whole of an edge, as it is laid. */
export const wholeEdge = (lies: EdgeLies, which: EdgeIs = 'last'): Edge => ({
  which,
  nth: 1,
  from: 1,
  to: null,
  layers: lies === 'open' ? 1 : 2,
  pinched: lies === 'pinched',
});

export const isFlattened = (edge: Edge): boolean => edge.layers === 2;

export const liesAs = (edge: Edge): EdgeLies => {
  if (!isFlattened(edge)) return 'open';
  return edge.pinched ? 'pinched' : 'flattened';
};

/** The round whose stitches an edge has; null when the piece has no such edge. */
export function edgeRound(form: PartForm, { which, nth }: Edge): FabricRound | null {
  const { rounds, layers } = form.fabric;
  switch (which) {
    case 'first':
      return form.section === 'cord' ? null : (rounds[0] ?? null);
    case 'layer':
      return layers[nth - 1]?.rounds.at(-1) ?? null;
    case 'side':
      return form.section === 'sheet' ? (rounds[0] ?? null) : null;
    case 'chain end':
      return form.section === 'cord' ? (rounds[0] ?? null) : null;
    case 'fold':
      return form.folded ? (rounds.at(-1) ?? null) : null;
    case 'last':
      return form.section === 'cord' ? null : (rounds.at(-1) ?? null);
  }
}

/** Stitches that a chain is sewn by at its end. Source: decision 46, one or two. */
const CHAIN_END = 2;

/** How many stitches the whole edge has: those of its round, a row end a row along a side, two at a chain's end. */
export function wholeCount(form: PartForm, edge: Edge): number {
  const round = edgeRound(form, edge);
  if (!round) return 0;
  // Along its fold a disc has the ends of its rounds: as many stitches as it is wide.
  if (edge.which === 'fold') return Math.max(1, Math.round(form.widthMm / form.gauge.stitchMm));
  if (edge.which === 'side') return form.fabric.rounds.filter((r) => r.kind !== 'chain').length;
  return edge.which === 'chain end' ? Math.min(CHAIN_END, round.count) : round.count;
}

/** The stitches of an edge that are sewn, both among them. */
export function edgeRange(form: PartForm, edge: Edge): { from: number; to: number } {
  const whole = wholeCount(form, edge);
  const to = Math.min(edge.to ?? whole, whole);
  return { from: Math.max(1, Math.min(edge.from, to)), to };
}

/** Seam stitches of an edge: half of its stitches where two lie on one another; an odd one at a fold keeps its own. */
export function edgeCount(form: PartForm, edge: Edge): number {
  const { from, to } = edgeRange(form, edge);
  const stitches = Math.max(0, to - from + 1);
  return isFlattened(edge) && runsRound(form, edge) ? Math.ceil(stitches / 2) : stitches;
}

/** Whether an edge closes on itself; rows, their sides and chains do not. */
export const runsRound = (form: PartForm, { which }: Edge): boolean =>
  form.section === 'ring' && which !== 'side' && which !== 'chain end' && which !== 'fold';

/** How far an edge reaches from its middle, mm: the radius of an open one, half the length of one that lies in a line. */
export function edgeReach(form: PartForm, edge: Edge): number {
  const count = wholeCount(form, edge);
  if (!runsRound(form, edge)) return (count * form.gauge.stitchMm) / 2;
  return (count * form.gauge.stitchMm) / (isFlattened(edge) ? 4 : 2 * Math.PI);
}

/** How far an edge reaches up and along its host from its middle, mm: what lies in a line is long one way and thin the other. `turnDeg` turns the line. */
export function reachesOf(form: PartForm, edge: Edge, turnDeg: number): { upMm: number; alongMm: number } {
  const long = edgeReach(form, edge);
  if (runsRound(form, edge) && !isFlattened(edge)) return { upMm: long, alongMm: long };
  const turn = (turnDeg * Math.PI) / 180;
  const thin = form.gauge.stitchMm / 2;
  const mixed = (a: number, b: number) => Math.hypot(a * Math.cos(turn), b * Math.sin(turn));
  return { upMm: mixed(thin, long), alongMm: mixed(long, thin) };
}

/** Whether a piece is worked shut through both layers of its last round: that edge lies flat, whatever else is said. */
export const isFoldedShut = ({ fabric }: Pick<PartForm, 'fabric'>): boolean =>
  fabric.layers.some((l) => l.kind === 'fold' && l.on === fabric.rounds.length - 1);

/** An edge as it can lie: one that is worked shut is flat; a folded disc meets its host with its fold, as its rim is an arc. */
export function asItLies(form: PartForm, edge: Edge): Edge {
  if (edge.which !== 'last') return edge;
  if (form.folded) return wholeEdge('open', 'fold');
  return edge.layers === 1 && isFoldedShut(form) ? { ...edge, layers: 2 } : edge;
}

/** The edges that a piece has, whole, in the order in which they are usually sewn. */
export function edgesOf(form: PartForm): Edge[] {
  // The middle of a disc is no edge.
  const all: EdgeIs[] = form.folded ? ['fold'] : ['last', 'first', 'side', 'chain end'];
  const own = all
    .map((which) => asItLies(form, wholeEdge('open', which)))
    .filter((edge) => edgeRound(form, edge) !== null);
  const layers = form.fabric.layers.flatMap((layer, k) =>
    layer.kind === 'fold' || layer.rounds.length === 0 ? [] : [{ ...wholeEdge('open', 'layer'), nth: k + 1 }],
  );
  return [...own, ...layers];
}
