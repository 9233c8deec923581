import { sizeOf } from '../../form';
import { nameKey } from '../../notation';
import { safetyWords as say } from '../../words';
import { fitsCylinder } from '../cylinder';
import { isUnder36, type Checked, type SafetyPoint } from '../point';

/**
 * Check 3 for what is sewn or caught on: a part that can lie in the cylinder is a small part once it comes off; a toy of one
 * piece that lies in it is one as it is. Judged at the small end of its size; of rounds that do not add up no size is true.
 */
export function smallPartChecks({ model, profile, age }: Checked): SafetyPoint[] {
  const worked = model.parts.filter((p) => p.fabric.rounds.length > 0);
  const caught = new Set(worked.flatMap((p) => p.reading.caught.map(nameKey)));
  const guests = new Set(model.toy.joins.map((j) => j.guest.part));
  return worked.flatMap((part): SafetyPoint[] => {
    const { width, depth, height } = sizeOf(part.form);
    const fits = (end: 'low' | 'high') => fitsCylinder(profile, width[end], depth[end], height[end]);
    if (part.addsUp && !fits('low')) return [];
    const alone = worked.length === 1 && part.copies.length === 1;
    const on = guests.has(part.part.id) || caught.has(nameKey(part.name));
    const size = [width.value, depth.value, height.value]
      .sort((a, b) => b - a)
      .map((mm) => mm.toFixed(0))
      .join(' × ');
    const [title, reason, mend] = !part.addsUp
      ? [say.smallNotKnown(part.name, part.copies.length), say.smallNotKnownReason, say.smallNotKnownMend]
      : alone
        ? [
            say.smallAlone(part.name, size),
            say.smallAloneReason(String(profile.cylinderMm)),
            say.smallAloneMend,
          ]
        : [
            say.small(part.name, size, part.copies.length),
            say.smallReason(String(profile.cylinderMm), on),
            say.smallMend,
          ];
    const sure = part.addsUp && alone && fits('high');
    return [
      {
        id: `small:${part.part.id}`,
        check: 3,
        weight: !isUnder36(age) ? 'advice' : sure ? 'stop' : 'open',
        part: part.part.id,
        title,
        reason,
        mend,
      },
    ];
  });
}
