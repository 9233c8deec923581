import { add, cross, dot, ringPoint, scale, sub, unit, type PartForm, type Vec3 } from '../form';
import { coordOf, formOfLayer, resolvePlace, type Spot } from './place';
import { middleOf, type Directions } from './pose';
import { frameAt, pointOf, polarOf, type Polar } from './position';

/** A stored place on the part as it is now: where it is, which way is out, and up and right along the fabric as one looks at it from outside. */
export interface Located {
  state: 'at' | 'moved';
  /** the part's own form, or that of the layer the place is on */
  form: PartForm;
  polar: Polar;
  point: Vec3;
  normal: Vec3;
  up: Vec3;
  right: Vec3;
}

/**
 * Finds a stored place in space, for every form of place: holes and middles of rounds, rows and layers, links of chains, and the whole
 * open edge (the middle of the opening, looking out of it). Homeless places and forms that are not worked out answer so.
 */
export function locate(
  form: PartForm,
  own: Directions,
  place: Spot,
): Located | { state: 'homeless' | 'not-yet' } {
  const found = resolvePlace(form.fabric, place);
  if (found.state === 'homeless' || found.state === 'not-yet') return found;
  const on = formOfLayer(form, found.layer);
  if (place.at === 'edge') return { state: found.state, form: on, ...openEdge(on, own) };
  const at = place.at === 'hole' ? 'hole' : 'middle';
  const polar = polarOf(on, found.round, coordOf(at, found.index), at);
  return {
    state: found.state,
    form: on,
    polar,
    point: pointOf(on, polar),
    ...seenFrom(frameAt(on, polar).normal, own),
  };
}

/** Up and right along the fabric for one who looks at it from outside. Source: the house's geometry, section 7: right = up x normal. */
function seenFrom(normal: Vec3, own: Directions): { normal: Vec3; up: Vec3; right: Vec3 } {
  // Where the fabric lies level, up is away from the face.
  const upright = sub(own.up, scale(normal, dot(own.up, normal)));
  const up =
    Math.hypot(...upright) > 1e-3
      ? unit(upright)
      : unit(sub(scale(own.front, -1), scale(normal, -dot(own.front, normal))));
  return { normal, up, right: cross(up, normal) };
}

function openEdge(form: PartForm, own: Directions): Omit<Located, 'state' | 'form'> {
  const row = form.fabric.rounds.length;
  const rim = [0, 0.5, 1, 1.5].map((k) => ringPoint(form, Math.min(row, form.r.length - 1), k * Math.PI));
  const point = scale(rim.reduce(add, [0, 0, 0]), 1 / rim.length);
  return { polar: { angleRad: 0, row }, point, ...seenFrom(unit(sub(point, middleOf(form))), own) };
}
