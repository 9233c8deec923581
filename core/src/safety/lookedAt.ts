import type { ToyModel } from '../model';
import type { LineReading } from '../notation';
import { safetyWords as say } from '../words';
import { checksMade } from './checks';
import { CHECKS, type CheckNumber, type SafetyPoint } from './point';

/** Whether what a line says is not known: it sounds like work and was not read, or does not add up. */
const isOpen = ({ node, problems }: LineReading): boolean =>
  problems.some((p) => p.severity === 'error') ||
  (node.type === 'note' && node.unread === true) ||
  (node.type === 'round' && (node.unread?.length ?? 0) > 0);

/**
 * How many checks were made, which were not, how many lines nobody could read, and which checks found nothing: a name that is
 * missing here is a check that has a point. "Nothing found" is what a plan and its texts can tell; each piece is looked at besides.
 */
export function lookedAt(
  points: readonly Pick<SafetyPoint, 'check'>[],
  { parts }: Pick<ToyModel, 'parts'>,
  made: readonly CheckNumber[] = checksMade,
): string[] {
  const found = new Set(points.map((p) => p.check));
  const names = (of: readonly CheckNumber[]): string[] => of.map((n) => say.checks[n]);
  const nothing = made.filter((n) => !found.has(n));
  const lines = parts.flatMap((p) => p.reading.lines).filter(isOpen).length;
  const not = CHECKS.filter((n) => !made.includes(n));
  return [
    say.made(made.length, CHECKS.length),
    ...(not.length > 0 ? [say.notMade(names(not))] : []),
    ...(lines > 0 ? [say.notRead(lines)] : []),
    ...(nothing.length > 0 ? [say.nothingFound(names(nothing))] : []),
  ];
}
