import { factsIn } from './facts';
import { featureIn } from './featureNote';
import { hookIn } from './hooks';
import { sentencesOf } from './sentences';
import { LAYER } from './layerWords';
import { NUMBER_PATTERN as N } from './numberWords';
import type { Fact, LineNode } from './syntax';

type NoteNode = Extract<LineNode, { type: 'note' }>;

/** Words with which a line begins that tells what to do with the hands and not with the hook. */
const HANDS =
  /^(?:(?:safety |insert |place |add |put |push |attach )*(?:the )?(?:safety )?eyes?|embroider|sew|pin|do not(?! turn)|don't(?! turn)|whip ?stitch|weave in|hide|colou?rs?:|hooks?:|yarn:|materials?:|size:|gauge:|abbreviations?:|sl st to first st and)\b|^(?:colou?rs?|hooks?|yarn|materials?|size|gauge|abbreviations?):/;
/** Whether words in lower case tell what the hands do without the hook: sewing, embroidering, placing. */
export const isDoneByHand = (plain: string): boolean =>
  HANDS.test(plain.trim()) ||
  /^(?:lay|fold|fix|glue|tie|knot|button|hang|pull|brush|hide|attach|give|use|buttons|whiskers|hanger|mouth|nose|legs?|arms?|ears?|wings?|tail|head|claws?|face)\b/.test(
    plain.trim(),
  );

/** `Bobble = 4 tr together.`: what a stitch is. In lower case. */
export const EXPLAINS =
  /^(?:an?\s+|one\s+)?(?:bobble|popcorn|puff(?: stitch)?|cluster|shell|picot|bo|pc)s?\s*(?:=|is\b|means\b)/;

/** A line that says of itself that it is a note: `-- eyes between R9 and R10 --`, `Note: ...`. `plain` is the line in lower case; null for any other. */
export function noteLine(line: string, plain: string): NoteNode | null {
  const text = plain.trim();
  if (EXPLAINS.test(text)) return { ...noteOf(line.trim(), ''), aside: true };
  const lead = /^(?:--+|#+(?!\d+\s*[:.)])|\/\/|notes?\b:?|tip\b:?)\s*/.exec(text);
  if (!lead) return null;
  const from = plain.length - plain.trimStart().length + lead[0].length;
  // What is only told to people decides nothing; what it says of a feature or a hook is an offer.
  const offers = factsOf(plain.slice(from)).filter((f) => f.fact === 'feature' || f.fact === 'hook');
  return noteOf(withoutEnd(line.slice(from).trim()), plain, offers);
}

/** A line whose sentences all decide something or are done by hand: filling, endings, a colour, a place; null when it may be a round. `terse`: the same, its long phrases put tersely. */
export function saidLine(line: string, plain: string, terse: string): NoteNode | null {
  const text = plain.trim();
  if (LAYER.test(text)) return null;
  if (/\d\s*\)\s*$/.test(text) && CRAFT_COUNT.test(text)) return null;
  const facts = factsOf(plain);
  const ends = facts.some((f) => f.fact === 'off' || f.fact === 'shut');
  const decides = facts.some((f) => f.fact !== 'hook' && f.fact !== 'feature' && f.fact !== 'ring');
  if (facts.length > 0 && facts.every((f) => f.fact === 'colour') && ROUNDS_OF_IT.test(text)) return null;
  if (
    decides &&
    (!CRAFT_COUNT.test(withoutLastStitch(terse.trim())) ||
      (ends && !worksBeforeIt(terse.trim()) && !FLAT_SHUT.test(text)))
  ) {
    const note = noteOf(line.trim(), plain, facts);
    // A chain that is worked before the end is no end.
    const chained = ends && /\bch(?:ain)?\s?\d/.test(terse);
    const counted = COUNTED_WORK.test(text) || /(?:→|->)\s*\d/.test(text);
    return counted || chained || goesOn(plain) ? { ...note, unread: true } : note;
  }
  if (!HANDS.test(text)) return null;
  const note = noteOf(line.trim(), plain, facts);
  const worked = COUNTED_WORK.test(text) || /\bch(?:ain)?\s?\d/.test(text);
  return worked && !note.feature ? { ...note, unread: true } : note;
}

/** `Stuff. Keep going as you like.`: rounds that are not told, beside what the line decides. In lower case. */
const goesOn = (plain: string): boolean =>
  sentencesOf(plain).some(({ from, to }) => {
    const sentence = plain.slice(from, to);
    return GOES_ON.test(sentence) && soundsLikeWork(sentence) && factsIn(sentence).length === 0;
  });
const GOES_ON =
  /\b(?:keep (?:on )?(?:going|crocheting|working|decreasing|increasing)|(?:work|carry|go) on (?:for|until|like|as)|repeat|continue)\b/;

/** `change back to red, 3 rounds`: work in the new colour. */
const ROUNDS_OF_IT = new RegExp(
  String.raw`(?:[,;:]|\bfor)\s*(?:${N})\s+(?:more\s+)?(?:rounds?|rnds?|rows?)[.,]?(?:\s*[([]\s*\d+\s*[)\]])?$`,
);

/** Stitches that are told to their end, before the words that end the part in the same sentence. */
const WORKED_OUT =
  /\bfrom hook\b|\b(?:around|x\s*\d|in each|(?:rounds?|rnds?|rows?)\s+(?:even|straight|plain))\b|(?:[([]\s*\d+\s*[)\]]|\bch(?:ain)?\s*\d+(?:,?\s+join)?)\s*,?\s*(?:and\s+)?(?:fo\b|fasten|finish|cut|break)|^ch(?:ain)?\s*\d+\s*[,;]\s*(?:(?:sl\s?st|ss|sc|hdc|dc)\s*\d|\d+\s*(?:sl\s?st|ss|sc|hdc|dc)\b)/;

/** `Ch 7, sl st in 2nd ch, sc, hdc. Fasten off.`: a sentence that ends nothing tells stitches. */
const worksBeforeIt = (text: string): boolean =>
  sentencesOf(text).some(({ from, to }) => {
    const sentence = text.slice(from, to);
    const ends = factsIn(sentence).some((f) => f.fact === 'off' || f.fact === 'shut');
    const stitches = withoutLastStitch(sentence);
    return CRAFT_COUNT.test(stitches) && (!ends || WORKED_OUT.test(stitches));
  });

/** A stitch with its number or its place, in lower case. */
export const CRAFT_COUNT = new RegExp(
  String.raw`(?<![a-z])(?:\d\s*(?:sc|hdc|dc|tr|htr|inc|dec|ch|sl st|ss|[xva])|(?:sc|hdc|dc|tr|htr|inc|dec|ch)\s*\d|(?:sc|hdc|dc|tr|htr|inc|dec|sl st|ss)\s+(?:in|into|around|across|through|blo|flo|evenly)|single crochet|increase|decrease|dec|inc|chain\s+(?:${N})|(?:sc|dc|hdc)[2-9]tog|(?:${N})\s+(?:in|into)\s+(?:each|every)|(?:${N})\s+rounds?\s+even|even\s+for\s+(?:${N})\s+(?:rounds?|rnds?|rows?))(?![a-z])`,
);
/** `head first. ring with 6`: what begins with a ring is worked, whatever stands before it. */
export const BEGINS_RING =
  /\b(?:ring|circle|loop)\s+(?:with|of)\s+\d|\d\s+(?:[a-z]+\s+){0,2}in(?:to)?\s+(?:an?\s+|the\s+)?(?:magic\s+)?(?:ring|circle|loop)\b|\bmr\s?\d/;

/** `press flat and work 4 dc through both layers to close`: the last round itself. */
const FLAT_SHUT = /\bthrough both\b/;

/** `sc through both (30)` among what the hands do: stitches and how many there are. */
const COUNTED_WORK =
  /\b(?:sc|hdc|dc|htr|tr|inc|dec|sl st|slip stitch|single crochet)\b[^.;()]*\(\s*\d+\s*\)|\b\d+\s+in\s+(?:an?\s+|the\s+)?(?:magic\s+|adjustable\s+)?(?:ring|circle|loop|mr)\b/;

/** The slip stitch with which a part is fastened off is no round. */
export const withoutLastStitch = (text: string): string =>
  text
    .replace(
      /^(?:1\s+)?(?:sl\.? ?st|ss|slip stitch|slst)(?!\s+(?:a?round|across|evenly|in(?:to)? each))(?:\s+(?:in|into|to)\s+(?:the\s+)?(?:next|first)(?:\s+(?:st|stitch|sc|dc|one))?)?/,
      '',
    )
    .replace(/\bjoin (?:with|by) (?:an? )?(?:sl\.? ?st|ss|slip stitch)[a-z ]*?(?=[.,;]|$)/g, '');

/** What all sentences of a line in lower case decide. */
export const factsOf = (plain: string): Fact[] =>
  sentencesOf(plain).flatMap(({ from, to }) => factsIn(plain.slice(from, to)));

/** A note with what it offers: a feature and its place, a hook, what it decides. `plain` is the line in lower case. */
export function noteOf(text: string, plain: string, facts: readonly Fact[] = factsOf(plain)): NoteNode {
  const hook = hookIn(plain);
  return { type: 'note', text, feature: featureIn(plain.trim()), facts, ...(hook ? { hook } : {}) };
}

/** What looks like a heading and heads no work below it: `Arms: make 2, same as hat, then sc in each for 6 rds.` is marked. */
export const headsNothing = (text: string, plain: string): NoteNode => ({
  ...noteOf(text, plain),
  ...(CRAFT_COUNT.test(plain) || ROUNDS_IN_LINE.test(plain) ? { unread: true } : {}),
});

const WORK =
  /^(?:make|work|you (?:will )?need) (?:\d{1,2}|two|three|four|five|six|eight|both)\b(?! mm)|\b(?:rep(?:eat)?|decreas(?:e|ing)|increas(?:e|ing)|keep (?:on )?(?:going|crocheting|working)|(?:work|carry|go) on (?:for|until|like|as)|pull (?:it )?tight|do not stuff|don't stuff|crochet(?:ing)?|work (?:in|around|across|even|\d)|leave \d|ch(?:ain)? \d+|skip|fasten off|hook|(?:\d+|each|every|next|last) (?:st|sts|stitch|stitches|sc|dc|hdc|inc|dec)|(?:rounds?|rnds?|rows?) (?:\d|of)|slip stitch|sl\.? ?st|\d+ ?(?:chs?|chains?|ss|incs?|decs?|htr|tr)|(?:sc|dc|hdc|ss) (?:around|across|along|through|together)|(?:leg|arm|wing|ear|fin|part|piece|side) (?:2|two)\b.*\bsame)\b/;
/** `HEAD 6-12-18-24, 6 rds even, 18`: rounds by their counts alone, in one line. */
export const ROUNDS_IN_LINE =
  /\b\d+\s+(?:more\s+)?(?:rds?|rnds?|rounds?|rows?)\s+(?:even|straight|plain)\b|(?<![\d-])\d{1,3}(?:\s?-\s?\d{1,3}){3,}(?![\d-])/;

/** `As the head, but one round longer`, `Second arm: work the same`: rounds that stand elsewhere. */
export const AS_ANOTHER =
  /(?:^|:\s)\s*(?:work |make )?(?:(?:the )?same (?:as|like)|as for|(?:as|like) (?:the )?[a-z ]{2,20},? but|work(?:ed)? the same)\b/;
/** What sounds like work and is told elsewhere: a ring is made where its first round says so, a case is the maker's choice. */
const TOLD =
  /\bch(?:ain)? ?1\b[^.]{0,40}\b(?:does not|doesn't|do not|don't|never) count|\bmake an? (?:magic|adjustable|sliding) (?:ring|circle|loop)\b|^(?:if|or|option|optional|alternatively)\b|\binstead\b|\bmark(?:er)?\b|\bslip ?knot\b|\bwork(?:ed)? in (?:an? )?(?:continuous )?(?:spirals?|rounds)\b|^(?:thanks?|happy|enjoy)\b|^(?:pull|draw) (?:it |the (?:ring|loop|circle) )?(?:shut |closed? )?tight(?:ly)?\.?$/;

/** `make a magic ring and put eight single crochets into it`: more than a ring is made. */
const INTO_RING = new RegExp(
  String.raw`\b(?:${N})\s+(?:(?:single|half|double|treble)\s+)*(?:crochets?|sc|dc|hdc|sts|stitches)\b.*\b(?:ring|circle|loop|it)\b`,
);

/** Whether words that were not read speak of the work: they are marked, never passed over. `plain` in lower case. */
export const soundsLikeWork = (plain: string): boolean =>
  [WORK, AS_ANOTHER, ROUNDS_IN_LINE].some((work) => work.test(plain)) &&
  (!TOLD.test(plain.trim()) || INTO_RING.test(plain));

/** `-- a note --` without the dashes at its end. */
function withoutEnd(text: string): string {
  let end = text.length;
  while (end > 0 && text[end - 1] === '-') end--;
  return end < text.length - 1 ? text.slice(0, end).trimEnd() : text;
}
