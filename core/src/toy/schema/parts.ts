import Joi from 'joi';
import { documentWords as say } from '../../words';
import type {
  Copy,
  Core,
  EndingSaid,
  NamedGauge,
  Part,
  Pose,
  Settings,
  StretchSaid,
  Yarn,
  ZoneSaid,
} from '../types';
import { colour, count, course, id, objectOf, within, word } from './places';

const copy = objectOf<Copy>({
  id: id.required(),
  name: word.required(),
  palette: Joi.object().pattern(word, word).required(),
});

const pose = objectOf<Pose>({
  ringIs: Joi.string().valid('crown', 'chin', 'nose', 'sole', 'back', 'tip', 'mouth').required(),
  start: Joi.string().valid('back', 'under').required(),
  out: Joi.string().valid('right side', 'wrong side').required(),
});

const stretch = objectOf<StretchSaid>({
  from: course.required(),
  to: course.required(),
  is: Joi.string().valid('head', 'neck', 'body', 'limb', 'other').required(),
});

const zone = objectOf<ZoneSaid>({
  from: course.required(),
  to: course.required(),
  fill: Joi.string().valid('empty', 'soft', 'medium', 'firm', 'yarn ends').required(),
});

const core = objectOf<Core>({
  is: Joi.string().valid('roll of fabric', 'felt', 'plastic tube', 'wood', 'wire').required(),
  lengthMm: within('mm').required(),
  widthMm: within('mm').required(),
  at: course.required(),
});

const ending = objectOf<EndingSaid>({
  gather: course.allow(null).required(),
  loops: Joi.string().valid('front', 'back').required(),
  from: Joi.string().valid('outside', 'inside').required(),
  times: Joi.number().valid(1, 2).allow(null).required(),
  way: Joi.string().valid('drawn together', 'star').allow(null).required(),
});

export const part = objectOf<Part>({
  id: id.required(),
  text: Joi.string().allow('').required(),
  marks: Joi.array().items(id).required(),
  copies: Joi.array().items(copy).required(),
  pose: pose.required(),
  fill: Joi.string().valid('empty', 'soft', 'medium', 'firm').required(),
  gauge: id.required(),
  shaping: Joi.alternatives(
    Joi.object({ how: Joi.valid('as worked', 'flattened', 'folded').required() }),
    Joi.object({ how: Joi.valid('pushed in').required(), rim: course.required() }),
  ).required(),
  stretches: Joi.array().items(stretch).required(),
  zones: Joi.array().items(zone).required(),
  core: core.allow(null).required(),
  goes: Joi.number().valid(1, 2, 3).allow(null).required(),
  ending: ending.allow(null).required(),
  weighedG: within('grams').allow(null).required(),
}).custom((value: Part, helpers) =>
  value.marks.length === value.text.split('\n').length
    ? value
    : helpers.error('any.custom', { error: new Error(say.marksDisagree) }),
);

export const yarn = objectOf<Yarn>({
  slot: word.required(),
  name: word.required(),
  colour: colour.required(),
  ball: objectOf<NonNullable<Yarn['ball']>>({
    grams: within('grams').required(),
    metres: within('metres').required(),
  })
    .allow(null)
    .required(),
  strands: count(1).required(),
  hardToSee: Joi.boolean().allow(null).required(),
  sheds: Joi.boolean().allow(null).required(),
});

export const gauge = objectOf<NamedGauge>({
  id: id.required(),
  name: word.required(),
  hookMm: within('hookMm').required(),
  hookBy: Joi.string().valid('said', 'assumed', 'not known').required(),
  hookWords: word,
  postGive: within('postGive'),
  postRangePercent: within('percent'),
  stitchMm: within('stitchMm'),
  roundMm: within('roundMm'),
  stitchRangePercent: within('percent'),
  roundRangePercent: within('percent'),
  yarnPerStitchMm: within('yarnPerStitchMm'),
  gramsPerMetre: within('gramsPerMetre'),
  yarn: word,
  leanStitches: within('leanStitches'),
  holeStretch: within('holeStretch'),
  hand: Joi.string().valid('right', 'left').required(),
  yarnUnder: Joi.boolean().required(),
});

export const settings = objectOf<Settings>({
  terms: Joi.string().valid('us', 'uk').required(),
  age: Joi.string()
    .valid('under 18 months', '18 to 36 months', '3 years and over', 'accessory', 'display only', 'unknown')
    .required(),
  region: Joi.string().valid('eu-uk', 'us', 'own').required(),
  fillWith: Joi.string().valid('polyester', 'cotton', 'wool', 'yarn ends').required(),
  noPlastic: Joi.boolean(),
  units: Joi.string().valid('mm', 'inch').required(),
  hooks: Joi.string().valid('mm', 'letter', 'number').required(),
  ownSmallestMm: within('mm'),
  stitchesAMinute: within('aMinute'),
});
