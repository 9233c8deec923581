import { formOfLayer, positionOf, resolvePlace } from '../address';
import type { Embroidery } from '../feature';
import { OPENINGS, TIME } from '../figures';
import { distance, windowOf } from '../form';
import type { PartModel, ToyModel } from '../toy';
import { planWords as say, type UnitWords } from '../words';
import { threadLength } from './figures';
import { stepKey, type OfPiece } from './naming';
import type { EmbroiderStep } from './step';

/**
 * After how many rounds a path is embroidered: while a hand can still tie the ends inside, and before the fill. Where the hole is
 * too small by then it is done through the fabric, and the step says so.
 */
function roundFor(
  { toy }: ToyModel,
  part: PartModel,
  f: Embroidery,
  stuffAt: readonly number[],
): { after: number; inside: boolean } {
  const { fabric, form } = part;
  const firsts = f.path.flatMap((p) => {
    const found = resolvePlace(fabric, p);
    return found.state === 'at' || found.state === 'moved' ? [found.round] : [];
  });
  const first = Math.max(0, ...firsts);
  const end = stuffAt[0] ?? fabric.rounds.length;
  const window = windowOf(
    form,
    fabric.rounds[first].number,
    toy.settings.ownSmallestMm ?? OPENINGS.embroider.comfortableMm,
    0,
  );
  const last = fabric.rounds.findIndex((r) => r.number === window.lastComfortable) + 1;
  const after = Math.max(first + 1, Math.min(end, last > 0 ? last : end));
  return { after, inside: last > 0 && after <= last };
}

export function embroiderStep(
  model: ToyModel,
  part: PartModel,
  base: OfPiece,
  f: Embroidery,
  name: string,
  stuffAt: readonly number[],
  units: UnitWords,
): EmbroiderStep & { after: number } {
  const { after, inside } = roundFor(model, part, f, stuffAt);
  const points = f.path.flatMap((p) => {
    const found = resolvePlace(part.fabric, p);
    return (found.state === 'at' || found.state === 'moved') && (p.at === 'hole' || p.at === 'middle')
      ? [positionOf(formOfLayer(part.form, found.layer), found.round, p.at, found.index)]
      : [];
  });
  let path = 0;
  for (let i = 1; i < points.length; i++) path += distance(points[i - 1], points[i]);
  const threadMm = threadLength(path * f.strokes);
  const round = part.fabric.rounds[after - 1];
  return {
    kind: 'embroider',
    ...base,
    feature: f.id,
    key: stepKey('embroider', base.copy, f.id),
    afterRound: round.number,
    threadMm,
    title: say.embroider(f.name, name),
    notes: [],
    after,
    detail: say.embroiderDetail(units.end(threadMm)),
    reason: inside ? say.embroiderReason : say.embroiderThrough,
    minutes: TIME.embroider.value,
    content: `${f.name}:${f.path.length}`,
  };
}
