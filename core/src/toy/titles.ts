import { read, type Terms } from '../notation';
import type { Part, Toy } from './types';

const LONGEST_HEAD = 400;
const titles = new WeakMap<Part, { terms: Terms; title: string }>();

/** The name of a part as its text gives it. */
export function titleOf(part: Part, terms: Terms): string {
  const known = titles.get(part);
  if (known?.terms === terms) return known.title;
  const title = read(part.text.slice(0, LONGEST_HEAD), { terms }).parts[0]?.name ?? '';
  titles.set(part, { terms, title });
  return title;
}

/** Names of the other parts, which a join round may catch. */
export const otherTitles = (toy: Toy, partId: string): string[] =>
  toy.parts.filter((p) => p.id !== partId).map((p) => titleOf(p, toy.settings.terms));
