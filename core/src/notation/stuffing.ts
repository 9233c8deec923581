import type { Fact } from './syntax';

const STUFF =
  /\b(?:re-?)?(?:stuff(?:ing|ed)?|fill(?:ing|ed)?(?!\s*(?:needle|in the form))|fibre ?fill|fiberfill|polyfill|toy filling|put (?:in )?(?:the |some )?cotton|(?:pop|put|push|tuck|add) (?:in )?(?:the |some |a (?:little|bit of) )*(?:fluff|wadding))\b/;
const NOT =
  /\b(?:do not|don't|dont|never|no|without|not|need not|needn't)\s+(?:(?:need|have)\s+(?:any\s+|to\s+(?:be\s+)?)?|be\s+|over)?(?:stuff|fill|any\s+(?:stuffing|filling)|cotton$)|\b(?:unstuffed|unfilled|not stuffed|not filled)\b|\bskip\s+(?:the\s+)?(?:stuffing|filling)\b|\bleave\s+(?:\w+\s+){0,3}(?:empty|hollow)\b|\bstays?\s+(?:empty|hollow)\b/;
/** `stuffing: none`, `stuff - no` */
const NONE = /^(?:stuff(?:ing|ed)?|fill(?:ing|ed)?)\s*(?:[:=→-]\s*)+(?:no|none|nothing|not|never|empty)$/;
/** What stays empty is only a piece of the part, or is only said of a while. */
const PARTLY =
  /\b(?:last|first|top|bottom|upper|lower|rest|neck|tip|ends?|half|yet|too|over|until|before|rounds?|rnds?|rows?|so hard|much|r\d+)\b/;
/** Words of a list of things to buy, or of what filling must not do. */
const NO_DEED =
  /\b(?:no|so that (?:no|the)|without) (?:stuffing|filling) (?:shows|is seen|comes|can be seen)|\b(?:a|bag of|handful of|some|bit of|grams? of|g of) (?:toy |poly(?:ester)? |fibre ?)?(?:stuffing|filling|fiberfill|fibrefill)(?:,| and| for|$)(?!.*\b(?:put|add|push)\b)(?<!\b(?:put|add|push|pop|tuck)\b.*)/;
const DEED =
  /^(?:stuffing|filling)(?=$|,|\s+(?:goes\s+)?in\b|\s+now\b)|\b(?:stuff|fill|stuffing as|filling as|keep (?:on )?(?:stuffing|filling)|add|put|push|insert|pack|place|shove|top up|finish|continue|start|begin|tear|pinch of|(?:bit|little) of (?:stuffing|filling) in|pop|tuck)\b/;

/** Softer than before, later on, is not how firm the part is. */
const COMPARED = /\b(?:softer|firmer|less|more firmly|harder|lighter)\b/g;
const NOT_TOO = /\bnot (?:too|so|very) (?:hard|firm(?:ly)?|tight(?:ly)?|soft(?:ly)?)\b/g;
const FIRMNESS = [
  ['firm', /\b(?:firm|firmly|hard|tight|tightly|densely|solid|solidly|well)\b/],
  ['medium', /\b(?:medium|moderately|normally)\b/],
  ['soft', /\b(?:soft|softly|light|lightly|loose|loosely|gently)\b/],
] as const;

/** What a sentence says of the filling: that it goes in now and how firm, or that the part stays empty. `said` in lower case. */
export function stuffingIn(said: string): Fact[] {
  if (!STUFF.test(said) && !NOT.test(said)) return [];
  if (NONE.test(said)) return [{ fact: 'unstuffed' }];
  const not = NOT.exec(said);
  if (not && !PARTLY.test(said.slice(not.index))) return [{ fact: 'unstuffed' }];
  const rest = not ? said.replace(NOT, ' ') : said;
  if (!STUFF.test(rest) || NO_DEED.test(rest) || !DEED.test(rest)) return [];
  // Filling that goes in while sewing has its own time.
  if (/\b(?:while|when|as you|before (?:the last|you close)) (?:you )?sew/.test(rest)) return [];
  const plain = rest.replace(COMPARED, ' ').replace(NOT_TOO, ' ');
  let firmness: (typeof FIRMNESS)[number][0] | null = null;
  let first = Infinity;
  for (const [is, words] of FIRMNESS) {
    const at = words.exec(plain)?.index ?? Infinity;
    if (at < first) [firmness, first] = [is, at];
  }
  // The end of a thing filled by itself says nothing of the whole part.
  if (/\bonly\b|\bpinch\b/.test(plain)) firmness = null;
  return [{ fact: 'stuff', firmness, toRound: toRoundIn(rest) }];
}

/** `to rnd 24`, `up to R12`: how far the filling goes. */
function toRoundIn(said: string): number | null {
  const found = /\b(?:up )?to (?:round|rnd|row|r)\s*(\d{1,4})\b/.exec(said);
  return found ? Number(found[1]) : null;
}
