import Joi from 'joi';
import { documentWords as say } from '../../words';
import { migrated } from '../migrate';
import { SCHEMA, type Toy, type ToyFile } from '../types';

const id = Joi.string().min(1).max(64);
const word = Joi.string().allow('').max(200);
const course = Joi.object({
  mark: id.required(),
  nth: Joi.number().integer().min(0).required(),
  layer: Joi.number().integer().min(0).required(),
});
const place = Joi.object({
  part: id.required(),
  copy: id.required(),
  course: course.required(),
  at: Joi.valid('hole', 'middle', 'link', 'edge').required(),
  index: Joi.number().required(),
  of: Joi.number().integer().min(1).required(),
});
const shift = Joi.array().items(Joi.number()).length(2);
const colour = Joi.string().pattern(/^#[0-9a-f]{6}$/i);
const hardware = {
  id: id.required(),
  part: id.required(),
  copy: id.required(),
  postMm: Joi.number().positive().required(),
  washerMm: Joi.number().positive().required(),
  washerKnown: Joi.boolean(),
  colour: word.required(),
  loose: Joi.array()
    .items(Joi.object({ name: word.required(), mm: Joi.number().positive().required() }))
    .required(),
  felt: Joi.object({ mm: Joi.number().positive().required(), colour: colour.required() })
    .allow(null)
    .required(),
};
const eyes = Joi.object({
  kind: Joi.valid('eyes').required(),
  ...hardware,
  pair: Joi.object({
    course: course.required(),
    at: Joi.valid('hole', 'middle').required(),
    between: Joi.number().min(1).required(),
    linked: Joi.boolean().required(),
    centre: Joi.object({
      coord: Joi.number().required(),
      of: Joi.number().integer().min(1).required(),
      by: Joi.alternatives(
        Joi.valid('marker', 'chosen'),
        Joi.object({ patch: word.required() }),
        Joi.object({ over: id.required() }),
      ).required(),
    }).required(),
    offset: Joi.object({ left: shift.required(), right: shift.required() }).required(),
  }).required(),
  making: Joi.valid('safety eye', 'embroidered').required(),
  eyeMm: Joi.number().positive().required(),
  look: Joi.valid('front', 'sides').required(),
  saidAs: Joi.valid('stitches-between', 'holes-showing', 'mm-along', 'mm-straight').required(),
});
const nose = Joi.object({
  kind: Joi.valid('nose').required(),
  ...hardware,
  place: place.required(),
  making: Joi.valid('safety nose', 'embroidered').required(),
  widthMm: Joi.number().positive().required(),
  heightMm: Joi.number().positive().required(),
});
const embroidery = Joi.object({
  kind: Joi.valid('embroidery').required(),
  id: id.required(),
  name: word.required(),
  part: id.required(),
  copy: id.required(),
  path: Joi.array().items(place).required(),
  colour: word.required(),
  strokes: Joi.number().integer().min(1).required(),
});
const join = Joi.object({
  kind: Joi.valid('sewn').required(),
  id: id.required(),
  guest: Joi.object({ part: id.required(), copy: id.required() }).required(),
  at: place.required(),
  edge: Joi.valid('open', 'flattened').required(),
  aim: Joi.object({ tiltDeg: Joi.number().required(), towardDeg: Joi.number().required() }).required(),
  twin: Joi.object({ copy: id.required() }).allow(null).required(),
});
const part = Joi.object({
  id: id.required(),
  text: Joi.string().allow('').required(),
  marks: Joi.array().items(id).required(),
  copies: Joi.array()
    .items(
      Joi.object({
        id: id.required(),
        name: word.required(),
        palette: Joi.object().pattern(word, word).required(),
      }),
    )
    .required(),
  pose: Joi.object({
    ringIs: Joi.valid('crown', 'chin', 'nose', 'sole', 'back', 'tip', 'mouth').required(),
    start: Joi.valid('back', 'under').required(),
    out: Joi.valid('right side', 'wrong side').required(),
  }).required(),
  fill: Joi.valid('empty', 'soft', 'medium', 'firm').required(),
  gauge: id.required(),
  shaping: Joi.alternatives(
    Joi.object({ how: Joi.valid('as worked', 'flattened', 'folded').required() }),
    Joi.object({ how: Joi.valid('pushed in').required(), rim: course.required() }),
  ).required(),
}).custom((value: { text: string; marks: string[] }, helpers) =>
  value.marks.length === value.text.split('\n').length
    ? value
    : helpers.error('any.custom', { error: new Error(say.marksDisagree) }),
);
const gauge = Joi.object({
  id: id.required(),
  name: word.required(),
  hookMm: Joi.number().positive().required(),
  hookBy: Joi.valid('said', 'assumed', 'not known').required(),
  hookWords: word,
  postGive: Joi.number().positive(),
  postRangePercent: Joi.number().min(0),
  stitchMm: Joi.number().positive(),
  roundMm: Joi.number().positive(),
  stitchRangePercent: Joi.number().min(0),
  roundRangePercent: Joi.number().min(0),
  yarnPerStitchMm: Joi.number().positive(),
  gramsPerMetre: Joi.number().positive(),
  yarn: word,
  leanStitches: Joi.number(),
  holeStretch: Joi.number().positive(),
  hand: Joi.valid('right', 'left').required(),
  yarnUnder: Joi.boolean().required(),
});
const toy = Joi.object({
  schema: Joi.valid(SCHEMA).required(),
  id: id.required(),
  name: word.required(),
  parts: Joi.array().items(part).required(),
  features: Joi.array()
    .items(Joi.alternatives(eyes, nose, embroidery))
    .required(),
  joins: Joi.array().items(join).required(),
  palette: Joi.array()
    .items(Joi.object({ slot: word.required(), name: word.required(), colour: colour.required() }))
    .required(),
  gauges: Joi.array().items(gauge).min(1).required(),
  settings: Joi.object({
    terms: Joi.valid('us', 'uk').required(),
    age: Joi.valid(
      'under 18 months',
      '18 to 36 months',
      '3 years and over',
      'accessory',
      'display only',
      'unknown',
    ).required(),
    region: Joi.valid('eu-uk', 'us', 'own').required(),
    fillWith: Joi.valid('polyester', 'cotton', 'wool').required(),
    units: Joi.valid('mm', 'inch').required(),
    hooks: Joi.valid('mm', 'letter', 'number').required(),
    ownSmallestMm: Joi.number().positive(),
  }).required(),
});

/** The Joi schema of a file of this version; older ones are migrated first. Kept out of the worker and of first load (architecture). */
export const fileSchema = Joi.object({
  format: Joi.valid('hoppla toy').required(),
  schema: Joi.valid(SCHEMA).required(),
  toy: toy.required(),
  progress: Joi.object({
    done: Joi.object().pattern(Joi.string(), Joi.string().allow('')).required(),
    within: Joi.object({ key: Joi.string().required(), repeats: Joi.number().integer().min(0).required() })
      .allow(null)
      .required(),
  }).required(),
  pieces: Joi.array().required(),
  pullTests: Joi.array().required(),
  batches: Joi.array().required(),
});

/** What an imported text turned out to be. A newer file is kept as it is and opened read-only (decision 12). */
export type Opened =
  | { state: 'open'; file: ToyFile }
  | { state: 'newer'; schema: number; name: string; raw: string }
  | { state: 'refused'; sentence: string };

/** The first id of a toy that names nothing in it, as a path; null when all lead somewhere. Marks may be gone: that is a homeless place. */
function leadsNowhere(toy: Toy): string | null {
  const copies = new Map(toy.parts.map((p) => [p.id, new Set(p.copies.map((c) => c.id))]));
  const has = (of: { part: string; copy: string }) => copies.get(of.part)?.has(of.copy) ?? false;
  const gauge = toy.parts.findIndex((p) => !toy.gauges.some((g) => g.id === p.gauge));
  if (gauge >= 0) return `toy.parts.${gauge}.gauge`;
  for (const [i, f] of toy.features.entries()) {
    if (!has(f)) return `toy.features.${i}.${copies.has(f.part) ? 'copy' : 'part'}`;
    const places = f.kind === 'nose' ? [f.place] : f.kind === 'embroidery' ? f.path : [];
    if (!places.every(has)) return `toy.features.${i}.${f.kind === 'nose' ? 'place' : 'path'}`;
  }
  for (const [i, join] of toy.joins.entries()) {
    if (!has(join.guest)) return `toy.joins.${i}.guest`;
    if (!has(join.at)) return `toy.joins.${i}.at`;
    if (join.twin && !has({ part: join.guest.part, copy: join.twin.copy })) return `toy.joins.${i}.twin`;
  }
  return null;
}

/** Opens the text of a toy file. Never throws: what is wrong is said in one sentence, with the place. */
export function openFile(raw: string): Opened {
  let value: unknown;
  try {
    value = JSON.parse(raw);
  } catch (error) {
    return { state: 'refused', sentence: say.notJson(error instanceof Error ? error.message : '') };
  }
  const head = value as { format?: unknown; schema?: unknown; toy?: { name?: unknown } } | null;
  if (!head || typeof head !== 'object' || head.format !== 'hoppla toy')
    return { state: 'refused', sentence: say.notAToy };
  if (!Number.isSafeInteger(head.schema) || (head.schema as number) < 1)
    return { state: 'refused', sentence: say.badField('schema', say.notAVersion) };
  if ((head.schema as number) > SCHEMA)
    return {
      state: 'newer',
      schema: head.schema as number,
      name: typeof head.toy?.name === 'string' ? head.toy.name : '',
      raw,
    };
  const now = migrated(value);
  // Nothing is converted: a number in quotes is not a number, and would be worked with as text.
  const { error } = fileSchema.validate(now, { abortEarly: true, convert: false });
  if (error)
    return {
      state: 'refused',
      sentence: say.badField(error.details[0].path.join('.'), error.details[0].message),
    };
  const lost = leadsNowhere((now as ToyFile).toy);
  if (lost) return { state: 'refused', sentence: say.badField(lost, say.leadsNowhere) };
  return { state: 'open', file: now as ToyFile };
}
