import { numberSaid, NUMBERS, ORDINALS } from '../notation';
import type { Along, Height } from './hang';
import type { HangContext } from './hangWords';

const N = `(\\d{1,3}|${NUMBERS.join('|')}|a|an|no)`;
const TH = `(\\d{1,3}(?:st|nd|rd|th)|${ORDINALS.join('|')})`;
const ROUNDS = '(?:rounds?|rnds?|rows?)';
/** `R`, `rnd`, `rounds` before a number. */
const LABEL = '(?:r|rnds?\\.?|rounds?|rows?)\\s*';
const STITCHES = '(?:stitch(?:es)?|sts?|holes?)';
const FREE = `(?:(?:(?:,|with|leaving|leave|keeping|and)\\s*)*${N}\\s+${ROUNDS}\\s+(?:free|between|clear|apart|empty|away)(?:\\s+between)?)?`;
const FREE_STITCHES = `(?:(?:(?:,|with|leaving|leave|keeping|and)\\s*)*${N}\\s+${STITCHES}\\s+(?:free|between|clear|apart|empty|away)(?:\\s+between)?)?`;

const number = (said: string | undefined): number => {
  if (said === undefined || said === 'no') return 0;
  return said === 'a' || said === 'an' ? 1 : (numberSaid(said) ?? 0);
};
const ordinalSaid = (said: string): number =>
  /^\d/.test(said) ? Number.parseInt(said, 10) : ORDINALS.indexOf(said);

/** What a clause says; `unknown` is a name that nothing on the host has. */
type Said = { height?: Height; along?: Along; unknown?: string };
interface Clause {
  pattern: RegExp;
  says: (m: RegExpExecArray, context: HangContext) => Said | null;
}

const clause = (source: string, says: Clause['says']): Clause => ({
  pattern: new RegExp(`(?<![\\p{L}\\p{N}])${source}(?![\\p{L}\\p{N}])`, 'u'),
  says,
});

/** The thing that words name. */
function thing(words: string, { things }: HangContext): string | null {
  const said = words.trim().replace(/^(?:the|its|each|both)\s+/, '');
  const one = said.replace(/s$/, '');
  return (
    things.find((t) => t.names.some((n) => n === said || n === one || n.replace(/s$/, '') === one))?.id ??
    null
  );
}

const NAME = '(?:the\\s+|its\\s+|each\\s+|both\\s+)?([\\p{L}]+(?:\\s+\\d)?)';

const named = (name: string, context: HangContext, says: (of: string) => Said): Said => {
  const of = thing(name, context);
  return of === null ? { unknown: name } : says(of);
};

const SHARES: Record<string, number> = {
  'half way': 1 / 2,
  halfway: 1 / 2,
  'a third': 1 / 3,
  'one third': 1 / 3,
  'two thirds': 2 / 3,
  'a quarter': 1 / 4,
  'one quarter': 1 / 4,
  'three quarters': 3 / 4,
};

/** A round at whose base or in which something is, by its number. */
const atRound = (n: number, { numbers }: HangContext): Said | null => {
  const index = numbers.indexOf(n);
  return index < 1 ? null : { height: { by: 'start', rounds: index } };
};

/** The middle of some rounds by the numbers of the first and the last, whichever is said first: of two neighbours what lies between them. */
const overRounds = (one: number, other: number, { numbers }: HangContext): Said | null => {
  const [low, high] = [Math.min(one, other), Math.max(one, other)].map((n) => numbers.indexOf(n));
  const rounds = Math.round((low + high + 1) / 2);
  return low < 0 || high < 0 || rounds < 1 ? null : { height: { by: 'start', rounds } };
};

