import { eyeRow } from '../feature';
import { sizeOf, yarnNeed } from '../form';
import type { Ranged } from '../gauge';
import { changeYarn } from '../toy';
import { modelToy, type PartModel, type ToyModel } from '../model';
import { planOf } from './plan';
import type { Plan } from './plan';
import { yarnNeeds } from './yarnNeeds';

/** Before and after. */
export type Both<T> = readonly [T, T];

/** What another yarn or hook makes of one part. Lengths in mm, fill in g, yarn in m; ends are those of one copy. */
export interface YarnChangeRow {
  part: string;
  name: string;
  copies: number;
  width: Both<Ranged>;
  height: Both<Ranged>;
  fillG: Both<number>;
  endMm: Both<number>;
  yarnM: Both<number>;
  /** the pair as it is, and the size that keeps its share of the part's width */
  eyes: { eyeMm: Both<number>; washerMm: Both<number> } | null;
}

export interface YarnChange {
  rows: readonly YarnChangeRow[];
  fillG: Both<number>;
  endsMm: Both<number>;
  yarnM: Both<number>;
  /** yarn of each colour with its ends and what is worked on the surface, m and g */
  yarns: readonly { key: string; name: string; metres: Both<Ranged>; grams: Both<Ranged> }[];
  minutes: Both<number>;
  pauses: Both<number>;
}

/** A whole toy in another yarn or with another hook, side by side with what it is now. Nothing is changed. */
export function compareYarn(
  model: ToyModel,
  gauge: string,
  to: { hookMm: number; yarn?: string },
): YarnChange {
  // Words within a line keep their marks, so no new ones are asked for.
  const after = modelToy(changeYarn(model.toy, gauge, to, () => ''));
  const plans = [planOf(model), planOf(after)] as const;
  const rows = model.parts
    .filter((p) => p.fabric.rounds.length > 0)
    .map((before) =>
      rowOf(
        model,
        before,
        after.parts.find((p) => p.part.id === before.part.id)!,
        plans,
      ),
    );
  const total = (of: (row: YarnChangeRow) => Both<number>): Both<number> =>
    [0, 1].map((k) => rows.reduce((sum, row) => sum + of(row)[k], 0)) as unknown as Both<number>;
  const yarns = [model, after].map((m, k) => yarnNeeds(m, plans[k]));
  return {
    yarns: yarns[0].flatMap(({ key, name, colour, metres, grams }) => {
      const then = yarns[1].find((y) => y.key === key);
      return then
        ? [
            {
              key,
              name: name || colour || '',
              metres: [metres, then.metres] as const,
              grams: [grams, then.grams] as const,
            },
          ]
        : [];
    }),
    minutes: [plans[0].totals.minutes, plans[1].totals.minutes],
    pauses: [plans[0].totals.pauses, plans[1].totals.pauses],
    rows,
    fillG: total((r) => r.fillG),
    endsMm: [plans[0].totals.tailsMm, plans[1].totals.tailsMm],
    yarnM: total((r) => r.yarnM),
  };
}

/** One part in both yarns. */
function rowOf(model: ToyModel, before: PartModel, now: PartModel, plans: Both<Plan>): YarnChangeRow {
  const both = <T>(of: (p: PartModel, plan: Plan) => T): Both<T> => [of(before, plans[0]), of(now, plans[1])];
  const pair = model.eyes.find((e) => e.eyes.part === before.part.id)?.eyes;
  const row = pair && eyeRow((pair.eyeMm * now.form.widthMm) / Math.max(before.form.widthMm, 1e-6));
  return {
    part: before.part.id,
    name: before.name,
    copies: before.copies.length,
    width: both((p) => sizeOf(p.form).width),
    height: both((p) => sizeOf(p.form).height),
    yarnM: both((p) => yarnNeed(p.form).value * p.copies.length),
    fillG: both((p, plan) =>
      plan.steps.reduce(
        (sum, s) => sum + (s.kind === 'stuff' && s.part === p.part.id ? s.fillG.value : 0),
        0,
      ),
    ),
    endMm: both((p, plan) =>
      plan.steps.reduce(
        (most, s) =>
          (s.kind === 'close' || s.kind === 'fasten-off') && s.part === p.part.id
            ? Math.max(most, s.tailMm)
            : most,
        0,
      ),
    ),
    eyes: pair && row ? { eyeMm: [pair.eyeMm, row.eyeMm], washerMm: [pair.washerMm, row.washerMm] } : null,
  };
}
