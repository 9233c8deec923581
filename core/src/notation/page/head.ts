import { Known, ownLetters } from '../../kept';
import { isColour, isPlainColour } from '../colours';
import { bareHeading } from '../headings';
import { bareHook, hookIn } from '../hooks';
import { countSaid, NUMBER_PATTERN as N } from '../numberWords';
import { ringIn } from '../poseWords';
import { craftWord } from '../stitches';
import type { Fact, HeadingNode, Terms } from '../syntax';
import { severalHeaded } from './copiesListed';

const STEP = new RegExp(
  String.raw`^(?:(?:part|piece|name)\s*[;\t]\s*|(?:step|part|section|piece|chapter)\s+(?:${N}|[ivx]+|[a-h])\s*[:.)-]\s*|(?:(?:okay|ok|so|now|well|right|then|next|and|first)[,\s]+)*for\s+(?:the|his|her|its|their|my)\s+|\d{1,2}\s*(?:[.)]|-(?=\s+[a-z]))\s+|[a-h]\s*[.)]\s+|(?:crochet|hook)\s+(?:the|an?|your|his|her)\s+(?=[a-z ]{3,30}(?:[:(,]|$))|make\s+an?\s+(?=(?![a-z ]*\b(?:ring|circle|loop|knot|chain|ch)\b)[a-z ]{3,30}:))`,
);
const MAKE = [
  new RegExp(
    String.raw`\b(?:make|work|crochet|knit|you need|(?:qty|quantity)[.:\s]{0,3})\s*(${N})(?:\s+(?:of\s+(?:them|each)|alike|the same|pieces))?(?![a-z\d])`,
  ),
  new RegExp(String.raw`(?<![a-z\d.])[x*]\s*(\d{1,3}|two|three|four)(?![a-z\d.]|\s*mm)`),
  new RegExp(
    String.raw`(?<![\d.]|\bin\s)(\d{1,3}|\b(?:two|three|four))\s*(?:x|times|pieces?|pcs?|alike|the same)(?![a-z\d])`,
  ),
  /\b(both|pair)\b/,
] as const;
const ALONE = new RegExp(String.raw`^(\d{1,2}|(?!one$)[a-z]+(?<=^${N}))(?:\s+of\s+(?:them|these|those))?$`);
/** `The ears, two`: how many, behind the name. */
const HOW_MANY = new RegExp(String.raw`,\s*(?:${N})\s*$`);
/** `Two ears`, `2 x legs`, `(2) tails`, `Two (2) fins`, `Make 2 horns`: how many, before the name. */
const LEADS = new RegExp(
  String.raw`^(?:the\s+|make\s+)?[([]?\s?(${N})(?:\s?[)\]]|\s?x(?![a-z])|\s+\(\d{1,2}\))?\s+(?=(?!rounds|rnds|rows|sts|stitches|pieces|parts|chains|loops|ends|times)[a-z]+s\b)`,
);
const RING_IS = /ring\s*=\s*(?:the\s+)?(crown|chin|nose|sole|back|tip|mouth)\b/;
/** Words of a list of what is needed: no part is called so. */
export const OF_MATERIALS =
  /\b(?:contents|sizes?|finished|measurements?|hooks?|needles?|yarn|cotton|wool|eyes|gauge|tension|terms|materials?|patterns?|stuffing|filling|level)\b/;
/** Eyes that are worked have rounds below them, as any part. */
const OF_EYES =
  /^(?:the\s+)?(?:whites?\s+of\s+(?:the\s+)?|outer\s+|inner\s+|big\s+)?eyes?(?:\s+(?:whites?|lids?|patch(?:es)?|spots?|balls?|sockets?|bases?))?$/;
const LONGEST = 120;
const MOST_WORDS = 8;

/** A heading and whether it tells more than a name. */
export interface Head {
  node: HeadingNode;
  tells: boolean;
}

/**
 * A line as the heading of a part, where what follows says that it is one: `STEP ONE: THE HEAD`, `Ears (make 2, brown)`,
 * `CLAW x2 rust`, `BODY ⇥ make 3 ⇥ 1 red, 1 navy, 1 mustard`, `Head, body and tail`. Null for a sentence, a round, a list. `given`: the maker says
 * that it is one, whatever it is called.
 */
export function headIn(asWritten: string, asPlain: string, terms: Terms, given = false): Head | null {
  const key = `${given ? 'given' : 'found'} ${terms}\n${asWritten}\n${asPlain}`;
  const known = heads.get(key);
  if (known !== undefined) return known;
  const head = headMade(ownLetters(asWritten), ownLetters(asPlain), terms, given);
  heads.set(key, head);
  return head;
}

