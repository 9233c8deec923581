import { pageWords as say } from '../../words';
import type { FeatureNote } from '../featureNote';
import type { Fact } from '../syntax';

/** What some facts decide or offer, in one line; empty where they offer nothing. */
export const factsWords = (facts: readonly Fact[]): string =>
  [...new Set(facts.map(factWords))].filter((words) => words !== null).join('; ');

/** What a fact decides or offers, in words; null where it offers nothing. */
export function factWords(fact: Fact): string | null {
  switch (fact.fact) {
    case 'stuff':
      return say.stuff(fact.firmness, fact.toRound);
    case 'zone':
      return say.zone(fact);
    case 'unstuffed':
      return say.unstuffed;
    case 'off':
      return say.off;
    case 'tail':
      return say.tail(fact.tailMm);
    case 'shut':
      return {
        gathered: say.gathered(fact.count),
        'sewn together': say.sewnTogether,
        'sewn shut': say.sewnShut,
      }[fact.how];
    case 'open':
      return say.open;
    case 'star':
      return say.star;
    case 'make':
      return say.make(fact.make, fact.mirrored);
    case 'ring':
      return say.ring(fact.ringIs);
    case 'colour':
      return say.colour(fact.colour);
    case 'stop':
      return say.stop(fact.stitch);
    case 'hook':
      return say.hook(fact.hook.mm, fact.hook.said);
    case 'feature':
      // A tail or a leg is a matter of sewing, not of the face.
      return fact.feature.what === 'other' ? null : featureWords(fact.feature);
  }
}

function featureWords(note: FeatureNote): string {
  if (note.what !== 'eyes') return say.feature(note.what);
  const on = note.onRound === null ? null : say.onRound(note.onRound);
  const rounds = note.rounds ? say.between(...note.rounds) : on;
  const many = note.many ? say.many(note.many.join(' to '), note.counted, note.holes) : note.apart;
  return say.eyes(note.sizeMm, rounds, many, note.unread !== null);
}
