import { holeName, onBody, polarOf, resolve, type HoleName } from '../address';
import { isOn, type Hanger } from '../feature';
import { OPENINGS } from '../figures';
import { windowOf, worstOpening, type PartForm, type WorkWindow } from '../form';
import { onToy, type OnToy } from '../join';
import { kept } from '../kept';
import { standingPieces } from './surfaceWork';
import { modelOf, type ToyModel } from './toy';

/** A ring, a clip or a bell as it is now. */
export interface HangerState {
  feature: Hanger;
  fault: 'homeless' | 'no loop' | null;
  /** where it is, on each piece */
  at: readonly OnToy[];
  name: HoleName | null;
  round: number;
  coord: number;
  /** perimeter of the loop of chain, mm; null where none holds it */
  loopMm: number | null;
  /** until when a hand reaches inside to fasten it; of a loop worked on outside, null */
  window: WorkWindow | null;
}

/** Every ring, clip and bell of a toy. */
export const hangersOf = kept((model: ToyModel): readonly HangerState[] =>
  model.toy.features.flatMap((f) => (f.kind === 'hanger' ? [hangerState(model, f)] : [])),
);

function hangerState(model: ToyModel, feature: Hanger): HangerState {
  const { form, fabric } = modelOf(model, feature.part);
  const found = onBody(resolve(form, feature.place));
  const loopMm = loopOf(model, feature);
  const nothing = { feature, at: [], name: null, round: 0, coord: 0, loopMm, window: null };
  if (!found) return { ...nothing, fault: 'homeless' };
  const pieces = standingPieces(model).filter((p) => isOn(feature, p));
  const polar = polarOf(form, found.round, found.coord, found.at);
  const inside = feature.by !== 'loop of chain';
  const comfortableMm = model.toy.settings.ownSmallestMm ?? OPENINGS.hardwareKnot.comfortableMm;
  return {
    feature,
    fault: feature.by === 'loop of chain' && loopMm === null ? 'no loop' : null,
    at: pieces.map((p) => onToy(p, polar)),
    name: holeName(form, found.round, found.coord),
    round: found.round,
    coord: found.coord,
    loopMm,
    window: inside
      ? windowOf(
          form,
          fabric.rounds[reachedFrom(form, feature.by === 'starting tail' ? 0 : found.round, comfortableMm)]
            .number,
          { comfortableMm, possibleMm: OPENINGS.hardwareKnot.possibleMm },
        )
      : null,
  };
}

/** The first round from which a hand reaches inside in comfort, or else at all: near the start the hole is still small. */
function reachedFrom(form: PartForm, round: number, comfortableMm: number): number {
  for (const needMm of [comfortableMm, OPENINGS.hardwareKnot.possibleMm])
    for (let i = round; i < form.rounds.length; i++) if (worstOpening(form, i) >= needMm) return i;
  return round;
}

/** The perimeter of the loop that holds it, mm: so many chains of the part's own gauge, or the chain that is a part of the toy. */
function loopOf(model: ToyModel, { by, loop, part }: Hanger): number | null {
  if (by !== 'loop of chain') return null;
  if ('chain' in loop) return loop.chain * modelOf(model, part).gauge.stitchMm;
  const own = modelOf(model, loop.part);
  return own.fabric.shape === 'cord' ? own.form.heightMm : null;
}
