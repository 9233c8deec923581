import type { Loose } from './loose';

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

/**
 * Version 4: gauges say how their hook is known; 3 mm was what a gauge had before anybody said one. A swatch belongs to
 * its hook: what was measured under a gauge whose parts all name another hook was measured with theirs.
 */
export function to4(file: Loose): Loose {
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
}
