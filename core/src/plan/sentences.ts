import { modelOf, type ToyModel } from '../model';
import { unitWords } from '../words';
import { insideName, outsideName } from './naming';
import type { TaskWords } from './task';
import { kindOf, type Step } from './tasks';
import { checkWords, type PostsCheck } from './tasks/posts';

/** A step in words, in the maker's own units; `together` tells all copies of its part as one. */
export function stepWords(step: Step, model: ToyModel, together = false): TaskWords {
  const units = unitWords(model.toy.settings.units);
  const part = step.part === '' ? model.parts[0] : modelOf(model, step.part);
  return kindOf(step.kind).words(step, {
    model,
    units,
    part,
    name: outsideName(part, step.copy, together),
    inside: insideName(part, step.copy, together),
  });
}

/** What is looked at before posts are final, in words with its number. */
export const stepCheckWords = (step: Step, check: PostsCheck, model: ToyModel): string =>
  step.kind === 'eyes' ? checkWords(check, step, { units: unitWords(model.toy.settings.units) }) : '';
