import { kept } from '@hoppla/core/kept';
import { looksOf, type Looks, type PartForm } from '@hoppla/core/form';
import { looksInput, type PartModel, type ToyModel } from '@hoppla/core/model';
import { useComputeAll } from '../compute';

/** Up to so many stitches the ring model's own looks are laid at once, while the worker relaxes them. */
const MOST_AT_ONCE = 4000;

/** The ring model's looks of a part, without the worker. */
const laidOnce = kept((form: PartForm, fill: PartModel['fill']) => looksOf(form, fill, 'once'));

/** Looks belong to a fabric: one that has changed since is drawn anew. */
const fits = (looks: Looks, { fabric }: PartForm): boolean =>
  looks.legsTo.length === fabric.rounds.length + 1 &&
  looks.shift.length === 3 * fabric.rounds.reduce((sum, r) => sum + r.count, 0);

/**
 * The looks of parts: relaxed by the worker; until then as the ring model lays them, or for a very large part as it
 * looked before. Missing for a large part that was never seen.
 */
export function useLooks(
  parts: readonly { model: ToyModel; part: PartModel }[],
): ReadonlyMap<PartModel, Looks> {
  const relaxed = useComputeAll(
    'looks',
    parts.map(({ model, part }) => ({
      about: `${model.toy.id}/${part.part.id}`,
      input: looksInput(model.toy, part),
    })),
  );
  const found = new Map<PartModel, Looks>();
  parts.forEach(({ part }, i) => {
    const known = relaxed[i];
    const looks =
      known && fits(known, part.form)
        ? known
        : part.fabric.stitches <= MOST_AT_ONCE
          ? laidOnce(part.form, part.fill)
          : null;
    if (looks) found.set(part, looks);
  });
  return found;
}
