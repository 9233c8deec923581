import { ROUND_CLAUSES, betweenRounds } from './roundClauses';
import { PAIR_CLAUSES, postsAt } from './pairClauses';
import { SPOT_CLAUSES, holeBetween } from './spotClauses';
import { type Clause, clause } from './clauseParts';

/** What can be said, longest first. Each takes a piece from the front of what is left. */
export const CLAUSES: readonly Clause[] = [
  // R13·14 | 18·19 and 25·26
  {
    pattern: clause(`r\\s*(\\d+)\\s*·\\s*(\\d+)(?:\\s*\\|)?`),
    where: (m, { form }) => betweenRounds(form, Number(m[1]), Number(m[2]), 'tag'),
  },
  {
    pattern: clause(`(\\d+)\\s*·\\s*(\\d+)\\s*(?:and|&|\\+)\\s*(\\d+)\\s*·\\s*(\\d+)`),
    along: (m) => postsAt([Number(m[1]), Number(m[2])], [Number(m[3]), Number(m[4])]),
  },
  {
    pattern: clause(`(?:(?:hole|gap|holes)\\s+)?(\\d+)\\s*·\\s*(\\d+)`),
    along: (m) => holeBetween(Number(m[1]), Number(m[2])),
  },
  ...ROUND_CLAUSES,
  ...PAIR_CLAUSES,
  ...SPOT_CLAUSES,
];
