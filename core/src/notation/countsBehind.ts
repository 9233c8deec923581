/** A round by its label: `r3 `, `Rnd 5-R9: `, `12. `. */
const ROUND =
  /^[^\S\n]{0,9}(?:(?:rounds?|rnds?|rds?|rows?|r)\.?[^\S\n]?\d{1,3}(?:[^\S\n]?[-–][^\S\n]?(?:r(?:nd|d)?\.?[^\S\n]?)?\d{1,3})?[^\S\n]{0,3}[:.)-]?|\d{1,3}(?:[^\S\n]?[-–][^\S\n]?\d{1,3})?[.):])[^\S\n]{1,3}(?=\S)([^\n]*)$/gim;
/** A number behind what takes none: `in each 12`, `(1 sc, inc) rep 6 18`, `in ring 6`. */
const COUNTED =
  /(?:\b(?:ring|circle|loop|mr|mc|each|around|round|sts?|stitch|stitches|all|tog|together|times|even|across|end)|[)\]]|\d)[^\S\n]\d{1,4}[^\S\n]*$/i;
const ENDS_WITH_NUMBER = /[^\S\n](\d{1,4})[^\S\n]*$/;
/** So many rounds must show it before a page is taken for one that writes its counts so, and so many of its rounds. */
const FEWEST = 4;
const SHOWS_IT = 0.6;

/**
 * Whether a page writes the count of a round last, behind one blank and without a sign, as columns are copied: every round ends with
 * a number, and most of them where no number of stitches can stand.
 */
export function countsBehind(plain: string): boolean {
  const rounds = [...plain.matchAll(ROUND)].map(([, work]) => work);
  const counted = rounds.filter((work) => COUNTED.test(work)).length;
  return (
    counted >= FEWEST &&
    counted >= SHOWS_IT * rounds.length &&
    rounds.every((work) => ENDS_WITH_NUMBER.test(work))
  );
}

/** A line of such a page with an equals sign before its count; as long as it was. */
export const withEquals = (line: string): string =>
  line.replace(ROUND, (whole) => whole.replace(ENDS_WITH_NUMBER, (count) => `=${count.slice(1)}`));
