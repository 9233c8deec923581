import Joi from 'joi';
import { BOUNDS, type Bound } from '../../figures';
import type { Course, Place, Spot } from '../../address';

/** Lists of the document are read-only; Joi's own types know only others. */
type Writable<T> = { [K in keyof T]: T[K] extends readonly (infer U)[] ? U[] : T[K] };

/** The schema of a type: a field that is missing here or there does not compile. */
export const objectOf = <T>(keys: Joi.StrictSchemaMap<Writable<T>>): Joi.ObjectSchema<T> => Joi.object(keys);

/** One of several schemas, by the `kind` of what is looked at: its faults are told with their own places. */
export const byKind = (kinds: Record<string, Joi.ObjectSchema>): Joi.Schema =>
  Joi.alternatives().conditional('.kind', {
    switch: Object.entries(kinds).map(([kind, then]) => ({ is: Joi.valid(kind).required(), then })),
    otherwise: Joi.object({
      kind: Joi.string()
        .valid(...Object.keys(kinds))
        .required(),
    }).unknown(),
  });

/** A number that a toy can have at all (`figures/bounds.ts`). */
export const within = (bound: Bound): Joi.NumberSchema =>
  Joi.number().min(BOUNDS[bound][0]).max(BOUNDS[bound][1]);
/** Whole: how many there are, from `least`. */
export const count = (least: 0 | 1): Joi.NumberSchema => within('count').integer().min(least);

/** Names of things in a file stand in addresses and keys: letters, digits and few signs, and never the way up a folder. */
export const id = Joi.string()
  .pattern(/^(?!\.+$)[\w.~-]{1,64}$/)
  .min(1)
  .max(64);
export const word = Joi.string().allow('').max(200);
export const colour = Joi.string().pattern(/^#[0-9a-f]{6}$/i);

export const course = objectOf<Course>({
  mark: id.required(),
  nth: count(0).required(),
  layer: count(0).required(),
});

export const spotKeys = {
  course: course.required(),
  at: Joi.string().valid('hole', 'middle', 'link', 'edge').required(),
  index: within('shift').integer().required(),
  of: count(1).required(),
};
export const spot = objectOf<Spot>(spotKeys);
export const place = objectOf<Place>({ part: id.required(), copy: id.required(), ...spotKeys });
