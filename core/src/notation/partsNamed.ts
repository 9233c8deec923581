import { notationWords as say } from '../words';
import { problem, type Problem, type ProblemCode } from './problems';
import type { Item } from './syntax';
import { partNamed, type PartContext } from './work';

/** What is wrong with a part that a round names, and not with its count. */
export const ABOUT_PARTS: ReadonlySet<ProblemCode> = new Set(['unknown-part', 'not-finished']);

/** Parts that the items of a round catch and that are not there, or not made yet. */
export function unknownParts(items: readonly Item[], context: Pick<PartContext, 'knows'>): Problem[] {
  return items.flatMap((item): Problem[] => {
    if (item.type === 'group') return unknownParts(item.items, context);
    const name = partNamed(item);
    const known = name === null ? 'finished' : context.knows(name);
    if (name === null || known === 'finished') return [];
    return known === 'later'
      ? [problem('not-finished', item.span, say.notFinished(name))]
      : [problem('unknown-part', item.span, say.unknownPart(name))];
  });
}
