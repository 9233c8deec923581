/** A label behind the end of a sentence or of a count begins another round in the same line. */
const INNER =
  /(?<=[.;)\]])\s+(?=(?:rounds?|rnds?|rds?|rows?|r)\s*\.?\s*\d+(?:\s*(?:-|to|and)\s*(?:r)?\d+)?\s*[:.)-]\s*[a-z\d([*])/g;

/** `6 sc in a magic ring, then inc in each st (12)`: what is worked all around behind a ring is the next round. */
const BEHIND_RING =
  /(?<=\b(?:ring|circle|loop|mr)\b[^.;:(]{0,4})[,;]?\s+(?:and\s+)?then\s+(?=(?:inc|increase|2 sc in each)\b)/g;

const IN_COLOUR = String.raw`then\s+(?:(?:change|switch)\s+(?:back\s+)?to\s+)?[a-z ]{3,20}\s+for\s+(?:\d+|[a-z]+)\s+(?:rounds?|rnds?|rows?)\b`;
/** `change to white for one round, then black for one round` */
const THEN_COLOUR = new RegExp(
  String.raw`(?<=\b(?:rounds?|rnds?|rows?)),\s+(?:and\s+)?(?=${IN_COLOUR})`,
  'g',
);
const BEGINS_IN_COLOUR = new RegExp(String.raw`^\s*(?:and\s+)?${IN_COLOUR}`);

/** `then black for two rounds`: rounds of their own, whatever the line above ends with. */
export const beginsInColour = (plain: string): boolean => BEGINS_IN_COLOUR.test(plain);

/** `in mr 4 sc. *sc, inc* twice (6)`: the sentence behind a ring is the next round. */
const BEHIND_START =
  /(?<=\b(?:ring|mr)\b[^.;:()*]{0,14})\.\s+(?=\*|[([](?!\s*\d+\s*(?:sts?|stitches)?\s*[)\]])|(?:\d+\s*)?inc(?![a-z]))/g;

/** Where further rounds begin in a line in lower case: `R1: ... R2: ...`, `in ring, then inc in each st`. */
export function breaksOf(plain: string): number[] {
  return [INNER, BEHIND_RING, BEHIND_START, THEN_COLOUR]
    .flatMap((pattern) => [...plain.matchAll(pattern)])
    .filter((m) => !/^\s*[([][^)\]]*[)\]]$/.test(plain.slice(0, m.index)))
    .map((m) => m.index + m[0].length)
    .sort((a, b) => a - b);
}
