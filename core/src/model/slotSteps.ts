import { pieceKey, type CaughtSite, type OfPiece } from '../join';
import { joinWords } from '../words';
import { modelOf, type ToyModel } from './toy';

/** One step of a join round as it is worked: so many slots that catch nothing, then what is clamped; at the round's end there may be none. */
export interface SlotStep {
  free: number;
  clamp: { name: string; over: number; site: CaughtSite | null } | null;
}

/** A join round clamp by clamp, in the order it is worked; empty for a round that catches nothing over single slots. */
export function slotSteps(model: ToyModel, of: OfPiece, round: number): SlotStep[] {
  const { clamps, count } = modelOf(model, of.part).fabric.rounds[round];
  const here = model.caught
    .filter(({ join }) => pieceKey(join.at) === pieceKey(of) && join.round === round && !join.whole)
    .flatMap(({ sites }) => sites);
  let at = 0;
  const steps = clamps.map((clamp): SlotStep => {
    const free = clamp.at - at;
    at = clamp.at + clamp.over;
    const site = here.find((s) => s.join.first === clamp.at) ?? null;
    return { free, clamp: { name: clamp.name, over: clamp.over, site } };
  });
  return steps.length > 0 && at < count ? [...steps, { free: count - at, clamp: null }] : steps;
}

const say = joinWords.clamped;

/** How something is held in its round, in words: which side looks where, how it leans, where its ends are. */
export function heldWords({ join: { held }, looks, layers }: CaughtSite): string {
  return [
    say.sides[looks][held.over ? 'over' : 'usual'],
    ...(held.inside ? [say.inside] : []),
    ...(held.tiltDeg !== 0 ? [say.leans(held.tiltDeg, looks)] : []),
    ...(held.shift !== 0 ? [say.shifted(held.shift)] : []),
    ...(held.tail ? [say.tail[held.tail]] : []),
    say.layers(layers),
  ].join(', ');
}

/** A step of a join round in words: "into 2 slots free, then wing: back up, through both layers, 4 slots". */
export function slotWords({ free, clamp }: SlotStep): string {
  const how = clamp && [...(clamp.site ? [heldWords(clamp.site)] : []), say.slots(clamp.over)].join(', ');
  return say.then(free > 0 ? say.free(free) : null, clamp && say.of(clamp.name, how!));
}
