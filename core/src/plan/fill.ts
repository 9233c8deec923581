import { OPENINGS } from '../figures';
import { worstOpening } from '../form';
import { bodyRounds, type PartModel } from '../model';
import type { Trouble } from './trouble';

/** Whether fill still passes, in tufts with a stick, after so many rounds. Worst end of the gauge. */
const passes = (part: PartModel, after: number): boolean =>
  part.gauge.stitchSource === 'not known' || worstOpening(part.form, after - 1) >= OPENINGS.fill.possibleMm;

/**
 * After how many rounds the part is stuffed: where the text says, else at the last wide opening and before the last round.
 * A pause whose hole is too small for a stick moves back to the last round that lets fill through, and trouble says so; where there is none, nothing is stuffed.
 */
export function stuffingRounds(part: PartModel, trouble: Trouble[]): number[] {
  const { fabric, reading, form } = part;
  const last = fabric.rounds.length;
  if (part.fill === 'empty' || last === 0 || form.section !== 'ring') return [];
  const said = [...new Set(reading.stuffedAfter.map((n) => bodyRounds(part, n)))].filter((n) => n > 0);
  // Walls that lie on one another hold nothing, unless the text has it filled.
  if (said.length === 0 && form.innerCm3 <= 0) return [];
  const open = Array.from({ length: reading.closed ? Math.max(0, last - 1) : last }, (_, i) => i + 1).filter(
    (n) => passes(part, n),
  );
  const moved = wantedRounds(part, said).map((n) => {
    if (passes(part, n)) return n;
    const before = open.filter((o) => o <= n);
    const to = before[before.length - 1] ?? open[0] ?? null;
    if (said.includes(n) && to !== null) trouble.push(tooLate(part, n, to));
    return to;
  });
  const found = [...new Set(moved.filter((n): n is number => n !== null))].sort((a, b) => a - b);
  if (found.length === 0) {
    const widestMm = Math.max(...form.rounds.map((_, i) => worstOpening(form, i)));
    trouble.push({ what: 'no way in for fill', part: part.part.id, widestMm });
  }
  return found;
}

/** Where the text says, and the last tufts before a part is closed; else as usual. */
function wantedRounds(part: PartModel, said: readonly number[]): readonly number[] {
  const last = part.fabric.rounds.length;
  if (said.length === 0) return usualRounds(part);
  return part.reading.closed && said[said.length - 1] < last - 1 ? [...said, last - 1] : said;
}

const tooLate = ({ part, fabric, form }: PartModel, said: number, instead: number): Trouble => ({
  what: 'filled too late',
  part: part.id,
  said: fabric.rounds[said - 1].label,
  openingMm: Math.max(0, worstOpening(form, said - 1)),
  instead: fabric.rounds[instead - 1].label,
});

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
