import Joi from 'joi';
import { CHANGED_OF, type Deed } from '../types';
import { count, within, word } from './places';

const at = { at: Joi.string().isoDate().allow(null).required() };
const key = word.min(1).required();
const many = count(0).required();
/** What is written down at one time is no longer, letters. */
const MOST_WORDS = 2000;

/** One schema a kind of deed: what it carries besides its time and its name; a kind without one does not compile. */
const KINDS: { [K in Deed['what']]: Record<Exclude<keyof Extract<Deed, { what: K }>, 'what'>, Joi.Schema> } =
  {
    done: { key, content: Joi.string().allow('', null).required() },
    undone: { key },
    repeats: { key, repeats: many },
    stitches: { key, stitches: many },
    now: { key },
    counted: { key, stitches: many },
    measured: { key, acrossMm: within('mm').required() },
    sized: { of: key, mm: within('mm').required() },
    cut: { key, leftMm: within('mm').required() },
    noted: { key: key.allow(null), words: word.min(1).max(MOST_WORDS).required() },
    changed: { of: Joi.valid(...CHANGED_OF).required(), part: word.allow(null).required() },
    another: {},
    earlier: {},
  };

const deeds = Object.entries(KINDS).map(([what, carries]) =>
  Joi.object({ ...at, what: Joi.valid(what).required(), ...carries }),
);

export const log = Joi.array().items(Joi.alternatives(...deeds));
