import type { PartModel } from '../../model';
import { safetyPointWords as say } from '../../words';
import { isUnder36, type Checked, type SafetyPoint } from '../point';
import { startSecured, timesGathered } from '../reinforcement';

/** Check 10: the ring that a part begins with, and the round that closes it. */
export function securedChecks({ model, parts, age }: Checked): SafetyPoint[] {
  const small = isUnder36(age);
  const weight = small ? 'open' : 'advice';
  const made = parts.filter((p) => p.fabric.rounds.length > 0);
  // Rings that are drawn shut go round once more by the plan where a small child gets the toy; a ring of chain is not drawn shut.
  const single = (p: PartModel) => (p.fabric.start.how === 'ring' ? !small : p.fabric.start.how === 'loop');
  const loose = made.filter((p) => single(p) && !startSecured(model, p));
  const once = made.filter((p) => p.reading.closed && timesGathered(model, p) === 1);
  const ids = (of: readonly PartModel[]) => of.map((p) => p.part.id);
  return [
    ...(loose.length > 0
      ? [
          {
            id: 'starts',
            check: 10,
            weight,
            title: say.starts(loose.length),
            reason: say.startsReason,
            mend: say.startsMend,
            tags: loose.map((p) => p.name),
            does: { do: 'secure starts', parts: ids(loose) },
          } as const,
        ]
      : []),
    ...(once.length > 0
      ? [
          {
            id: 'closings',
            check: 10,
            weight,
            title: say.closings(once.length),
            reason: say.closingsReason,
            mend: say.closingsMend,
            tags: once.map((p) => p.name),
            does: { do: 'close twice', parts: ids(once) },
          } as const,
        ]
      : []),
  ];
}
