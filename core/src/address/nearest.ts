import { readPlaceWords, type PlaceWordsRead } from './readWords';
import type { PlaceContext } from './said';

/** Words that can be meant instead of words that cannot. */
export interface NearestWords {
  phrase: string;
  read: PlaceWordsRead;
}

/** Steps by which numbers are changed before it is given up. */
const MOST_STEPS = 400;

/**
 * The nearest words that name a place of this part: the numbers of the clause that could not be are made smaller together, or else larger, until they can.
 * `null` when the words can be read as they are, or no number makes them possible.
 */
export function nearestWords(phrase: string, context: PlaceContext): NearestWords | null {
  const { problem, readings } = readPlaceWords(phrase, context);
  if (!problem || readings.length) return null;
  const clause = phrase.slice(problem.from, problem.to);
  const numbers = [...clause.matchAll(/\d+/g)].map((m) => Number(m[0]));
  if (numbers.length === 0) return null;
  for (const way of [-1, 1])
    for (let by = 1; by <= Math.min(MOST_STEPS, way < 0 ? Math.min(...numbers) : MOST_STEPS / 4); by++) {
      const tried =
        phrase.slice(0, problem.from) +
        clause.replace(/\d+/g, (n) => String(Number(n) + way * by)) +
        phrase.slice(problem.to);
      const read = readPlaceWords(tried, context);
      if (read.readings.length) return { phrase: tried, read };
    }
  return null;
}
