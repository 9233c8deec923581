import Joi from 'joi';
import type {
  Aim,
  Along,
  ClampSaid,
  Edge,
  Hang,
  Height,
  OfPiece,
  Pierced,
  SeamSaid,
  SewnJoin,
  StoredJoin,
  ThreadedJoin,
  ThroughJoin,
  Twin,
} from '../../join';
import { byKind, count, course, id, objectOf, place, within } from './places';

const edge = objectOf<Edge>({
  which: Joi.string().valid('last', 'first', 'side', 'layer', 'chain end', 'fold').required(),
  nth: count(1).required(),
  from: count(1).required(),
  to: count(1).allow(null).required(),
  layers: Joi.number().valid(1, 2).required(),
  pinched: Joi.boolean().required(),
});

const height = Joi.alternatives<Height>(
  Joi.object({ by: Joi.string().valid('start', 'end', 'ridge').required(), rounds: count(0).required() }),
  Joi.object({
    by: Joi.string().valid('colour').required(),
    slot: Joi.string().allow('').required(),
    rounds: count(0).required(),
  }),
  Joi.object({ by: Joi.string().valid('share').required(), of: Joi.number().min(0).max(1).required() }),
  Joi.object({
    by: Joi.string().valid('whole end').required(),
    end: Joi.string().valid('start', 'last').required(),
  }),
  Joi.object({
    by: Joi.string().valid('thing').required(),
    of: id.required(),
    way: Joi.string().valid('above', 'below', 'level').required(),
    freeRounds: count(0).required(),
  }),
);

const along = Joi.alternatives<Along>(
  Joi.object({ by: Joi.string().valid('face').required(), deg: within('shift').required() }),
  Joi.object({
    by: Joi.string().valid('thing').required(),
    of: id.required(),
    way: Joi.string().valid('left', 'right', 'same').required(),
    freeStitches: count(0).required(),
  }),
);

const guest = objectOf<OfPiece>({ part: id.required(), copy: id.required() }).required();
const hang = objectOf<Hang>({ height: height.allow(null).required(), along: along.allow(null).required() })
  .allow(null)
  .required();

/** One schema a kind of join; a kind without one does not compile. */
const KINDS: { [K in StoredJoin['kind']]: Joi.ObjectSchema<Extract<StoredJoin, { kind: K }>> } = {
  sewn: objectOf<SewnJoin>({
    kind: Joi.string().valid('sewn').required(),
    id: id.required(),
    guest,
    at: place.required(),
    edge: edge.required(),
    aim: objectOf<Aim>({
      way: Joi.string().valid('up', 'down', 'forward', 'back', 'side').allow(null).required(),
      tiltDeg: within('shift').required(),
      towardDeg: within('shift').required(),
      turnDeg: within('shift').required(),
    }).required(),
    twin: objectOf<Twin>({ copy: id.required(), at: place.allow(null).required() })
      .allow(null)
      .required(),
    hang,
    seam: objectOf<SeamSaid>({
      twice: Joi.boolean().required(),
      yarn: Joi.string().valid('guest', 'host').required(),
      startAt: count(1).allow(null).required(),
    }).required(),
  }),
  through: objectOf<ThroughJoin>({
    kind: Joi.string().valid('through').required(),
    id: id.required(),
    guest,
    at: place.required(),
    out: place.allow(null).required(),
    hang,
    shiftMm: within('shift').required(),
  }),
  threaded: objectOf<ThreadedJoin>({
    kind: Joi.string().valid('threaded').required(),
    id: id.required(),
    guest,
    at: place.required(),
    twin: objectOf<NonNullable<ThreadedJoin['twin']>>({ copy: id.required() }).allow(null).required(),
    hang,
    pierced: objectOf<Pierced>({
      from: Joi.string().valid('start', 'last').required(),
      rounds: count(1).required(),
    }).required(),
    poseDeg: within('shift').required(),
  }),
};

/** What is said of a clamp of a join round. */
export const clamp = objectOf<ClampSaid>({
  part: id.required(),
  course: course.required(),
  guest: id.required(),
  nth: count(0).required(),
  copy: id.allow(null).required(),
  over: Joi.boolean().required(),
  shift: within('shift').integer().required(),
  tiltDeg: Joi.number().min(-90).max(90).required(),
  inside: Joi.boolean().required(),
  tail: Joi.string().valid('inside', 'outside').allow(null).required(),
});

/** The kind decides which schema it is, so that a fault is told with its own place. */
export const join = byKind(KINDS);
