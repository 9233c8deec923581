import { own } from '../own';
import { frontAngle } from '../address';
import {
  faceDirection,
  loopPart,
  resolveEyes,
  resolveNose,
  type EyePair,
  type EyeState,
  type Head,
  type Nose,
  type NoseState,
} from '../feature';
import {
  assemble,
  type AnySite,
  type Assembly,
  type CaughtJoin,
  type CaughtSite,
  type ClampSaid,
  type DrawnSite,
  type FaultyJoin,
  type Join,
  type JoinSite,
  type OfPiece,
  type Piece,
  type Placed,
  type SewnJoin,
  type ThreadedJoin,
  type ThroughJoin,
} from '../join';
import { kept } from '../kept';
import { partOf, slotOf, type Toy } from '../toy';
import { featuresAt, followed, type Unfollowed } from './hanging';
import { headIn } from './head';
import { catching, type CaughtFault } from './catching';
import { modelPart, type PartModel } from './part';

/** A join that runs through its host, and where its pieces stand. */
export interface DrawnJoin {
  join: ThroughJoin | ThreadedJoin;
  sites: readonly DrawnSite[];
}

/** Everything computed about a toy. Derived from the design alone; the same toy gives the same model. */
export interface ToyModel {
  toy: Toy;
  parts: readonly PartModel[];
  pieces: readonly Piece[];
  eyes: readonly { eyes: EyePair; state: EyeState }[];
  noses: readonly { nose: Nose; state: NoseState }[];
  /** the seams of joins that are sewn */
  sites: readonly { join: SewnJoin; sites: readonly JoinSite[] }[];
  /** joins that run through their host: strips and cords drawn through, limbs on a yarn */
  drawn: readonly DrawnJoin[];
  /** parts that rounds catch */
  caught: readonly { join: CaughtJoin; sites: readonly CaughtSite[] }[];
  /** rounds that catch more of a part than is made */
  caughtFaults: readonly CaughtFault[];
  /** what is said of clamps that no text has any more */
  unmet: readonly ClampSaid[];
  placed: readonly Placed[];
  loose: readonly Piece[];
  /** joins that cannot be made as they are written */
  joinFaults: readonly FaultyJoin[];
  /** joins that cannot follow what they hang on, and stay where they were */
  unfollowed: readonly Unfollowed[];
}

/** The whole toy: every part, every piece, where features and joins stand now, and how it is put together. */
export const modelToy = kept((toy: Toy): ToyModel => {
  const parts = toy.parts.map((p) => modelPart(toy, p));
  const homeOf = (id: string) => parts.find((p) => p.part.id === id && p.fabric.rounds.length > 0);
  const onHead = <F extends { part: string }, S>(
    feature: F,
    resolve: (head: Head, feature: F) => S,
  ): S | { state: 'homeless' } => {
    const home = homeOf(feature.part);
    return home ? resolve(headIn(toy, parts, home), feature) : { state: 'homeless' };
  };
  const eyes = toy.features.flatMap((f) =>
    f.kind === 'eyes' ? [{ eyes: f, state: onHead(f, resolveEyes) }] : [],
  );
  const noses = toy.features.flatMap((f) =>
    f.kind === 'nose' ? [{ nose: f, state: onHead(f, resolveNose) }] : [],
  );
  const pieces = parts
    .filter((p) => p.fabric.rounds.length > 0)
    .flatMap((p) => {
      const frontRad = frontOf(headIn(toy, parts, p), p, eyes);
      return p.copies.map((c): Piece => ({
        part: p.part.id,
        copy: c.id,
        form: p.form,
        ringIs: p.ringIs,
        frontRad,
      }));
    });
  const { joins, unfollowed } = toy.joins.some((j) => j.hang)
    ? followed(toy.joins, pieces, featuresAt(toy, parts, eyes, noses))
    : { joins: toy.joins, unfollowed: [] };
  const { joins: caughtIn, faults: caughtFaults, unmet } = catching(parts, pieces, toy.clamps);
  const every: Join[] = [...caughtIn, ...joins];
  const { placed, loose, sites, faults: joinFaults } = assemble(pieces, every);
  return {
    toy,
    parts,
    pieces,
    eyes,
    noses,
    ...byKind(every, sites),
    caughtFaults,
    unmet,
    placed,
    loose: loose.filter((p) => !isLoop(toy, p)),
    joinFaults,
    unfollowed,
  };
});

