import { yarnIn } from '../figures';
import type { GaugeSettings } from '../gauge';
import type { PartReading, Reading } from '../notation';
import type { NamedGauge, NewId, Toy } from './types';

/** What is known of a gauge only by measuring it on one hook and yarn. Lean is the maker's own and goes along. */
export const MEASURED_ON_A_HOOK = {
  stitchMm: undefined,
  roundMm: undefined,
  stitchRangePercent: undefined,
  roundRangePercent: undefined,
  holeStretch: undefined,
  yarnPerStitchMm: undefined,
  postGive: undefined,
  postRangePercent: undefined,
} as const;

/** Whether a gauge is of the hook and yarn that a part's text names. A part that names none takes the gauge's. */
export function isOfItsHook(named: NamedGauge, reading: PartReading): boolean {
  const plush = reading.yarn === null ? undefined : yarnIn(reading.yarn);
  if (plush !== undefined && named.yarn !== plush) return false;
  if (reading.hookNotKnown !== null) return named.hookWords === reading.hookNotKnown;
  return reading.hookMm === null || reading.hookMm === named.hookMm;
}

/**
 * The gauge that a part is made with: its own text's hook before the gauge's. A swatch belongs to its hook: with another
 * hook what was measured is assumed again; with words that name no one hook nothing is known.
 */
export function gaugeSettingsOf(named: NamedGauge, reading: PartReading): GaugeSettings {
  const said: Partial<GaugeSettings> =
    reading.hookNotKnown !== null
      ? { hookBy: 'not known' }
      : reading.hookMm !== null
        ? { hookMm: reading.hookMm, hookBy: 'said' }
        : {};
  if (isOfItsHook(named, reading)) return { ...named, ...said };
  return { ...named, ...MEASURED_ON_A_HOOK, yarn: yarnIn(reading.yarn ?? '') ?? named.yarn, ...said };
}

/** Changes a gauge; a field set to undefined is assumed again. */
export function changeGauge(toy: Toy, id: string, change: Partial<NamedGauge>): Toy {
  const changed = (g: NamedGauge): NamedGauge =>
    Object.fromEntries(
      Object.entries({ ...g, ...change }).filter(([, value]) => value !== undefined),
    ) as unknown as NamedGauge;
  return { ...toy, gauges: toy.gauges.map((g) => (g.id === id ? changed(g) : g)) };
}

/** The gauge for what a page is made with, by the hook and yarn it names before its parts: the toy's own while it has no parts, else one like it or a new one. */
export function gaugeOfPage(
  toy: Toy,
  page: Reading,
  text: string,
  newId: NewId,
): { toy: Toy; gauge: string } {
  const first = toy.gauges[0];
  const yarn = yarnIn(text);
  const hook: Partial<NamedGauge> = !page.hook
    ? {}
    : page.hook.mm === null
      ? { hookBy: 'not known', hookWords: page.hook.said }
      : { hookMm: page.hook.mm, hookBy: 'said' };
  const change = { ...hook, ...(yarn ? { yarn } : {}) };
  if (Object.keys(change).length === 0) return { toy, gauge: first.id };
  if (toy.parts.length === 0) return { toy: changeGauge(toy, first.id, change), gauge: first.id };
  const like = toy.gauges.find((g) =>
    Object.entries(change).every(([k, v]) => g[k as keyof NamedGauge] === v),
  );
  if (like) return { toy, gauge: like.id };
  const own: NamedGauge = { ...first, ...MEASURED_ON_A_HOOK, ...change, id: newId(), name: '' };
  return { toy: changeGauge({ ...toy, gauges: [...toy.gauges, own] }, own.id, {}), gauge: own.id };
}
