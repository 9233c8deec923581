import type { Loose } from './loose';

/** Version 9 keeps what is said of the clamps of join rounds. Nothing was said in older toys. */
export function to9(file: Loose): Loose {
  return { ...file, schema: 9, toy: { ...(file.toy as Loose), schema: 9, clamps: [] } };
}
