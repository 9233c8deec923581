import type { Loose } from './loose';

/** Version 2: parts say what they are made into, settings say how hooks are named. */
export function to2(file: Loose): Loose {
  const toy = file.toy as Loose;
  const parts = (toy.parts as Loose[]).map((p) => ({ ...p, shaping: { how: 'as worked' } }));
  return {
    ...file,
    schema: 2,
    toy: { ...toy, schema: 2, parts, settings: { ...(toy.settings as Loose), hooks: 'mm' } },
  };
}
