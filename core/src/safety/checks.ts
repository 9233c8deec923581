import type { Retention } from '../feature';
import { DISC_OVER_WASHER_MM } from '../figures';
import type { Item } from '../notation';
import type { AgeGroup, ToyModel } from '../toy';
import { safetyWords as say } from '../words';
import { CORD_UP_TO_MM, PROFILES } from './profiles';

/** One safety point: what, why, what would mend it. `stop` and `open` count on the shield; `advice` does not. */
export interface SafetyPoint {
  id: string;
  check: 1 | 2 | 3 | 6 | 'age' | 'look';
  weight: 'stop' | 'open' | 'advice';
  title: string;
  reason: string;
  mend: string;
  feature?: string;
  part?: string;
}

/** Unknown counts as under 18 months. */
export const isUnder36 = (age: AgeGroup): boolean =>
  age === 'under 18 months' || age === '18 to 36 months' || age === 'unknown';
const isUnder18 = (age: AgeGroup): boolean => age === 'under 18 months' || age === 'unknown';

/** Safety points of a toy, most dangerous first: checks 1 (plastic eyes and noses), 2 (washer and fabric), 3 (loose pieces of them), 6 (cords), and who it is for. */
export function checkToy(model: ToyModel): SafetyPoint[] {
  const points = [...ageChecks(model), ...hardwareChecks(model), ...cordChecks(model)];
  const order = { stop: 0, open: 1, advice: 2 };
  return points.sort((a, b) => order[a.weight] - order[b.weight]);
}

/** How many points the shield counts. */
export function openPoints(points: readonly SafetyPoint[]): number {
  return points.filter((p) => p.weight !== 'advice').length;
}

function ageChecks(model: ToyModel): SafetyPoint[] {
  const { age } = model.toy.settings;
  if (model.parts.length === 0) return [];
  if (age === 'unknown')
    return [
      {
        id: 'age',
        check: 'age',
        weight: 'open',
        title: say.ageUnknown,
        reason: say.ageUnknownReason,
        mend: say.ageUnknownMend,
      },
    ];
  if (age === '3 years and over')
    return [
      {
        id: 'look',
        check: 'look',
        weight: 'open',
        title: say.look,
        reason: say.lookReason,
        mend: say.lookMend,
      },
    ];
  return [];
}

/** Eyes and noses on posts: what they are called, how large, and how their washers fit the fabric. */
function hardwareChecks(model: ToyModel): SafetyPoint[] {
  const profile = PROFILES[model.toy.settings.region];
  const { age } = model.toy.settings;
  if (age === 'display only') return [];
  const all = [
    ...model.eyes.map(({ eyes, state }) => ({
      it: eyes,
      plastic: eyes.making === 'safety eye',
      largestMm: eyes.eyeMm,
      say: say.eyes,
      retention: state.state === 'homeless' ? null : state.retention,
    })),
    ...model.noses.map(({ nose, state }) => ({
      it: nose,
      plastic: nose.making === 'safety nose',
      largestMm: Math.max(nose.widthMm, nose.heightMm),
      say: say.nose,
      retention: state.state === 'homeless' ? null : state.retention,
    })),
  ];
  return all
    .filter((h) => h.plastic)
    .flatMap(({ it, largestMm, say: called, retention }): SafetyPoint[] => {
      const base = { feature: it.id, part: it.part };
      const size = String(largestMm);
      const newton = String(
        largestMm <= profile.pullN.smallUpToMm ? profile.pullN.small : profile.pullN.large,
      );
      const first: SafetyPoint = isUnder36(age)
        ? {
            id: `plastic:${it.id}`,
            check: 1,
            weight: 'stop',
            ...base,
            title: called.plastic(size),
            reason: called.plasticReason(String(profile.cylinderMm)),
            mend: called.mend,
          }
        : {
            id: `pull:${it.id}`,
            check: 1,
            weight: 'open',
            ...base,
            title: called.older(size),
            reason: called.olderReason(newton),
            mend: say.plasticOlderMend,
          };
      const loose = it.loose.map((piece, i): SafetyPoint => ({
        id: `loose:${it.id}:${i}`,
        check: 3,
        weight: isUnder36(age) ? 'stop' : 'open',
        ...base,
        title: say.loose(piece.name, String(piece.mm)),
        reason: say.looseReason(String(profile.cylinderMm)),
        mend: isUnder36(age) ? called.mend : say.looseMend(newton),
      }));
      return [first, ...loose, ...(retention ? [washerPoint(`washer:${it.id}`, base, retention)] : [])];
    });
}

function washerPoint(id: string, base: { feature: string; part: string }, retention: Retention): SafetyPoint {
  const index = retention.worst.toFixed(1);
  const reason = say.washerReason(
    String(retention.washerMm),
    (retention.washerMm / retention.worst).toFixed(1),
  );
  if (retention.band === 1)
    return {
      id,
      check: 2,
      weight: 'stop',
      ...base,
      title: say.washerStop(index),
      reason,
      mend: say.washerStopMend,
    };
  if (retention.band === 2)
    return {
      id,
      check: 2,
      weight: 'open',
      ...base,
      title: say.washerBacking(index),
      reason,
      mend: say.washerBackingMend(String(retention.washerMm + DISC_OVER_WASHER_MM)),
    };
  return {
    id,
    check: 2,
    weight: 'advice',
    ...base,
    title: say.washerCovers(index),
    reason,
    mend: say.washerCoversMend,
  };
}

/** Free lengths of chains written in a round, and of parts as thin as a cord, at the worst end of the gauge. */
function cordChecks(model: ToyModel): SafetyPoint[] {
  const { age } = model.toy.settings;
  if (age === 'display only') return [];
  const profile = PROFILES[model.toy.settings.region];
  return model.parts.flatMap((part): SafetyPoint[] => {
    const worst = 1 + part.gauge.stitchRangePercent / 100;
    const chain =
      Math.max(0, ...part.reading.rounds.flatMap((r) => r.items.map(longestChain))) * part.gauge.stitchMm;
    const widest = Math.max(0, ...part.form.rounds.map((r) => r.ringMm));
    const thin = widest > 0 && widest <= CORD_UP_TO_MM ? part.form.heightMm : 0;
    const length = Math.max(chain, thin) * worst;
    if (length === 0) return [];
    const long = length > profile.cord.mostMm;
    // A crocheted cord stretches under load and by how much is not known: it never passes for the smallest.
    if (!isUnder18(age)) return [];
    return [
      {
        id: `cord:${part.part.id}`,
        check: 6,
        weight: long ? 'stop' : 'open',
        part: part.part.id,
        title: say.cord(part.name, length.toFixed(0)),
        reason: say.cordReason(String(profile.cord.mostMm), String(profile.cord.loadN)),
        mend: long ? say.cordMend : say.cordUnknown,
      },
    ];
  });
}

function longestChain(item: Item): number {
  if (item.type === 'stitch') return item.kind === 'ch' && typeof item.times === 'number' ? item.times : 0;
  if (item.type === 'group' || item.type === 'fan') return Math.max(0, ...item.items.map(longestChain));
  return 0;
}
