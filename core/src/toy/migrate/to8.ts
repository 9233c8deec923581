import type { Loose } from './loose';

/** Version 8 knows pieces that run through their host: drawn through, or on a yarn. Older toys had none. */
export function to8(file: Loose): Loose {
  return { ...file, schema: 8, toy: { ...(file.toy as Loose), schema: 8 } };
}
