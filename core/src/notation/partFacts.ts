import type { HookSaid } from './hooks';
import type { PartReading, Pause } from './reading';
import type { Fact } from './syntax';

/** One part has one hook: a second one on the way, or words that name none, leave it not known. */
export function takeHook(part: PartReading, { mm, said }: Pick<HookSaid, 'mm' | 'said'>): void {
  const other = part.hookMm !== null && mm !== null && mm !== part.hookMm;
  if (part.hookNotKnown !== null) return;
  if (mm === null || other)
    Object.assign(part, { hookMm: null, hookNotKnown: other ? `${part.hookMm} mm, ${said}` : said });
  else part.hookMm = mm;
}

/** What is said of a leg is not said of a head. */
export const holdsFor = (fact: Fact, part: string): boolean =>
  !(fact.fact === 'ring' && fact.of === 'leg' && /head/i.test(part));

/** How the part ends. Yarn that is only cut leaves an end that is known already as it is. */
function ended(part: PartReading, fact: Extract<Fact, { fact: 'off' | 'shut' | 'open' }>): void {
  if (fact.fact === 'shut') {
    part.closed = fact.how !== 'sewn shut';
    part.end = { how: fact.how === 'gathered' ? 'gathered' : 'sewn shut', count: fact.count };
  } else if (fact.fact === 'open') part.end = { how: 'open', count: null };
  else if (part.end.how === 'not known') part.end.how = 'open';
}

/** Takes into the part what sentences decide, after the rounds that it has now. Gives the colour that they change to. */
export function decide(part: PartReading, facts: readonly Fact[]): string | null {
  const rounds = part.rounds.length;
  const stop = facts.find((f) => f.fact === 'stop');
  let colour: string | null = null;
  for (const fact of facts)
    switch (fact.fact) {
      case 'stuff':
        stuffed(part, fact, stop?.stitch ?? null);
        break;
      case 'zone':
        part.zones.push(fact);
        break;
      case 'unstuffed':
        part.unstuffed = true;
        break;
      case 'off':
      case 'shut':
      case 'open':
        ended(part, fact);
        break;
      case 'star':
        part.star = true;
        if (!part.closed) ended(part, { fact: 'shut', how: 'gathered', count: null });
        break;
      case 'tail':
        part.tailMm = Math.max(part.tailMm ?? 0, fact.tailMm);
        break;
      case 'make':
        madeSoOften(part, fact);
        break;
      case 'ring':
        if (holdsFor(fact, part.name)) part.ringIs ??= fact.ringIs;
        break;
      case 'colour':
        colour = fact.colour;
        break;
      case 'feature':
        if (fact.feature.what === 'eyes' && fact.feature.making !== 'embroidered')
          pause(part, { round: rounds, stitch: stop?.stitch ?? null, what: 'eyes' });
        break;
      case 'stop':
        if (!facts.some((f) => f.fact === 'stuff' || f.fact === 'feature'))
          pause(part, { round: rounds, stitch: fact.stitch, what: 'stop' });
        break;
      case 'hook':
        takeHook(part, fact.hook);
        break;
    }
  return colour;
}

/** How often a part is made, and in which colours. */
function madeSoOften(part: PartReading, { make, mirrored, colours }: Extract<Fact, { fact: 'make' }>): void {
  part.make = make;
  part.mirrored ||= mirrored;
  part.copyColours = colours ?? part.copyColours;
}

/** Filling that goes in after the rounds that the part has now. */
function stuffed(
  part: PartReading,
  { firmness, toRound }: Extract<Fact, { fact: 'stuff' }>,
  stitch: number | null,
): void {
  const after = part.rounds.length;
  part.stuffedAfter.push(after);
  part.stuffings.push({ after, firmness, toRound });
  part.firmness ??= firmness;
  pause(part, { round: after, stitch, what: 'stuff' });
}

/** One rest for one thing at one place. */
function pause(part: PartReading, at: Pause): void {
  const same = part.pauses.some((p) => p.round === at.round && p.stitch === at.stitch && p.what === at.what);
  if (at.round > 0 && !same) part.pauses.push(at);
}

/** How the part ends when its lines are through: a last round worked through both layers ends it, too. */
export function endOf(part: PartReading, words: (from: number, to: number) => string): void {
  const at = part.rounds.findLastIndex((r) => r.kind !== 'layer');
  const last = part.rounds[at];
  if (last?.kind === 'fold' && part.end.how !== 'sewn shut') {
    const line = part.lines.find((l) => l.rounds[0] <= at && at < l.rounds[1]);
    const folded = line !== undefined && /\bfold/i.test(words(line.from, line.to));
    part.end = { how: folded ? 'folded' : 'flattened', count: last.made };
  } else if (part.rounds.some((r) => r.kind === 'fold') && part.end.how === 'open')
    part.end = { how: 'flattened', count: null };
  if (part.end.count === null && part.end.how === 'gathered') part.end.count = last?.carried ?? null;
}
