import { yarnIn } from '../figures';
import { read, type PartReading } from '../notation';
import { changePart, partOf, typeInPart } from './edits';
import { changeGauge, isOfItsHook, MEASURED_ON_A_HOOK } from './gaugeOfPart';
import { otherTitles } from './titles';
import type { NamedGauge, NewId, Part, Toy } from './types';

/** What is known of a gauge only by measuring it on one yarn. */
const MEASURED = { ...MEASURED_ON_A_HOOK, leanStitches: undefined, gramsPerMetre: undefined } as const;

const readingOf = (toy: Toy, part: Part): PartReading | undefined =>
  read(part.text, { terms: toy.settings.terms, parts: otherTitles(toy, part.id) }).parts[0];

/**
 * Another yarn or hook for everything made under a gauge: what was measured on the old one is assumed again, and a hook that a text
 * names is written anew there, as the text owns it.
 */
export function changeYarn(
  toy: Toy,
  id: string,
  to: { hookMm: number; yarn?: string; gramsPerMetre?: number },
  newId: NewId,
): Toy {
  const gauged = changeGauge(toy, id, { ...MEASURED, ...to, hookBy: 'said', hookWords: undefined });
  return gauged.parts
    .filter((p) => p.gauge === id)
    .reduce((so, part) => {
      const said = (readingOf(toy, part)?.lines ?? []).flatMap(({ node, from }) =>
        (node.type === 'heading' || node.type === 'note' || node.type === 'round') && node.hook
          ? [{ from: from + node.hook.from, to: from + node.hook.to, insert: `${to.hookMm} mm hook` }]
          : [],
      );
      return said.reduceRight((text, change) => typeInPart(text, part.id, change, newId), so);
    }, gauged);
}

/**
 * What was measured on a part. A swatch belongs to its hook: when the part's text names another hook than its gauge does, the
 * measurement goes to a gauge of that hook, which all parts of the old one with the same hook then share.
 */
export function measureGauge(toy: Toy, partId: string, change: Partial<NamedGauge>, newId: NewId): Toy {
  const part = partOf(toy, partId);
  const named = toy.gauges.find((g) => g.id === part.gauge) ?? toy.gauges[0];
  const reading = readingOf(toy, part);
  if (!reading || isOfItsHook(named, reading)) return changeGauge(toy, named.id, change);
  const hook: Partial<NamedGauge> =
    reading.hookNotKnown !== null
      ? { hookBy: 'not known', hookWords: reading.hookNotKnown }
      : { hookMm: reading.hookMm ?? named.hookMm, hookBy: 'said', hookWords: undefined };
  const yarn = yarnIn(reading.yarn ?? '') ?? named.yarn;
  const bare: NamedGauge = { ...named, ...MEASURED_ON_A_HOOK, ...hook, yarn, id: newId(), name: '' };
  const own = toy.gauges.find(
    (g) => g !== named && g.hand === named.hand && g.yarnUnder === named.yarnUnder && isOfItsHook(g, reading),
  );
  const gauge = own ?? bare;
  const added = own ? toy : { ...toy, gauges: [...toy.gauges, bare] };
  const moved = toy.parts.filter((p) => {
    const other = p.gauge === named.id ? readingOf(toy, p) : undefined;
    return other && !isOfItsHook(named, other) && isOfItsHook(gauge, other);
  });
  const placed = moved.reduce((so, p) => changePart(so, p.id, { gauge: gauge.id }), added);
  return changeGauge(placed, gauge.id, change);
}

/** Gives one part a yarn and hook of its own, begun from those it has. */
export function addGauge(toy: Toy, partId: string, name: string, newId: NewId): Toy {
  const from = toy.gauges.find((g) => g.id === partOf(toy, partId).gauge) ?? toy.gauges[0];
  const gauge: NamedGauge = { ...from, id: newId(), name };
  return changePart({ ...toy, gauges: [...toy.gauges, gauge] }, partId, { gauge: gauge.id });
}

/** Takes away a gauge that no part uses; the last one stays. */
export function removeGauge(toy: Toy, id: string): Toy {
  return toy.gauges.length > 1 && !toy.parts.some((p) => p.gauge === id)
    ? { ...toy, gauges: toy.gauges.filter((g) => g.id !== id) }
    : toy;
}
