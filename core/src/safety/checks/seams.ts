import { HOLDS } from '../../figures';
import { copyName, modelOf, type ToyModel } from '../../model';
import { safetyPointWords as say } from '../../words';
import { attachedTo, sewnTwice } from '../reinforcement';
import { isUnder36, type Checked, type SafetyPoint } from '../point';

/** Check 4: how limbs are held. Stitches, twice round, buried ends, what nobody has fixed; how strong a seam is only its test tells. */
export function seamChecks(checked: Checked): SafetyPoint[] {
  const { model, age } = checked;
  return [
    ...looseOnes(model),
    ...faulty(model),
    ...fewStitches(checked),
    ...onceRound(checked),
    ...buried(checked),
    ...(attachedTo(model).some((a) => a.is === 'seam' || a.is === 'caught')
      ? [
          {
            id: 'seams:test',
            check: 4,
            weight: isUnder36(age) ? 'open' : 'advice',
            title: say.seamsTest,
            reason: say.seamsTestReason(String(checked.limits.seamN), String(checked.limits.holdS)),
            mend: say.testMend,
            tests: 'seams',
          } as const,
        ]
      : []),
  ];
}

/** Pieces that nothing holds, while others stand. */
function looseOnes(model: ToyModel): SafetyPoint[] {
  const names = model.loose.map((p) => copyName(modelOf(model, p.part), p.copy));
  if (names.length === 0 || model.pieces.length < 2) return [];
  return [
    {
      id: 'loose pieces',
      check: 4,
      weight: 'open',
      title: say.loosePieces(names.length),
      reason: say.loosePiecesReason,
      mend: say.loosePiecesMend,
      tags: names,
    },
  ];
}

/** Joins that cannot be made as they are written: nobody knows what holds then. */
function faulty(model: ToyModel): SafetyPoint[] {
  const names = model.joinFaults.map((f) => modelOf(model, f.join.guest.part).name);
  if (names.length === 0) return [];
  return [
    {
      id: 'joins not made',
      check: 4,
      weight: 'open',
      title: say.notMade(names.length),
      reason: say.notMadeReason,
      mend: say.notMadeMend,
      tags: names,
    },
  ];
}

function fewStitches({ model, age }: Checked): SafetyPoint[] {
  return model.sites.flatMap(({ join, sites }) =>
    sites
      .filter((s) => s.guestEdge < HOLDS.fewStitches.value)
      .map((site): SafetyPoint => ({
        id: `few:${join.id}:${site.copy}`,
        check: 4,
        weight: isUnder36(age) ? 'open' : 'advice',
        part: join.guest.part,
        join: join.id,
        title: say.few(copyName(modelOf(model, join.guest.part), site.copy), site.guestEdge),
        reason: say.fewReason,
        mend: say.fewMend,
        tests: `join:${join.id}:${site.copy}`,
      })),
  );
}

/** Seams that are sewn round once. For a small child the plan sews all of them twice. */
function onceRound({ model, age }: Checked): SafetyPoint[] {
  const once = model.sites.filter(({ join }) => !sewnTwice(join.seam, age));
  if (once.length === 0) return [];
  return [
    {
      id: 'seams:once',
      check: 4,
      weight: 'advice',
      title: say.once(once.length),
      reason: say.onceReason,
      mend: say.onceMend,
      tags: once.map(({ join }) => modelOf(model, join.guest.part).name),
      does: { do: 'sew twice', joins: once.map(({ join }) => join.id) },
    },
  ];
}

function buried({ model, age, units }: Checked): SafetyPoint[] {
  const { buriedMm } = model.toy.safety;
  const least = HOLDS.buriedMm.value;
  if (model.parts.length === 0 || (buriedMm !== null && buriedMm >= least)) return [];
  return [
    {
      id: 'buried',
      check: 4,
      weight: isUnder36(age) ? 'open' : 'advice',
      title:
        buriedMm === null ? say.buriedNotSaid : say.buriedShort(units.figure(Math.round(10 * buriedMm) / 10)),
      reason: say.buriedReason,
      mend: say.buriedMend(units.figure(least)),
      does: { do: 'bury', mm: least },
    },
  ];
}
