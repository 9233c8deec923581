import { pointOf } from '../address';
import { TOUCH_MM } from '../figures';
import { add, depthInside, distance, ringPoint, scale, type PartForm, type Vec3 } from '../form';
import {
  move,
  moveBack,
  movedJoin,
  pieceKey,
  type Join,
  type JoinMove,
  type JoinSite,
  type OfPiece,
  type StoredJoin,
  type Placed,
} from '../join';
import { kept } from '../kept';
import { setJoin } from '../toy';
import { everyJoin, modelToy, type ToyModel } from './toy';

/** Two things of a toy that are in each other's way. `mm` is how far they lie in one another. */
export type Meeting =
  | { what: 'parts'; a: OfPiece; b: OfPiece; mm: number }
  | { what: 'seams'; join: Join; copy: string; other: Join; mm: number }
  | { what: 'eye' | 'nose'; join: Join; copy: string; feature: string; mm: number }
  | { what: 'start' | 'closing'; join: Join; copy: string; mm: number };

const AROUND = 14;

/** How deep one placed piece lies in another, mm; what is sewn to each other is not looked at here. */
function depthOf(inner: Placed, outer: Placed): number {
  let most = -Infinity;
  for (let ring = 0; ring < inner.form.r.length; ring++) {
    const points = Array.from({ length: AROUND }, (_, k) =>
      ringPoint(inner.form, ring, (2 * Math.PI * k) / AROUND),
    );
    // The middles as well: two alike in one place have no point of one's surface inside the other.
    const middle = scale(points.reduce(add, [0, 0, 0]), 1 / AROUND);
    for (const p of [middle, ...points])
      most = Math.max(most, depthInside(outer.form, moveBack(outer.placement, move(inner.placement, p))));
  }
  return most;
}

/** The middle of a piece and how far it reaches from it, mm. */
const ballOf = kept((piece: Placed): { at: Vec3; mm: number } => {
  const points = Array.from({ length: piece.form.r.length * 4 }, (_, k) =>
    move(piece.placement, ringPoint(piece.form, Math.floor(k / 4), ((k % 4) * Math.PI) / 2)),
  );
  const mean = (i: 0 | 1 | 2) => points.reduce((sum, p) => sum + p[i], 0) / points.length;
  const at: Vec3 = [mean(0), mean(1), mean(2)];
  return { at, mm: Math.max(...points.map((p) => distance(p, at))) };
});

/** Parts that lie in one another without being sewn together. */
function partsMeeting(model: ToyModel): Meeting[] {
  const sewn = new Set(
    everyJoin(model).flatMap(({ join, sites }) =>
      sites.map((s) => `${pieceKey({ part: join.guest.part, copy: s.copy })}|${pieceKey(join.at)}`),
    ),
  );
  const out: Meeting[] = [];
  model.placed.forEach((a, i) =>
    model.placed.slice(i + 1).forEach((b) => {
      const [one, other] = [pieceKey(a), pieceKey(b)];
      if (sewn.has(`${one}|${other}`) || sewn.has(`${other}|${one}`)) return;
      const [ballA, ballB] = [ballOf(a), ballOf(b)];
      if (distance(ballA.at, ballB.at) > ballA.mm + ballB.mm) return;
      const mm = Math.max(depthOf(a, b), depthOf(b, a));
      if (mm > TOUCH_MM.value)
        out.push({ what: 'parts', a: { part: a.part, copy: a.copy }, b: { part: b.part, copy: b.copy }, mm });
    }),
  );
  return out;
}

/** How far a point of a host lies under what is sewn on there, mm; negative so far beside it. */
function coverOf(host: PartForm, { polar, footprint }: JoinSite, point: Vec3): number {
  if (!footprint) return -Infinity;
  const middle = pointOf(host, polar);
  let [least, at] = [Infinity, footprint.points[0]];
  for (const p of footprint.points) {
    const mm = distance(p, point);
    if (mm < least) [least, at] = [mm, p];
  }
  return distance(point, middle) < distance(at, middle) ? least : -least;
}

interface OnHost {
  host: Placed;
  join: Join;
  site: JoinSite;
}

const sitesOnHosts = (model: ToyModel): OnHost[] =>
  model.sites.flatMap(({ join, sites }) => {
    const host = model.placed.find((p) => pieceKey(p) === pieceKey(join.at));
    return host ? sites.map((site) => ({ host, join, site })) : [];
  });

