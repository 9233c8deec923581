import Joi from 'joi';
import {
  HANGERS,
  HELD_BY,
  LINES_OVER,
  MOST_PATCHED,
  MOST_SCULPTED,
  MOST_STITCHED,
  PATCH_SEAMS,
  PATCH_SHAPES,
  SATIN_SHAPES,
  SCULPT_WORKS,
  STITCHED_WHEN,
  STITCHERIES,
  STRAND_FIXES,
  type Embroidery,
  type EyePair,
  type Feature,
  type FeltRound,
  type Hanger,
  type LoosePiece,
  type Nose,
  type PairPlace,
  type Patch,
  type Sculpt,
  type SpotOn,
  type Strands,
  type SurfaceWork,
  type ThreadEnd,
} from '../../feature';
import { byKind, colour, count, course, id, objectOf, spot, spotKeys, within, word } from './places';

const shift = Joi.array().items(within('shift').integer()).length(2);
const onPart = { part: id.required(), copy: id.allow(null).required() };
const hardware = {
  id: id.required(),
  ...onPart,
  postMm: within('mm').required(),
  washerMm: within('mm').required(),
  washerKnown: Joi.boolean(),
  colour: word.required(),
  loose: Joi.array()
    .items(objectOf<LoosePiece>({ name: word.required(), mm: within('mm').required() }))
    .required(),
  felt: objectOf<FeltRound>({ mm: within('mm').required(), colour: colour.required() })
    .allow(null)
    .required(),
  backing: Joi.alternatives(
    Joi.string().valid('as needed', 'none'),
    within('mm').max(MOST_PATCHED.mm),
  ).required(),
};

const halves = Joi.number().multiple(0.5).min(-MOST_STITCHED.off).max(MOST_STITCHED.off);
const threadEnds = Joi.array().items(
  objectOf<ThreadEnd>({
    from: Joi.alternatives(Joi.string().valid('face', 'left eye', 'right eye', 'nose'), spot).required(),
    across: halves.required(),
    down: halves.required(),
  }),
);

const onFace = {
  id: id.required(),
  name: word.required(),
  ...onPart,
  ends: threadEnds.required(),
  twin: Joi.alternatives(Joi.string().valid('none', 'mirrored'), threadEnds).required(),
  colour: word.required(),
};

const centre = objectOf<PairPlace['centre']>({
  coord: within('shift').required(),
  of: count(1).required(),
  by: Joi.alternatives(
    Joi.valid('marker', 'chosen'),
    Joi.object({ patch: word.required() }),
    Joi.object({ over: id.required() }),
  ).required(),
});

const pair = objectOf<PairPlace>({
  course: course.required(),
  at: Joi.string().valid('hole', 'middle').required(),
  between: count(1).required(),
  linked: Joi.boolean().required(),
  centre: centre.required(),
  offset: objectOf<PairPlace['offset']>({ left: shift.required(), right: shift.required() }).required(),
});

/** More in one line is no work of hands. */
const MOST_STATIONS = 400;

