import { featuresIn } from '../notation';
import type { PartModel } from './part';
import { stretchesOf } from './stretches';
import type { ToyModel } from './toy';

/** Titles that makers give to what has a face. */
const HEADS = /\b(head|face)\b/i;

const asksForEyes = ({ reading }: PartModel): boolean =>
  reading.lines.some(({ node }) => featuresIn(node).some((f) => f.what === 'eyes'));

/** The part that a face is made on: the one with eyes, else the one whose text asks for some, else the one that is called a head, else one that is a head and a body, else the largest. */
export function facedPart({ parts, eyes }: ToyModel): PartModel | null {
  const worked = parts.filter((p) => p.fabric.rounds.length > 0);
  const largest = worked.reduce<PartModel | null>(
    (best, p) => (best === null || p.form.volumeCm3 > best.form.volumeCm3 ? p : best),
    null,
  );
  const headed = (p: PartModel) => stretchesOf(p).some((s) => s.is === 'head');
  return (
    worked.find((p) => eyes.some((e) => e.eyes.part === p.part.id)) ??
    worked.find(asksForEyes) ??
    worked.find((p) => HEADS.test(p.name)) ??
    worked.find(headed) ??
    largest ??
    parts[0] ??
    null
  );
}
