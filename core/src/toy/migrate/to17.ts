import type { Loose } from './loose';

/** Version 17 keeps pictures of the making, ends of yarn as they were cut, what was written down and what was changed meanwhile. Before, there were none. */
export function to17(file: Loose): Loose {
  return { ...file, schema: 17, toy: { ...(file.toy as Loose), schema: 17 }, photos: [] };
}
