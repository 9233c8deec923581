import { everyJoin, modelOf, type PartModel, type ToyModel } from '../model';
import { nameKey } from '../notation';
import { fillGoes } from './fill';
import type { Due, OfPiece, PieceAtHand } from './task';
import { kindOf, KINDS, type Step } from './tasks';
import { fullAt } from './moment';
import { beginRoundTask } from './tasks/beginRound';
import { roundsTask } from './tasks/rounds';
import type { Trouble } from './trouble';

/** Pieces in the order of making: what is sewn on, and what a join round catches, comes before its host; otherwise as the parts are listed. */
export function makingOrder(model: ToyModel): { part: PartModel; copy: string }[] {
  const done = new Set<string>();
  const order: { part: PartModel; copy: string }[] = [];
  const before = (part: PartModel): PartModel[] => [
    ...everyJoin(model).flatMap(({ join }) =>
      join.at.part === part.part.id && join.at.at !== 'edge' && join.guest.part !== part.part.id
        ? [modelOf(model, join.guest.part)]
        : [],
    ),
    ...part.reading.caught.flatMap((caught) =>
      model.parts.filter((p) => p !== part && nameKey(p.name) === nameKey(caught)).slice(0, 1),
    ),
  ];
  const visit = (part: PartModel, trail: readonly string[]): void => {
    const { id } = part.part;
    if (done.has(id) || trail.includes(id)) return;
    for (const guest of before(part)) visit(guest, [...trail, id]);
    done.add(id);
    if (part.fabric.rounds.length > 0) for (const copy of part.copies) order.push({ part, copy: copy.id });
  };
  for (const part of model.parts) visit(part, []);
  return order;
}

/** Everything done to one piece before it is sewn: its rounds, cut where something else is done. */
export function pieceSteps(model: ToyModel, part: PartModel, of: OfPiece, trouble: Trouble[]): Step[] {
  if (!part.addsUp) trouble.push({ what: 'does not add up', part: of.part });
  const due: Due<Step>[] = [];
  const piece: PieceAtHand = { model, part, of, goes: fillGoes(model, part, of, trouble), due, trouble };
  for (const kind of KINDS) due.push(...((kindOf(kind).ofPiece?.(piece) ?? []) as Due<Step>[]));
  // Sorting keeps the order of the table among what is done at one pause.
  due.sort((a, b) => a.after - b.after || (a.stitches ?? 0) - (b.stitches ?? 0));
  const steps: Step[] = [];
  let worked = fullAt(0);
  for (const { after, stitches = 0, task } of due) {
    if (after > worked.after) {
      steps.push(roundsTask(piece, worked, after));
      worked = fullAt(after);
    }
    if (after === worked.after && stitches > worked.stitches) {
      steps.push(beginRoundTask(piece, worked, stitches));
      worked = { after, stitches };
    }
    steps.push(task);
  }
  return steps;
}
