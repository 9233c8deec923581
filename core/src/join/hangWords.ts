import type { Hang } from './hang';
import { CLAUSES } from './hangClauses';

/** Things that words of a place may name, each with its names in lower case. */
export interface NamedThing {
  id: string;
  names: readonly string[];
}

/** What words of a place are read against. */
export interface HangContext {
  things: readonly NamedThing[];
  /** colour slots of the host */
  colours: readonly string[];
  /** whether later rounds of the host lie higher as it stands */
  roundsUp: boolean;
  /** the number of each of its rounds, in order */
  numbers: readonly number[];
}

/** Words of a place, read: what it hangs on, and the words that said nothing. */
export interface HangRead {
  hang: Hang;
  unread: readonly string[];
  /** a name that no thing on this host has */
  unknown: string | null;
  /** two clauses that say different things of one matter */
  twice: boolean;
}

/** Words that say nothing of a place by themselves. */
const BARE =
  /^(?:and|the|a|of|it|is|are|sew|sewn|attach|attached|place|placed|goes|go|put|so|that|,|with|at|on|one|centred|centered|its|toy)$/;

/**
 * Reads where a part goes in its maker's own words: how high, and where round its host. Each clause that is understood is
 * taken out; what is left is given back unread. Nothing is guessed for what was not said.
 */
export function readHang(phrase: string, context: HangContext): HangRead {
  let left = ` ${phrase.toLowerCase().replace(/[;.]/g, ' , ').replace(/\s+/g, ' ')} `;
  const hang: Hang = { height: null, along: null };
  let unknown: string | null = null;
  let twice = false;
  for (const { pattern, says } of CLAUSES) {
    const m = pattern.exec(left);
    const said = m && says(m, context);
    if (!m || !said) continue;
    left = `${left.slice(0, m.index)} | ${left.slice(m.index + m[0].length)}`;
    unknown ??= said.unknown ?? null;
    if (said.height) {
      // "Beside" is level unless the words say how high.
      const spare = said.along?.by === 'thing' && said.height.by === 'thing' && said.height.way === 'level';
      if (hang.height && !spare) twice = true;
      hang.height ??= said.height;
    }
    if (said.along) {
      if (hang.along) twice = true;
      hang.along ??= said.along;
    }
  }
  const unread = left
    .split(/[\s|,]+/)
    .map((w) => w.trim())
    .filter((w) => w !== '' && !BARE.test(w));
  return { hang, unread, unknown, twice };
}
