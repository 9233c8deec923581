import { safetyWords as say } from '../../words';
import { cylinderOf, drum, fitsCylinder } from '../cylinder';
import { pullN } from '../profiles';
import { isUnder36, type Checked, type SafetyPoint } from '../point';
import { fixedOn } from './fixed';

/** As thin as felt or an iris, mm: what comes off may be no more. */
const THIN_MM = 1;

/** Of check 3 what is loose on eyes and noses, felt among it. */
export function looseChecks(checked: Checked): SafetyPoint[] {
  const { profile, limits, age, units } = checked;
  const fits = (mm: number) => fitsCylinder(cylinderOf(profile, limits), drum(mm, THIN_MM));
  const diameter = units.figure(limits.cylinderMm);
  return fixedOn(checked).flatMap((it) => {
    const base = { check: 3, feature: it.id, part: it.part } as const;
    const pieces = it.loose.map((piece, i): SafetyPoint => ({
      ...base,
      id: `loose:${it.id}:${i}`,
      weight: isUnder36(age) && fits(piece.mm) ? 'stop' : 'open',
      title: say.loose(piece.name, String(piece.mm)),
      reason: say.looseReason(diameter, fits(piece.mm)),
      mend: isUnder36(age) ? say.looseOff : say.looseMend(String(pullN(profile, limits, piece.mm))),
      does: { do: 'leave off', feature: it.id },
    }));
    if (!it.felt) return pieces;
    return [
      ...pieces,
      {
        ...base,
        id: `felt:${it.id}`,
        weight: 'open' as const,
        title: say.felt(String(it.felt.mm)),
        reason: say.feltReason(diameter, fits(it.felt.mm)),
        mend: say.feltMend,
      },
    ];
  });
}
