import { own } from '../own';
import { isColour, isColourSlot, isPlainColour } from './colours';
import { countsAlone } from './countsAlone';
import { countsBehind, withEquals } from './countsBehind';
import { ofFirstSize, sizesOf } from './manySizes';
import { numbersByBlanks, withColon } from './numberedLines';
import { craftWord } from './stitches';
import type { Terms } from './syntax';

/** Words that a page explains, each with the word of the house that it stands for, and how it writes its rounds. `key` tells one such hand from another. */
export interface LegendWords {
  key: string;
  of: Readonly<Record<string, string>>;
  /** the word with which it numbers its rounds, where the house has another: `tr1:`, `tr2:`, `tr3:` */
  label: string | null;
  /** it numbers its rounds with nothing but blanks behind the number */
  numbered: boolean;
  /** it writes the count of a round last, behind one blank */
  behind: boolean;
  /** it says its numbers for so many sizes, of which the first is read */
  sizes: number;
  /** its rounds say their counts alone */
  alone: boolean;
}

/** A line with its numbers where those of the house stand: of one size, the count behind an equals sign, a colon behind the label; as long as it was. */
export function numbersOfTheHouse(
  line: string,
  { sizes, behind, numbered }: Pick<LegendWords, 'sizes' | 'behind' | 'numbered'>,
): string {
  const sized = sizes > 1 ? ofFirstSize(line) : line;
  const counted = behind ? withEquals(sized) : sized;
  return numbered ? withColon(counted) : counted;
}

/** What a legend says a word means, and the word of the house for it. */
const MEANINGS: readonly (readonly [RegExp, string])[] = [
  [/^(?:invisible|inv\.?) (?:decrease|dec)$/, 'invdec'],
  [
    /^(?:increase|inc|2 (?:sc|dc|single crochets?|double crochets?) in (?:the )?(?:same|one|1|next) (?:st|stitch))$/,
    'inc',
  ],
  [
    /^(?:decrease|dec|(?:sc|dc)2tog|(?:2|two) (?:sts |stitches )?together|(?:sc|dc|crochet|single crochet) 2 (?:sts |stitches )?together)$/,
    'dec',
  ],
  [/^(?:bobble|popcorn|[345]-?\s?(?:dc|tr) (?:bobble|popcorn))$/, 'bob'],
  [/^(?:single crochet|sc)$/, 'sc'],
  [/^(?:half double crochet|hdc)$/, 'hdc'],
  [/^(?:half treble(?: crochet)?|htr)$/, 'htr'],
  [/^(?:double crochet|dc)$/, 'dc'],
  [/^(?:treble(?: crochet)?|tr)$/, 'tr'],
  [/^(?:slip ?stitch|slip st|sl st|ss)$/, 'slst'],
  [/^(?:chain(?: stitch)?|ch)$/, 'ch'],
  [/^(?:magic|adjustable|starting) (?:ring|circle|loop)$/, 'mr'],
  [/^(?:in (?:the )?)?front loops?(?: only)?$/, 'flo'],
  [/^(?:in (?:the )?)?back loops?(?: only)?$/, 'blo'],
  [/^stitch(?:es|\(es\))?$/, 'st'],
];
/** `K = black`: what stands for a colour is a letter or two, and none of those that every page uses. */
const codeOf = (word: string, meaning: string): string | undefined =>
  word.length <= 2 && !isColourSlot(word) && isPlainColour(meaning) ? meaning : undefined;

/** `bo = 3-dc bobble`, `kn: bobble (5 dc)`, one to a line or several behind commas. */
const EXPLAINED =
  /(?:^|[,;:•*|-])[ \t]*([a-z]{1,8})[ \t]*(=|:|–|-)[ \t]*([a-z\d][a-z\d ().-]{1,48}?)[ \t]*(?=$|[,;|])/gm;
const LONGEST = 20_000;
const MOST_WORDS = 40;
const SHORTEST = 3;

/** The words that a page in lower case explains and the house does not know by themselves; undefined where there are none. */
export function legendWords(plain: string, terms: Terms): LegendWords | undefined {
  const of: Record<string, string> = {};
  const written = plain.slice(0, LONGEST);
  // A meaning may be broken by the width of its page.
  const found = [...written.matchAll(EXPLAINED), ...written.replace(/\n(?=[a-z])/g, ' ').matchAll(EXPLAINED)];
  for (const [, word, sign, meaning] of found) {
    const said = meaning.replace(/\(.*$/, '').trim().replace(/\s+/g, ' ');
    // `Sides: sc` tells what is worked there, `fm = sc` what a word means.
    if (sign !== '=' && said.length <= SHORTEST) continue;
    const known = MEANINGS.find(([means]) => means.test(said))?.[1] ?? codeOf(word, said);
    if (!known || own(of, word) !== undefined || Object.keys(of).length >= MOST_WORDS) continue;
    const free = craftWord(word, terms) === null && !OF_THE_HOUSE.has(word) && !isColour(word);
    // What is explained once and never used again explains nothing.
    if (free && plain.match(new RegExp(String.raw`(?<![a-z])${word}(?![a-z])`, 'g'))!.length > 1)
      of[word] = known;
  }
  const label = labelWord(plain);
  const numbered = numbersByBlanks(written);
  const alone = countsAlone(written);
  const sizes = sizesOf(written);
  const behind = countsBehind(written);
  const key = JSON.stringify([of, label, numbered, alone, behind, sizes]);
  return key === '[{},null,false,false,false,1]'
    ? undefined
    : { key, of, label, numbered, alone, behind, sizes };
}

const NUMBERED =
  /^[^\S\n]*([a-z]{1,6})\.?[^\S\n]?(\d{1,3})(?:[^\S\n]*(?:-|to|t\/m|until)[^\S\n]*\d{1,3})?[^\S\n]*[:)](.*)/gm;
/** A round, and no part that begins: stitches or their count. */
const OF_STITCHES = /[([]\s*\d+\s*[)\]]|\b(?:sc|dc|hdc|inc|dec|around|single|double)\b/;
const BEGINS = /\b(?:ring|circle|mr|magic)\b/;
/** They are numbered, and are no rounds. */
const NO_LABEL =
  /^(?:r|rnds?|rds?|rows?|rounds?|lines?|step|part|piece|leg|arm|ear|fin|wing|side|day|page|fig|photo|week|size|chart|sc|dc|ch|st|x|v|a)$/;

/** The word before the numbers 1, 2 and 3 at the beginning of lines, where it is none that everybody uses; null where there is none. */
function labelWord(plain: string): string | null {
  const next = new Map<string, number>();
  for (const [, word, number, work] of plain.slice(0, LONGEST).matchAll(NUMBERED)) {
    // `Horn 2: 6 sc in ring` is another part.
    const round = Number(number) === 1 || (OF_STITCHES.test(work) && !BEGINS.test(work));
    if (NO_LABEL.test(word) || !round) continue;
    const wanted = next.get(word) ?? 1;
    if (Number(number) === wanted) next.set(word, wanted + 1);
    if (wanted === 3 && Number(number) === 3) return word;
  }
  return null;
}

/** Words that mean something else already, whatever a page says. */
const OF_THE_HOUSE = new Set(
  'inv st sts mr mc flo blo rnd rnds rd r row rows round rounds x v a in and of the to rep sk fo sl ss make each next'.split(
    ' ',
  ),
);
