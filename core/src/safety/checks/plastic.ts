import { pullN } from '../profiles';
import { safetyWords as say } from '../../words';
import { cylinderOf, drum, fitsCylinder } from '../cylinder';
import { isUnder36, type Checked, type SafetyPoint } from '../point';
import { fixedOn } from './fixed';

/** As thin as a washer or a flat back, mm: what comes off may be no more. */
const THIN_MM = 1;

/** Check 1: plastic eyes and noses. */
export function plasticChecks(checked: Checked): SafetyPoint[] {
  const { profile, limits, age, units } = checked;
  return fixedOn(checked)
    .filter((it) => it.plastic)
    .map((it): SafetyPoint => {
      const base = { check: 1, feature: it.id, part: it.part, tests: `feature:${it.id}` } as const;
      const size = String(it.largestMm);
      if (!isUnder36(age))
        return {
          ...base,
          id: `pull:${it.id}`,
          weight: 'open',
          title: it.called.older(size),
          reason: it.called.olderReason(String(pullN(profile, limits, it.largestMm))),
          mend: say.plasticOlderMend,
        };
      const fits = fitsCylinder(cylinderOf(profile, limits), drum(Math.min(...it.sizes), THIN_MM));
      return {
        ...base,
        tests: undefined,
        id: `plastic:${it.id}`,
        weight: 'stop',
        title: it.called.plastic(size),
        reason: it.called.plasticReason(units.figure(limits.cylinderMm), fits),
        mend: it.called.mend,
        does: { do: 'embroider', feature: it.id },
      };
    });
}
