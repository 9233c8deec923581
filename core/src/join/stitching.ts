import { ENDS } from '../figures';
import type { PartForm } from '../form';
import { isFlattened, type Edge } from './edge';
import type { JoinSite } from './site';

/** How a seam is sewn: whip stitch top loop to bottom loop, invisible join, mattress stitch, back stitch, or a chain's end held by a few stitches. */
export type SeamKind = 'whip' | 'invisible' | 'mattress' | 'back' | 'chain end';

/** The stitch that suits a seam. Source: how makers join; the house's craft page, "Stitches for joining". */
export function seamKind({ join, how, hostEdge, guestEdge }: JoinSite): SeamKind {
  const { which } = join.edge;
  if (which === 'chain end') return 'chain end';
  if (which === 'side' || which === 'fold') return 'mattress';
  if (isFlattened(join.edge)) return 'back';
  return how === 'rim' && hostEdge === guestEdge ? 'whip' : 'invisible';
}

/** Rounds a length up to the next 5 cm once, after adding. mm. */
export function roundUpEnd(mm: number): number {
  return Math.ceil(Math.round(mm * 1000) / 1000 / ENDS.stepMm) * ENDS.stepMm;
}

/** What a seam of n stitches takes of a yarn end, mm: by its stitches and their width (twice round doubles that), and what is held in the hand. Source: `figures`, ENDS. */
export function seamNeedMm(
  kind: SeamKind,
  n: number,
  stitchMm: number,
  twice = false,
): { byStitchMm: number; plusMm: number } {
  if (kind === 'chain end') return { byStitchMm: 0, plusMm: ENDS.chainEnd.mm };
  const { perStitch, plusMm } = ENDS[SEAM_ENDS[kind]];
  return { byStitchMm: perStitch * n * stitchMm * (twice ? 2 : 1), plusMm };
}

/** Yarn end for one seam, rounded up, mm. */
export function seamEndMm(kind: SeamKind, n: number, stitchMm: number, twice = false): number {
  const { byStitchMm, plusMm } = seamNeedMm(kind, n, stitchMm, twice);
  return roundUpEnd(byStitchMm + plusMm);
}

const SEAM_ENDS = { whip: 'whip', invisible: 'whip', mattress: 'mattress', back: 'flattened' } as const;

/** Yarn for limbs on a thread, mm: to the other side and back. Source: `figures`, ENDS. */
export const threadedEndMm = (widthMm: number): number =>
  roundUpEnd(ENDS.threaded.perWidth * widthMm + ENDS.threaded.plusMm);

/** A part that is filled on its host is sewn for so much of its seam first. Source: the house's craft page, "Filled on the host". */
const FILLED_AFTER = 2 / 3;

/** After how many stitches of a seam a filled open part gets its last fill; null for one that is closed, flat or empty. */
export function pauseInSeam({ seam, join }: JoinSite, guest: PartForm): number | null {
  const open = !guest.closed && guest.section === 'ring' && join.edge.which !== 'layer';
  if (!open || guest.fill === 'empty' || isFlattened(join.edge) || seam.length < 3) return null;
  return Math.round(seam.length * FILLED_AFTER);
}

/** Rounds next to the edge whose fill goes in last. */
const LAST_ROUNDS = 2;

/** The rounds whose fill goes in last, in the seam: those next to the edge. Indices, both among them. */
export function lastFilled(guest: PartForm, edge: Edge): { from: number; to: number } {
  const last = guest.fabric.rounds.length - 1;
  return edge.which === 'first'
    ? { from: 0, to: Math.min(last, LAST_ROUNDS - 1) }
    : { from: Math.max(0, last + 1 - LAST_ROUNDS), to: last };
}
