import { SCHEMA, type ToyFile } from './types';

type Loose = Record<string, unknown>;

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

/** The hook that a part's title named in the words that were read when version 4 was made, mm. */
function titleHookThen(text: string): number | null {
  const title = text.split('\n')[0].toLowerCase();
  const mm = /(\d+(?:[.,]\d+)?)\s*mm/.exec(title);
  if (mm) return Number(mm[1].replace(',', '.'));
  const letters: Record<string, number> = {
    b: 2.25,
    c: 2.75,
    d: 3.25,
    e: 3.5,
    f: 3.75,
    g: 4,
    h: 5,
    i: 5.5,
    j: 6,
    k: 6.5,
    l: 8,
  };
  const letter = /\b([b-l])(?:-\d+(?:\.5)?)?(?=\s+hook\b)/.exec(title);
  return letter ? letters[letter[1]] : null;
}

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
  },
  /**
   * Version 4: gauges say how their hook is known; 3 mm was what a gauge had before anybody said one. A swatch belongs to
   * its hook: what was measured under a gauge whose parts all name another hook was measured with theirs.
   */
  4: (file) => {
    const toy = file.toy as Loose;
    const gauges = (toy.gauges as Loose[]).map((g) => {
      const measured = ['stitchMm', 'roundMm', 'holeStretch', 'yarnPerStitchMm'].some(
        (field) => g[field] !== undefined,
      );
      const hooks = (toy.parts as Loose[])
        .filter((p) => p.gauge === g.id)
        .map((p) => titleHookThen(p.text as string));
      const theirs = hooks[0] ?? null;
      const moves = measured && theirs !== null && hooks.every((h) => h !== null && h !== g.hookMm);
      return {
        ...g,
        hookMm: moves ? theirs : g.hookMm,
        hookBy: measured || g.hookMm !== 3 ? 'said' : 'assumed',
      };
    });
    // The table ended at 18 mm: a washer of 20 mm behind a larger eye was only its last row.
    const features = (toy.features as Loose[]).map((f) =>
      f.kind === 'eyes' && (f.eyeMm as number) > 19 && f.washerMm === 20 ? { ...f, washerKnown: false } : f,
    );
    return { ...file, schema: 4, toy: { ...toy, schema: 4, gauges, features } };
  },
};

/** A file of this or an older version as one of this version. The shape is checked elsewhere; what is not a toy comes back as it is. */
export function migrated(file: unknown): unknown {
  let now = file as Loose;
  if (!now || typeof now !== 'object' || !Number.isSafeInteger(now.schema)) return file;
  for (let version = (now.schema as number) + 1; version <= SCHEMA; version++) {
    const toy = now.toy as Loose | undefined;
    if (!toy || !Array.isArray(toy.parts)) return file;
    const step = STEPS[version];
    if (!step) return file;
    now = step(now);
  }
  return now;
}

/** Lists and records that everything else leans on; the full schema is looked at on import. */
function hasShape(file: Loose): boolean {
  const toy = file.toy as Loose | undefined;
  const lists = ['parts', 'features', 'joins', 'palette', 'gauges'];
  return (
    file.schema === SCHEMA &&
    typeof toy === 'object' &&
    toy !== null &&
    typeof toy.id === 'string' &&
    typeof toy.name === 'string' &&
    lists.every((list) => Array.isArray(toy[list])) &&
    (toy.gauges as unknown[]).length > 0 &&
    typeof toy.settings === 'object' &&
    toy.settings !== null &&
    (toy.parts as Loose[]).every(
      (p) =>
        typeof p?.id === 'string' &&
        typeof p.text === 'string' &&
        Array.isArray(p.marks) &&
        Array.isArray(p.copies),
    ) &&
    typeof (file.progress as Loose | undefined)?.done === 'object'
  );
}

/** A file that this program once kept itself, as one of this version; null when it cannot be read as one. */
export function keptFile(raw: string): ToyFile | null {
  try {
    const file = migrated(JSON.parse(raw)) as Loose;
    return file && typeof file === 'object' && hasShape(file) ? (file as unknown as ToyFile) : null;
  } catch {
    return null;
  }
}
