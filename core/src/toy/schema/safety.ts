import Joi from 'joi';
import type { AgeBand, AnswerSaid, RuleId, SafetySaid } from '../types';
import { id, objectOf, within, word } from './places';

const RULES: Record<RuleId, true> = {
  cylinderMm: true,
  cylinderDeepMm: true,
  pullSmallN: true,
  pullLargeN: true,
  torqueNm: true,
  seamN: true,
  riseS: true,
  holdS: true,
  cordMm: true,
  loopMm: true,
  probeMm: true,
};
const BANDS: Record<AgeBand, true> = {
  'under 18 months': true,
  '18 to 36 months': true,
  '3 years and over': true,
};
const oneOf = (names: Record<string, true>) => Joi.string().valid(...Object.keys(names));
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
