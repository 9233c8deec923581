import { mirrored, onBody, resolve, ResolvedPlace, type Place, type Polar } from '../address';
import { resolveStitching } from '../feature';
import { singular } from '../figures';
import {
  hungPlace,
  otherOf,
  ownDirections,
  reachOf,
  readHang,
  stand,
  toyDirections,
  type Hang,
  type HangContext,
  type HangFault,
  type HangRead,
  type HangThing,
  type Join,
  type Piece,
  type Placed,
} from '../join';
import type { Toy } from '../toy';
import { headIn } from './head';
import type { PartModel } from './part';
import { marksOn } from './stitching';
import { everyJoin, type ToyModel } from './toy';

/** Eyes, noses and embroidery of a part as something that places hang on. */
type FeatureAt = { id: string; part: string; polars: readonly Polar[]; upMm: number; alongMm: number };

type Of = { part: string; copy: string };
const isOf = (a: Of, b: Of): boolean => a.part === b.part && a.copy === b.copy;

/** Everything on one host that places can hang on: what is sewn there, and what the face has. */
export function hangThings(
  pieces: readonly Piece[],
  features: readonly FeatureAt[],
  joins: readonly Join[],
  on: Of,
): HangThing[] {
  const host = pieces.find((p) => isOf(p, on));
  if (!host) return [];
  const sewn = joins.flatMap((join): HangThing[] => {
    const guest = pieces.find((p) => isOf(p, join.guest));
    const at = isOf(join.at, on) ? onBody(resolve(host.form, join.at)) : null;
    if (!guest || !at) return [];
    return [
      {
        id: join.id,
        polars: [at.polar, ...otherPolar(host, join, at.polar)],
        ...reachOf(join, guest),
      },
    ];
  });
  const onFace = features.filter((f) => f.part === on.part);
  return [...sewn, ...onFace];
}

/** Where the other one of a pair, or the other exit, is. */
function otherPolar(host: Piece, join: Join, first: Polar): Polar[] {
  const other = otherOf(join);
  if (!other) return [];
  const own = other.at ? onBody(resolve(host.form, other.at)) : null;
  return [own ? own.polar : mirrored(host.form, ownDirections(host), first)];
}

/** Features of a toy by where they are now. */
export function featuresAt(
  toy: Toy,
  parts: readonly PartModel[],
  eyes: ToyModel['eyes'],
  noses: ToyModel['noses'],
): FeatureAt[] {
  const known = [
    ...eyes.flatMap(({ eyes: e, state }) =>
      state.state === 'homeless'
        ? []
        : [{ id: e.id, part: e.part, polars: state.polar, ...round(Math.max(e.eyeMm, e.washerMm) / 2) }],
    ),
    ...noses.flatMap(({ nose, state }) =>
      state.state === 'homeless'
        ? []
        : [
            {
              id: nose.id,
              part: nose.part,
              polars: [state.polar],
              upMm: nose.heightMm / 2,
              alongMm: nose.widthMm / 2,
            },
          ],
    ),
  ];
  const sewn = toy.features.flatMap((f): FeatureAt[] => {
    const part = 'ends' in f ? parts.find((p) => p.part.id === f.part) : undefined;
    if (!('ends' in f) || !part || part.fabric.rounds.length === 0) return [];
    const state = resolveStitching(headIn(toy, parts, part), f, marksOn({ eyes, noses, placed: [] }, part));
    const polars = state.state === 'at' ? state.runs.map((run) => run.places[0].polar) : [];
    return polars.length > 0 ? [{ id: f.id, part: f.part, polars, ...round(0) }] : [];
  });
  return [...known, ...sewn];
}

const round = (mm: number) => ({ upMm: mm, alongMm: mm });

/** A join that cannot follow what it hangs on. */
export interface Unfollowed {
  join: Join;
  fault: HangFault;
}

/**
 * Joins that hang on something moved to where that is now; the others as they are. A join whose thing is gone stays where it was and
 * is told; so are those that hang on each other.
 */
export function followed(
  joins: readonly Join[],
  pieces: readonly Piece[],
  features: readonly FeatureAt[],
): { joins: Join[]; unfollowed: Unfollowed[] } {
  const now = new Map(joins.map((j) => [j.id, j]));
  const unfollowed: Unfollowed[] = [];
  for (const join of inOrder(joins)) {
    if (!join.hang) continue;
    if (inCircle(joins, join, join.hang)) {
      unfollowed.push({ join, fault: 'circle' });
      continue;
    }
    const place = hungOn(pieces, features, [...now.values()], join, join.hang);
    if (place === null) continue;
    if (typeof place === 'string') unfollowed.push({ join, fault: place });
    else now.set(join.id, samePlace(place, join.at) ? join : { ...join, at: place });
  }
  return { joins: joins.map((j) => now.get(j.id)!), unfollowed };
}

