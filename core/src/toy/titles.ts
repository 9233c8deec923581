import { kept } from '../kept';
import { read, type Terms } from '../notation';
import type { Part, Toy } from './types';

const LONGEST_HEAD = 400;

/** The name of a part as its text gives it. */
export const titleOf = kept(
  (part: Part, terms: Terms): string =>
    read(part.text.slice(0, LONGEST_HEAD), { terms }).parts[0]?.name ?? '',
);

/** Whether a text may name other parts, in a join round or at a leg's edge. */
export const mentions = (text: string): boolean =>
  /\bover\s+\d|\b(?:through|over)\s+each\b|\b\w+\s+\d\s*:/i.test(text);

/** Names of the other parts, which a join round may catch. */
export const otherTitles = (toy: Toy, partId: string): string[] =>
  toy.parts.filter((p) => p.id !== partId).map((p) => titleOf(p, toy.settings.terms));
