import { JUDGE } from '../figures';
import type { TestKind } from '../toy';
import type { ToyModel } from '../model';
import type { PullRule } from './judge';
import { bandOf, profileOf, pullN } from './profiles';
import type { Attached } from './reinforcement';

/** The tests of an attached thing, in their order: torque comes before pull on what fingers can turn; seams and what hangs on a yarn are pulled across. */
export const testsOf = ({ is }: Attached): readonly TestKind[] => {
  switch (is) {
    case 'eyes':
    case 'nose':
    case 'patch':
    case 'hanger':
      return ['torque', 'pull'];
    case 'strands':
    case 'limb':
      return ['pull'];
    case 'seam':
    case 'caught':
      return ['seam'];
  }
};

/** What a thing is tried with: by the toy's profile and age, the large load where its size is not known. */
export function testRule(model: ToyModel, thing: Attached, kind: TestKind): PullRule {
  const profile = profileOf(model.toy);
  const limits = profile.limits[bandOf(model.toy.settings.age)];
  const target = {
    torque: limits.torqueNm,
    pull:
      thing.mm === null ? Math.max(limits.pullLargeN, limits.pullSmallN) : pullN(profile, limits, thing.mm),
    seam: limits.seamN,
  }[kind];
  return {
    target,
    riseS: limits.riseS,
    holdS: limits.holdS,
    dipPercent: JUDGE.dipPercent.value,
    source: `${profile.source}, ${profile.year}`,
  };
}
