import Joi from 'joi';
import type { Aim, Edge, Join, OfPiece, SewnJoin } from '../../join';
import { id, objectOf, place } from './places';

const edge = objectOf<Edge>({
  which: Joi.string().valid('last', 'first', 'side', 'layer', 'chain end').required(),
  from: Joi.number().integer().min(1).required(),
  to: Joi.number().integer().min(1).allow(null).required(),
  layers: Joi.number().valid(1, 2).required(),
});

/** One schema a kind of join; a kind without one does not compile. */
const KINDS: { [K in Join['kind']]: Joi.ObjectSchema<Extract<Join, { kind: K }>> } = {
  sewn: objectOf<SewnJoin>({
    kind: Joi.string().valid('sewn').required(),
    id: id.required(),
    guest: objectOf<OfPiece>({ part: id.required(), copy: id.required() }).required(),
    at: place.required(),
    edge: edge.required(),
    aim: objectOf<Aim>({
      tiltDeg: Joi.number().required(),
      towardDeg: Joi.number().required(),
    }).required(),
    twin: objectOf<{ copy: string }>({ copy: id.required() }).allow(null).required(),
  }),
};

export const join = Joi.alternatives(...Object.values(KINDS));