/** The chain that is the loop of a ring is held by that. */
export const isLoop = (toy: Toy, { part }: Pick<OfPiece, 'part'>): boolean =>
  toy.features.some((f) => f.kind === 'hanger' && loopPart(f) === part);

/** Where joins stand, seams apart from what runs through. */
function byKind(
  joins: readonly Join[],
  sites: Assembly['sites'],
): Pick<ToyModel, 'sites' | 'drawn' | 'caught'> {
  const caught: { join: CaughtJoin; sites: readonly CaughtSite[] }[] = [];
  const seams: { join: SewnJoin; sites: readonly JoinSite[] }[] = [];
  const drawn: DrawnJoin[] = [];
  for (const join of joins) {
    const own = sites.get(join) ?? [];
    if (join.kind === 'sewn') seams.push({ join, sites: own as readonly JoinSite[] });
    else if (join.kind === 'caught') caught.push({ join, sites: own as readonly CaughtSite[] });
    else drawn.push({ join, sites: own as readonly DrawnSite[] });
  }
  return { sites: seams, drawn, caught };
}

/** Every join of a toy, of any kind, with the copies that it holds where they stand. */
export const everyJoin = (model: ToyModel): { join: Join; sites: readonly AnySite[] }[] => [
  ...model.caught,
  ...model.sites,
  ...model.drawn,
];

/** The direction of a part's face: of its eyes if it has some; square to the legs that it is begun on; else opposite the round start at its last round. */
function frontOf(head: Head, part: PartModel, eyes: ToyModel['eyes']): number {
  const own = eyes.find((e) => e.eyes.part === part.part.id);
  if (own && own.state.state !== 'homeless')
    return faceDirection(head, own.eyes.pair.centre.by, own.state.round, own.eyes.washerMm);
  const behind = frontAngle(part.form, part.fabric.rounds.length - 1);
  const { start } = part.fabric;
  if (start.how !== 'edges' || !start.first) return behind;
  // Two legs stand side by side: of the two ways square to them that which looks more away from the round start.
  const square = part.form.longRad + Math.PI / 2;
  return Math.cos(behind - square) >= 0 ? square : square + Math.PI;
}

/** The model of one part of a toy model. @throws RangeError when there is none */
export function modelOf(model: ToyModel, partId: string): PartModel {
  const found = model.parts.find((p) => p.part.id === partId);
  if (!found) return modelPart(model.toy, partOf(model.toy, partId));
  return found;
}

/** Yarn of a slot that nobody has given a colour, #rrggbb. */
export const NO_COLOUR = '#b98d62';

/** The yarn colour of a piece, #rrggbb: the copy's own, else the toy's for the slot the text names. */
export function yarnColour(model: ToyModel, partId: string, copyId: string): string {
  const part = model.parts.find((p) => p.part.id === partId);
  const slot = part ? slotOf(model.toy.palette, part.reading) : (model.toy.palette[0]?.slot ?? '');
  const copy = part?.part.copies.find((c) => c.id === copyId);
  const dyed = copy && own(copy.palette, slot);
  return dyed ?? model.toy.palette.find((y) => y.slot === slot)?.colour ?? NO_COLOUR;
}

/** The yarn of each of some colour slots of a piece, #rrggbb: as `yarnColour` for the one it begins in; a slot without a name has that one. */
export function slotColours(
  model: ToyModel,
  partId: string,
  copyId: string,
  slots: readonly string[],
): string[] {
  const main = yarnColour(model, partId, copyId);
  const copies = model.parts.find((p) => p.part.id === partId)?.part.copies;
  const dyes = copies?.find((c) => c.id === copyId)?.palette ?? {};
  return slots.map((slot) =>
    slot === '' ? main : (own(dyes, slot) ?? model.toy.palette.find((y) => y.slot === slot)?.colour ?? main),
  );
}