/** Where a join hangs now; null where its host or guest has no rounds. */
function hungOn(
  pieces: readonly Piece[],
  features: readonly FeatureAt[],
  joins: readonly Join[],
  join: Join,
  hang: Hang,
): Place | HangFault | null {
  const [on, guest] = [join.at, join.guest].map((of) => pieces.find((p) => isOf(p, of)));
  if (!on || !guest) return null;
  const things = hangThings(pieces, features, joins, join.at).filter((t) => t.id !== join.id);
  const before = resolve(on.form, join.at);
  const hanging = {
    now: before instanceof ResolvedPlace ? before.polar : front(on),
    pair: otherOf(join) !== null,
    ...reachOf(join, guest),
  };
  return hungPlace(stand(on), hang, hanging, things);
}

/** The middle of the face half way along a part: where a place begins that has none. */
const front = ({ form, frontRad }: Piece): Polar => ({ angleRad: frontRad, row: form.r.length / 2 });

const samePlace = (a: Place, b: Place): boolean =>
  a.at === b.at &&
  a.index === b.index &&
  a.of === b.of &&
  a.course.mark === b.course.mark &&
  a.course.nth === b.course.nth;

/** Whether what a place hangs on hangs, by others or at once, on that place's own join. */
function inCircle(joins: readonly Join[], join: Join, hang: Hang): boolean {
  const seen = new Set<string>();
  const leadsBack = (on: Hang | null): boolean =>
    hangsOn(on).some((id) => {
      if (id === join.id) return true;
      if (seen.has(id)) return false;
      seen.add(id);
      return leadsBack(joins.find((j) => j.id === id)?.hang ?? null);
    });
  return leadsBack(hang);
}

/** Joins after those that they hang on. */
function inOrder(joins: readonly Join[]): Join[] {
  const out: Join[] = [];
  const seen = new Set<string>();
  const visit = (join: Join) => {
    if (seen.has(join.id)) return;
    seen.add(join.id);
    for (const id of hangsOn(join.hang)) {
      const other = joins.find((j) => j.id === id);
      if (other) visit(other);
    }
    out.push(join);
  };
  joins.forEach(visit);
  return out;
}

/** Ids of the things that a place hangs on. */
export const hangsOn = (hang: Hang | null): string[] =>
  [hang?.height, hang?.along].flatMap((x) => (x?.by === 'thing' ? [x.of] : []));

const NAMES: Record<string, readonly string[]> = { eyes: ['eye', 'eyes'], nose: ['nose'] };

/** What the words of a join's place are read against: what its host is and what is on it. */
export function hangContext(model: ToyModel, host: Placed, joinId: string): HangContext {
  const onHost = everyJoin(model).filter(
    ({ join }) => join.id !== joinId && join.at.part === host.part && join.at.copy === host.copy,
  );
  const parts = onHost.flatMap(({ join }) => {
    const part = model.parts.find((p) => p.part.id === join.guest.part);
    const name = part?.name.toLowerCase() ?? '';
    return [{ id: join.id, names: [name, singular(name)] }];
  });
  const features = model.toy.features
    .filter((f) => f.part === host.part)
    .map((f) => ({
      id: f.id,
      names: 'ends' in f ? [f.name.toLowerCase()] : NAMES[f.kind],
    }));
  const { fabric } = host.form;
  return {
    things: [...features, ...parts],
    colours: fabric.colours.filter((c) => c !== '').map((c) => c.toLowerCase()),
    roundsUp: toyDirections(host).up[2] > 0,
    numbers: fabric.rounds.map((r) => r.number),
  };
}

/** A place in its maker's words on a host: what it hangs on, and where that is now; or why not. */
export interface SaidOfJoin {
  read: HangRead;
  place: Place | HangFault | null;
}

export function saidOfJoin(model: ToyModel, join: Join, phrase: string): SaidOfJoin | null {
  const host = model.placed.find((p) => p.part === join.at.part && p.copy === join.at.copy);
  if (!host) return null;
  const read = readHang(phrase, hangContext(model, host, join.id));
  if (read.unknown !== null || (!read.hang.height && !read.hang.along)) return { read, place: null };
  const features = featuresAt(model.toy, model.parts, model.eyes, model.noses);
  const joins = everyJoin(model).map((s) => s.join);
  if (inCircle(joins, join, read.hang)) return { read, place: 'circle' };
  return { read, place: hungOn(model.pieces, features, joins, join, read.hang) };
}
