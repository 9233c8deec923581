import type { Loose } from './loose';

/** Post by eye, mm, as the table stood when version 3 was made; a step never asks a table that may change (decision 44). */
const POSTS_THEN = [
  [5, 2.5],
  [6, 3],
  [8, 3.5],
  [9, 4],
  [10, 4],
  [12, 4.5],
  [14, 5],
  [15, 5],
  [18, 6],
] as const;
const postOfThen = (eyeMm: number): number =>
  POSTS_THEN.reduce((best, row) => (Math.abs(row[0] - eyeMm) < Math.abs(best[0] - eyeMm) ? row : best))[1];

/** Version 3: posts may go through stitches and felt, eyes have posts and loose pieces, and washers are a step of their own: where the eyes were done, so were they. */
export function to3(file: Loose): Loose {
  const toy = file.toy as Loose;
  const features = (toy.features as Loose[]).map((f) =>
    f.kind !== 'eyes'
      ? f
      : {
          ...f,
          pair: { ...(f.pair as Loose), at: 'hole' },
          postMm: postOfThen(f.eyeMm as number),
          loose: [],
          felt: null,
          look: 'front',
        },
  );
  const progress = file.progress as { done?: Record<string, string> } | undefined;
  const washers = Object.keys(progress?.done ?? {}).flatMap((key) => {
    const eyes = features.find(
      (f) =>
        f.kind === 'eyes' &&
        f.making === 'safety eye' &&
        key.startsWith('eyes:') &&
        key.endsWith(`:${f.id as string}`),
    );
    return eyes ? [[key.replace(/^eyes:/, 'washers:'), String(eyes.washerMm)]] : [];
  });
  return {
    ...file,
    schema: 3,
    toy: { ...toy, schema: 3, features },
    ...(progress
      ? { progress: { ...progress, done: { ...progress.done, ...Object.fromEntries(washers) } } }
      : {}),
  };
}
