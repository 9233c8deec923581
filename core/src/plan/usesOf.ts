import { modelOf, type PartModel, type ToyModel } from '../model';
import type { Plan } from './plan';
import { kindOf } from './tasks';
import type { Use } from './uses';

/** Everything that the steps of a plan use up, with the part that it is for. */
export const usesOf = (model: ToyModel, plan: Plan): { use: Use; part: PartModel }[] =>
  plan.steps.flatMap((step) =>
    (kindOf(step.kind).uses?.(step) ?? []).map((use) => ({
      use,
      part: step.part === '' ? model.parts[0] : modelOf(model, step.part),
    })),
  );
