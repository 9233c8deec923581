import { copyName, type PartModel } from '../toy';
import { planWords as say } from '../words';

/** The part and copy that a step is about. */
export interface OfPiece {
  part: string;
  copy: string;
}

/** "the head", but "ear 2" where there are several. */
export const pieceName = (part: PartModel, copy: string): string =>
  part.copies.length > 1 ? copyName(part, copy) : say.the(part.name);

/** The stable key of a step: its kind, the copy, and the mark, feature or join it is about; never a label (decision 31). */
export const stepKey = (kind: string, copy: string, what: string): string => `${kind}:${copy}:${what}`;
