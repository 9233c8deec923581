import { notationWords as notationEnglish } from '../../notation';
import { pageWords as pageEnglish } from '../../page';
import { notationWords } from './notation';
import { pageWords } from './page';

/** What the reader of pages says, and how German says it: all that the worker prints. */
export const germanOfReader: readonly (readonly [object, object])[] = [
  [notationEnglish, notationWords],
  [pageEnglish, pageWords],
];
