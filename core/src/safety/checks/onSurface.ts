import type { Hanger } from '../../feature';
import { hangersOf, modelOf, strandWorks, type HangerState, type StrandState } from '../../model';
import { safetyWords as say, surfaceWords } from '../../words';
import { fitsCylinder } from '../cylinder';
import type { AgeGroup } from '../../toy';
import { isUnder18, isUnder36, type Checked, type SafetyPoint } from '../point';

/** Of checks 6 and 11 what is put into a toy and hung on it: hair by its free length, loops by their perimeter, rings, clips and bells by their size. */
export function surfaceChecks(checked: Checked): SafetyPoint[] {
  const { model } = checked;
  return [
    ...strandWorks(model).flatMap((state) => hairPoints(checked, state)),
    ...hangersOf(model).flatMap((state) => [
      ...loopPoints(checked, state),
      hangerPoint(checked, state.feature),
    ]),
  ];
}

/** What is too long is a stop for a baby; how far yarn stretches is not known, so nothing long passes for a small child. */
function weightOf(age: AgeGroup, over: boolean): SafetyPoint['weight'] {
  if (isUnder18(age) && over) return 'stop';
  return isUnder36(age) ? 'open' : 'advice';
}

/** A strand is a cord as long as it hangs; one that is only looped in or pulled through comes out. */
function hairPoints(
  { model, profile, age }: Checked,
  { feature, hangsMm, places }: StrandState,
): SafetyPoint[] {
  if (places.length === 0) return [];
  const over = hangsMm > profile.cord.mostMm;
  const comesOut = feature.fix === 'looped in' || feature.fix === 'pulled through';
  if (!over && !isUnder36(age) && !comesOut) return [];
  const small = isUnder36(age);
  const limit = String(profile.cord.mostMm);
  return [
    {
      id: `hair:${feature.id}`,
      check: 6,
      weight: weightOf(age, over),
      part: feature.part,
      feature: feature.id,
      title: say.hair(feature.name, modelOf(model, feature.part).name, hangsMm.toFixed(0)),
      reason: over ? say.hairLong(limit) : say.hazards.hair[small ? 'small' : 'older'],
      mend: over ? say.cordMend : say.hazards.hair.mend,
    },
  ];
}

/** The loop of a ring, at the worst end of the gauge. One that is a part of the toy is told with that part's cords as well: as it lies before it is closed. */
function loopPoints({ model, profile, age }: Checked, { feature, loopMm }: HangerState): SafetyPoint[] {
  if (loopMm === null) return [];
  const { gauge } = modelOf(model, 'part' in feature.loop ? feature.loop.part : feature.part);
  const worst = loopMm * (1 + gauge.stitchRangePercent / 100);
  const over = worst > profile.loop.mostMm;
  if (!over && !isUnder36(age)) return [];
  const limit = String(profile.loop.mostMm);
  const reason = isUnder18(age) ? say.loopReason(limit) : say.cordMiddle(limit);
  return [
    {
      id: `loop:${feature.id}`,
      check: 6,
      weight: weightOf(age, over),
      part: feature.part,
      feature: feature.id,
      title: say.loop(
        surfaceWords.hangerIs[feature.is],
        1,
        loopMm.toFixed(0),
        gauge.stitchSource === 'not known' ? null : worst.toFixed(0),
      ),
      reason: isUnder36(age) ? reason : say.cordOlder(limit),
      mend: over ? say.cordMend : say.cordUnknown,
    },
  ];
}

/** A ring, a clip or a bell is a part of its own, whatever holds it. */
function hangerPoint({ model, profile, age }: Checked, feature: Hanger): SafetyPoint {
  const said = say.hazards[feature.is === 'bell' ? 'bell' : 'ring'];
  const small = isUnder36(age);
  return {
    id: `hanger:${feature.id}`,
    check: 11,
    weight: small && fitsCylinder(profile, feature.mm) ? 'stop' : 'open',
    part: feature.part,
    feature: feature.id,
    title: say.hanger(
      surfaceWords.hangerIs[feature.is],
      String(feature.mm),
      modelOf(model, feature.part).name,
    ),
    reason: small ? said.small : said.older,
    mend: said.mend,
  };
}
