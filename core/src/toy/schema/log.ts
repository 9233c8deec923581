import Joi from 'joi';
import type { Deed } from '../types';
import { word } from './places';

const head = { at: Joi.string().isoDate().allow(null).required(), key: word.min(1).required() };

/** One schema a kind of deed; a kind without one does not compile. */
const KINDS: Record<Deed['what'], Joi.ObjectSchema> = {
  done: Joi.object({
    ...head,
    what: Joi.valid('done').required(),
    content: Joi.string().allow('', null).required(),
  }),
  undone: Joi.object({ ...head, what: Joi.valid('undone').required() }),
  repeats: Joi.object({
    ...head,
    what: Joi.valid('repeats').required(),
    repeats: Joi.number().integer().min(0).required(),
  }),
};

export const log = Joi.array().items(Joi.alternatives(...Object.values(KINDS)));
