import { safetyWords as say } from '../words';
import { checksMade } from './checks';
import { CHECKS, type CheckNumber, type SafetyPoint } from './point';

/**
 * How many checks were made, which of them found nothing, and which were not made: a name that is missing here is a check that
 * has a point. "Nothing found" is what a plan and its texts can tell; each piece is looked at besides.
 */
export function lookedAt(
  points: readonly Pick<SafetyPoint, 'check'>[],
  made: readonly CheckNumber[] = checksMade,
): string[] {
  const found = new Set(points.map((p) => p.check));
  const names = (of: readonly CheckNumber[]): string[] => of.map((n) => say.checks[n]);
  const nothing = made.filter((n) => !found.has(n));
  const not = CHECKS.filter((n) => !made.includes(n));
  return [
    say.made(made.length, CHECKS.length),
    ...(not.length > 0 ? [say.notMade(names(not))] : []),
    ...(nothing.length > 0 ? [say.nothingFound(names(nothing))] : []),
  ];
}
