import { add, cross, dot, ringPoint, scale, sub, unit, type PartForm, type Vec3 } from '../form';
import { coordOf, find, formOfLayer, type Spot } from './place';
import { middleOf, type Directions } from './pose';
import { frameAt, pointOf, polarOf, type Polar } from './position';

/** Which way is out of the fabric, and up and right along it as one looks at it from outside. */
export interface Seen {
  normal: Vec3;
  up: Vec3;
  right: Vec3;
}

/**
 * A stored place found on the part as it is now. It answers everything about itself; what costs something is worked out
 * when it is asked. `round` counts within the layer; `index` is today's, where the count of its round has changed.
 */
export class ResolvedPlace {
  /** the part's own form, or that of the layer the place is on */
  readonly form: PartForm;
  /** how the numbers of this place are counted; the whole open edge and links count middles */
  readonly at: 'hole' | 'middle';

  constructor(
    form: PartForm,
    readonly spot: Spot,
    readonly state: 'at' | 'moved',
    /** 0 for the part itself, k for `fabric.layers[k - 1]` */
    readonly layer: number,
    readonly round: number,
    readonly index: number,
    /** the count of its round when it was chosen, and today's */
    readonly was: number,
    readonly now: number,
  ) {
    this.form = formOfLayer(form, layer);
    this.at = spot.at === 'hole' ? 'hole' : 'middle';
  }

  /** Where it lies along its round, stitches from the round's start. */
  get coord(): number {
    return coordOf(this.at, this.index);
  }

  get polar(): Polar {
    if (this.spot.at === 'edge') return { angleRad: 0, row: this.form.fabric.rounds.length };
    return polarOf(this.form, this.round, this.coord, this.at);
  }

  /** The point on the fabric, mm; of a whole open edge the middle of the opening. */
  get point(): Vec3 {
    if (this.spot.at !== 'edge') return pointOf(this.form, this.polar);
    const row = Math.min(this.form.fabric.rounds.length, this.form.r.length - 1);
    const rim = [0, 0.5, 1, 1.5].map((k) => ringPoint(this.form, row, k * Math.PI));
    return scale(rim.reduce(add, [0, 0, 0]), 1 / rim.length);
  }

  /** Unit vector out of the fabric; of a whole open edge out of the opening. */
  get normal(): Vec3 {
    return this.spot.at === 'edge'
      ? unit(sub(this.point, middleOf(this.form)))
      : frameAt(this.form, this.polar).normal;
  }

  /** Out, up and right for one who looks at it from outside. Source: the house's geometry, section 7: right = up x normal. */
  seen(own: Directions): Seen {
    const { normal } = this;
    // Where the fabric lies level, up is away from the face.
    const upright = sub(own.up, scale(normal, dot(own.up, normal)));
    const up =
      Math.hypot(...upright) > 1e-3
        ? unit(upright)
        : unit(sub(scale(own.front, -1), scale(normal, -dot(own.front, normal))));
    return { normal, up, right: cross(up, normal) };
  }
}

/** A place that cannot be shown: its round is gone, or its form of place is not worked out. */
export interface NotFound {
  state: 'homeless' | 'not-yet';
}

/**
 * Finds a stored place again, for every form of place: holes and middles of rounds, rows and layers, links of chains, and
 * the whole open edge. When the count of its round has changed, a single place keeps its proportion and is reported as
 * moved; when the round is gone it is homeless (decision 5). Links are those of chain rounds; a link of any other round is
 * not worked out yet. Nothing is written back.
 */
export function resolve(form: PartForm, spot: Spot): ResolvedPlace | NotFound {
  const { fabric } = form;
  const found = find(fabric, spot.course);
  const round = found && (found.layer > 0 ? fabric.layers[found.layer - 1] : fabric).rounds[found.round];
  if (!found || !round || round.count === 0) return { state: 'homeless' };
  if (spot.at === 'link' && round.kind !== 'chain') return { state: 'not-yet' };
  const now = round.count;
  const place = (state: 'at' | 'moved', index: number) =>
    new ResolvedPlace(form, spot, state, found.layer, found.round, index, spot.of, now);
  if (now === spot.of || spot.at === 'edge') return place('at', spot.index);
  const scaled = (coordOf(spot.at === 'hole' ? 'hole' : 'middle', spot.index) * now) / spot.of;
  return place(
    'moved',
    spot.at === 'hole' ? Math.round(scaled) % now : Math.min(now, Math.max(1, Math.floor(scaled) + 1)),
  );
}

/** A place of one stitch or hole of the part itself, not of a layer, a link or a whole edge; null for any other. */
export function onBody(place: ResolvedPlace | NotFound): ResolvedPlace | null {
  if (!(place instanceof ResolvedPlace) || place.layer > 0) return null;
  return place.spot.at === 'hole' || place.spot.at === 'middle' ? place : null;
}
