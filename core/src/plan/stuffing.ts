import { OPENINGS } from '../figures';
import { fillNeed, worstOpening } from '../form';
import type { Ranged } from '../gauge';
import type { PartModel, ToyModel } from '../toy';
import { planWords as say, unitWords } from '../words';
import { stuffMinutes, volumeShare } from './figures';
import { stepKey, type OfPiece } from './naming';
import type { StuffStep } from './step';

/** How many rounds of the part itself are among the first so many rounds as read. */
export const bodyRounds = (part: PartModel, readings: number): number =>
  part.fabric.rounds.filter((r) => r.reading < readings).length;

/** Whether fill still passes, in tufts with a stick, after so many rounds. Worst end of the gauge. */
const passes = (part: PartModel, after: number): boolean =>
  part.gauge.stitchSource === 'not known' || worstOpening(part.form, after - 1) >= OPENINGS.fill.possibleMm;

/**
 * After how many rounds the part is stuffed: where the text says, else at the last wide opening and before the last round.
 * A pause whose hole is too small for a stick moves back to the last round that lets fill through, and trouble says so; where there is none, nothing is stuffed.
 */
export function stuffingRounds(part: PartModel, trouble: string[]): number[] {
  const { fabric, reading, form } = part;
  const last = fabric.rounds.length;
  if (part.fill === 'empty' || last === 0 || form.section !== 'ring') return [];
  const said = [...new Set(reading.stuffedAfter.map((n) => bodyRounds(part, n)))].filter((n) => n > 0);
  // Walls that lie on one another hold nothing, unless the text has it filled.
  if (said.length === 0 && form.innerCm3 <= 0) return [];
  const wanted =
    said.length > 0
      ? reading.closed && said[said.length - 1] < last - 1
        ? [...said, last - 1]
        : said
      : usualRounds(part);
  const open = Array.from({ length: reading.closed ? Math.max(0, last - 1) : last }, (_, i) => i + 1).filter(
    (n) => passes(part, n),
  );
  const units = unitWords('mm');
  const moved = wanted.map((n) => {
    if (passes(part, n)) return n;
    const before = open.filter((o) => o <= n);
    const to = before[before.length - 1] ?? open[0] ?? null;
    if (said.includes(n) && to !== null)
      trouble.push(
        say.fillTooLate(
          part.name,
          fabric.rounds[n - 1].label,
          units.length(Math.max(0, worstOpening(form, n - 1))),
          fabric.rounds[to - 1].label,
        ),
      );
    return to;
  });
  const found = [...new Set(moved.filter((n): n is number => n !== null))].sort((a, b) => a - b);
  if (found.length === 0)
    trouble.push(
      say.fillNever(part.name, units.length(Math.max(...form.rounds.map((_, i) => worstOpening(form, i))))),
    );
  return found;
}

function usualRounds(part: PartModel): number[] {
  const { form, fabric, reading } = part;
  const last = fabric.rounds.length;
  if (!reading.closed) return [last];
  let wide = 0;
  for (let i = Math.floor(last / 2); i < last && worstOpening(form, i) >= OPENINGS.fill.comfortableMm; i++)
    wide = i + 1;
  const ends = Math.max(1, last - 1);
  return wide > 0 && wide < ends ? [wide, ends] : [ends];
}

/** The goes in which a part is filled, each with its share of the fill. */
export function stuffSteps(
  model: ToyModel,
  part: PartModel,
  base: OfPiece,
  name: string,
  stuffAt: readonly number[],
): { after: number; step: StuffStep }[] {
  const { fabric, form } = part;
  const units = unitWords(model.toy.settings.units);
  const all = fillNeed(form, part.fill, model.toy.settings.fillWith);
  let filled = 0;
  return stuffAt.map((after, i) => {
    const upTo = i === stuffAt.length - 1 ? 1 : volumeShare(form, after - 1);
    const share = upTo - filled;
    filled = upTo;
    const fillG: Ranged = { ...all, value: all.value * share, low: all.low * share, high: all.high * share };
    const openingMm = worstOpening(form, after - 1);
    const round = fabric.rounds[after - 1];
    return {
      after,
      step: {
        kind: 'stuff',
        ...base,
        key: stepKey('stuff', base.copy, `${round.mark}.${round.nth}`),
        afterRound: round.number,
        fillG,
        openingMm,
        title: (i === 0 ? say.stuff : say.stuffLast)(name, units.weight(fillG.value)),
        detail: say.stuffDetail(
          round.label,
          part.gauge.stitchSource === 'not known' ? null : units.length(openingMm),
          part.fill,
        ),
        notes: [],
        reason: say.stuffReason,
        minutes: stuffMinutes(fillG.value),
        content: `${after}:${part.fill}:${unitWords('mm').bareWeight(fillG.value)}`,
      },
    };
  });
}
