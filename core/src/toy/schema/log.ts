import Joi from 'joi';
import type { Deed } from '../types';
import { word } from './places';

const at = { at: Joi.string().isoDate().allow(null).required() };
const key = word.min(1).required();
const count = Joi.number().integer().min(0).required();

/** One schema a kind of deed: what it carries besides its time and its name; a kind without one does not compile. */
const KINDS: { [K in Deed['what']]: Record<Exclude<keyof Extract<Deed, { what: K }>, 'what'>, Joi.Schema> } =
  {
    done: { key, content: Joi.string().allow('', null).required() },
    undone: { key },
    repeats: { key, repeats: count },
    stitches: { key, stitches: count },
    now: { key },
    counted: { key, stitches: count },
    measured: { key, acrossMm: Joi.number().greater(0).required() },
    sized: { of: key, mm: Joi.number().greater(0).required() },
    another: {},
    earlier: {},
  };

const deeds = Object.entries(KINDS).map(([what, carries]) =>
  Joi.object({ ...at, what: Joi.valid(what).required(), ...carries }),
);

export const log = Joi.array().items(Joi.alternatives(...deeds));
