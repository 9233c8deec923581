import type { AgeBand, RuleId } from './rules';
import type { SafetySaid, Toy } from './types';

/** Changes what is said for safety. */
export const changeSafety = (toy: Toy, change: Partial<SafetySaid>): Toy => ({
  ...toy,
  safety: { ...toy.safety, ...change },
});

/** The maker's words about a point; null takes them back. */
export function answerPoint(toy: Toy, point: string, words: string | null): Toy {
  const others = toy.safety.answers.filter((a) => a.point !== point);
  return changeSafety(toy, { answers: words === null ? others : [...others, { point, words }] });
}

/** One of the maker's own limits; null takes it back. */
export function setRule(toy: Toy, band: AgeBand, rule: RuleId, value: number | null): Toy {
  const { [rule]: _, ...rest } = toy.safety.own[band] ?? {};
  const own = value === null ? rest : { ...rest, [rule]: value };
  return changeSafety(toy, { own: { ...toy.safety.own, [band]: own } });
}

/** Says that a part's start is a doubled ring, or has its tail woven round once more. */
export const secureStart = (toy: Toy, part: string, secured: boolean): Toy =>
  changeSafety(toy, {
    startsSecured: [...toy.safety.startsSecured.filter((p) => p !== part), ...(secured ? [part] : [])],
  });
