import { type ToyModel } from '../../model';
import { type Step } from '../index';

/**
 * An independent checker: from the toy's parts, features and joins alone (it knows nothing of how plans are made) it
 * says what a list of steps does wrong.
 */
export function faults(model: ToyModel, steps: readonly Step[]): string[] {
  const found: string[] = [];
  const at = (test: (s: Step) => boolean) => steps.findIndex(test);
  for (const part of model.parts) {
    for (const copy of part.copies) {
      const mine = steps
        .map((step, i) => ({ step, i }))
        .filter((x) => x.step.copy === copy.id && x.step.kind !== 'sew');
      const worked = mine.flatMap((x) =>
        x.step.kind === 'rounds' ? x.step.ticks.map((t) => ({ round: t.round, i: x.i })) : [],
      );
      if (worked.map((w) => w.round).join() !== part.fabric.rounds.map((_, i) => i).join())
        found.push(`rounds of ${part.name}`);
      const end = mine.find((x) => x.step.kind === 'close' || x.step.kind === 'fasten-off');
      if (!end) found.push(`${part.name} is never finished`);
      const lastRound = worked[worked.length - 1]?.i ?? -1;
      if (end && end.i < lastRound) found.push(`${part.name} is finished before its last round`);
      const open = (k: number) =>
        (part.fabric.rounds[k].count * part.gauge.stitchMm * 1.25 * (1 - part.gauge.rangePercent / 100)) /
        Math.PI;
      const doneBefore = (i: number) => worked.filter((w) => w.i < i).length;
      for (const x of mine) {
        // What needs the fill in follows closing.
        const needsFill = x.step.kind === 'sculpt' || x.step.kind === 'embroider-last';
        if (end && needsFill !== x.i > end.i && x.i !== end.i)
          found.push(`${x.step.kind} ${needsFill ? 'before' : 'after'} ${part.name} is finished`);
        if (x.step.kind === 'stuff') {
          if (part.fill === 'empty') found.push(`${part.name} is stuffed but should be empty`);
          if (doneBefore(x.i) > 0 && open(doneBefore(x.i) - 1) < 9)
            found.push(`${part.name} cannot be stuffed any more`);
        }
      }
      if (part.fill !== 'empty' && !mine.some((x) => x.step.kind === 'stuff'))
        found.push(`${part.name} is never stuffed`);
      for (const { eyes, state } of model.eyes.filter(
        (e) => e.eyes.part === part.part.id && (e.eyes.copy ?? copy.id) === copy.id,
      )) {
        const eye = mine.find((x) => x.step.kind === 'eyes' && x.step.feature === eyes.id);
        if (!eye || state.state === 'homeless') {
          found.push('eyes are never placed');
          continue;
        }
        const done = doneBefore(eye.i);
        if (done < part.fabric.rounds.findIndex((r) => r.number === state.names[0].round[1]) + 1)
          found.push('eyes before their round');
        for (let k = part.fabric.rounds.findIndex((r) => r.number === state.names[0].round[1]); k < done; k++)
          if (open(k) < eyes.washerMm + 4) found.push('eyes through too small a hole');
        if (mine.some((x) => x.step.kind === 'stuff' && x.i < eye.i)) found.push('eyes after stuffing');
      }
    }
  }
  for (const { join, sites } of model.sites) {
    for (const site of sites) {
      const sew = at((s) => s.kind === 'sew' && s.join === join.id && s.copy === site.copy);
      const finished = (copy: string) =>
        at((s) => (s.kind === 'close' || s.kind === 'fasten-off') && s.copy === copy);
      if (sew < 0) found.push('a join is never sewn');
      else if (sew < finished(site.copy) || sew < finished(join.at.copy))
        found.push('sewn before it is finished');
      const guest = steps[finished(site.copy)];
      const w = model.parts.find((p) => p.part.id === join.guest.part)!.gauge.stitchMm;
      if (guest && 'tailMm' in guest && guest.tailMm < 3 * site.guestEdge * w + 200)
        found.push('tail too short to sew');
    }
  }
  const ends = at((s) => s.kind === 'ends');
  if (steps.some((s, i) => s.kind === 'sew' && i > ends)) found.push('ends woven in before the last seam');
  if (steps[steps.length - 1]?.kind !== 'inspect') found.push('not looked over at the end');
  return found;
}
