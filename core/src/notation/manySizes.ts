import { notationWords as say } from '../words';

/** `12 (14, 16)`, `Rnds 4-6 (4-7, 4-8)`: a number of the first size and those of the others behind it. */
const OF_OTHERS =
  /(\d{1,4}(?:[^\S\n]?-[^\S\n]?\d{1,4})?)([^\S\n]?[([][^\S\n]?\d{1,4}(?:-\d{1,4})?(?:[^\S\n]?[,;/][^\S\n]?\d{1,4}(?:-\d{1,4})?){1,7}[^\S\n]?[)\]])/g;
const FEWEST = 3;

/** How many sizes a page is written for, whose rounds say a number for each; 1 where it is written for one. */
export function sizesOf(plain: string): number {
  const many = [...plain.matchAll(OF_OTHERS)].map(([, , others]) => others.split(/[,;/]/).length + 1);
  return many.length >= FEWEST && new Set(many).size === 1 ? many[0] : 1;
}

/** A line of such a page as it is for the first size; as long as it was. */
export const ofFirstSize = (line: string): string =>
  line.replace(OF_OTHERS, (_, first: string, others: string) => first + ' '.repeat(others.length));

/** `Sizes: small (medium, large)`: what the first size is called; null where the page does not say it. */
const firstSize = (plain: string): string | null =>
  /^[^\S\n]{0,9}sizes?[^\S\n]{0,3}[:–-][^\S\n]{0,3}([a-z\d][a-z\d -]{0,20}?)[^\S\n]{0,3}[([]/m.exec(
    plain,
  )?.[1] ?? null;

/** What is said of a page for several sizes: how many they are, and which of them is read. */
export const sizesSaid = (sizes: number, plain: string): string => say.sizesRead(sizes, firstSize(plain));
