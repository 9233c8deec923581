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
import { byKind, course, id, objectOf, place } from './places';

const edge = objectOf<Edge>({
  which: Joi.string().valid('last', 'first', 'side', 'layer', 'chain end', 'fold').required(),
  nth: Joi.number().integer().min(1).required(),
  from: Joi.number().integer().min(1).required(),
  to: Joi.number().integer().min(1).allow(null).required(),
  layers: Joi.number().valid(1, 2).required(),
  pinched: Joi.boolean().required(),
});

const count = Joi.number().integer().min(0).required();

const height = Joi.alternatives<Height>(
  Joi.object({ by: Joi.string().valid('start', 'end', 'ridge').required(), rounds: count }),
  Joi.object({
    by: Joi.string().valid('colour').required(),
    slot: Joi.string().allow('').required(),
    rounds: count,
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
    freeRounds: count,
  }),
);

const along = Joi.alternatives<Along>(
  Joi.object({ by: Joi.string().valid('face').required(), deg: Joi.number().required() }),
  Joi.object({
    by: Joi.string().valid('thing').required(),
    of: id.required(),
    way: Joi.string().valid('left', 'right', 'same').required(),
    freeStitches: count,
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
      tiltDeg: Joi.number().required(),
      towardDeg: Joi.number().required(),
      turnDeg: Joi.number().required(),
    }).required(),
    twin: objectOf<Twin>({ copy: id.required(), at: place.allow(null).required() })
      .allow(null)
      .required(),
    hang,
    seam: objectOf<SeamSaid>({
      twice: Joi.boolean().required(),
      yarn: Joi.string().valid('guest', 'host').required(),
      startAt: Joi.number().integer().min(1).allow(null).required(),
    }).required(),
  }),
  through: objectOf<ThroughJoin>({
    kind: Joi.string().valid('through').required(),
    id: id.required(),
    guest,
    at: place.required(),
    out: place.allow(null).required(),
    hang,
    shiftMm: Joi.number().required(),
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
      rounds: Joi.number().integer().min(1).required(),
    }).required(),
    poseDeg: Joi.number().required(),
  }),
};

/** What is said of a clamp of a join round. */
export const clamp = objectOf<ClampSaid>({
  part: id.required(),
  course: course.required(),
  guest: id.required(),
  nth: count,
  copy: id.allow(null).required(),
  over: Joi.boolean().required(),
  shift: Joi.number().integer().required(),
  tiltDeg: Joi.number().min(-90).max(90).required(),
  inside: Joi.boolean().required(),
  tail: Joi.string().valid('inside', 'outside').allow(null).required(),
});

/** The kind decides which schema it is, so that a fault is told with its own place. */
export const join = byKind(KINDS);
