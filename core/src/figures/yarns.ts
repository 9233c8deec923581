/**
 * Yarn weights as starting points: hooks that give the tight fabric of a toy, and grams a metre as on labels. The usual stitch
 * width follows from the hook (`GAUGE.stitchPerHookMm`). All assumed until measured. Source: house figures, rules of thumb of hand work.
 */
export const YARNS: readonly {
  name: string;
  hooksMm: readonly [number, number];
  usualHookMm: number;
  gramsPerMetre: number;
}[] = [
  { name: 'thread', hooksMm: [1.5, 2], usualHookMm: 1.75, gramsPerMetre: 0.19 },
  { name: 'fingering', hooksMm: [2, 2.5], usualHookMm: 2.25, gramsPerMetre: 0.25 },
  { name: 'sport', hooksMm: [2.5, 3], usualHookMm: 2.5, gramsPerMetre: 0.32 },
  { name: 'DK', hooksMm: [2.5, 3.5], usualHookMm: 3, gramsPerMetre: 0.43 },
  { name: 'worsted', hooksMm: [3, 4], usualHookMm: 3.5, gramsPerMetre: 0.55 },
  { name: 'bulky', hooksMm: [4, 5.5], usualHookMm: 5, gramsPerMetre: 0.85 },
  { name: 'super-bulky', hooksMm: [6, 8], usualHookMm: 6, gramsPerMetre: 1.3 },
  { name: 'plush', hooksMm: [4, 6], usualHookMm: 5, gramsPerMetre: 0.85 },
];

const PLUSH =
  /(?<![a-z])(?:plush|chenille|velvet|velour|faux fur|fur yarn|blanket yarn|fleece yarn)(?![a-z])/i;

/** The yarn whose stitches are wider than its hook says, by the words of a heading or a list of materials; undefined when they name none. */
export const yarnIn = (words: string): string | undefined => (PLUSH.test(words) ? 'plush' : undefined);

/** Grams a metre of the yarn that a hook is usually used with; of plush, plush's own. Assumed. */
export function usualGramsPerMetre(hookMm: number, yarn?: string): number {
  const named = YARNS.find((y) => y.name === yarn);
  const usual = YARNS.filter((y) => y.name !== 'plush').reduce((best, y) =>
    Math.abs(y.usualHookMm - hookMm) < Math.abs(best.usualHookMm - hookMm) ? y : best,
  );
  return (named ?? usual).gramsPerMetre;
}