const heads = new Known<Head | null>();

function headMade(asWritten: string, asPlain: string, terms: Terms, given: boolean): Head | null {
  const [line, plain] = [unboxed(asWritten), unboxed(asPlain)];
  const lead = plain.length - plain.trimStart().length;
  let from = lead + (STEP.exec(plain.trim())?.[0].length ?? 0);
  const bullet = /^(?:[*•#=_~-]|\p{Extended_Pictographic}\uFE0F?\s*)+\s*/u.exec(plain.slice(from));
  if (bullet) from += bullet[0].length;
  const end = plain.trimEnd().replace(/(?:(?<!\s)\s+|(?<![*=_~:\s-]))[*=_~:-]+$/, '').length;
  const text = plain.slice(from, end);
  if (
    text.length === 0 ||
    text.length > LONGEST ||
    !/\p{L}{2}/u.test(text) ||
    /^(?!\(\d\)\s)[^\p{L}\d"“]/u.test(text)
  )
    return null;
  const several = severalHeaded(line.slice(from, end));
  if (several) return { node: { ...bareHeading(several.name), make: several.make }, tells: true };
  const many = LEADS.exec(text);
  const nameFrom = many ? many[0].length : 0;
  const cut = nameFrom + nameEnds(text.slice(nameFrom), line.slice(from + nameFrom, end));
  const name = line
    .slice(from + nameFrom, from + cut)
    .replace(/(?<![\s:,;=*_~–\p{Extended_Pictographic}-])[\s:,;=*_~–\p{Extended_Pictographic}\uFE0F-]+$/u, '')
    .replace(/^["“]|["”]$/gu, '');
  const told = text.slice(cut);
  // `Little: 4 ply & 2.25 mm; big: chunky & 5.5 mm`
  if (/\d\s*mm\b[^;]*;.*\d\s*mm\b/.test(text)) return null;
  // `EYES: 4 mm, 2 pcs` are bought.
  if (
    OF_EYES.test(name.trim().toLowerCase()) &&
    /\d\s*mm\b|\b(?:safety|plastic|glass|beads?|buttons?)\b/.test(told)
  )
    return null;
  const words = plain
    .slice(from + nameFrom, from + cut)
    .trim()
    .split(/\s+/);
  if (given ? name.trim() === '' : !isName(name.toLowerCase(), words, terms)) return null;
  const node: HeadingNode = { ...bareHeading(name), ...toldIn(told) };
  if (many) node.make = Math.max(1, countSaid(many[1]));
  node.make = ofEach(name, told) ?? node.make;
  if (node.hook)
    node.hook = { ...node.hook, from: node.hook.from + from + cut, to: node.hook.to + from + cut };
  return { node, tells: told.trim().length > 0 || many !== null };
}

const OF_EACH = new RegExp(String.raw`\b(${N})\s+(?:of\s+)?each\b`);
/** `Arms & legs (make 2 each)`: so many of each of the names; null where a heading has one name, or does not say it. */
function ofEach(name: string, told: string): number | null {
  const each = OF_EACH.exec(told);
  const names = name.split(/\s*[&/+]\s*|\s+and\s+/i).length;
  return each && names > 1 ? countSaid(each[1]) * names : null;
}

/** `[LEGS] umber, 4 pcs`: the name without its box; as long as it was. */
const unboxed = (line: string): string => line.replace(/^(\s*)\[(\p{L}[\p{L} &+'-]{1,30})\]/u, '$1 $2\t');

/** Where the name of a heading ends: at a bracket, a tab, `make 2`, `x2`, a dash, or where capitals give way to a colour. */
function nameEnds(text: string, written: string): number {
  const ends = [
    text.search(/\s*[([{\t]/),
    ...MAKE.slice(0, 3).map((m) => text.search(m)),
    text.search(/\s+[-–—~]\s+/),
    text.search(HOW_MANY),
    text.search(/:\s/),
    text.search(/(?<!\b(?:mrs?|ms|dr|st|no))\.(?:\s|$)/),
    text.search(/,\s*(?:mc|cc\d?|[a-d])\s*(?:,|$)/),
    text.search(/,\s*\d[\d.]{0,4}\s*(?:mm\s*)?hook\b/),
    text.search(/,\s*[a-z][a-z ]{1,18}\s+(?:yarn|wool)\s*(?:,|$)/),
    text.search(/,\s*(?:make|work|in|with|worked|all\s+in|start|starting|from|x\s*\d|\d+\s*x|both)\b/),
    text.search(/\s+(?:in|with|using)\s+(?:yarn\s|colou?r\s|[a-z]+(?:[\s,]|$))/),
  ].filter((at) => at > 0);
  let end = Math.min(text.length, ...ends);
  // `Head and body, green`
  for (const { index } of text.slice(0, end).matchAll(/,/g))
    if (
      isPlainColour(
        text
          .slice(index + 1, end)
          .split(',')[0]
          .trim(),
      )
    )
      end = Math.min(end, index);
  // `BODY MC`: the letters of a yarn behind the name.
  const slot = /\s+(?:mc|cc\d?)$/.exec(text.slice(0, end));
  if (slot) end = slot.index;
  // `BODY rust`: what is not in capitals behind a name in capitals tells of it.
  const caps = /^[\p{Lu}\d'’&/ -]+(?=\s+\p{Ll})/u.exec(written.slice(0, end));
  if (caps && /\p{Lu}{2}/u.test(caps[0]) && isColour(written.slice(caps[0].length, end).trim().toLowerCase()))
    end = caps[0].length;
  return end;
}

function isName(name: string, words: readonly string[], terms: Terms): boolean {
  if (!/\p{L}{2}/u.test(name) || words.length > MOST_WORDS || /[;=*!?]|\d{3}/.test(name) || /\.\s/.test(name))
    return false;
  if ((OF_MATERIALS.test(name) && !OF_EYES.test(name.trim())) || /^\d+ mr$/.test(name.trim())) return false;
  if (
    /^(?:(?:rounds?|rnds?|rds?|rows?|r)\.?\s*\d|ch(?:ain)?\s+\d|make\s+(?:an?|the|your|\d+)\b|(?:then|now|next|with|in|fold|flatten|press|pinch|gather|change|using|repeat|rep|note|tip|continue|working|worked|begin|for|if|join|foundation|set-?up|attach|glue|tie|hang|sts|stitches|stuff|fill|sew|insert|place|cut|fasten|this|these|that|it|you|we|i|she|he|they|work|start|by|designed|written|copyright|welcome|hello|hi|thanks?|today|starting|started|instructions|directions|embroider|add|assembl(?:y|ing)|finishing|making|sewing|putting|round by round|\d+ pieces?)\b|.*\b(?:fo|fasten off|don['’]t|do not|(?:are|is)\s+(?:made|worked|crocheted))\b)/.test(
      name,
    )
  )
    return false;
  return !words.some(
    (w) => craftWord(w.replace(/[^a-z\d]/g, ''), terms) !== null && !/^(?:st|tr|chain)$/.test(w),
  );
}

/** What stands behind the name: brackets, columns, `make 2`, a colour, a hook, where it begins. */
function toldIn(told: string): Partial<HeadingNode> {
  const plain = told.replace(/[()[\]{}\t]|\.(?=\s+[a-z])/g, ',');
  const make = MAKE.map((m) => m.exec(plain)).find((m) => m !== null);
  // `x2 rust`: what says how many parts the rest.
  const pieces = piecesOf(make ? plain.replace(make[0], ',') : plain);
  const alone = pieces.map((p) => ALONE.exec(p)).find((m) => m !== null);
  const counted = make ?? alone;
  const said = copiesSaid(counted?.[1]);
  const others = copiesIn(pieces);
  // `2 pieces rust and 1 piece cream`: what seems to say how many says how many of one colour.
  const each = others ?? (make ? copiesIn(piecesOf(plain)) : null);
  const hook = hookOf(told);
  const ring = RING_IS.exec(plain)?.[1] ?? ringIn(pieces.join(', '));
  return {
    make: Math.min(999, Math.max(1, counted && each === others ? said : (each?.length ?? 1))),
    mirrored: /mirror/.test(plain),
    colour: each ? null : (pieces.map(colourOf).find((c) => c !== null) ?? null),
    colours: each,
    hook,
    yarn: pieces.find((p) => /\byarn\b/.test(p) && !/^(?:with |in |using )?yarn [a-h]$/.test(p)) ?? null,
    ringIs: ring,
  };
}

/** `quantity: 2`, `2x`, `x 2`: how many, before or behind what else is told. */
const QUANTITY = new RegExp(
  String.raw`^(?:(?:qty|quantity|pieces|copies|number)\s*[:=]?\s*(${N})|[x*]\s*\d{1,2}|\d{1,2}\s*[x*])(?![\w.])`,
);

const NO_NAMED_COLOUR =
  /^(?:mirror(?:ed|-wise)|(?:(?:in|with|using)\s+)?(?:the\s+)?(?:main|contrast|contrasting|second|base|body)\s+colou?r)$/;

/**
 * What a line right below a heading tells of its part, as others write it behind the name: `Make 2 in brown`, `x2 • orange •
 * hook 2.5`, `in grey, make two`. In lower case; null where it says no number of copies, or anything else.
 */
export function toldBelow(plain: string): Fact[] | null {
  if (plain.length > LONGEST) return null;
  const text = plain
    .trim()
    .replace(/^[([]\s*(.*?)\s*[)\]]$/, '$1')
    .replace(/\s{2,}/g, ', ')
    .replace(/[.:]$/, '');
  if (text.length > LONGEST / 2) return null;
  const quantity = QUANTITY.exec(text);
  const told = toldIn(
    quantity ? `make ${quantity[1] ?? /\d+/.exec(quantity[0])![0]}, ${text.slice(quantity[0].length)}` : text,
  );
  const make = MAKE.map((m) => m.exec(text)).find((m) => m !== null);
  if (!quantity && !make && !told.colours) return null;
  const rest = quantity ? text.slice(quantity[0].length) : text.replace(make?.[0] ?? '', ',');
  const pieces = piecesOf(rest.replace(/[()[\]]/g, ','));
  const known = (p: string) =>
    colourOf(p) !== null || hookOf(p) !== null || EACH.test(p) || NO_NAMED_COLOUR.test(p);
  const each =
    told.colours !== null &&
    pieces.flatMap((p) => p.split(AND)).every((p) => EACH.test(p.trim()) || known(p));
  if (!each && !pieces.every(known)) return null;
  return [
    {
      fact: 'make',
      make: told.make!,
      mirrored: told.mirrored!,
      ...(told.colours ? { colours: told.colours } : {}),
    },
    ...(told.colour ? [{ fact: 'colour' as const, colour: told.colour }] : []),
    ...(told.hook ? [{ fact: 'hook' as const, hook: told.hook }] : []),
  ];
}

const piecesOf = (told: string): string[] =>
  told
    .split(/[,;]|\s[-–—~]\s|:/)
    .map((p) => p.replace(/\s+/g, ' ').trim())
    .filter((p) => p !== '');

/** `both`, `a pair`, `4`, `four`; 1 where nothing is said. */
function copiesSaid(words: string | undefined): number {
  if (words === undefined) return 1;
  return /^(?:both|pair)$/.test(words) ? 2 : countSaid(words);
}

const AND = /\s+(?:and|&|\+)\s+/;
const EACH = new RegExp(
  String.raw`^(${N})\s+(?:in\s+|of\s+|(?:parts?|pieces?|pcs)\s+(?:in\s+)?)?([a-z][a-z ]{1,20})$`,
);

/** `1 red, 1 navy, 1 mustard`, `one pink, one brown`: the colour of each copy; null when the pieces do not say it. */
function copiesIn(pieces: readonly string[]): string[] | null {
  const found = pieces
    .flatMap((p) => p.split(AND))
    .map((p) => EACH.exec(p.trim().replace(/^(?:make|work|crochet|knit)\s+/, '')));
  const each = found.filter((f) => f !== null && isColour(f[2]));
  if (each.length < 2) return null;
  return each.flatMap((f) => Array.from({ length: Math.min(99, countSaid(f![1])) }, () => f![2]));
}

/** `rust`, `in A`, `with yarn B`, `red and white`, `start in teal`; null when a piece names no colour. */
function colourOf(piece: string): string | null {
  const said =
    /^(?:(?:start(?:ing)?|begin(?:ning)?|work(?:ed)?)\s+)?(?:(?:in|with|using)\s+)?(?:the\s+)?(?:yarn\s+|colou?r\s+)?(.*?)(?:\s+(?:yarn|throughout|only))?(?:\s+(?:at|from)\s+the\s+[a-z ]+)?$/.exec(
      piece,
    )!;
  const words = said[1];
  if (words === '' || words.length > 30 || /\d/.test(words) || /^(?:one piece|each\b)/.test(words))
    return null;
  const parts = words.split(AND);
  return parts.every((p) => isColour(p) && p.split(' ').length <= 3) ? words : null;
}

function hookOf(told: string): HeadingNode['hook'] {
  const named = told.includes('hook') ? hookIn(told) : null;
  if (named) return named;
  let from = 0;
  for (const piece of told.split(/[,;()[\]\t]/)) {
    const said = bareHook(piece, from);
    if (said) return said;
    from += piece.length + 1;
  }
  return null;
}
