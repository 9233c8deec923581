import { coordAt } from '../address';
import type { Hanger, SpotOn, Strands, SurfaceWork } from '../feature';
import { holeSpot } from '../join';
import { WORD_OF } from '../notation';
import { setFeature, type NewId } from '../toy';
import { standingPieces, surfaceWorks } from './surfaceWork';
import { modelOf, modelToy, yarnColour, type ToyModel } from './toy';

/** Where on a part, as shares of its rounds, and on which side of it, a new piece of work begins and ends. */
const LINE = { from: 0.25, to: 0.75 };
const MOST_AT_FIRST = 5;
const RING_MM = 25;
const LOOP_CHAINS = 20;
const HAIR = { rounds: 0.35, cutMm: 160 };

/** The hole of a piece at a share of its rounds, so many radians from its face. */
function holeAt(model: ToyModel, part: string, share: number, fromFaceRad: number) {
  const piece = standingPieces(model).find((p) => p.part === part);
  if (!piece) return null;
  const { rounds } = piece.form.fabric;
  const round = Math.max(1, Math.min(rounds.length - 1, Math.round(share * (rounds.length - 1))));
  return holeSpot(
    piece.form.fabric,
    round,
    Math.round(coordAt(piece.form, round, piece.frontRad + fromFaceRad, 'hole')),
  );
}

const first = (model: ToyModel, part: string): string => modelOf(model, part).copies[0]?.id ?? '';

/** Where a line usually ends on a part: far down its back. */
export function usualEnd(model: ToyModel, part: string): SpotOn | null {
  const end = holeAt(model, part, LINE.to, Math.PI);
  return end && { part, copy: null, ...end };
}

/** A line of small fins down the back of a part; null on a part without rounds. */
export function newSurface(model: ToyModel, part: string, newId: NewId): SurfaceWork | null {
  const place = holeAt(model, part, LINE.from, Math.PI);
  const end = usualEnd(model, part);
  if (!place || !end) return null;
  const { hdc, dc, slst } = WORD_OF[model.toy.settings.terms];
  const work: SurfaceWork = {
    kind: 'surface',
    id: newId(),
    name: 'Comb',
    part,
    copy: null,
    place,
    end,
    over: 'back',
    stations: MOST_AT_FIRST,
    motif: `${slst}, (${hdc}, ${dc}, ${hdc}) in one, ${slst}`,
    colour: yarnColour(model, part, first(model, part)),
    hookMm: null,
    twin: false,
  };
  const most = surfaceWorks(modelToy(setFeature(model.toy, work))).find((w) => w.feature.id === work.id)
    ?.sites[0]?.most;
  return { ...work, stations: Math.min(MOST_AT_FIRST, most ?? MOST_AT_FIRST) };
}

/** Hair all the way round the crown of a part, in every other stitch; null on a part without rounds. */
export function newStrands(model: ToyModel, part: string, newId: NewId): Strands | null {
  const place = holeAt(model, part, 0, 0);
  if (!place) return null;
  const { fabric } = modelOf(model, part);
  return {
    kind: 'strands',
    id: newId(),
    name: 'Hair',
    part,
    copy: null,
    place,
    rounds: Math.max(1, Math.round(HAIR.rounds * fabric.rounds.length)),
    halfDeg: 180,
    everyStitch: 2,
    everyRound: 2,
    together: 1,
    cutMm: HAIR.cutMm,
    fix: 'looped in',
    before: 'closing',
    colour: yarnColour(model, part, first(model, part)),
  };
}

/** A ring on a loop of chain at the top of a part: of the toy's own chain, where it has one that nothing holds. */
export function newHanger(model: ToyModel, part: string, newId: NewId): Hanger | null {
  const ends = [0, 1].flatMap((share) => holeAt(model, part, share, Math.PI) ?? []);
  const piece = standingPieces(model).find((p) => p.part === part);
  if (!piece || ends.length < 2) return null;
  // A part that begins at its crown hangs from there; any other from its last round.
  const place = piece.ringIs === 'crown' ? ends[0] : ends[1];
  const chain = model.parts.find(
    (p) => p.fabric.shape === 'cord' && model.loose.some((l) => l.part === p.part.id),
  );
  return {
    kind: 'hanger',
    id: newId(),
    is: 'split ring',
    mm: RING_MM,
    part,
    copy: null,
    place,
    by: 'loop of chain',
    loop: chain ? { part: chain.part.id } : { chain: LOOP_CHAINS },
  };
}
