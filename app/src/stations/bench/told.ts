import { own } from '@hoppla/core/own';
import { progressOf } from '@hoppla/core/record';
import type { Toy } from '@hoppla/core/toy';
import { daySaid, unitWords } from '@hoppla/core/words';
import { useDevice, type Device, type Shelved } from '../../documents';
import { hrefOf, STATION_IDS, type StationId } from '../stations';
import { screenWords as say } from '../../words';
import type { Laid } from './laidOut';

/** A toy's name; one whose name cannot be read is called by that. */
export const nameOf = (toy: Shelved): string =>
  toy.head.name || (toy.damaged ? say.storage.damagedShort : say.bench.newName);

/** A toy's width and height in its own maker's units; pieces that no join holds are told instead: it has no size of its own yet. */
export function sizeWords({ file }: Shelved, { model, left, right, top, bottom }: Laid): string {
  if (model.loose.length > 0) return say.bench.loose(model.loose.length);
  const units = unitWords(file?.toy.settings.units ?? 'mm');
  return say.bench.size(units.bare(right - left), units.bare(bottom - top), units.of);
}

/** How much of a toy is made, and when it was last at the table; null where nothing is. */
export function madeWords({ file }: Shelved): string | null {
  const log = file?.log ?? [];
  const done = Object.keys(progressOf(log).done).filter((key) => !key.includes('/')).length;
  const last = log.at(-1)?.at;
  return done === 0 ? null : say.bench.made(done, last ? daySaid(last.slice(0, 10)) : null);
}

/** The way to a toy: to where it was left, else to its parts. */
export function useWayTo({ head: { id }, file }: Shelved) {
  const place = own(useDevice().places, id);
  const station = STATION_IDS.find((s) => s === place?.station) ?? 'parts';
  const part = file?.toy.parts.some((p) => p.id === place?.part) ? (place?.part ?? undefined) : undefined;
  return hrefOf(id, station satisfies StationId, part);
}

/** When a toy was used last: opened or kept, whichever is later; empty where nobody knows. */
const usedAt = ({ head }: Shelved, places: Device['places']): string =>
  [own(places, head.id)?.at ?? '', head.changed ?? ''].sort().pop()!;

/** Toys that a search finds (in name, collection, parts), of one collection or all of them, last used first. */
export function found(
  toys: readonly Shelved[],
  { search, collection, places }: { search: string; collection: string | null; places: Device['places'] },
): Shelved[] {
  const plain = (words: string): string => words.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase();
  const wanted = plain(search).split(/\s+/).filter(Boolean);
  const wordsOf = (toy: Shelved): string =>
    plain([nameOf(toy), toy.file?.toy.collection ?? '', ...(toy.file ? titles(toy.file.toy) : [])].join(' '));
  // A collection whose last toy has left it hides nothing.
  const within = collection !== null && collectionsOf(toys).includes(collection) ? collection : null;
  return toys
    .filter((t) => within === null || t.file?.toy.collection === within)
    .filter((t) => wanted.length === 0 || wanted.every((w) => wordsOf(t).includes(w)))
    .sort((a, b) => usedAt(b, places).localeCompare(usedAt(a, places)) || nameOf(a).localeCompare(nameOf(b)));
}

/** The first line of each part. */
const titles = ({ parts }: Toy): string[] => parts.map((p) => p.text.split('\n', 1)[0]);

/** Collections by name. */
export const collectionsOf = (toys: readonly Shelved[]): string[] =>
  [...new Set(toys.map((t) => t.file?.toy.collection ?? '').filter(Boolean))].sort((a, b) =>
    a.localeCompare(b),
  );

/** A list in which variants stand under the toy that they are variants of, where that is in the list. */
export function families(toys: readonly Shelved[]): { toy: Shelved; under: boolean }[] {
  const there = new Set(toys.map((t) => t.head.id));
  const baseOf = (t: Shelved): string | null => {
    const base = t.file?.toy.variantOf ?? null;
    return base !== null && base !== t.head.id && there.has(base) ? base : null;
  };
  const heads = toys.filter((t) => baseOf(t) === null);
  const listed = heads.flatMap((toy) => [
    { toy, under: false },
    ...toys.filter((t) => baseOf(t) === toy.head.id).map((variant) => ({ toy: variant, under: true })),
  ]);
  // A variant of a variant whose own base stands elsewhere is not lost.
  const shown = new Set(listed.map((l) => l.toy.head.id));
  return [...listed, ...toys.filter((t) => !shown.has(t.head.id)).map((toy) => ({ toy, under: false }))];
}
