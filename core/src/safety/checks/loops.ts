import { copyName, modelOf } from '../../model';
import { safetyPointWords as say } from '../../words';
import { cordsOf } from '../cords';
import { loopLimit } from '../profiles';
import { isUnder36, weightOfLength, type Checked, type SafetyPoint } from '../point';

/** Of check 6 the loops that joins make: a cord held at both its ends, whose way round is at most twice its length. */
export function joinedLoopChecks({ model, limits, youngest, age, units }: Checked): SafetyPoint[] {
  const most = loopLimit(limits, youngest);
  return model.pieces.flatMap((piece): SafetyPoint[] => {
    const part = modelOf(model, piece.part);
    const cord = cordsOf(part).find((c) => c.what === 'thin part');
    if (!cord || cord.line === null) return [];
    const held = model.toy.joins.filter(
      (j) =>
        (j.guest.part === piece.part && j.guest.copy === piece.copy) ||
        (j.at.part === piece.part && j.at.copy === piece.copy),
    );
    const through = held.some((j) => j.kind === 'through');
    if (held.length < 2 || through) return [];
    const worst = 2 * cord.lengthMm * (1 + part.gauge.stitchRangePercent / 100);
    const over = worst > most;
    if (!over && !isUnder36(age)) return [];
    return [
      {
        id: `joined loop:${piece.part}:${piece.copy}`,
        check: 6,
        weight: weightOfLength(age, over),
        part: piece.part,
        join: held[0].id,
        title: say.joinedLoop(copyName(part, piece.copy), units.length(worst)),
        reason: say.joinedLoopReason(units.figure(most)),
        mend: say.joinedLoopMend,
      },
    ];
  });
}
