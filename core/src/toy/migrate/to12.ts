import type { Loose } from './loose';

/**
 * Version 12 keeps the filling of lengths of a part beside what they are, what stiffens a part, how its end is closed and what the bag weighed;
 * and what the maker decides about the order of work. Before, a stretch carried its own filling, and all else was as usual.
 */
export function to12(file: Loose): Loose {
  const toy = file.toy as Loose;
  const parts = (toy.parts as Loose[]).map((part) => {
    const said = (part.stretches ?? []) as Loose[];
    return {
      ...part,
      stretches: said.map(({ from, to, is }) => ({ from, to, is })),
      zones: said.flatMap(({ from, to, fill }) => (fill === null ? [] : [{ from, to, fill }])),
      core: null,
      ending: null,
      weighedG: null,
    };
  });
  const plan = { eyes: 'late', goes: null, seams: 'last', pauses: [], moves: [], prices: {}, have: {} };
  return { ...file, schema: 12, toy: { ...toy, schema: 12, parts, plan } };
}