/** The clauses, the longer before the shorter that they hold. */
export const CLAUSES: readonly Clause[] = [
  clause(`(?:at\\s+)?(\\d{1,3})\\s*(?:%|percent)(?:\\s+of\\s+the\\s+way)?\\s+(up|down)`, (m) => {
    const share = Math.min(100, Number(m[1])) / 100;
    return { height: { by: 'share', of: m[2] === 'up' ? share : 1 - share } };
  }),
  clause(`straight\\s+in\\s+line\\s+with\\s+${NAME}`, (m, c) =>
    named(m[1], c, (of) => ({ along: { by: 'thing', of, way: 'same', freeStitches: 0 } })),
  ),
  clause(
    `(?:at\\s+)?(\\d{1,3})\\s*(?:°|degrees?|deg)(?:\\s+(?:to\\s+(?:the\\s+)?)?(?:toy’s\\s+|toy's\\s+|its\\s+)?(left|right))?(?:\\s+(?:of|from)\\s+(?:the\\s+)?(?:front|face|middle))?`,
    (m) => ({
      along: { by: 'face', deg: (m[2] === 'right' ? -1 : 1) * Number(m[1]) },
    }),
  ),
  clause(
    `(?:between|over|across|on|along)\\s+${LABEL}(\\d+)\\s*(?:-|–|to|and|&|through|·|/)\\s*(?:${LABEL})?(\\d+)`,
    (m, c) => overRounds(Number(m[1]), Number(m[2]), c),
  ),
  clause(`(?:on|in|at)\\s+(?:r|round\\s+|rnd\\s+|row\\s+)(\\d+)`, (m, c) => atRound(Number(m[1]), c)),
  clause(`${TH}\\s+${ROUNDS.replace('s?', '')}\\s+above\\s+(?:the\\s+)?ridge`, (m) => ({
    height: { by: 'ridge', rounds: ordinalSaid(m[1]) - 1 },
  })),
  clause(`${N}\\s+${ROUNDS}\\s+(?:above|after|from)\\s+(?:the\\s+)?ridge`, (m) => ({
    height: { by: 'ridge', rounds: number(m[1]) },
  })),
  clause(`(?:(?:just|right|straight)\\s+)?(?:above|on|at)\\s+(?:the\\s+)?ridge`, () => ({
    height: { by: 'ridge', rounds: 0 },
  })),
  clause(
    `(?:on\\s+|in\\s+)?(?:the\\s+)?${TH}\\s+${ROUNDS}\\s+of\\s+(?:the\\s+)?([\\p{L}]+)`,
    (m, { colours }) =>
      colours.includes(m[2]) ? { height: { by: 'colour', slot: m[2], rounds: ordinalSaid(m[1]) - 1 } } : null,
  ),
  clause(`where\\s+(?:the\\s+)?([\\p{L}]+)\\s+(?:begins|starts)`, (m, { colours }) =>
    colours.includes(m[1]) ? { height: { by: 'colour', slot: m[1], rounds: 0 } } : null,
  ),
  clause(`where\\s+${NAME}\\s+(?:ends?|stops?)`, (m, c) =>
    named(m[1], c, (of) => ({ height: { by: 'thing', of, way: 'below', freeRounds: 0 } })),
  ),
  clause(
    `(?:round|around|over|at|on)\\s+(?:the\\s+)?(?:(?:magic\\s+)?ring|start|beginning)(?:\\s+end)?`,
    () => ({ height: { by: 'whole end', end: 'start' } }),
  ),
  clause(
    `(?:round|around|over|at|on|to)\\s+(?:the\\s+)?(?:open|last|finished|closed|neck)\\s+(?:end|edge|round|opening)`,
    () => ({
      height: { by: 'whole end', end: 'last' },
    }),
  ),
  clause(
    `${N}\\s+${ROUNDS}\\s+(?:up\\s+|down\\s+)?(?:from|after|above|below)\\s+(?:the\\s+)?(?:magic\\s+)?(?:ring|start|beginning)`,
    (m) => ({ height: { by: 'start', rounds: number(m[1]) } }),
  ),
  clause(
    `${N}\\s+${ROUNDS}\\s+(?:up\\s+|down\\s+)?(?:from|before|above|below)\\s+(?:the\\s+)?(?:open\\s+|last\\s+|finished\\s+|closed\\s+)?(?:end|edge|round|opening|closing|neck)`,
    (m) => ({ height: { by: 'end', rounds: number(m[1]) } }),
  ),
  clause(
    `${N}\\s+${ROUNDS}\\s+(?:up\\s+|down\\s+)?(?:from|below|above)\\s+(?:the\\s+)?(top|bottom)`,
    (m, { roundsUp }) => ({
      height: { by: (m[2] === 'bottom') === roundsUp ? 'start' : 'end', rounds: number(m[1]) },
    }),
  ),
  clause(`${N}\\s+${ROUNDS}\\s+(above|over|below|under)\\s+${NAME}`, (m, c) =>
    named(m[3], c, (of) => ({
      height: { by: 'thing', of, way: /above|over/.test(m[2]) ? 'above' : 'below', freeRounds: number(m[1]) },
    })),
  ),
  clause(
    `(?:(?:just|right|directly)\\s+)?(?:(straight)\\s+)?(above|over|below|under|beneath)\\s+${NAME}\\s*${FREE}`,
    (m, c) =>
      named(m[3], c, (of) => ({
        height: {
          by: 'thing',
          of,
          way: /above|over/.test(m[2]) ? 'above' : 'below',
          freeRounds: number(m[4]),
        },
        ...(m[1] ? { along: { by: 'thing', of, way: 'same', freeStitches: 0 } } : {}),
      })),
  ),
  clause(`(?:level|even|in\\s+line)\\s+with\\s+${NAME}`, (m, c) =>
    named(m[1], c, (of) => ({ height: { by: 'thing', of, way: 'level', freeRounds: 0 } })),
  ),
  clause(`(?:at\\s+)?(?:the\\s+)?(?:same\\s+)?height\\s+(?:of|as)\\s+${NAME}`, (m, c) =>
    named(m[1], c, (of) => ({ height: { by: 'thing', of, way: 'level', freeRounds: 0 } })),
  ),
  clause(
    `${N}\\s+${STITCHES}\\s+(?:to\\s+(?:the\\s+)?(?:toy’s\\s+|toy's\\s+|its\\s+)?)?(left|right)\\s+(?:of|from)\\s+${NAME}`,
    (m, c) => named(m[3], c, (of) => beside(of, m[2], number(m[1]))),
  ),
  clause(
    `(?:(?:to|on)\\s+(?:the\\s+)?)?(?:toy’s\\s+|toy's\\s+|its\\s+)?(left|right)\\s+of\\s+${NAME}\\s*${FREE_STITCHES}`,
    (m, c) => named(m[2], c, (of) => beside(of, m[1], number(m[3]))),
  ),
  clause(`${N}\\s+${STITCHES}\\s+(?:beside|from|outside|next\\s+to)\\s+${NAME}`, (m, c) =>
    named(m[2], c, (of) => beside(of, 'left', number(m[1]))),
  ),
  clause(`(?:beside|next\\s+to|outside)\\s+${NAME}\\s*${FREE_STITCHES}`, (m, c) =>
    named(m[1], c, (of) => beside(of, 'left', number(m[2]))),
  ),
  clause(
    `(?:up\\s+)?(half\\s?way|(?:a|one)\\s+third|two\\s+thirds|(?:a|one)\\s+quarter|three\\s+quarters)(?:\\s+of\\s+the\\s+way)?\\s+(up|down)`,
    (m) => {
      const share = SHARES[m[1].replace(/\s+/g, ' ')];
      return { height: { by: 'share', of: m[2] === 'up' ? share : 1 - share } };
    },
  ),
  clause(
    `(?:(?:(?:along|on|down|up|at|of)\\s+)?(?:the\\s+)?(?:middle\\s+of\\s+the\\s+)?back(?:\\s+line)?|behind)`,
    () => ({
      along: { by: 'face', deg: 180 },
    }),
  ),
  clause(
    `(?:in\\s+the\\s+(?:middle|centre|center)\\s+of|on|at|in)\\s+(?:the\\s+)?(?:front|face|middle)(?:\\s+line)?|in\\s+front`,
    () => ({
      along: { by: 'face', deg: 0 },
    }),
  ),
  clause(
    `(?:on|at|to|one)\\s+(?:the\\s+|its\\s+|each\\s+|both\\s+)?(?:toy’s\\s+|toy's\\s+)?(left|right)?(?:\\s*(?:hand\\s+)?sides?)`,
    (m) => ({
      along: { by: 'face', deg: m[1] === 'right' ? -90 : 90 },
    }),
  ),
  // `to R20`, `at the back, R6`; `rnd 10 of the roof` is of another thing.
  clause(`(?:to|,)\\s*(?:the\\s+)?${LABEL}(\\d+)(?!\\s*(?:of|to|and|-|–))`, (m, c) =>
    atRound(Number(m[1]), c),
  ),
];

const beside = (of: string, way: string, freeStitches: number): Said => ({
  along: { by: 'thing', of, way: way === 'right' ? 'right' : 'left', freeStitches },
  height: { by: 'thing', of, way: 'level', freeRounds: 0 },
});
