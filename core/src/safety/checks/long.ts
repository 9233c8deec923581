import { HOLDS } from '../../figures';
import { safetyPointWords, safetyWords as say } from '../../words';
import { cordsOf, type Cord } from '../cords';
import { cordLimit, loopLimit } from '../profiles';
import type { PartModel } from '../../model';
import { isUnder18, isUnder36, weightOfLength, type Checked, type SafetyPoint } from '../point';

/** Check 6: cords by their free length, loops by their perimeter, at the worst end of the gauge. How far a crocheted cord stretches is not known, so none that is not short passes for a small child. */
export const cordChecks = (checked: Checked): SafetyPoint[] =>
  checked.parts.flatMap((part) =>
    gathered(cordsOf(part)).flatMap((cord, i) => cordPoint(checked, part, cord, i)),
  );

function cordPoint(checked: Checked, part: PartModel, cord: Cord, i: number): SafetyPoint[] {
  const { limits, youngest, age, units } = checked;
  const loop = cord.what === 'loop';
  const limit = (loop ? loopLimit : cordLimit)(limits, youngest);
  const known = part.gauge.stitchSource !== 'not known';
  const worstMm = cord.lengthMm * (1 + part.gauge.stitchRangePercent / 100);
  const over = worstMm > limit;
  // Of rounds that do not add up a short length is no news: check 3 says that their size is not known. A long one is still told.
  if (!part.addsUp && !over && (cord.what === 'thin part' || loop)) return [];
  if (!isUnder36(age) && !over) return [];
  const times = cord.times * Math.max(1, part.copies.length);
  const most = known ? units.length(worstMm) : null;
  // Drawn out to twice its length it is still short enough: told, and no more.
  const short = worstMm * HOLDS.cordStretch.value <= limit && known;
  return [
    {
      id: `cord:${part.part.id}:${i}`,
      check: 6,
      weight: short ? 'advice' : weightOfLength(age, over),
      part: part.part.id,
      ...(cord.line === null ? {} : { line: cord.line }),
      title: (loop ? say.loop : say.cord)(part.name, times, units.length(cord.lengthMm), most),
      reason: reasonOf(checked, loop, units.figure(limit)),
      mend: mendOf(over, short),
    },
  ];
}

function reasonOf({ age, profile }: Checked, loop: boolean, limit: string): string {
  if (!isUnder36(age)) return say.cordOlder(limit);
  if (!isUnder18(age)) return say.cordMiddle(limit);
  return loop ? say.loopReason(limit) : say.cordReason(limit, String(profile.cordLoadN));
}

function mendOf(over: boolean, short: boolean): string {
  if (over) return say.cordMend;
  return short ? safetyPointWords.cordShort : say.cordUnknown;
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
