import type { ToyModel } from '../model';
import { attachedTo, type Attached } from '../safety';
import type { PullTest } from '../toy';
import { decimals, recordWords as say } from '../words';
import { loadSaid } from './loadSaid';
import type { SignoffRefusal } from './signoff';

/** What was tried, in words. */
export const thingName = ({ is, name }: Attached): string => say.things[is](name);

/** What a test tried, by its key; what the toy has no more is told as that. */
export function testedName(model: ToyModel, { thing }: Pick<PullTest, 'thing'>): string {
  const found = attachedTo(model).find((a) => a.key === thing);
  return found ? thingName(found) : say.gone;
}

/** Why a piece is not signed off. */
export function signoffWords(refusal: SignoffRefusal): string {
  switch (refusal.why) {
    case 'no maker':
    case 'spent':
    case 'put aside':
    case 'complaint':
      return say.refusals[refusal.why];
    case 'pins out':
      return say.refusals.pins(refusal.count);
    case 'stop':
      return say.refusals.stop(refusal.point.title);
    case 'test missing':
      return say.refusals.missing(thingName(refusal.thing), say.kinds[refusal.kind]);
    case 'let go':
      return say.refusals['let go'](thingName(refusal.thing), say.kinds[refusal.kind]);
  }
}

/** What came of a test, in one line. */
export const testLine = (test: PullTest): string =>
  `${say.told(say.verdicts[test.verdict], loadSaid(test.peak, test.kind), decimals(test.heldS, 1))}; ${say.whys[test.why] ?? test.why}`;
