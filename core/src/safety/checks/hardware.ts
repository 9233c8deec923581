import { indexSaid, RETENTION_BANDS, type EyePair, type Retention } from '../../feature';
import { DISC_OVER_WASHER_MM } from '../../figures';
import { safetyWords as say } from '../../words';
import { fitsCylinder } from '../cylinder';
import { isUnder36, type Checked, type SafetyPoint } from '../point';

/** An eye or a nose as the checks see it. */
interface Fixed {
  id: string;
  part: string;
  plastic: boolean;
  homeless: boolean;
  /** largest width, and all that is known of its size */
  largestMm: number;
  sizes: readonly number[];
  loose: readonly { name: string; mm: number }[];
  felt: { mm: number } | null;
  called: typeof say.eyes;
  retention: Retention | null;
  backing: EyePair['backing'];
}

function fixedOn({ model }: Checked): Fixed[] {
  const eyes = model.eyes.map(({ eyes: e, state }): Fixed => ({
    id: e.id,
    part: e.part,
    plastic: e.making === 'safety eye',
    homeless: state.state === 'homeless',
    largestMm: e.eyeMm,
    sizes: [e.eyeMm],
    loose: e.loose,
    felt: e.felt,
    backing: e.backing,
    called: say.eyes,
    retention: state.state === 'homeless' ? null : state.retention,
  }));
  const noses = model.noses.map(({ nose, state }): Fixed => ({
    id: nose.id,
    part: nose.part,
    plastic: nose.making === 'safety nose',
    homeless: state.state === 'homeless',
    largestMm: Math.max(nose.widthMm, nose.heightMm),
    sizes: [nose.widthMm, nose.heightMm],
    loose: nose.loose,
    felt: nose.felt,
    backing: nose.backing,
    called: say.nose,
    retention: state.state === 'homeless' ? null : state.retention,
  }));
  return [...eyes, ...noses];
}

/** Check 1, plastic eyes and noses; check 2, washer against fabric; and of check 3 what is loose on them, felt among it. */
export function hardwareChecks(checked: Checked): SafetyPoint[] {
  return fixedOn(checked).flatMap((it) => [
    ...(it.plastic ? plasticPoints(checked, it) : []),
    ...loosePoints(checked, it),
  ]);
}

function plasticPoints({ profile, age }: Checked, it: Fixed): SafetyPoint[] {
  const base = { feature: it.id, part: it.part };
  const size = String(it.largestMm);
  const newton = String(
    it.largestMm <= profile.pullN.smallUpToMm ? profile.pullN.small : profile.pullN.large,
  );
  const first: SafetyPoint = isUnder36(age)
    ? {
        id: `plastic:${it.id}`,
        check: 1,
        weight: 'stop',
        ...base,
        title: it.called.plastic(size),
        reason: it.called.plasticReason(String(profile.cylinderMm), fitsCylinder(profile, ...it.sizes)),
        mend: it.called.mend,
      }
    : {
        id: `pull:${it.id}`,
        check: 1,
        weight: 'open',
        ...base,
        title: it.called.older(size),
        reason: it.called.olderReason(newton),
        mend: say.plasticOlderMend,
      };
  if (it.homeless)
    return [
      first,
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
  return it.retention ? [first, washerPoint(`washer:${it.id}`, base, it.retention, it.backing)] : [first];
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
  ): SafetyPoint => ({ id, check: 2, weight, ...base, title, reason, mend });
  if (why !== null) return point('open', say.washerNotKnown, say.washerWhy[why], say.washerWhyMend[why]);
  const needMm = washerMm + DISC_OVER_WASHER_MM;
  const reason =
    say.washerReason(String(Math.round(washerMm * 10) / 10), retention.openingMm.toFixed(1)) +
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
    return point('open', say.washerBacking(index), reason, say.washerBackingMend(String(needMm)));
  return point('advice', say.washerCovers(index), reason, say.washerCoversMend);
}

function loosePoints({ profile, age }: Checked, it: Fixed): SafetyPoint[] {
  const base = { feature: it.id, part: it.part };
  const newton = (mm: number) =>
    String(mm <= profile.pullN.smallUpToMm ? profile.pullN.small : profile.pullN.large);
  const weightOf = (fits: boolean): SafetyPoint['weight'] => (isUnder36(age) && fits ? 'stop' : 'open');
  const pieces = it.loose.map((piece, i): SafetyPoint => ({
    id: `loose:${it.id}:${i}`,
    check: 3,
    weight: weightOf(fitsCylinder(profile, piece.mm)),
    ...base,
    title: say.loose(piece.name, String(piece.mm)),
    reason: say.looseReason(String(profile.cylinderMm), fitsCylinder(profile, piece.mm)),
    mend: isUnder36(age) ? say.looseOff : say.looseMend(newton(piece.mm)),
  }));
  if (!it.felt) return pieces;
  const fits = fitsCylinder(profile, it.felt.mm);
  return [
    ...pieces,
    {
      id: `felt:${it.id}`,
      check: 3,
      weight: 'open',
      ...base,
      title: say.felt(String(it.felt.mm)),
      reason: say.feltReason(String(profile.cylinderMm), fits),
      mend: say.feltMend,
    },
  ];
}
