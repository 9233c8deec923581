import { written, type PlainLine } from './lexer';
import type { Item } from './syntax';

const THROUGH_BOTH =
  /\b(?:through|across)\s+(?:both|the two|all)\s+(?:layers|sides|edges|thicknesses)\b|\bacross both\b/;

/** Two pieces that lie on each other are worked together all around: neither is folded. */
const TWO_PIECES =
  /\b(?:wrong|right) sides? (?:facing|together|out)|\bboth (?:pieces|halves|parts|circles|discs|squares)\b|\b(?:put|hold|lay|place|join|crochet) (?:both|the two|them)(?: (?:pieces|halves|parts|circles|discs|squares))? (?:together|on top)/;

/** `10 sc through both layers` folds what it closes, whether or not it says so. */
export function foldsWhatItCloses(items: Item[], plain: PlainLine, text: string): void {
  const both = THROUGH_BOTH.exec(text);
  if (!both || TWO_PIECES.test(text) || items.some((i) => i.type === 'sign' && i.sign === 'fold')) return;
  const span = written(plain, both.index, both.index + both[0].length);
  items.unshift({ type: 'sign', sign: 'fold', span });
}
