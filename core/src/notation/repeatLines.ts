import { isColour } from './colours';
import { factsIn } from './facts';
import { written, type PlainLine } from './lexer';
import { countSaid, NUMBER_PATTERN as N, numberSaid, ORDINALS } from './numberWords';
import { sentencesOf } from './sentences';
import type { Fact, Label, RepeatNode, Stated } from './syntax';

const WORD = String.raw`(?:rounds?|rnds?|rds?|rows?|r)\s*\.?\s*`;
/** `work as shell R1 to R7`: another part's rounds, its name first. */
const AS_PART = new RegExp(
  String.raw`^(?:work|make|crochet|do)?\s*(?:(?:the\s+)?same\s+)?as\s+(?:for\s+)?(?:the\s+)?(?<name>[a-z][a-z ]{1,30}?),?\s+(?:rounds?|rnds?|rds?|rows?|r)\s*(?<low>\d+)\s*(?:-|to|through)\s*(?:r|rds?|rnds?|rounds?)?\s*(?<high>\d+)`,
);
/** `work as for the hull up to the end of Rnd 2`: another part's rounds from its first on. */
const AS_FAR_AS = new RegExp(
  String.raw`^(?:ch\s?(?<chain>\d{1,4})\s*(?:,|and|then)\s+)?(?:work|make|crochet|do)?\s*(?:the\s+same\s+)?as\s+(?:given\s+)?(?:for\s+)?(?:the\s+)?(?<name>[a-z][a-z ]{1,30}?),?\s+(?:up\s+)?(?:to|until|through|as\s+far\s+as)\s+(?:and\s+including\s+)?(?:the\s+)?(?:end\s+of\s+)?(?:the\s+)?(?:(?:rounds?|rnds?|rds?|rows?|r)\s*(?<high>\d+)|(?<upto>\d+)(?:st|nd|rd|th)\s+(?:rounds?|rnds?|rows?))`,
);
/** `work first 2 rounds as given for head` */
const FIRST_OF = new RegExp(
  String.raw`^(?:work|make|crochet)\s+(?:the\s+)?first\s+(?<high>${N})\s+(?:rounds|rnds|rows)\s+(?:the\s+same\s+)?as\s+(?:given\s+)?(?:for|on|in|of)\s+(?:the\s+)?(?<name>[a-z][a-z ]{1,30}?)(?=\s*(?:$|[.,;(]))`,
);
const AGAIN = new RegExp(
  String.raw`^(?:(?:then|now|and)\s+)*(?:rep(?:eat)?|work(?:ed)?(?:\s+as)?|(?:(?:is|are|work|worked|do)\s+)?(?:exactly\s+)?(?:the\s+)?same\s+(?:as|like)|as|like)\s+(?:(?:for|in|from)\s+)?(?:the\s+(?<nth>${ORDINALS.slice(1).join('|')})(?:\s+(?:round|row))?(?=\s*(?:$|[.,;(]))|(?:the\s+)?(?<numbered>\d+)(?:st|nd|rd|th)(?:\s*(?:to|-|and|&)\s*(?<upTh>\d+)(?:st|nd|rd|th))?\s+(?:rounds?|rnds?|rows?)(?=\s+(?:once|twice|${N})\b|\s*(?:$|[.,;(]))|(?:the\s+)?(?:last|previous)\s+(?:(?<back>${N})\s+)?(?:rounds?|rnds?|rds?|rows?)(?![a-z])|${WORD}(?<low>\d+)(?:\s*(?:-|to|and|&|through)\s*(?:${WORD})?(?<high>\d+)(?!\d|\s*(?:sts?|stitches|sc|dc|hdc|htr|tr)\b))?)(?![\d.]*(?:mm|cm))`,
);
/** `of the shell top`, `as for the head`: another part's rounds. */
const OF =
  /^\s*(?:of|from|as (?:for|in|on)|like (?:for|on)?)\s+(?:the\s+)?(?!this|these|that)([a-z][a-z ]{1,30}?)(?:\s+(?:in|with|using)\s+(?:yarn\s+)?([a-z]+))?(?=\s*(?:$|[,.;:(]))/;
/** `work 4 more rounds like this`, `continue like this for 4 rounds`: the round before, so often again. */
const LIKE_THIS = new RegExp(
  String.raw`^(?:(?:then|now|and)\s+)*(?:(?:work|do|continue|crochet|make|go\s+on|carry\s+on|keep\s+going|repeat)\b(?=.*\b(?:like\s+(?:this|that)|the\s+same|in\s+the\s+same\s+way|as\s+(?:before|set|established)|this|that)\b).*?\b|(?=(?:${N})\s+more\s+(?:rounds?|rnds?|rows?)\s+(?:like\s+(?:this|that)|the\s+same|as\s+before)\b))(${N})\s+(?:more\s+|further\s+)?(?:rounds?|rnds?|rows?|times)\b`,
);
/** A part's name, and no word for what stands above. */
const OTHERS_NAME = String.raw`(?!the\s|before|above|below|next|notes?\b|photos?\b|pictures?\b|charts?\b|diagrams?\b|page\b|set|established|usual|written|given|last|previous|r\d|rnd|round|row|(?:${ORDINALS.slice(1).join('|')})(?:\s+(?:rnd|round|row))?\s*(?:$|[.,;(\[]))[a-z][a-z ]{1,30}?`;
/** Behind a label: the same rounds of another part. `As muzzle.` */
const AS_THERE = new RegExp(
  String.raw`^(?:(?:work\s+)?(?:(?:exactly\s+)?(?:the\s+)?same\s+)?as|see)\s+(?:for\s+|in\s+)?(?:the\s+)?(?<name>${OTHERS_NAME})(?=\s*(?:$|[.,;(\[=]|\s-\s))`,
);
/** Up to four words, none of which says more than a name does. */
const WORD_OF_NAME = String.raw`(?!(?:is|are|was|has|have|but|in|with|using|only|from|to|at|and|if|you|it)\b)[a-z]+`;
const WORDS_OF_NAME = String.raw`${WORD_OF_NAME}(?:\s+${WORD_OF_NAME}){0,3}`;
/** Where a part begins: all rounds of another one. `As head.`, `Same as the left leg, but in red.` */
const AS_WHOLE = new RegExp(
  String.raw`^(?:work\s+|make\s+|crochet\s+)?(?:(?:exactly\s+)?(?:the\s+)?same\s+)?(?:as|like)\s+(?:for\s+)?(?:the\s+)?(?=${OTHERS_NAME})(?<name>${WORDS_OF_NAME})(?:,?\s*(?:but\s+)?(?:in|with|using)\s+(?<colour>[a-z]+))?(?=\s*(?:$|[.;(\[]|,?\s*(?:and\s+|then\s+)?(?:fo|fasten|cut|leave|stuff|close)\b))`,
);
/** Behind a label: the round before again. */
const SAME =
  /^(?:the\s+)?(?:same(?:\s+again|\s+as\s+(?:above|before|(?:the\s+)?(?:previous|last)(?:\s+(?:one|round|rnd|row))?))?|repeat|rep|ditto|as\s+(?:before|above))\s*(?=$|[.,([=])/;
const OFTEN = new RegExp(
  String.raw`^[\s,]*(?:for\s+|x\s*)?(?:another\s+)?(once|twice|${N})\s*(?:more\s+)?(?:times?|x)?(?:\s+more)?(?![a-z\d])`,
);
const UNTIL = new RegExp(
  String.raw`\buntil\s+(?:(?:there\s+are|you\s+have|only|just)\s+)*(${N})\s*(?:st|sts|stitches|sc|dc)?\s*(?:are\s+)?(?:left|remain|remains|remaining)?`,
);
/** `until you have 9 rows`, `until row 9`: how many rounds there are then. */
const UP_TO = new RegExp(
  String.raw`\b(?:until|to)\s+(?:(?:(?:there\s+are|you\s+have|it\s+has)\s+|a\s+total\s+of\s+)+(${N})\s+(?:rounds?|rnds?|rows?)|(?:the\s+end\s+of\s+)?(?:round|rnd|row)\s+(\d+))`,
);
const SHRINKS =
  /^(?:(?:then|now|and)\s+)*(?:continue|keep|go\s+on|carry\s+on)\s+(?:on\s+)?(?:decreasing|to\s+decrease|with\s+the\s+decreases)\b/;
const STATED =
  /[([=–-]\s*=?\s*(\d+)\s*(?:sts?|stitches|sc|dc)?(?:\s+at\s+(?:the\s+)?end\s+of\s+(?:row|rnd|round)\s+\d+)?\s*[)\]]?\s*[.,]?\s*$|^[([]\s*(\d+)\s*(?:sts?|stitches|sc|dc)?\s*[)\]]|^(\d+)\s+(?:sts|stitches|sc|dc)\s*[.,]?$/;
/** `as` and `work` begin many sentences: something must follow that ends the statement. */
const ENDS_THERE =
  /^\s*(?:$|[,.;:([=–-]|x|once|twice|for|more|another|until|only|and|again|\d|[a-z]+ (?:more )?times)/;
const MOST = 2000;
/** What may be said in the same breath as the rounds. */
const BEHIND_COMMA: readonly Fact['fact'][] = ['stuff', 'off', 'tail'];

/** `repeat from * to * four more times`, `rep between stars twice`. */
const STARS =
  /^(?:(?:then|now|and)\s+)*rep(?:eat)?\s+(?:(?:from|between)\s+)?(?:(?:the\s+)?\*+(?:\s*(?:to|and|-)\s*(?:the\s+)?\*+)?|(?:the\s+)?stars)/;

/**
 * A line that works rounds again: `repeat R3-R4 twice`, `as Rnd 11`, `same as round 7 (33)`, `repeat row 14 until 2 remain`,
 * `keep decreasing until 6 remain`; null when it is something else. `plain` is put tersely, `said` is the line in lower case.
 */
export function repeatIn(
  plain: PlainLine,
  label: Label | null,
  from: number,
  said: string,
  begins = false,
): RepeatNode | null {
  const [first, ...more] = sentencesOf(plain.text, from);
  if (!first) return null;
  const text = plain.text.slice(first.from, first.to).replace(/[.!]$/, '');
  const { asPart, those } = asOther(text, label, begins);
  const again = asPart ?? AGAIN.exec(text);
  const stars = again ? null : STARS.exec(text);
  const same = again || stars ? null : (LIKE_THIS.exec(text) ?? (label ? SAME.exec(text) : null));
  const shrinks = again || stars ? null : SHRINKS.exec(text);
  const upTo = UP_TO.exec(again ? text.slice(again[0].length) : text);
  const until = upTo ? null : UNTIL.exec(text);
  if (!again && !same && !stars && !(shrinks && until)) return null;
  // An end that is no count cannot be worked out: it is told, and not read as once more.
  if (/\buntil\b/.test(text) && !until && !upTo) return null;
  const found = again ?? stars;
  const behind = found ? text.slice(found[0].length) : '';
  const groups: Groups = again?.groups ?? {};
  const { name, low = groups.numbered } = groups;
  const of = asPart || low === undefined ? null : OF.exec(behind);
  const rest = of ? behind.slice(of[0].length) : behind;
  if (again && !until && !upTo && !ENDS_THERE.test(rest)) return null;
  const often = OFTEN.exec(rest);
  const word = often?.[1] ?? same?.[1];
  const times = word === undefined ? 1 : ({ once: 1, twice: 2 }[word] ?? countSaid(word));
  return {
    type: 'repeat',
    of: name ?? of?.[1] ?? null,
    ...(asPart && those ? those : whichRounds(groups)),
    stars: stars !== null,
    times: Math.min(Math.max(1, times), MOST),
    until: until ? countSaid(until[1]) : null,
    ...(upTo ? { upTo: countSaid(upTo[1] ?? upTo[2]) } : {}),
    shrinking: shrinks !== null,
    label,
    stated: statedIn(plain, first.from + (found?.[0].length ?? 0), [first, ...more]),
    span: written(plain, first.from, first.to),
    ...inColour(of?.[2] ?? groups.colour),
    facts: [
      // `..., stuffing as you go`, `..., FO with a long tail`
      ...factsIn(said.slice(first.from, first.to)).filter((f) => BEHIND_COMMA.includes(f.fact)),
      ...more.flatMap((s) => factsIn(said.slice(s.from, s.to))),
    ],
  };
}

const inColour = (said: string | undefined): Pick<RepeatNode, 'before'> =>
  said && isColour(said) ? { before: [{ fact: 'colour', colour: said }] } : {};

/** The rounds of another part: some of them, those of this label, or where a part begins all of them. */
function asOther(text: string, label: Label | null, begins: boolean) {
  const some = AS_PART.exec(text) ?? AS_FAR_AS.exec(text) ?? FIRST_OF.exec(text);
  if (some) return { asPart: some, those: null };
  if (label) return { asPart: AS_THERE.exec(text), those: { first: label.first, last: label.last } };
  return { asPart: begins ? AS_WHOLE.exec(text) : null, those: { first: 1, last: null } };
}

/** What a pattern of rounds worked again has caught, by its names. */
type Groups = Readonly<Record<string, string | undefined>>;

/** Which rounds are worked again: from one to another, or so many of the last ones; and the chain that is said with them. */
function whichRounds({
  nth,
  numbered,
  upto,
  upTh = upto,
  high = upTh,
  back,
  low = numbered,
  chain,
}: Groups): Pick<RepeatNode, 'first' | 'last' | 'chain'> {
  if (nth !== undefined) return { first: numberSaid(nth), last: numberSaid(nth) };
  if (low === undefined && high === undefined) return { first: null, last: back ? countSaid(back) : 1 };
  // `up to rnd 2` begins with the first.
  const [from, to] = [Number(low ?? 1), Number(high ?? low ?? 1)];
  const begun = chain === undefined ? {} : { chain: Number(chain) };
  return { first: Math.min(from, to), last: Math.max(from, to), ...begun };
}

function statedIn(
  plain: PlainLine,
  from: number,
  sentences: readonly { from: number; to: number }[],
): Stated | null {
  for (const s of sentences) {
    const found = STATED.exec(plain.text.slice(s.from, s.to));
    if (!found) continue;
    const digits = found[1] ?? found[2] ?? found[3];
    const at = s.from + found.index + found[0].indexOf(digits);
    if (at < from) continue;
    return { count: Number(digits), span: written(plain, at, at + digits.length) };
  }
  return null;
}
