/** `3  1 dc in each st`, `6-10  sc around`, and not `2 dc in next` behind one blank: the number of a round with nothing but blanks behind it. */
const NUMBERED =
  /^([^\S\n]{0,20}\d{1,3}(?:[^\S\n]{0,2}-[^\S\n]{0,2}\d{1,3})?)[^\S\n](?!(?:sc|hdc|dc|htr|tr|ss|sl|ch)(?![a-z]))(?=[^\S\n]{0,9}(?!(?:sts?|stitches|rounds?|rnds?|rows?|mm|cm|x|g|m|eyes?|balls?|pcs|pieces?|more|times)(?![a-z]))[a-z\d([*])/gim;
/** So many must follow each other before a page is taken for one that numbers its rounds so. */
const FEWEST = 3;
/** A round says stitches, a ring or its count, or is its count alone; what is needed and what is sewn on does not. */
const OF_STITCHES =
  /[([]\s{0,3}\d+[^()[\]\n]{0,20}[)\]]|\b(?:sc|dc|hdc|inc|dec|around|single|double|ring|mr|magic)\b|^\s{0,9}\d{1,4}\s{0,3}(?:[([]?[+-]\s?\d{1,3}[)\]]?|[([]?even[)\]]?)?\s{0,9}$/i;

/** Whether a page numbers its rounds with nothing behind the numbers: they count 1, 2, 3, and again from 1, and hardly a line breaks the order. */
export function numbersByBlanks(plain: string): boolean {
  let [next, ordered, longest, others] = [1, 0, 0, 0];
  let [first, last] = ['', 1];
  for (const found of plain.matchAll(NUMBERED)) {
    const end = plain.indexOf('\n', found.index);
    const work = plain.slice(found.index + found[0].length, end < 0 ? undefined : end);
    [first, last] = boundsOf(found[1]);
    const fits = (Number(first) === next || Number(first) === 1) && OF_STITCHES.test(work);
    if (!fits) {
      others++;
      continue;
    }
    next = last + 1;
    ordered++;
    longest = Math.max(longest, last);
  }
  return longest >= FEWEST && ordered >= FEWEST && others * 4 <= ordered;
}

function boundsOf(label: string): [string, number] {
  const numbers = label.match(/\d+/g)!;
  return [numbers[0], Number(numbers.at(-1))];
}

/** A line of such a page with a colon behind its number; as long as it was. */
export const withColon = (line: string): string =>
  line.replace(NUMBERED, (_, label: string, at: number, whole: string) =>
    /\S/.test(whole[at + label.length + 1]) ? `${label}\t` : `${label}:`,
  );
