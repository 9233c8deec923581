import Joi from 'joi';
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

export const id = Joi.string().min(1).max(64);
export const word = Joi.string().allow('').max(200);
export const colour = Joi.string().pattern(/^#[0-9a-f]{6}$/i);

export const course = objectOf<Course>({
  mark: id.required(),
  nth: Joi.number().integer().min(0).required(),
  layer: Joi.number().integer().min(0).required(),
});

export const spotKeys = {
  course: course.required(),
  at: Joi.string().valid('hole', 'middle', 'link', 'edge').required(),
  index: Joi.number().required(),
  of: Joi.number().integer().min(1).required(),
};
export const spot = objectOf<Spot>(spotKeys);
export const place = objectOf<Place>({ part: id.required(), copy: id.required(), ...spotKeys });
