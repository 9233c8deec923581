import { own } from '../own';
import { isColour } from './colours';
import { craftWord } from './stitches';
import type { Terms } from './syntax';

/** Words that a page explains, each with the word of the house that it stands for. `key` tells one legend from another. */
export interface LegendWords {
  key: string;
  of: Readonly<Record<string, string>>;
}

/** What a legend says a word means, and the word of the house for it. */
const MEANINGS: readonly (readonly [RegExp, string])[] = [
  [/^(?:invisible|inv\.?) (?:decrease|dec)$/, 'invdec'],
  [
    /^(?:increase|inc|2 (?:sc|dc|single crochets?|double crochets?) in (?:the )?(?:same|one|1|next) (?:st|stitch))$/,
    'inc',
  ],
  [/^(?:decrease|dec|(?:sc|dc)2tog|(?:sc|dc|crochet|single crochet) 2 (?:sts |stitches )?together)$/, 'dec'],
  [/^(?:bobble|popcorn|[345]-?\s?(?:dc|tr) (?:bobble|popcorn))$/, 'bob'],
  [/^single crochet$/, 'sc'],
  [/^half double crochet$/, 'hdc'],
  [/^half treble(?: crochet)?$/, 'htr'],
  [/^double crochet$/, 'dc'],
  [/^treble(?: crochet)?$/, 'tr'],
  [/^(?:slip ?stitch|slip st|sl st)$/, 'slst'],
  [/^chain(?: stitch)?$/, 'ch'],
  [/^(?:magic|adjustable|starting) (?:ring|circle|loop)$/, 'mr'],
  [/^(?:in (?:the )?)?front loops?(?: only)?$/, 'flo'],
  [/^(?:in (?:the )?)?back loops?(?: only)?$/, 'blo'],
  [/^stitch(?:es|\(es\))?$/, 'st'],
];
/** `bo = 3-dc bobble`, `kn: bobble (5 dc)`, one to a line or several behind commas. */
const EXPLAINED =
  /(?:^|[,;:•*|-])[ \t]*([a-z]{1,8})[ \t]*(?:=|:|–|-)[ \t]*([a-z\d][a-z\d ().-]{2,48}?)[ \t]*(?=$|[,;|])/gm;
const LONGEST = 20_000;
const MOST_WORDS = 40;

/** The words that a page in lower case explains and the house does not know by themselves; undefined where there are none. */
export function legendWords(plain: string, terms: Terms): LegendWords | undefined {
  const of: Record<string, string> = {};
  for (const [, word, meaning] of plain.slice(0, LONGEST).matchAll(EXPLAINED)) {
    const said = meaning.replace(/\s*\(.*$/, '').trim();
    const known = MEANINGS.find(([means]) => means.test(said))?.[1];
    if (!known || own(of, word) !== undefined || Object.keys(of).length >= MOST_WORDS) continue;
    const free = craftWord(word, terms) === null && !OF_THE_HOUSE.has(word) && !isColour(word);
    // What is explained once and never used again explains nothing.
    if (free && plain.match(new RegExp(String.raw`(?<![a-z])${word}(?![a-z])`, 'g'))!.length > 1)
      of[word] = known;
  }
  const key = JSON.stringify(of);
  return key === '{}' ? undefined : { key, of };
}

/** Words that mean something else already, whatever a page says. */
const OF_THE_HOUSE = new Set(
  'inv st sts mr mc flo blo rnd rnds rd r row rows round rounds x v a in and of the to rep sk fo sl ss make each next'.split(
    ' ',
  ),
);
