import { lastFilled, pauseInSeam, type JoinSite, type OfPiece } from '../join';
import { bothFillings, fillBetween, modelOf, type PartModel, type ToyModel } from '../model';
import type { Ranged } from '../gauge';

/** The last filling of an open part, which goes in through its seam: after so many of the seam's stitches. */
export interface SeamFill {
  after: number;
  of: number;
  fillG: Ranged;
  /** the rounds that it fills, indices, both among them */
  from: number;
  to: number;
}

/** Less than this is not worth a rest in a seam: it prints as nothing, g. */
const LEAST_G = 0.05;

/** What goes in last, inside the seam; null for what is closed, flat or empty there, and for next to nothing. */
export function seamFill(model: ToyModel, site: JoinSite): SeamFill | null {
  const guest = modelOf(model, site.join.guest.part);
  const after = pauseInSeam(site, guest.form);
  if (after === null) return null;
  const rounds = lastFilled(guest.form, site.join.edge);
  const fillG = bothFillings(fillBetween(model, guest, rounds.from, rounds.to));
  return fillG.value >= LEAST_G ? { after, of: site.seam.length, fillG, ...rounds } : null;
}

/** The rounds of a piece that are filled before it is sewn: what its seams fill is left for them. Indices, both among them. */
export function filledBefore(
  model: ToyModel,
  part: PartModel,
  of: OfPiece,
  worked: number,
): { from: number; to: number } {
  const range = { from: 0, to: worked - 1 };
  for (const { join, sites } of model.sites)
    for (const site of sites) {
      if (join.guest.part !== of.part || site.copy !== of.copy) continue;
      const left = seamFill(model, site);
      if (left && left.from === 0) range.from = Math.max(range.from, left.to + 1);
      else if (left && left.to === part.fabric.rounds.length - 1)
        range.to = Math.min(range.to, left.from - 1);
    }
  return range;
}
