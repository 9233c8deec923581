import { pointOf } from '../address';
import { trunkOf, usualPlaceOf } from '../figures';
import {
  endsTaken,
  freeCopies,
  guestsOf,
  pieceKey,
  usualJoin,
  type Piece,
  type StoredJoin,
  type Taken,
} from '../join';
import { setJoin, type Copy, type NewId, type Toy } from '../toy';
import type { PartModel } from './part';
import { everyJoin, isLoop, modelToy, type ToyModel } from './toy';

/** A part that can still be sewn on: its free copies, the parts it can be sewn to, and the one it usually is. */
export interface Joinable {
  part: PartModel;
  free: readonly Copy[];
  hosts: readonly PartModel[];
  usualHost: PartModel | null;
}

/** Every join, those that the text says among them. */
const joinsOf = (model: ToyModel) => everyJoin(model).map((j) => j.join);

const made = (model: ToyModel): PartModel[] => model.parts.filter((p) => p.fabric.rounds.length > 0);

/** Ids of the parts that a part hangs on, nearest first. */
function heldBy(model: ToyModel, partId: string): Set<string> {
  const found = new Set<string>();
  for (let at: string | undefined = partId; at !== undefined;) {
    const join = joinsOf(model).find((j) => j.guest.part === at);
    at = join && !found.has(join.at.part) ? join.at.part : undefined;
    if (at !== undefined) found.add(at);
  }
  return found;
}

/** The parts that a part can be sewn to: none that hangs on it, as a circle would hold nothing, and no chain. */
export function hostsFor(model: ToyModel, guest: PartModel): PartModel[] {
  return made(model).filter(
    (p) => p !== guest && p.form.section !== 'cord' && !heldBy(model, p.part.id).has(guest.part.id),
  );
}

/** What can still be sewn on, in the order in which a toy is put together: heads and bodies first. */
export function joinables(model: ToyModel): Joinable[] {
  const parts = made(model);
  const free = parts
    .map((part) => ({ part, free: freeCopies(joinsOf(model), part.copies) }))
    .filter((x) => x.free.length > 0 && !isLoop(model.toy, { part: x.part.part.id }));
  const found = free.flatMap((x): Joinable[] => {
    const hosts = hostsFor(model, x.part);
    return hosts.length > 0 ? [{ ...x, hosts, usualHost: usualHost(x.part, hosts) }] : [];
  });
  const rank = ({ part }: Joinable): number => {
    if (trunkOf(part.name)) return 0;
    return usualPlaceOf(part.name) ? 1 : 2;
  };
  return found.filter(({ part }) => !isRoot(model, part, found)).sort((a, b) => rank(a) - rank(b));
}

/** What everything else is sewn to is not offered as something to sew on, unless nothing else is left. */
function isRoot(model: ToyModel, part: PartModel, all: readonly Joinable[]): boolean {
  if (all.length < 2 || joinsOf(model).some((j) => guestsOf(j).some((g) => g.part === part.part.id)))
    return false;
  const root = rootOf(model);
  return root === part && all.some((x) => x.part !== part);
}

/** The part that the toy is built on: a body, else a head, else the one with most stitches. */
function rootOf(model: ToyModel): PartModel | null {
  const parts = made(model);
  const held = new Set(joinsOf(model).flatMap((j) => guestsOf(j).map((g) => g.part)));
  const hosts = parts.filter(
    (p) => !held.has(p.part.id) && joinsOf(model).some((j) => j.at.part === p.part.id),
  );
  const among = hosts.length > 0 ? hosts : parts;
  return (
    among.find((p) => trunkOf(p.name) === 'head') ??
    among.find((p) => trunkOf(p.name) === 'body') ??
    [...among].sort((a, b) => b.fabric.stitches - a.fabric.stitches)[0] ??
    null
  );
}

function usualHost(guest: PartModel, hosts: readonly PartModel[]): PartModel | null {
  const trunk = trunkOf(guest.name);
  const other = { head: 'body', body: 'head' } as const;
  const wanted = trunk ? other[trunk] : usualPlaceOf(guest.name)?.on;
  return (
    hosts.find((p) => trunkOf(p.name) === wanted) ??
    hosts.find((p) => trunkOf(p.name) !== null) ??
    [...hosts].sort((a, b) => b.fabric.stitches - a.fabric.stitches)[0] ??
    null
  );
}

/** What stands on a piece already. */
function takenOn(model: ToyModel, piece: Piece): Taken[] {
  return model.sites.flatMap(({ join, sites }) =>
    join.at.part === piece.part && join.at.copy === piece.copy
      ? sites.flatMap((s) =>
          s.footprint && s.how === 'surface'
            ? [{ point: pointOf(piece.form, s.polar), reachMm: s.footprint.reachMm }]
            : [],
        )
      : [],
  );
}

/** The usual join of a part's free copies to a host. */
export function usualFor(
  model: ToyModel,
  guest: PartModel,
  host: PartModel,
  newId: NewId,
): StoredJoin | null {
  const [on, sewnOn] = [host, guest].map((p) => model.pieces.find((x) => x.part === p.part.id));
  const free = freeCopies(joinsOf(model), guest.copies);
  if (!on || !sewnOn || free.length === 0) return null;
  const own = { piece: { ...sewnOn, copy: free[0].id }, name: guest.name };
  const ends = joinsOf(model).flatMap((j) =>
    endsTaken(j, (of) => model.pieces.find((p) => pieceKey(p) === pieceKey(of))),
  );
  return usualJoin({ piece: on, name: host.name }, own, free, { taken: takenOn(model, on), ends }, newId());
}

/** Everything that is still loose sewn to where it usually is, part by part; several copies two by two. */
export function joinedUsually(toy: Toy, newId: NewId): Toy {
  let now = toy;
  for (let guard = 0; guard < 200; guard++) {
    const model = modelToy(now);
    const next = joinables(model).find((x) => x.usualHost);
    const join = next?.usualHost ? usualFor(model, next.part, next.usualHost, newId) : null;
    if (!join) return now;
    now = setJoin(now, join);
  }
  return now;
}
