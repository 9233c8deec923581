import {
  coordAt,
  level,
  marksOf,
  nearestPlace,
  pointOf,
  reachAlong,
  senseOf,
  straight,
  type Directions,
  type Place,
  type Polar,
} from '../address';
import { distance, dot } from '../form';
import { endPlace, holeAt } from './hole';
import { holePlace, ownDirections, type Placed } from './piece';

/** How high a place hangs, and on what: an end of its host, a share of its height, a ridge or a colour, or another thing on it. */
export type Height =
  | { by: 'start' | 'end' | 'ridge'; rounds: number }
  | { by: 'colour'; slot: string; rounds: number }
  | { by: 'share'; of: number }
  | { by: 'whole end'; end: 'start' | 'last' }
  | { by: 'thing'; of: string; way: 'above' | 'below' | 'level'; freeRounds: number };

/** Where round its host a place hangs: an angle from the face towards the toy's left, or beside another thing. */
export type Along =
  | { by: 'face'; deg: number }
  | { by: 'thing'; of: string; way: 'left' | 'right' | 'same'; freeStitches: number };

/** What a place hangs on: when that moves, it follows. What is null stays as it was put. */
export interface Hang {
  height: Height | null;
  along: Along | null;
}

/** Something on a host that places can hang on: where it is (both of a pair), and how far it reaches up and along, mm. */
export interface HangThing {
  id: string;
  polars: readonly Polar[];
  upMm: number;
  alongMm: number;
}

/** What hangs there: where it was, how far its edge reaches, mm, and whether it is one of a pair. */
export interface Hanging {
  now: Polar;
  upMm: number;
  alongMm: number;
  pair: boolean;
}

/** Why a place cannot follow what it hangs on. */
export type HangFault = 'thing gone' | 'no such round' | 'no such mark' | 'circle';

/** The place of a hang on its host as it is now, near where it was. */
export function hungPlace(
  host: Placed,
  hang: Hang,
  guest: Hanging,
  things: readonly HangThing[],
): Place | HangFault {
  const { form } = host;
  const { now } = guest;
  const { height, along } = hang;
  if (height?.by === 'whole end') return endPlace(host, height.end);
  const own = ownDirections(host);
  const beside = along?.by === 'thing' ? besideThing(host, along, guest, things) : null;
  if (typeof beside === 'string') return beside;
  const turned = along?.by === 'face' ? faceAngle(host, own, along.deg) : null;
  const from: Polar = beside ?? (turned === null ? now : { ...now, angleRad: turned });
  if (height === null || height.by === 'share') {
    if (along?.by === 'face' || height)
      return shareHole(host, own, from, height?.of ?? shareOf(host, own, now), along);
    return nearestHole(host, from);
  }
  if (height.by === 'thing') return overThing(host, own, height, from, along, guest, things);
  const round = roundOf(host, height);
  if (typeof round === 'string') return round;
  if (round < 1 || round >= form.fabric.rounds.length) return 'no such round';
  return holePlace(host, round, Math.round(coordAt(form, round, from.angleRad, 'hole')));
}

type ByRound = Exclude<Height, { by: 'share' | 'whole end' | 'thing' }>;

/** The round at whose base a height lies. */
function roundOf({ form }: Placed, height: ByRound): number | HangFault {
  const { rounds, colours, colour } = form.fabric;
  if (height.by === 'start') return height.rounds;
  if (height.by === 'end') return rounds.length - height.rounds;
  if (height.by === 'ridge') {
    const [first] = marksOf(form, 'ridge');
    return first === undefined ? 'no such mark' : first + height.rounds;
  }
  if (height.by !== 'colour') return 'no such round';
  const slot = colours.findIndex((c) => c.toLowerCase() === height.slot.toLowerCase());
  const first = rounds.findIndex((r) => r.count > 0 && colour[r.from] === slot);
  return slot < 0 || first < 0 ? 'no such mark' : first + height.rounds;
}

/** The angle of a direction so far from the face towards the toy's left, in the host's own frame. */
function faceAngle(host: Placed, own: Directions, deg: number): number {
  const { growsLeft } = senseOf(host.form, own);
  return host.frontRad + growsLeft * ((deg * Math.PI) / 180);
}

const nearestHole = (host: Placed, at: Polar): Place => {
  const near = nearestPlace(host.form, at, 'hole');
  return holePlace(host, near?.round ?? 1, near?.index ?? 0);
};

/** How high a place lies, 0 at the host's lowest point and 1 at its highest. */
function shareOf({ form }: Placed, own: Directions, at: Polar, reach = reachAlong(form, own.up)): number {
  const { low, high } = reach;
  return high > low ? (dot(pointOf(form, at), own.up) - low) / (high - low) : 0.5;
}

function shareHole(host: Placed, own: Directions, from: Polar, share: number, along: Along | null): Place {
  if (along?.by === 'face') return holeAt(host, { turnDeg: along.deg, height: share });
  const upright = Math.abs(own.up[2]) > 0.5;
  if (!upright) return nearestHole(host, from);
  // The row of the host at that height, in the direction that is kept.
  const reach = reachAlong(host.form, own.up);
  let [row, least] = [from.row, Infinity];
  for (let r = 1; r < host.form.r.length - 1; r += 0.25) {
    const miss = Math.abs(shareOf(host, own, { ...from, row: r }, reach) - share);
    if (miss < least) [row, least] = [r, miss];
  }
  return nearestHole(host, { ...from, row });
}

/** The one of a pair that is nearest to a place. */
function nearestOf({ form }: Placed, thing: HangThing, at: Polar): Polar {
  const point = pointOf(form, at);
  return thing.polars.reduce((best, p) =>
    distance(pointOf(form, p), point) < distance(pointOf(form, best), point) ? p : best,
  );
}

function besideThing(
  host: Placed,
  along: Extract<Along, { by: 'thing' }>,
  { now, alongMm }: Hanging,
  things: readonly HangThing[],
): Polar | HangFault {
  const thing = things.find((t) => t.id === along.of);
  if (!thing || thing.polars.length === 0) return 'thing gone';
  const at = nearestOf(host, thing, now);
  if (along.way === 'same') return { ...now, angleRad: at.angleRad };
  const mm = thing.alongMm + alongMm + along.freeStitches * host.form.gauge.stitchMm;
  const own = ownDirections(host);
  // Level walks are named for the one who looks at the place; on the back, the toy's left is the other way.
  const front = Math.cos(at.angleRad - host.frontRad) >= 0;
  const way = front === (along.way === 'left') ? 'left' : 'right';
  return level(host.form, own, at, way, mm).at;
}

function overThing(
  host: Placed,
  own: Directions,
  height: Extract<Height, { by: 'thing' }>,
  from: Polar,
  along: Along | null,
  guest: Hanging,
  things: readonly HangThing[],
): Place | HangFault {
  const thing = things.find((t) => t.id === height.of);
  if (!thing || thing.polars.length === 0) return 'thing gone';
  const at = nearestOf(host, thing, from);
  if (height.way === 'level') return shareHole(host, own, from, shareOf(host, own, at), null);
  const mm = thing.upMm + guest.upMm + height.freeRounds * host.form.gauge.roundMm;
  // Straight over it, unless the words say where else, or one alone is over both of a pair.
  const over = along === null && (thing.polars.length === 1 || guest.pair);
  const start = over ? at : { ...at, angleRad: from.angleRad };
  return nearestHole(host, straight(host.form, own, start, height.way === 'above' ? 'up' : 'down', mm).at);
}
