import type { Loose } from './loose';

const ending = (said: unknown): unknown => (said && typeof said === 'object' ? { ...said, way: null } : said);

/** Version 16 knows in how many goes each part is filled, and ends that are closed as a star. Before, all parts had the toy's number, and an end was drawn together. */
export function to16(file: Loose): Loose {
  const toy = file.toy as Loose;
  const parts = (toy.parts as Loose[]).map((part) => ({ ...part, goes: null, ending: ending(part.ending) }));
  return { ...file, schema: 16, toy: { ...toy, schema: 16, parts } };
}
