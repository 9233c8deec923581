import type { ToyFile } from './types';

/** A name that no other toy has: "Rill 2" after "Rill", "Rill 3" after "Rill 2". Names that differ by case or space alone are the same. */
export function freeName(name: string, taken: readonly string[]): string {
  const plain = (n: string): string => n.trim().replace(/\s+/g, ' ').toLowerCase();
  const all = new Set(taken.map(plain));
  if (!all.has(plain(name))) return name;
  const [, base, number] = /^(.*?)(?:\s+(\d{1,6}))?$/.exec(name.trim())!;
  const stem = base === '' ? name.trim() : base;
  let next = base === '' || number === undefined ? 2 : Number(number) + 1;
  while (all.has(plain(`${stem} ${next}`))) next++;
  return `${stem} ${next}`;
}

/** Whether nothing at all was done to a toy since it was begun: no part, no page, nothing chosen, nothing noted. */
export const isUntouched = ({ toy, log, pieces, pullTests, batches, photos }: ToyFile): boolean =>
  toy.parts.length === 0 &&
  toy.features.length === 0 &&
  toy.joins.length === 0 &&
  toy.palette.length === 0 &&
  toy.page === '' &&
  toy.photo === null &&
  toy.safety.answers.length === 0 &&
  [log, pieces, pullTests, batches, photos].every((list) => list.length === 0);
