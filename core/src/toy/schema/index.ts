import Joi from 'joi';
import { partsOf } from '../../feature';
import { guestsOf } from '../../join';
import { documentWords as say } from '../../words';
import { migrated } from '../migrate';
import { MOST_PHOTOS, SCHEMA, type Toy, type ToyFile } from '../types';
import { feature } from './features';
import { clamp, join } from './joins';
import { log } from './log';
import { gauge, part, settings, yarn } from './parts';
import { id, objectOf, word } from './places';
import { plan } from './plan';
import { batch, photo, picture, piece, pullTest } from './records';
import { safety } from './safety';

const toy = objectOf<Toy>({
  schema: Joi.number().valid(SCHEMA).required(),
  id: id.required(),
  name: word.required(),
  parts: Joi.array().items(part).required(),
  features: Joi.array().items(feature).required(),
  joins: Joi.array().items(join).required(),
  clamps: Joi.array().items(clamp).required(),
  palette: Joi.array().items(yarn).required(),
  gauges: Joi.array().items(gauge).min(1).required(),
  settings: settings.required(),
  plan: plan.required(),
  safety: safety.required(),
  page: Joi.string().allow('').required(),
  collection: word.required(),
  variantOf: Joi.string().allow(null).required(),
  photo: picture.allow(null).required(),
});

/** The Joi schema of a file of this version; older ones are migrated first. Kept out of the worker and of first load (architecture). */
export const fileSchema = objectOf<ToyFile>({
  format: Joi.string().valid('hoppla toy').required(),
  schema: Joi.number().valid(SCHEMA).required(),
  toy: toy.required(),
  log: log.required(),
  pieces: Joi.array().items(piece).required(),
  pullTests: Joi.array().items(pullTest).required(),
  batches: Joi.array().items(batch).required(),
  photos: Joi.array().items(photo).max(MOST_PHOTOS).required(),
  unread: Joi.array().required(),
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
    if (!partsOf(f).every((part) => copies.has(part))) return `toy.features.${i}.part`;
    if (f.kind === 'surface' && f.end.copy !== null && !has({ part: f.end.part, copy: f.end.copy }))
      return `toy.features.${i}.end`;
    if (f.copy !== null && !has({ part: f.part, copy: f.copy })) return `toy.features.${i}.copy`;
  }
  for (const [i, one] of toy.joins.entries()) {
    if (!has(one.at)) return `toy.joins.${i}.at`;
    const lost = guestsOf(one).findIndex((guest) => !has(guest));
    if (lost >= 0) return `toy.joins.${i}.${lost === 0 ? 'guest' : 'twin'}`;
  }
  for (const [i, said] of toy.clamps.entries()) {
    const lost = [said.part, said.guest].findIndex((part) => !copies.has(part));
    if (lost >= 0) return `toy.clamps.${i}.${lost === 0 ? 'part' : 'guest'}`;
    if (said.copy !== null && !has({ part: said.guest, copy: said.copy })) return `toy.clamps.${i}.copy`;
  }
  return null;
}

/** The first id that two things of one kind share, as a path: which of them is meant nobody could tell. */
function namedTwice({ toy, pieces, pullTests, batches, photos }: ToyFile): string | null {
  const lists: Record<string, readonly { id: string }[]> = {
    'toy.parts': toy.parts,
    'toy.features': toy.features,
    'toy.joins': toy.joins,
    'toy.gauges': toy.gauges,
    pieces,
    pullTests,
    batches,
    photos,
  };
  toy.parts.forEach((p, i) => {
    lists[`toy.parts.${i}.copies`] = p.copies;
    lists[`toy.parts.${i}.marks`] = p.marks.map((id) => ({ id }));
  });
  for (const [path, list] of Object.entries(lists)) {
    const seen = new Set<string>();
    for (const [i, { id }] of list.entries()) {
      if (seen.has(id)) return `${path}.${i}`;
      seen.add(id);
    }
  }
  return null;
}

/** The first test of a piece that the file does not have, as a path. */
function testsNothing({ pieces, pullTests }: ToyFile): string | null {
  const lost = pullTests.findIndex((t) => !pieces.some((p) => p.id === t.piece));
  return lost < 0 ? null : `pullTests.${lost}.piece`;
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
  let now: unknown;
  try {
    now = migrated(value);
  } catch {
    // A step of migration works on a file as it was released: what is none of these is nothing it can be made of.
    return { state: 'refused', sentence: say.cannotBeRaised(head.schema as number) };
  }
  // Nothing is converted: a number in quotes is not a number, and would be worked with as text.
  const { error } = fileSchema.validate(now, { abortEarly: true, convert: false });
  if (error)
    return {
      state: 'refused',
      sentence: say.badField(error.details[0].path.join('.'), error.details[0].message),
    };
  const lost = leadsNowhere((now as ToyFile).toy) ?? testsNothing(now as ToyFile);
  if (lost) return { state: 'refused', sentence: say.badField(lost, say.leadsNowhere) };
  const twice = namedTwice(now as ToyFile);
  if (twice) return { state: 'refused', sentence: say.badField(twice, say.twice) };
  return { state: 'open', file: now as ToyFile };
}
