import { knownByText } from '../../kept';
import { NUMBER_PATTERN as N } from '../numberWords';

/** A label behind the end of a sentence or of a count begins another round in the same line. */
const INNER =
  /(?:(?<=[.;)\]])\s+|,\s+then\s+)(?=(?:rounds?|rnds?|rds?|rows?|r)\s*\.?\s*\d+(?:\s*(?:-|to|and)\s*(?:r)?\d+)?\s*[:.)→,-]\s*[a-z\d([*])/g;

/** `1st round:`, `Next round:`, `Work 8 rounds straight.`, `Fold top flat and work 6 dc through both layers.` behind the end of a sentence. */
const INNER_WORK = new RegExp(
  String.raw`(?<=[.;)\]]|\d\s?sts)\s+(?=(?:\d{1,3}(?:st|nd|rd|th)\s+(?:round|rnd|row)\s*:|(?:next|last)\s+(?:round|rnd|row)\s*:|(?:work\s+)?(?:${N})\s+(?:more\s+)?(?:rounds?|rnds?|rows?)\s+(?:straight|even|plain|without)\b|(?:fold|press|lay)\b[^.;]{0,30}\bthrough\s+both\b|rep(?:eat)?\s+(?:the\s+)?last\s+(?:round|rnd|row)\b))`,
  'g',
);

/** `6 sc in a magic ring, then inc in each st (12)`: what is worked all around behind a ring is the next round. */
const BEHIND_RING =
  /(?<=\b(?:ring|circle|loop|mr)\b[^.;:(]{0,4})[,;]?\s+(?:and\s+)?then\s+(?:an?\s+)?(?=(?:inc|increase|(?:2|two) (?:sc |dc |single crochets? |double crochets? )?in each)\b)/g;

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

/** `R1: 5X in MR R2: 5V (10) R3: 10X`: labels with a colon, one higher than the other, whatever stands before them. */
const LABELLED = /(?<=\s)(?:rounds?|rnds?|rds?|rows?|r)\.?\s?(\d+)(?:\s?-\s?r?\d+)?\s?:(?=\s)/g;

function labelled(plain: string): number[] {
  const found = [...` ${plain}`.matchAll(LABELLED)];
  const rises = found.every((m, i) => i === 0 || Number(m[1]) > Number(found[i - 1][1]));
  return found.length > 1 && rises ? found.slice(1).map((m) => m.index - 1) : [];
}

/** `r1 6 in ring / r2 inc all (12) / stuff / r3 even`: rounds and what is done between them, behind slashes. */
const SLASHED = /\s\/\s+(?=\S)|(?<=\/\s[a-z]{3,12}:)\s+(?=r\d)/g;
const slashed = (plain: string): RegExpExecArray[] =>
  (plain.match(/\s\/\s+(?:[a-z]{3,12}:\s+)?(?:rounds?|rnds?|rds?|rows?|r)\.?\s?\d/g)?.length ?? 0) > 1
    ? [...plain.matchAll(SLASHED)]
    : [];

/** Where further rounds begin in a line in lower case: `R1: ... R2: ...`, `in ring, then inc in each st`. */
export const breaksOf = knownByText((plain: string): readonly number[] => {
  const behind = [INNER, INNER_WORK, BEHIND_RING, BEHIND_START, THEN_COLOUR]
    .flatMap((pattern) => [...plain.matchAll(pattern)])
    .concat(slashed(plain))
    .filter((m) => !/^\s*[([][^)\]]*[)\]]$/.test(plain.slice(0, m.index)))
    .map((m) => m.index + m[0].length);
  return [...new Set([...behind, ...labelled(plain)])].sort((a, b) => a - b);
});
