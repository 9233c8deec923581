import Joi from 'joi';
import type { PieceMade, PieceNote, PullTest } from '../records';
import type { AgeBand, AnswerSaid, RuleId, SafetySaid } from '../types';
import { id, objectOf, word } from './places';

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
const positive = Joi.number().greater(0);
const words = Joi.string().allow('').max(2000);
const date = Joi.string().isoDate();

const answer = objectOf<AnswerSaid>({ point: word.max(300).required(), words: words.required() });

/** What the maker has said and decided for safety. */
export const safety = objectOf<SafetySaid>({
  own: Joi.object()
    .pattern(oneOf(BANDS), Joi.object().pattern(oneOf(RULES), positive))
    .required(),
  washable: Joi.boolean().allow(null).required(),
  buriedMm: Joi.number().min(0).allow(null).required(),
  startsSecured: Joi.array().items(id).required(),
  answers: Joi.array().items(answer).required(),
});

const note = objectOf<PieceNote>({
  at: date.required(),
  what: Joi.string().valid('washed', 'repaired', 'complaint', 'note').required(),
  words: words.required(),
});

const count = Joi.number().integer().min(0);

export const piece = objectOf<PieceMade>({
  id: id.required(),
  number: word.max(80).required(),
  at: date.required(),
  maker: words.required(),
  lots: Joi.object().pattern(word.max(300), words).required(),
  pinsOut: count.required(),
  pinsIn: count.required(),
  notes: Joi.array().items(note).required(),
  spent: Joi.boolean().required(),
  signedOff: Joi.object({ at: date.required(), by: word.required() }).allow(null).required(),
});

const MOST_SAMPLES = 2000;

export const pullTest = objectOf<PullTest>({
  id: id.required(),
  piece: id.required(),
  thing: word.max(300).required(),
  kind: Joi.string().valid('torque', 'pull', 'seam').required(),
  at: date.required(),
  by: words.required(),
  instrument: Joi.string().valid('typed', 'simulated', 'serial').required(),
  rule: Joi.object({
    target: positive.required(),
    riseS: positive.required(),
    holdS: positive.required(),
    dipPercent: positive.required(),
    source: words.required(),
  }).required(),
  curve: Joi.array()
    .items(Joi.array().ordered(Joi.number().required(), Joi.number().required()).length(2))
    .max(MOST_SAMPLES)
    .required(),
  peak: Joi.number().required(),
  heldS: Joi.number().min(0).required(),
  verdict: Joi.string().valid('held', 'let go', 'not judged').required(),
  why: word.max(40).required(),
  note: words.required(),
});
