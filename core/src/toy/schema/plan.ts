import Joi from 'joi';
import type { MoveSaid, PauseSaid, PlanSaid } from '../types';
import { count, course, objectOf, within, word } from './places';

const key = word.max(300);

const pause = objectOf<PauseSaid>({
  key: key.required(),
  at: course.required(),
  stitches: count(1).allow(null).required(),
});

const move = objectOf<MoveSaid>({ key: key.required(), after: key.allow(null).required() });

const amounts = Joi.object().pattern(key, within('money'));

/** What the maker has decided about the order of work and what it takes. */
export const plan = objectOf<PlanSaid>({
  eyes: Joi.string().valid('late', 'early').required(),
  goes: Joi.number().valid(1, 2, 3).allow(null).required(),
  seams: Joi.string().valid('last', 'soon').required(),
  copies: Joi.string().valid('piece by piece', 'in runs').required(),
  pauses: Joi.array().items(pause).required(),
  moves: Joi.array().items(move).required(),
  prices: amounts.required(),
  have: amounts.required(),
});
