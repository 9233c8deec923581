/**
 * The one cache of the house by objects (`known.ts` is the one by texts). Gives a function that answers again what it answered before while `key` gives the same
 * inputs (compared by identity, one by one) for the same first argument; it forgets with that argument. `make` must be
 * pure. Without `key` the answer follows from the first argument alone.
 */
export function kept<A extends object, R extends readonly unknown[], T>(
  make: (first: A, ...rest: R) => T,
  key: (first: A, ...rest: R) => readonly unknown[] = (_, ...rest) => rest,
): (first: A, ...rest: R) => T {
  const answers = new WeakMap<A, { key: readonly unknown[]; answer: T }>();
  return (first, ...rest) => {
    const now = key(first, ...rest);
    const known = answers.get(first);
    if (known && known.key.length === now.length && known.key.every((k, i) => Object.is(k, now[i])))
      return known.answer;
    const answer = make(first, ...rest);
    answers.set(first, { key: now, answer });
    return answer;
  };
}

export { Known, knownByText, ownLetters } from './known';
