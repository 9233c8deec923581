import type { Hanger } from '../../feature';
import { hangersOf, modelOf, strandWorks, type HangerState, type StrandState } from '../../model';
import { safetyWords as say, surfaceWords } from '../../words';
import { cylinderOf, drum, fitsCylinder } from '../cylinder';
import { cordLimit, loopLimit } from '../profiles';
import { isUnder18, isUnder36, weightOfLength, type Checked, type SafetyPoint } from '../point';

/** As thin as a ring's wire, mm. */
const THIN_MM = 1;

/** Of checks 6 and 11 what is put into a toy and hung on it: hair by its free length, loops by their perimeter, rings, clips and bells by their size. */
export function hungChecks(checked: Checked): SafetyPoint[] {
  const { model } = checked;
  return [
    ...strandWorks(model).flatMap((state) => hairPoints(checked, state)),
    ...hangersOf(model).flatMap((state) => [
      ...loopPoints(checked, state),
      hangerPoint(checked, state.feature),
    ]),
  ];
}

/** A strand is a cord as long as it hangs; one that is only looped in or pulled through comes out. */
function hairPoints(
  { model, limits, youngest, age, units }: Checked,
  { feature, hangsMm, places }: StrandState,
): SafetyPoint[] {
  if (places.length === 0) return [];
  const most = cordLimit(limits, youngest);
  const over = hangsMm > most;
  const comesOut = feature.fix === 'looped in' || feature.fix === 'pulled through';
  if (!over && !isUnder36(age) && !comesOut) return [];
  const small = isUnder36(age);
  const limit = units.figure(most);
  return [
    {
      id: `hair:${feature.id}`,
      check: 6,
      weight: weightOfLength(age, over),
      part: feature.part,
      feature: feature.id,
      title: say.hair(feature.name, modelOf(model, feature.part).name, units.length(hangsMm)),
      reason: over ? say.hairLong(limit) : say.hazards.hair[small ? 'small' : 'older'],
      mend: over ? say.cordMend : say.hazards.hair.mend,
      ...(over ? { does: { do: 'cut shorter', feature: feature.id, hangsMm, mm: most } as const } : {}),
    },
  ];
}

/** The loop of a ring, at the worst end of the gauge. One that is a part of the toy is told with that part's cords as well: as it lies before it is closed. */
function loopPoints(
  { model, limits, youngest, age, units }: Checked,
  { feature, loopMm }: HangerState,
): SafetyPoint[] {
  if (loopMm === null) return [];
  const { gauge } = modelOf(model, 'part' in feature.loop ? feature.loop.part : feature.part);
  const worst = loopMm * (1 + gauge.stitchRangePercent / 100);
  const most = loopLimit(limits, youngest);
  const over = worst > most;
  if (!over && !isUnder36(age)) return [];
  const limit = units.figure(most);
  const reason = isUnder18(age) ? say.loopReason(limit) : say.cordMiddle(limit);
  return [
    {
      id: `loop:${feature.id}`,
      check: 6,
      weight: weightOfLength(age, over),
      part: feature.part,
      feature: feature.id,
      title: say.loop(
        surfaceWords.hangerIs[feature.is],
        1,
        units.length(loopMm),
        gauge.stitchSource === 'not known' ? null : units.length(worst),
      ),
      reason: isUnder36(age) ? reason : say.cordOlder(limit),
      mend: over ? say.cordMend : say.cordUnknown,
      ...(over && 'chain' in feature.loop
        ? {
            does: {
              do: 'shorter loop',
              feature: feature.id,
              chain: Math.max(1, Math.floor((feature.loop.chain * most) / worst)),
            } as const,
          }
        : {}),
    },
  ];
}

/** A ring, a clip or a bell is a part of its own, whatever holds it. */
function hangerPoint({ model, profile, limits, age }: Checked, feature: Hanger): SafetyPoint {
  const said = say.hazards[feature.is === 'bell' ? 'bell' : 'ring'];
  const small = isUnder36(age);
  return {
    id: `hanger:${feature.id}`,
    check: 11,
    weight: small && fitsCylinder(cylinderOf(profile, limits), drum(feature.mm, THIN_MM)) ? 'stop' : 'open',
    part: feature.part,
    feature: feature.id,
    title: say.hanger(
      surfaceWords.hangerIs[feature.is],
      String(feature.mm),
      modelOf(model, feature.part).name,
    ),
    reason: small ? said.small : said.older,
    mend: said.mend,
    tests: `feature:${feature.id}`,
    ...(feature.by === 'sewn in' ? {} : { does: { do: 'sew in', feature: feature.id } as const }),
  };
}
