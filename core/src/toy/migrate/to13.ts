import type { Loose } from './loose';

/**
 * Version 13 keeps what the maker says for safety: own rules, whether it is washed, how deep ends are buried, which starts are secured, answers to
 * points. Before, nothing of it was said. Records of pieces and pull tests had no shape yet and none was written; what stands there all the same is
 * kept among the batches, which still have none.
 */
export function to13(file: Loose): Loose {
  const toy = file.toy as Loose;
  const safety = { own: {}, washable: null, buriedMm: null, startsSecured: [], answers: [] };
  const shapeless = ['batches', 'pieces', 'pullTests'].flatMap((list) => (file[list] ?? []) as unknown[]);
  return {
    ...file,
    schema: 13,
    toy: { ...toy, schema: 13, safety },
    pieces: [],
    pullTests: [],
    batches: shapeless,
  };
}
