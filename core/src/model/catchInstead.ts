import { coordAt } from '../address';
import { caughtEdge, edgeCount, pieceKey, type JoinSite, type SewnJoin } from '../join';
import { unfoldRange } from '../notation';
import { mendPart, otherTitles, removeJoin, rewriteRounds, type NewId, type Toy } from '../toy';
import { gapsOf, slotsOf, writtenRound, type JoinRound } from './slots';
import { modelOf, modelToy, type ToyModel } from './toy';

/** Why a part that is sewn on cannot be caught in the round instead. */
export type CatchFault = 'at an end' | 'not of one stitch' | 'no room' | 'not read';

/** The clamps of a round with others added, each about the middle of a seam; null where they would meet. */
function withMore(round: JoinRound, name: string, over: number, middles: readonly number[]) {
  const more = middles.map((middle) => ({
    name,
    over,
    at: Math.max(0, Math.min(round.slots - over, Math.round(middle - over / 2))),
  }));
  const clamps = [...round.clamps, ...more].sort((a, b) => a.at - b.at);
  return gapsOf({ ...round, clamps }).every((gap) => gap >= 0) ? clamps : null;
}

/**
 * What is sewn on a host, both of a pair, caught in the host's round instead: the round in which its seam has its middle is written
 * with a clamp for each, and what is caught is listed before what catches it, as it is finished first.
 */
export function caughtInstead(
  model: ToyModel,
  join: SewnJoin,
  sites: readonly JoinSite[],
  newId: NewId,
): Toy | CatchFault {
  const [site] = sites;
  if (!site || site.how !== 'surface') return 'at an end';
  const { part: hostId } = join.at;
  const line = lineOf(model, hostId, site.round);
  const { part, terms } = modelOf(model, hostId);
  const parts = otherTitles(model.toy, hostId);
  const unfolded = unfoldRange(part.text, line, { terms, parts });
  const toy = unfolded ? rewriteRounds(model.toy, hostId, unfolded, newId) : model.toy;
  const now = modelToy(toy);
  const host = modelOf(now, hostId);
  const piece = now.pieces.find((p) => pieceKey(p) === pieceKey(join.at))!;
  const round = slotsOf(host, piece, site.round);
  if (!round.fill) return 'not of one stitch';
  const guest = modelOf(now, join.guest.part);
  const over = edgeCount(guest.form, caughtEdge(guest.form, false));
  const middles = sites.map((s) => coordAt(piece.form, site.round, s.polar.angleRad, 'hole'));
  const clamps = withMore(
    round,
    guest.name.toLowerCase(),
    over,
    middles.map((m) => ((m % round.slots) + round.slots) % round.slots),
  );
  if (!clamps) return 'no room';
  const change = writtenRound(host, round, clamps);
  if (!change) return 'not of one stitch';
  const written = removeJoin(mendPart(firstInOrder(toy, join), hostId, [change], newId), join.id);
  const read = modelOf(modelToy(written), hostId).fabric.rounds[site.round]?.clamps.length;
  return read === clamps.length ? written : 'not read';
}

const lineOf = (model: ToyModel, part: string, round: number): number => {
  const { fabric, reading } = modelOf(model, part);
  return reading.rounds[fabric.rounds[round].reading].line;
};

/** The guest listed before its host: a round can only catch what is there. */
function firstInOrder(toy: Toy, { guest, at }: SewnJoin): Toy {
  const [g, h] = [guest.part, at.part].map((id) => toy.parts.findIndex((p) => p.id === id));
  if (g < h) return toy;
  const others = toy.parts.filter((_, k) => k !== g);
  return { ...toy, parts: [...others.slice(0, h), toy.parts[g], ...others.slice(h)] };
}
