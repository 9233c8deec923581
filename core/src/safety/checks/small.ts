import { sizeOf } from '../../form';
import { nameKey } from '../../notation';
import { safetyWords as say } from '../../words';
import { fitsCylinder } from '../cylinder';
import { isUnder36, type Checked, type SafetyPoint } from '../point';

/** Check 3 for what is sewn or caught on: a part that can lie in the cylinder is a small part once it comes off. Judged at the small end of its size; of rounds that do not add up no size is true. */
export function smallPartChecks({ model, profile, age }: Checked): SafetyPoint[] {
  if (model.parts.length < 2) return [];
  const caught = new Set(model.parts.flatMap((p) => p.reading.caught.map(nameKey)));
  const guests = new Set(model.toy.joins.map((j) => j.guest.part));
  return model.parts.flatMap((part): SafetyPoint[] => {
    if (part.fabric.rounds.length === 0) return [];
    const { width, depth, height } = sizeOf(part.form);
    const dims = [width.low, depth.low, height.low];
    if (part.addsUp && !fitsCylinder(profile, ...dims)) return [];
    const on = guests.has(part.part.id) || caught.has(nameKey(part.name));
    const size = [width.value, depth.value, height.value]
      .sort((a, b) => b - a)
      .map((mm) => mm.toFixed(0))
      .join(' × ');
    return [
      {
        id: `small:${part.part.id}`,
        check: 3,
        weight: isUnder36(age) ? 'open' : 'advice',
        part: part.part.id,
        title: part.addsUp
          ? say.small(part.name, size, part.copies.length)
          : say.smallNotKnown(part.name, part.copies.length),
        reason: part.addsUp ? say.smallReason(String(profile.cylinderMm), on) : say.smallNotKnownReason,
        mend: part.addsUp ? say.smallMend : say.smallNotKnownMend,
      },
    ];
  });
}
