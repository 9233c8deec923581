import type { Loose } from './loose';

/** Version 15 knows what toys belong together: a collection, and the toy that one is a variant of. Before, each stood alone. */
export function to15(file: Loose): Loose {
  return {
    ...file,
    schema: 15,
    toy: { ...(file.toy as Loose), schema: 15, collection: '', variantOf: null },
  };
}