/** One schema a kind of feature; a kind without one does not compile. */
const KINDS: { [K in Feature['kind']]: Joi.ObjectSchema<Extract<Feature, { kind: K }>> } = {
  eyes: objectOf<EyePair>({
    kind: Joi.string().valid('eyes').required(),
    ...hardware,
    pair: pair.required(),
    making: Joi.string().valid('safety eye', 'embroidered').required(),
    eyeMm: within('mm').required(),
    look: Joi.string().valid('front', 'sides').required(),
    saidAs: Joi.string().valid('stitches-between', 'holes-showing', 'mm-along', 'mm-straight').required(),
  }),
  nose: objectOf<Nose>({
    kind: Joi.string().valid('nose').required(),
    ...hardware,
    place: spot.required(),
    making: Joi.string().valid('safety nose', 'embroidered').required(),
    widthMm: within('mm').required(),
    heightMm: within('mm').required(),
  }),
  embroidery: objectOf<Embroidery>({
    kind: Joi.string().valid('embroidery').required(),
    ...onFace,
    how: Joi.string()
      .valid(...STITCHERIES)
      .required(),
    when: Joi.string()
      .valid(...STITCHED_WHEN)
      .required(),
    satin: objectOf<NonNullable<Embroidery['satin']>>({
      shape: Joi.string()
        .valid(...SATIN_SHAPES)
        .required(),
      widthMm: within('mm').max(MOST_STITCHED.satinMm).required(),
      heightMm: within('mm').max(MOST_STITCHED.satinMm).required(),
    })
      .allow(null)
      .required(),
    thread: objectOf<Embroidery['thread']>({
      of: Joi.string().valid('yarn', 'floss').required(),
      strands: count(1).max(MOST_STITCHED.strands).required(),
      passes: count(1).max(MOST_STITCHED.passes).required(),
    }).required(),
  }),
  patch: objectOf<Patch>({
    kind: Joi.string().valid('patch').required(),
    ...onFace,
    ends: threadEnds.min(1).max(MOST_PATCHED.pieces).required(),
    of: Joi.string().valid('felt', 'crochet').required(),
    shape: Joi.string()
      .valid(...PATCH_SHAPES)
      .required(),
    widthMm: within('mm').max(MOST_PATCHED.mm).required(),
    heightMm: within('mm').max(MOST_PATCHED.mm).required(),
    path: Joi.string().max(MOST_PATCHED.path).allow(null).required(),
    turnDeg: Joi.number().min(-360).max(360).required(),
    eyes: Joi.string().valid('under', 'over').required(),
    seam: Joi.string()
      .valid(...PATCH_SEAMS)
      .required(),
  }),
  sculpt: objectOf<Sculpt>({
    kind: Joi.string().valid('sculpt').required(),
    ...onFace,
    ends: threadEnds.min(2).max(MOST_SCULPTED.points).required(),
    twin: Joi.string().valid('none').required(),
    work: Joi.string()
      .valid(...SCULPT_WORKS)
      .required(),
    passes: count(1).max(MOST_SCULPTED.passes).required(),
    loop: Joi.string().valid('inner', 'outer').required(),
  }),
  surface: objectOf<SurfaceWork>({
    kind: Joi.string().valid('surface').required(),
    id: id.required(),
    name: word.required(),
    ...onPart,
    place: spot.required(),
    end: objectOf<SpotOn>({ ...onPart, ...spotKeys }).required(),
    over: Joi.string()
      .valid(...LINES_OVER)
      .required(),
    stations: count(1).max(MOST_STATIONS).required(),
    motif: word.required(),
    colour: colour.required(),
    hookMm: within('hookMm').allow(null).required(),
    twin: Joi.boolean().required(),
  }),
  strands: objectOf<Strands>({
    kind: Joi.string().valid('strands').required(),
    id: id.required(),
    name: word.required(),
    ...onPart,
    place: spot.required(),
    rounds: within('shift').integer().invalid(0).required(),
    halfDeg: Joi.number().min(0).max(180).required(),
    everyStitch: count(1).required(),
    everyRound: count(1).required(),
    together: count(1).max(50).required(),
    cutMm: within('mm').required(),
    fix: Joi.string()
      .valid(...STRAND_FIXES)
      .required(),
    before: Joi.string().valid('closing', 'nothing').required(),
    colour: colour.required(),
  }),
  hanger: objectOf<Hanger>({
    kind: Joi.string().valid('hanger').required(),
    id: id.required(),
    ...onPart,
    is: Joi.string()
      .valid(...HANGERS)
      .required(),
    mm: within('mm').required(),
    place: spot.required(),
    by: Joi.string()
      .valid(...HELD_BY)
      .required(),
    loop: Joi.alternatives<Hanger['loop']>(
      Joi.object({ chain: count(1).required() }),
      Joi.object({ part: id.required() }),
    ).required(),
  }),
};

export const feature = byKind(KINDS);
