import type { Loose } from './loose';

/** Version 6 keeps what a page says besides its parts; older files have no such words. */
export function to6(file: Loose): Loose {
  const toy = file.toy as Loose;
  return { ...file, schema: 6, toy: { ...toy, schema: 6, page: '' } };
}
