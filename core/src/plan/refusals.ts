import { guestsOf } from '../join';
import { modelOf, type ToyModel } from '../model';
import { inSentence, orderWords, planWords as say } from '../words';
import { insideName } from './naming';
import type { Refusal } from './order';

/** What a block is called inside a sentence: a piece, a seam, or a step of the whole toy. */
export function blockName(key: string, model: ToyModel): string {
  const [kind, copy, about] = key.split(':');
  const part = model.parts.find((p) => p.copies.some((c) => c.id === copy));
  const piece = part ? insideName(part, copy) : '';
  const join = model.toy.joins.find((j) => j.id === about);
  if (join && guestsOf(join).some((g) => g.copy === copy)) {
    const host = modelOf(model, join.at.part);
    return inSentence.name(say.sew(piece, insideName(host, join.at.copy)));
  }
  const feature = model.toy.features.find((f) => f.id === about);
  const named = feature && 'name' in feature ? inSentence.name(feature.name) : null;
  return orderWords.blocks[kind]?.(piece, named) ?? piece;
}

/** Why a block cannot stand where it was put, and where it stands instead. */
export function refusalWords({ key, other, first, why }: Refusal, model: ToyModel): string {
  const [one, two] = [blockName(key, model), blockName(other, model)];
  return first === 'other'
    ? orderWords.refused(one, two, orderWords.why[why])
    : orderWords.refusedLate(one, two, orderWords.why[why]);
}
