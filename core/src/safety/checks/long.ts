import { safetyWords as say } from '../../words';
import { cordsOf, type Cord } from '../cords';
import { isUnder18, isUnder36, type Checked, type SafetyPoint } from '../point';

/** Check 6: cords by their free length, loops by their perimeter, at the worst end of the gauge. How far a crocheted cord stretches is not known, so none passes for a small child. */
export function cordChecks({ parts, profile, age }: Checked): SafetyPoint[] {
  return parts.flatMap((part): SafetyPoint[] => {
    const worst = 1 + part.gauge.stitchRangePercent / 100;
    const known = part.gauge.stitchSource !== 'not known';
    return gathered(cordsOf(part)).flatMap((cord, i): SafetyPoint[] => {
      const limit = cord.what === 'loop' ? profile.loop.mostMm : profile.cord.mostMm;
      const over = cord.lengthMm * worst > limit;
      // Of rounds that do not add up a short length is no news: check 3 says that their size is not known. A long one is still told.
      if (!part.addsUp && !over && (cord.what === 'thin part' || cord.what === 'loop')) return [];
      const times = cord.times * Math.max(1, part.copies.length);
      const length = cord.lengthMm.toFixed(0);
      const most = known ? (cord.lengthMm * worst).toFixed(0) : null;
      const weight = isUnder18(age) && over ? 'stop' : isUnder36(age) ? 'open' : 'advice';
      if (weight === 'advice' && !over) return [];
      return [
        {
          id: `cord:${part.part.id}:${i}`,
          check: 6,
          weight,
          part: part.part.id,
          ...(cord.line === null ? {} : { line: cord.line }),
          title:
            cord.what === 'loop'
              ? say.loop(part.name, times, length, most)
              : say.cord(part.name, times, length, most),
          reason: !isUnder36(age)
            ? say.cordOlder(String(limit))
            : isUnder18(age)
              ? cord.what === 'loop'
                ? say.loopReason(String(limit))
                : say.cordReason(String(limit), String(profile.cord.loadN))
              : say.cordMiddle(String(limit)),
          mend: over ? say.cordMend : say.cordUnknown,
        },
      ];
    });
  });
}

/** Cords alike in kind and length are one point with how many there are. */
function gathered(cords: readonly Cord[]): Cord[] {
  return cords.reduce<Cord[]>((all, cord) => {
    const same = all.findIndex(
      (c) => c.what === cord.what && Math.round(c.lengthMm) === Math.round(cord.lengthMm),
    );
    return same < 0
      ? [...all, cord]
      : all.map((c, i) => (i === same ? { ...c, times: c.times + cord.times } : c));
  }, []);
}
