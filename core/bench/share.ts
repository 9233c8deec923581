/** What part of an attack is run: all of it in `npm run fuzz` (HOPPLA_SHARE=1), an eighth in `npm test`. */
const SHARE = Number(process.env.HOPPLA_SHARE ?? 0.125);

/** How often a law over generated toys is tried. */
export const share = (all: number): number => Math.ceil(all * SHARE);

let turn = 0;
/** The share of a list, spread over it: each list begins one further than the one before, so that between them all stand in turn. */
export const someOf = <T>(all: readonly T[]): readonly T[] => {
  const step = Math.round(1 / SHARE);
  const from = turn++ % step;
  return all.length <= step ? all : all.filter((_, i) => i % step === from);
};
