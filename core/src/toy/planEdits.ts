import type { MoveSaid, PauseSaid, PlanSaid, Toy, Yarn } from './types';

/** Changes what is decided about the order of work and what it takes. */
export const changePlan = (toy: Toy, change: Partial<PlanSaid>): Toy => ({
  ...toy,
  plan: { ...toy.plan, ...change },
});

/** When one step is done; null: when the plan would do it. */
export const setPause = (toy: Toy, key: string, pause: Omit<PauseSaid, 'key'> | null): Toy =>
  changePlan(toy, {
    pauses: [...toy.plan.pauses.filter((p) => p.key !== key), ...(pause ? [{ key, ...pause }] : [])],
  });

/** Moves a block of the plan behind another one, or to the front; what was said of it before is forgotten. */
export const setMove = (toy: Toy, move: MoveSaid): Toy =>
  changePlan(toy, { moves: [...toy.plan.moves.filter((m) => m.key !== move.key), move] });

/** What the maker says of a yarn; one that no text has named yet comes into the palette. */
export function sayYarn(toy: Toy, yarn: Yarn, said: Partial<Yarn>): Toy {
  const is = (y: Yarn) => y.slot === yarn.slot;
  const palette = toy.palette.some(is) ? toy.palette : [...toy.palette, yarn];
  return { ...toy, palette: palette.map((y) => (is(y) ? { ...y, ...said } : y)) };
}
