import type { Moment } from '../form';
import { copyName, type PartModel } from '../model';
import { inSentence, partNames, planWords as say } from '../words';

/** "Ear", "Ear 2", or "Ear × 2" where all copies are told together. */
export const outsideName = (part: PartModel, copy: string, together = false): string =>
  together && part.copies.length > 1 ? partNames.all(part.name, part.copies.length) : copyName(part, copy);

/** The same inside a sentence: "the head", but "ear 2" where there are several. */
export const insideName = (part: PartModel, copy: string, together = false): string =>
  part.copies.length > 1
    ? inSentence.name(outsideName(part, copy, together))
    : say.the(inSentence.name(part.name));

/** "R14", or "12 stitches of R14" inside it. */
export function momentSaid({ fabric }: PartModel, { round, stitches, of }: Moment): string {
  const label = fabric.rounds.find((r) => r.number === round)?.label ?? '';
  return stitches < of ? say.inRound(stitches, label) : label;
}
