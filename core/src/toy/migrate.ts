import { eyeRow } from '../feature';
import { SCHEMA, type ToyFile } from './types';

type Loose = Record<string, unknown>;

/** What each older version lacks, by the version it leads to. Every released version stays readable (decision 12). */
const STEPS: Record<number, (file: Loose) => Loose> = {
  /** Version 2: parts say what they are made into, settings say how hooks are named. */
  2: (file) => {
    const toy = file.toy as Loose;
    const parts = (toy.parts as Loose[]).map((p) => ({ ...p, shaping: { how: 'as worked' } }));
    return {
      ...file,
      schema: 2,
      toy: { ...toy, schema: 2, parts, settings: { ...(toy.settings as Loose), hooks: 'mm' } },
    };
  },
  /** Version 3: posts may go through stitches and felt, eyes have posts and loose pieces, and washers are a step of their own: where the eyes were done, so were they. */
  3: (file) => {
    const toy = file.toy as Loose;
    const features = (toy.features as Loose[]).map((f) =>
      f.kind !== 'eyes'
        ? f
        : {
            ...f,
            pair: { ...(f.pair as Loose), at: 'hole' },
            postMm: eyeRow(f.eyeMm as number).postMm,
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
  },
};

/** A file of this or an older version as one of this version. The shape is checked elsewhere; what is not a toy comes back as it is. */
export function migrated(file: unknown): unknown {
  let now = file as Loose;
  if (!now || typeof now !== 'object' || typeof now.schema !== 'number') return file;
  for (let version = now.schema + 1; version <= SCHEMA; version++) {
    const toy = now.toy as Loose | undefined;
    if (!toy || !Array.isArray(toy.parts)) return file;
    now = STEPS[version](now);
  }
  return now;
}

/** A file that this program once kept itself, as one of this version. */
export const migratedFile = (raw: string): ToyFile => migrated(JSON.parse(raw)) as ToyFile;
