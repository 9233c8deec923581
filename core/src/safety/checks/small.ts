import { sizeOf, type PartForm } from '../../form';
import { kept } from '../../kept';
import type { PartModel } from '../../model';
import { nameKey } from '../../notation';
import { safetyWords as say, type UnitWords } from '../../words';
import { cornersOf, cylinderOf, fitsCylinder } from '../cylinder';
import type { Limits, Profile } from '../profiles';
import { isUnder36, type Checked, type SafetyPoint } from '../point';

/** Whether a part lies in the cylinder at the small and at the large end of its size; worked out once for each form. */
const fitsAtLeast = kept((form: PartForm, profile: Profile, limits: Limits): boolean =>
  fitsCylinder(cylinderOf(profile, limits), cornersOf(form, 'low')),
);
const fitsSurely = kept((form: PartForm, profile: Profile, limits: Limits): boolean =>
  fitsCylinder(cylinderOf(profile, limits), cornersOf(form, 'high')),
);

/**
 * Check 3 for what is sewn or caught on: a part that can lie in the cylinder is a small part once it comes off; a toy of one
 * piece that lies in it is one as it is. Judged at the small end of its size; of rounds that do not add up no size is true.
 */
export function smallPartChecks({ model, profile, limits, age, units }: Checked): SafetyPoint[] {
  const worked = model.parts.filter((p) => p.fabric.rounds.length > 0);
  const caught = new Set(worked.flatMap((p) => p.reading.caught.map(nameKey)));
  const loose = new Set(model.loose.map((p) => p.part));
  return worked.flatMap((part): SafetyPoint[] => {
    if (part.addsUp && !fitsAtLeast(part.form, profile, limits)) return [];
    const alone = worked.length === 1 && part.copies.length === 1;
    const on = !loose.has(part.part.id) || caught.has(nameKey(part.name));
    const sure = part.addsUp && alone && fitsSurely(part.form, profile, limits);
    return [
      {
        id: `small:${part.part.id}`,
        check: 3,
        weight: weightOfSmall(isUnder36(age), sure),
        part: part.part.id,
        ...told(part, { alone, on, diameter: units.figure(limits.cylinderMm), units }),
      },
    ];
  });
}

function weightOfSmall(small: boolean, sure: boolean): SafetyPoint['weight'] {
  if (!small) return 'advice';
  return sure ? 'stop' : 'open';
}

/** What is said of a small part, of a toy that is one as a whole, and of one whose size nobody knows. */
function told(
  part: PartModel,
  { alone, on, diameter, units }: { alone: boolean; on: boolean; diameter: string; units: UnitWords },
): Pick<SafetyPoint, 'title' | 'reason' | 'mend'> {
  const copies = part.copies.length;
  if (!part.addsUp)
    return {
      title: say.smallNotKnown(part.name, copies),
      reason: say.smallNotKnownReason,
      mend: say.smallNotKnownMend,
    };
  const { width, depth, height } = sizeOf(part.form);
  const size = units.size([width.value, depth.value, height.value]);
  if (alone)
    return {
      title: say.smallAlone(part.name, size),
      reason: say.smallAloneReason(diameter),
      mend: say.smallAloneMend,
    };
  return {
    title: say.small(part.name, size, copies),
    reason: say.smallReason(diameter, on),
    mend: say.smallMend,
  };
}