/** Seams over eyes and noses: what is in the way is the washer inside and the eye outside, whichever is wider. */
function featuresMeeting(model: ToyModel, { host, join, site }: OnHost): Meeting[] {
  const eyes = model.eyes.flatMap(({ eyes: e, state }) =>
    e.part === host.part && state.state !== 'homeless'
      ? state.polar.map((polar) => ({
          what: 'eye' as const,
          feature: e.id,
          polar,
          mm: Math.max(e.eyeMm, e.washerMm) / 2,
        }))
      : [],
  );
  const noses = model.noses.flatMap(({ nose, state }) =>
    nose.part === host.part && state.state !== 'homeless'
      ? [
          {
            what: 'nose' as const,
            feature: nose.id,
            polar: state.polar,
            mm: Math.max(nose.widthMm, nose.washerMm) / 2,
          },
        ]
      : [],
  );
  return [...eyes, ...noses].flatMap(({ what, feature, polar, mm }): Meeting[] => {
    const over = coverOf(host.form, site, pointOf(host.form, polar)) + mm;
    return over > TOUCH_MM.value ? [{ what, join, copy: site.copy, feature, mm: over }] : [];
  });
}

/** Of some points those that can lie under what is sewn on: nearer to its middle than the farthest of its edge. */
function under(host: PartForm, { polar, footprint }: JoinSite, points: readonly Vec3[]): Vec3[] {
  const middle = pointOf(host, polar);
  const reach = (footprint?.points ?? []).reduce((most, p) => Math.max(most, distance(p, middle)), 0);
  return points.filter((p) => distance(p, middle) < reach);
}

/** Seams over each other on one host. */
function seamsMeeting(all: readonly OnHost[], { host, join, site }: OnHost, from: number): Meeting[] {
  return all.slice(from + 1).flatMap((other): Meeting[] => {
    if (other.host !== host || !other.site.footprint || !site.footprint) return [];
    const [own, others] = [site, other.site].map((s) => [
      pointOf(host.form, s.polar),
      ...s.footprint!.points,
    ]);
    const mm = Math.max(
      ...under(host.form, site, others).map((p) => coverOf(host.form, site, p)),
      ...under(host.form, other.site, own).map((p) => coverOf(host.form, other.site, p)),
    );
    return mm > TOUCH_MM.value ? [{ what: 'seams', join, copy: site.copy, other: other.join, mm }] : [];
  });
}

/** A seam that runs over the start or the closing of its host: stitches there are few and tight. */
function endsMeeting({ host, join, site }: OnHost): Meeting[] {
  if (site.how !== 'surface' || host.form.section !== 'ring') return [];
  const last = host.form.r.length - 1;
  const ends = [
    { what: 'start' as const, ring: 0, shut: host.form.r[0] < 1e-6 },
    { what: 'closing' as const, ring: last, shut: host.form.closed },
  ];
  return ends.flatMap(({ what, ring, shut }): Meeting[] => {
    if (!shut) return [];
    // Only the edge itself matters: under the middle of a part an end is well hidden.
    const near =
      -Math.abs(coverOf(host.form, site, ringPoint(host.form, ring, 0))) + host.form.gauge.stitchMm;
    return near > 0 ? [{ what, join, copy: site.copy, mm: near }] : [];
  });
}

/** Everything of a toy that is in each other's way, the deepest first. */
export const meetingsOf = kept((model: ToyModel): Meeting[] => {
  const all = sitesOnHosts(model);
  const found = [
    ...partsMeeting(model),
    ...all.flatMap((one, k) => [
      ...featuresMeeting(model, one),
      ...seamsMeeting(all, one, k),
      ...endsMeeting(one),
    ]),
  ];
  return found.sort((a, b) => b.mm - a.mm);
});

/** Whether a join is in the way of something, or something of it; of parts that meet, which join holds them is not asked. */
export const isAbout = (meeting: Meeting, joinId: string): boolean =>
  'join' in meeting &&
  (meeting.join.id === joinId || (meeting.what === 'seams' && meeting.other.id === joinId));

/** The smallest move of a join after which it is in nothing's way any more, tried on the toy itself; null where none of up to six steps is enough. */
export function wayOut(
  model: ToyModel,
  joinId: string,
): { move: JoinMove; steps: number; join: StoredJoin } | null {
  const about = (m: ToyModel) => meetingsOf(m).filter((x) => isAbout(x, joinId)).length;
  const first = model.sites.find((s) => s.join.id === joinId);
  if (!first?.sites[0] || about(model) === 0) return null;
  const moves: JoinMove[] = first.join.twin
    ? ['up', 'down', 'closer', 'further']
    : ['up', 'down', 'left', 'right'];
  let ways = moves.map((by) => ({ by, now: model }));
  for (let steps = 1; steps <= MOST_STEPS; steps++) {
    ways = ways.flatMap(({ by, now }) => {
      const found = now.sites.find((s) => s.join.id === joinId);
      const host = now.placed.find((p) => pieceKey(p) === pieceKey(first.join.at));
      const next = found?.sites[0] && host && movedJoin(host, found.join, found.sites[0], by);
      return next ? [{ by, now: modelToy(setJoin(now.toy, next.join)) }] : [];
    });
    const out = ways.find(({ now }) => about(now) === 0);
    if (out) return { move: out.by, steps, join: out.now.toy.joins.find((j) => j.id === joinId)! };
  }
  return null;
}

const MOST_STEPS = 6;
