import type { Loose } from './loose';

/** Version 7 says more of a join: which of several edges, a pinch, a direction of the toy, a turn, a twin of its own place, what it hangs on, whose yarn sews. Older joins had none of these. */
export function to7(file: Loose): Loose {
  const toy = file.toy as Loose;
  const joins = (toy.joins as Loose[]).map((join) => ({
    ...join,
    edge: { ...(join.edge as Loose), nth: 1, pinched: false },
    aim: { ...(join.aim as Loose), way: null, turnDeg: 0 },
    twin: join.twin ? { ...(join.twin as Loose), at: null } : null,
    hang: null,
    seam: { twice: false, yarn: 'guest', startAt: null },
  }));
  return { ...file, schema: 7, toy: { ...toy, schema: 7, joins } };
}
