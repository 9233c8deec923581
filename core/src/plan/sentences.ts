import { modelOf, type ToyModel } from '../model';
import { unitWords } from '../words';
import { insideName, outsideName } from './naming';
import type { TaskWords, Telling } from './task';
import { kindOf, type Step } from './tasks';
import { checkWords, type PostsCheck } from './tasks/posts';

function tellingOf(step: Step, model: ToyModel, together: boolean): Telling {
  const part = step.part === '' ? model.parts[0] : modelOf(model, step.part);
  return {
    model,
    units: unitWords(model.toy.settings.units),
    part,
    name: outsideName(part, step.copy, together),
    inside: insideName(part, step.copy, together),
  };
}

/** A step in words, in the maker's own units; `together` tells all copies of its part as one. */
export const stepWords = (step: Step, model: ToyModel, together = false): TaskWords =>
  kindOf(step.kind).words(step, tellingOf(step, model, together));

/** What the hand does within a step. */
export const alongWords = (step: Step, model: ToyModel): readonly string[] =>
  kindOf(step.kind).along?.(step, tellingOf(step, model, false)) ?? [];

/** What is looked at before posts are final, in words with its number. */
export const stepCheckWords = (step: Step, check: PostsCheck, model: ToyModel): string =>
  step.kind === 'eyes' ? checkWords(check, step, { units: unitWords(model.toy.settings.units) }) : '';
