import Joi from 'joi';
import { BANDS, RULES } from '../rules';
import type { AnswerSaid, SafetySaid } from '../types';
import { id, objectOf, within, word } from './places';

const oneOf = (names: readonly string[]) => Joi.string().valid(...names);
const words = Joi.string().allow('').max(2000);

const answer = objectOf<AnswerSaid>({ point: word.max(300).required(), words: words.required() });

/** What the maker has said and decided for safety. */
export const safety = objectOf<SafetySaid>({
  own: Joi.object()
    .pattern(oneOf(BANDS), Joi.object().pattern(oneOf(RULES), within('newtons')))
    .required(),
  washable: Joi.boolean().allow(null).required(),
  buriedMm: within('count').allow(null).required(),
  startsSecured: Joi.array().items(id).required(),
  answers: Joi.array().items(answer).required(),
});
