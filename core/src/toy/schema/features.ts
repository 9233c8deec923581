import Joi from 'joi';
import type { Embroidery, EyePair, Feature, FeltRound, LoosePiece, Nose, PairPlace } from '../../feature';
import { byKind, colour, course, id, objectOf, spot, word } from './places';

const shift = Joi.array().items(Joi.number()).length(2);
const onPart = { part: id.required(), copy: id.allow(null).required() };
const hardware = {
  id: id.required(),
  ...onPart,
  postMm: Joi.number().positive().required(),
  washerMm: Joi.number().positive().required(),
  washerKnown: Joi.boolean(),
  colour: word.required(),
  loose: Joi.array()
    .items(objectOf<LoosePiece>({ name: word.required(), mm: Joi.number().positive().required() }))
    .required(),
  felt: objectOf<FeltRound>({ mm: Joi.number().positive().required(), colour: colour.required() })
    .allow(null)
    .required(),
};

const centre = objectOf<PairPlace['centre']>({
  coord: Joi.number().required(),
  of: Joi.number().integer().min(1).required(),
  by: Joi.alternatives(
    Joi.valid('marker', 'chosen'),
    Joi.object({ patch: word.required() }),
    Joi.object({ over: id.required() }),
  ).required(),
});

const pair = objectOf<PairPlace>({
  course: course.required(),
  at: Joi.string().valid('hole', 'middle').required(),
  between: Joi.number().min(1).required(),
  linked: Joi.boolean().required(),
  centre: centre.required(),
  offset: objectOf<PairPlace['offset']>({ left: shift.required(), right: shift.required() }).required(),
});

/** One schema a kind of feature; a kind without one does not compile. */
const KINDS: { [K in Feature['kind']]: Joi.ObjectSchema<Extract<Feature, { kind: K }>> } = {
  eyes: objectOf<EyePair>({
    kind: Joi.string().valid('eyes').required(),
    ...hardware,
    pair: pair.required(),
    making: Joi.string().valid('safety eye', 'embroidered').required(),
    eyeMm: Joi.number().positive().required(),
    look: Joi.string().valid('front', 'sides').required(),
    saidAs: Joi.string().valid('stitches-between', 'holes-showing', 'mm-along', 'mm-straight').required(),
  }),
  nose: objectOf<Nose>({
    kind: Joi.string().valid('nose').required(),
    ...hardware,
    place: spot.required(),
    making: Joi.string().valid('safety nose', 'embroidered').required(),
    widthMm: Joi.number().positive().required(),
    heightMm: Joi.number().positive().required(),
  }),
  embroidery: objectOf<Embroidery>({
    kind: Joi.string().valid('embroidery').required(),
    id: id.required(),
    name: word.required(),
    ...onPart,
    path: Joi.array().items(spot).required(),
    colour: word.required(),
    strokes: Joi.number().integer().min(1).required(),
  }),
};

export const feature = byKind(KINDS);
