import Joi from 'joi';
import type { Batch, ColourWay, PhotoTaken, PieceMade, PieceNote, PullTest } from '../records';
import { MOST_PHOTO } from '../types';
import { count, id, objectOf, within, word } from './places';

const words = Joi.string().allow('').max(2000);
const date = Joi.string().isoDate();

const note = objectOf<PieceNote>({
  at: date.required(),
  what: Joi.string().valid('washed', 'repaired', 'complaint', 'note').required(),
  words: words.required(),
});

export const piece = objectOf<PieceMade>({
  id: id.required(),
  number: word.max(80).required(),
  at: date.required(),
  maker: words.required(),
  lots: Joi.object().pattern(word.max(300), words).required(),
  pinsOut: count(0).required(),
  pinsIn: count(0).required(),
  notes: Joi.array().items(note).required(),
  batch: id.allow(null).required(),
  way: words.max(80).required(),
  stages: Joi.object().pattern(word.max(40), date).required(),
  making: count(1).allow(null).required(),
  rejected: words.allow(null).required(),
  spent: Joi.boolean().required(),
  signedOff: Joi.object({ at: date.required(), by: word.required() }).allow(null).required(),
});

/** A picture as a data URL. */
export const picture = Joi.string()
  .pattern(/^data:image\/(?:jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/)
  .max(MOST_PHOTO);

export const photo = objectOf<PhotoTaken>({
  id: id.required(),
  at: date.required(),
  making: count(1).required(),
  key: word.min(1).allow(null).required(),
  picture: picture.required(),
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
    target: within('newtons').required(),
    riseS: within('seconds').required(),
    holdS: within('seconds').required(),
    dipPercent: within('percent').greater(0).required(),
    source: words.required(),
  }).required(),
  curve: Joi.array()
    .items(Joi.array().ordered(within('shift').required(), within('shift').required()).length(2))
    .max(MOST_SAMPLES)
    .required(),
  peak: within('shift').required(),
  heldS: within('money').required(),
  verdict: Joi.string().valid('held', 'let go', 'not judged').required(),
  why: word.max(40).required(),
  note: words.required(),
});

const day = Joi.string().pattern(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, 'a day');

const way = objectOf<ColourWay>({
  name: words.max(80).required(),
  count: count(0).max(10_000).required(),
  yarns: Joi.object().pattern(word.max(80), words.max(80)).required(),
});

export const batch = objectOf<Batch>({
  id: id.required(),
  name: words.max(80).required(),
  ways: Joi.array().items(way).required(),
  from: day.required(),
  hours: Joi.array().items(Joi.number().min(0).max(24).required()).length(7).required(),
  off: Joi.array().items(day).required(),
  due: day.allow(null).required(),
});
