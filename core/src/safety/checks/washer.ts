import { indexSaid, RETENTION_BANDS, type EyePair, type Retention } from '../../feature';
import { DISC_OVER_WASHER_MM } from '../../figures';
import { decimals, numberSaid, safetyWords as say } from '../../words';
import type { Checked, SafetyPoint } from '../point';
import { fixedOn, type Fixed } from './fixed';

/** Check 2: washer against fabric. */
export const washerChecks = (checked: Checked): SafetyPoint[] =>
  fixedOn(checked).flatMap((it) => (it.plastic ? washerOf(it) : []));

function washerOf(it: Fixed): SafetyPoint[] {
  const base = { feature: it.id, part: it.part };
  if (it.homeless)
    return [
      {
        id: `washer:${it.id}`,
        check: 2,
        weight: 'open',
        ...base,
        title: say.washerNotKnown,
        reason: say.washerHomeless,
        mend: say.washerHomelessMend,
      },
    ];
  return it.retention ? [washerPoint(`washer:${it.id}`, base, it.retention, it.backing)] : [];
}

/** What is said of the disc that the maker chose; nothing where the program chooses. */
function chosenDisc(backing: EyePair['backing'], needMm: number): string {
  if (backing === 'as needed') return '';
  if (backing === 'none') return ` ${say.discNone}`;
  return ` ${backing < needMm ? say.discNarrow(String(backing), String(needMm)) : say.discChosen(String(backing))}`;
}

function washerPoint(
  id: string,
  base: { feature: string; part: string },
  retention: Retention,
  backing: EyePair['backing'],
): SafetyPoint {
  const { washerMm, band, why, liftable, worst, best } = retention;
  const index = indexSaid(worst);
  const point = (
    weight: SafetyPoint['weight'],
    title: string,
    reason: string,
    mend: string,
    does?: SafetyPoint['does'],
  ): SafetyPoint => ({ id, check: 2, weight, ...base, title, reason, mend, ...(does ? { does } : {}) });
  if (why !== null) return point('open', say.washerNotKnown, say.washerWhy[why], say.washerWhyMend[why]);
  const needMm = washerMm + DISC_OVER_WASHER_MM;
  const reason =
    say.washerReason(numberSaid(Math.round(washerMm * 10) / 10), decimals(retention.openingMm, 1)) +
    (band === 3 ? '' : chosenDisc(backing, needMm));
  // Decision 42: what a measured gauge could lift is open, not stopped.
  if (band !== 3 && liftable && best >= RETENTION_BANDS.backing)
    return point(
      'open',
      say.washerMeasure(index, indexSaid(best)),
      reason,
      say.washerMeasureMend(band === 2 ? String(needMm) : null),
    );
  if (band === 1) {
    const { needs } = retention;
    return point(
      'stop',
      say.washerStop(index),
      reason,
      say.washerStopMend(String(needs.washerMm), String(needs.hookMm)),
    );
  }
  if (band === 2)
    return point('open', say.washerBacking(index), reason, say.washerBackingMend(String(needMm)), {
      do: 'disc',
      feature: base.feature,
      mm: needMm,
    });
  return point('advice', say.washerCovers(index), reason, say.washerCoversMend);
}
