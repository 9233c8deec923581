import type { Loose } from './loose';

/**
 * Version 14 keeps how copies of a part are worked through (before, always one after the other) and batches with a shape; what was kept among the
 * batches without one is kept beside them. Pieces know the batch that they belong to and their stages.
 */
export function to14(file: Loose): Loose {
  const toy = file.toy as Loose;
  const plan = { ...(toy.plan as Loose), copies: 'piece by piece' };
  const pieces = ((file.pieces ?? []) as Loose[]).map((piece) => ({
    ...piece,
    batch: null,
    way: '',
    stages: {},
    rejected: null,
  }));
  return {
    ...file,
    schema: 14,
    toy: { ...toy, schema: 14, plan },
    pieces,
    batches: [],
    unread: file.batches ?? [],
  };
}
