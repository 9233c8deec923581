import { safetyPointWords as say } from '../../words';
import type { PartModel, ToyModel } from '../../model';
import { isUnder36, type Checked, type SafetyPoint } from '../point';

/** Check 12: yarn that sheds near a small child's mouth, and yarn of which nobody has said it. */
export function sheddingChecks({ model, parts, age }: Checked): SafetyPoint[] {
  if (parts.length === 0) return [];
  const weight = isUnder36(age) ? 'open' : 'advice';
  const yarns = yarnsOf(model, parts);
  const sheds = yarns.filter((y) => y.sheds === true).map((y) => y.name);
  const unknown = yarns.filter((y) => y.sheds === null).map((y) => y.name);
  return [
    ...(sheds.length > 0
      ? [
          {
            id: 'sheds',
            check: 12,
            weight,
            title: say.sheds(sheds.length),
            reason: say.shedsReason,
            mend: say.shedsMend,
            tags: sheds,
          } as const,
        ]
      : []),
    ...(unknown.length > 0
      ? [
          {
            id: 'shedding',
            check: 12,
            weight,
            title: say.sheddingNotSaid(unknown.length),
            reason: say.sheddingReason,
            mend: say.sheddingMend,
            tags: unknown,
            asks: true,
          } as const,
        ]
      : []),
  ];
}

/** The yarns of the palette; a gauge of plush sheds whatever is said of its colour. One without a palette is a yarn of which nothing is said. */
function yarnsOf({ toy }: ToyModel, parts: readonly PartModel[]): { name: string; sheds: boolean | null }[] {
  const plush = toy.gauges.filter(
    (g) => parts.some((p) => p.part.gauge === g.id) && /plush/.test(g.yarn ?? ''),
  );
  const named = toy.palette.map((y) => ({ name: y.name || y.slot, sheds: y.sheds }));
  return [
    ...(named.length > 0 ? named : [{ name: say.theYarn, sheds: null }]),
    ...plush.map((g) => ({ name: g.name || g.yarn!, sheds: true })),
  ];
}
