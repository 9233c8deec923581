import { knownByText } from '../../kept';

/** What a stretch of a page is about. */
export type Block = 'front' | 'materials' | 'legend' | 'remarks' | 'part' | 'assembly';

const HEADERS: readonly (readonly [Exclude<Block, 'part' | 'front'>, RegExp])[] = [
  [
    'materials',
    /^(?:(?:the\s+)?(?:materials?|supplies|tools|equipment|shopping list|notions)(?:\s+(?:and|&|\+)\s+\w+)?(?:\s+(?:needed|required|used|list))?|what\s+to\s+(?:get|have|buy)|(?:what|stuff|things|all)\s+(?:you(?:'ll|’ll| will)?\s+(?:will\s+)?need|is needed|i used)|you(?:'ll|’ll| will)?\s+(?:will\s+)?need|in\s+(?:this|the)\s+(?:kit|box|bag)|what i used|needed|contents(?:\s+of\s+(?:your|the|this)\s+(?:kit|box|bag|pack))?)\b/,
  ],
  [
    'legend',
    /^(?:(?:list of\s+)?abbrev(?:iation)?s?(?:\s+list)?|stitch guide|(?:stitches|stitch|terms)\s+(?:used|key|guide|abbreviations)|stitches|stitch(?:es)? (?:and|&) terms|legend|glossary|signs|symbols|key(?: to)?|terminology|terms|how to read|special stitch(?:es)?)(?:\s+(?:used|and [a-z]+|\([^)]*\)))*(?![a-z])/,
  ],
  [
    'remarks',
    /^(?:(?:finished\s+)?(?:size|measurements?|dimensions)|gauge|tension|pattern|instructions|(?:pattern\s+)?notes?|general (?:notes?|information)|before you (?:start|begin)|about(?: the pattern)?|info(?:rmation)?|level|skill level|difficulty|good to know|tips?(?: and tricks)?|introduction|copyright|techniques?|special techniques?)(?:\s*:|\s*$|\b(?=.{0,40}$))/,
  ],
  [
    'assembly',
    /^(?:(?:final\s+)?assembl(?:y|ing)(?:\s+instructions)?|finishing(?:\s+(?:up|touches))?|(?:to\s+)?(?:make|making)\s+up|to\s+finish|sewing(?:\s+(?:up|together|it all together))?|putting\s+[\w ,'’]*?(?:together|up)|put\s+(?:it|them|everything)\s+together|joining(?:\s+(?:the\s+)?(?:parts|pieces|everything))?|construction|sew\s+(?:it\s+)?(?:all\s+)?together|bringing\s+it\s+together|face|details?|face\s+details|embroidery|decoration|hair|beard[\w ]*|final\s+(?:steps|touches|details)|last\s+steps|completing[\w ]*)(?:\s*\([^)]*\))?(?=\s*[:.!]|\s*$)/,
  ],
];
const STEP = /^(?:step|part|section)\s+(?:\d+|[a-z]+)\s*[:.)-]\s*/;

/** A block that begins, and whether something of it stands on the same line. */
interface Header {
  block: Exclude<Block, 'part' | 'front'>;
  inline: boolean;
}

/** The block that a line in lower case begins, and whether it says something of it on the same line; null when it begins none. */
export const headerIn = knownByText((plain: string): Header | null => {
  const text = plain
    .trim()
    .replace(/^[*•#=_~●-]+\s*/, '')
    .replace(STEP, '')
    .replace(/(?:(?<!\s)\s+|(?<![*=_~\s-]))[*=_~-]+$/, '');
  if (text === '') return null;
  for (const [block, words] of HEADERS) {
    const found = words.exec(text);
    if (!found) continue;
    const rest = text.slice(found[0].length).replace(/^\s*[:.!-]?\s*/, '');
    if (rest === '') return { block, inline: false };
    const follows = text.slice(found[0].length);
    if (/^\s*:/.test(follows) || (block !== 'assembly' && /^\s/.test(follows) && text.length > 12)) {
      // `You need two of them` is no list.
      if (block === 'materials' && !/^\s*:/.test(follows) && !MATERIAL.test(rest)) continue;
      // `Stitches into it` explains no sign.
      if (block === 'legend' && !/^\s*:/.test(follows) && !LEGEND.test(rest)) continue;
      return { block, inline: true };
    }
  }
  return null;
});

const FURNITURE =
  /^(?:[-–—~·*_=|:\s]*|(?:page\s+)?\d{1,3}(?:\s*(?:\/|of)\s*\d{1,3})?|.*(?:©|\(c\)\s|copyright|all rights reserved|for personal use|please don['’]?t share).*|(?:https?:\/\/|www\.)\S+|[\w.]+@[\w.]+|[-–—]\s?\d{1,3}\s?[-–—]|.{0,80}\s[-–—|•]\s?page\s\d{1,3}|(?:instructions|directions)\s?:?|[▼▲◆◇■□●○★☆♥♡❤✿❀✦✧…⋆\s]+|[([]?\s?(?:see\s+)?(?:photos?|pictures?|pics?|images?|img|fig(?:ure)?s?)\.?\s?(?:no\.?\s?|#\s?)?\d{1,3}[a-d]?(?:\s?(?:[-–&,/]|and|to)\s?\d{1,3}[a-d]?)*\s?[)\]]?\.?|[([]?(?:photo|picture|image|figure)\s?:\s.{0,100})$/;

/** Page numbers, rules, lines of copyright and links. `plain` in lower case. */
export const isFurniture = (plain: string): boolean => plain.trim() !== '' && FURNITURE.test(plain.trim());

/** The head of the columns of a sheet: `Rnd ⇥ Work ⇥ Sts ⇥ Remarks`. */
export const isColumnHead = (plain: string): boolean =>
  /^\s*(?:(?:part|piece|name)\s*[\t|;]\s*)?(?:rounds?|rnds?|rds?|rows?|rws?|r|#|no\.?)\s*(?:\t|\||;|\s{2,}).*(?:work|instructions?|stitches|sts|count|pattern)/.test(
    plain,
  ) && !/\d/.test(plain);

/** `Body ⇥ 1 ⇥ 6 sc in ring ⇥ 6`: a sheet that names the part in each of its rows. */
export const PART_CELL = /^\s*(\p{L}[\p{L} ]{1,20})\t(?=\d+(?:\s*-\s*\d+)?\t)/u;

const MATERIAL =
  /\b(?:hook|yarn|cotton|wool|acrylic|chenille|worsted|dk|fingering|sport weight|aran|\d+\s?ply|fib(?:er|re) ?fill|stuffing|filling|needle|stitch markers?|safety eyes?|eyes|felt|floss|embroidery thread|thread|scissors|buttons?|pipe cleaner|wire|beads?|plastic canvas|cardboard|foam|grams?|\d+\s*g\b|balls?\b|skeins?|yds?\b|yards?|metres?|ribbon)\b/;
const LEGEND =
  /(?:^|[\s,;(])(?:[xvaotf]|st|sts|st\(s\)|sc|dc|hdc|htr|tr|ch|ss|sl st|inc|dec|invdec|mr|mc|blo|flo|rnd|r|rep|yo|\(\s*\)|\[\s*\])\s*(?:=|–|-|:)\s*\S|\bmeans that\b|\b(?:us|uk|american|british) (?:terms|terminology|words)\b|\b(?:written|worked) in (?:us|uk|a spiral|continuous)\b|\bdo(?:es)? not count\b|\bnever counted\b|\bcounts? as\b|\bspiral\b|\bdon['’]?t join|\bdo not join\b|\bcontinuous rounds?\b|\bis always the invisible\b/;

/** What a line before the parts is, by what it speaks of. `block` is the stretch that it stands in; `plain` in lower case. */
export function frontKind(plain: string, block: Block): 'materials' | 'legend' | 'remark' {
  if (block === 'materials') return 'materials';
  if (block === 'legend') return 'legend';
  if (LEGEND.test(plain)) return 'legend';
  if (block !== 'remarks' && MATERIAL.test(plain) && plain.length < 260) return 'materials';
  return 'remark';
}
