import type { Loose } from './loose';

/**
 * Version 10 says how the thread of embroidery goes and what its ends hang on. Older paths hang on their places of the fabric, in plain yarn.
 * What a done step of embroidery was like was told by its number of places, which says nothing of them: it is not known any more.
 */
export function to10(file: Loose): Loose {
  const toy = file.toy as Loose;
  const features = (toy.features as Loose[]).map((f) => (f.kind === 'embroidery' ? stitched(f) : f));
  const log = (file.log as Loose[]).map((e) =>
    e.what === 'done' && /^embroider:[^/]*$/.test(String(e.key)) ? { ...e, content: null } : e,
  );
  return { ...file, schema: 10, log, toy: { ...toy, schema: 10, features } };
}

function stitched({ path, strokes, ...rest }: Loose): Loose {
  const filled = (strokes as number) > 1 && (path as Loose[]).length > 2;
  return {
    ...rest,
    how: filled ? 'satin' : 'line',
    ends: (path as Loose[]).map((from) => ({ from, across: 0, down: 0 })),
    twin: 'none',
    satin: null,
    thread: { of: 'yarn', strands: 1, passes: filled ? 1 : strokes },
  };
}
