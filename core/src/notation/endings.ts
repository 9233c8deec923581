import { countSaid, NUMBER_PATTERN as N } from './numberWords';
import type { Fact } from './syntax';

/** Mm of one inch. */
const INCH_MM = 25.4;
const LENGTH = /(?:(\d+)\s*)?(½|¼|¾)|(?<!\bmake\s)(\d+(?:[.,]\d+)?)(?=\s*-?\s*(?:cm|mm|in\b|inch|"))/;
const UNIT = /^\s*-?\s*(cm|mm|inch(?:es)?|in\b|")/;
const MM: Record<string, number> = { cm: 10, mm: 1 };
const PARTS: Record<string, number> = { '½': 0.5, '¼': 0.25, '¾': 0.75 };

/** The work comes off the hook. */
const OFF =
  /^off(?=\s*(?:$|[,;(]))|\b(?:sl st|ss|slip stitch)(?:,| and| then)+ (?:cut|off|leave (?:an? )?(?:tail|end))(?=\s*(?:$|,))|\b(?:fasten(?:ing)? off|finish(?:ing)? off|end off|(?<=\b(?:sl st|ss|slip stitch)(?: in(?:to)? (?:the )?next(?: st)?)?(?:,| and| then) )end(?=\s*(?:$|[.,;]))|invisible finish|finish(?:ed|ing)? (?:off )?with an? invisible join|bind off|tie off|f[./]?\s?o\b|cut (?:the |your )?(?:yarn|thread|wool|end)|(?:break|snip) (?:off )?(?:the |your )?(?:yarn|thread|wool)|break off\b(?! [a-z]\b)|leav(?:e|ing) an? (?:very |extra )?(?:long )?end\b(?! of)|leav(?:e|ing) the (?:thread|yarn|end) (?:for|to) sew|leav(?:e|ing) (?:an? )?(?:very )?(?:long |extra long )?(?:tail|yarn end|end of yarn)\b(?!.*\b(?:start|beginning|before)\b))/;
/** Of an end of yarn that is left. */
const OF_A_TAIL = /\b(?:tail|end|ends|leav(?:e|ing)|keep|sew(?:ing)?|off|fasten|cut|break|finish|f\.?o)\b/;
const NO_TAIL =
  /\b(?:hooks?|eyes?|felt|loop of|wide|tall|high|across|diameter|apart|long strand|pieces?|lengths?|strands?|at the start|starting tail|starting end|beginning tail|circle|hanger|trim|start with)\b/;

/** Length of the end that a sentence leaves, mm; null when it says none. `said` in lower case. */
export function tailIn(said: string): number | null {
  const found = LENGTH.exec(said);
  const unit = found ? UNIT.exec(said.slice(found.index + found[0].length)) : null;
  if (!found || !unit) return null;
  if (
    NO_TAIL.test(said) ||
    (!OF_A_TAIL.test(said) &&
      !/^(?:about |again with )?[\d½¼¾., ]+-?\s*(?:cm|mm|in|inch|inches|")\W*$/.test(said))
  )
    return null;
  const value = found[2] ? Number(found[1] ?? 0) + PARTS[found[2]] : Number(found[3].replace(',', '.'));
  const by = MM[unit[1]] ?? INCH_MM;
  const mm = Math.round(value * by * 10) / 10;
  // Millimetres of a hook or of an eye are no end of yarn.
  return mm >= 30 ? mm : null;
}

const REST = String.raw`(?:last|remaining|rem|final|each|all|every|those|these|\d+)`;
const THROUGH = new RegExp(
  String.raw`\bthrough (?:the )?(?:tops|front loops) of (?:the )?(?:st|stitches|sts|dc|sc)\b|\b(?:through|pick up|catch)\b[^.;]{0,60}?\b(?:${REST})\b[^.;]{0,30}?(?:\b(?:st|sts|stitch|stitches|sc|dc|loops?|lps?)\b|\d)|\bthrough\s+(?:the\s+)?(?:front\s+)?(?:loops?|stitches|sts)\b|\bthread (?:it|(?:the )?(?:tail|end|yarn))\b`,
);
const PULLS =
  /\bthread (?:the )?(?:yarn|tail|end) through (?:(?:all|each) (?:of )?)?(?:the )?(?:last|remaining|rem|final|front|\d+|sts|stitches|loops)\b|\b(?:pull|draw|tighten|gather|cinch|drawn|shut|tight|close|closed|disappears|gone)\b/;
const CLOSES =
  /(?:^|\b(?:and|then|to)\s+|,\s*)(?:close|draw|pull|tighten)(?![a-z])(?:\s+up)?\s*(?:(?:the|this|that|your|up|shut)\s+)*(?:little\s+|small\s+|remaining\s+)?(?:hole|opening|end|top|piece|it|gap|ring)?\s*(?:shut|closed|tight|tightly|together|up)?\b/;
const SEWN =
  /\bsew up (?:the )?(?:little |small |remaining )?(?:hole|opening|end|top|tip)\b|\bsew(?:n)?\s+(?:(?:the|this|that|up|its|last|remaining|little|small|top|open|\d+|st|sts|stitches)\s+)*(?:hole|opening|end|edge|side|gap|top|it|stitches|sts)\s*(?:closed|shut|together|up)\b|\bsew(?:n)? (?:it )?(?:shut|closed?)\b|\bsew\b[^.;,]{0,24}\b(?:opening|hole)\b[^.;,]{0,30}\b(?:closed|shut)\b|\bwhip ?stitch (?:it |the (?:opening|end|hole|top) )?(?:closed|shut)\b/;
const FLAT = /\b(?:flatten|flat|fold|folded|pinch)\b/;
const OPEN =
  /\bleave\s+(?:it|them|this|the (?:part|piece|[a-z ]{1,20}?))?\s*open\b|\bdo not close\b|\bdon't close\b|\bleave open\b|\bstays? open\b|^open(?=,)/;
/** A round is closed with a slip stitch, a gap between two pieces with a few: no end of the part. */
const NO_END =
  /\b(?:sl\.?\s?st|slip stitch|ss)\b[^.;]{0,20}\bto close\b|\bclose(?:d|s)?\s+(?:(?:the|each|every)\s+)?(?:rounds?|rnds?|ring|circle|with (?:a |one )?(?:sl|ss|slip)|the round|each)|\bto close the (?:round|ring)|\bhole between\b|\bgap between\b|\bpull(?:ing)? (?:it )?(?:shut )?tight(?:ly)?$|\b(?:close|draw|pull) (?:up )?(?:the )?(?:ring|circle|loop)\b|\bpull it shut\b/;
const COUNT = new RegExp(
  String.raw`\b(?:last|remaining|rem|final|of the|each of the|through|front loops? of the last)\s+(?!one\b)(${N})\b|\b(${N})\s+(?:front\s+)?(?:loops?|lps?|sts?|stitches|sc|dc)\b`,
);

/** `close as a star`, `star close`, `over and under the loops between the legs`. */
const STAR =
  /\bstar[- ]?(?:close|closed|closing|closure|shut)\b|\bclos\w*\b[^.;]{0,40}\b(?:as|with|in|into|like) (?:a |the )?star\b|\b(?:over and under|under and over)\b[^.;]{0,40}\bloops?\b[^.;]{0,30}\blegs\b/;

/** Whether a sentence closes the end as a star; a hole between pieces is no end. `said` in lower case. */
export const isStar = (said: string): boolean =>
  STAR.test(said) && !/\b(?:hole|gap|opening) between\b/.test(said);

/** The house's own word, and the shortest of every maker. */
const JUST_CLOSE =
  /^(?:(?:fasten off|f\.?o\.?|finish off|cut (?:the )?yarn)\s*[;,&]?\s*)?(?:[+&] ?)?(?:then |and )?(?:close|gather|draw (?:the )?hole shut|close off|(?:draw|pull) (?:it )?(?:up|together))(?: (?:the )?(?:hole|end|part|it))?(?: up)?(?: and (?:fasten|finish) off)?$/;
const JUST_CUT = /^(?:then |and )?(?:cut|break)(?:,|$)/;

/** `Draw up and secure.`, `cut the wool and draw up`: as old books say it. */
const DRAWN_UP =
  /(?:^|\band |\bthen |,\s{0,3})(?:draw|pull) (?:it )?(?:up|in|together)(?: (?:tight|tightly|firmly|well|closely))?(?:,? (?:and|then) (?:secure|fasten|darn|tie|weave|sew|finish)\b[^.;]{0,40})?$/;

/** How a sentence ends a part: comes off the hook, is gathered, sewn shut, left open. `said` in lower case. */
export function endingsIn(said: string): Fact[] {
  const facts: Fact[] = [];
  if (
    JUST_CUT.test(said) ||
    (OFF.test(said) &&
      !/\b(?:do not|don't) (?:fasten|cut|break|finish|f[./]?\s?o\b)|\bwithout (?:fastening|cutting)/.test(
        said,
      ))
  )
    facts.push({ fact: 'off' });
  if (OPEN.test(said)) facts.push({ fact: 'open' });
  const count = COUNT.exec(said);
  const n = count ? countSaid(count[1] ?? count[2]) : null;
  if (/\b(?:gather(?:ed)?|cinch(?:ed)?)\b|\bgathering thread\b/.test(said))
    facts.push({ fact: 'shut', how: 'gathered', count: n });
  else if (JUST_CLOSE.test(said)) facts.push({ fact: 'shut', how: 'gathered', count: null });
  else if (SEWN.test(said))
    facts.push({
      fact: 'shut',
      how: FLAT.test(said) || /\bopening\b/.test(said) ? 'sewn shut' : 'sewn together',
      count: n,
    });
  else if (THROUGH.test(said) && PULLS.test(said) && !/\bwash|\bbutton/.test(said))
    facts.push({ fact: 'shut', how: 'gathered', count: n });
  else if (
    CLOSES.test(said) &&
    !NO_END.test(said) &&
    /\b(?:close|shut|closed|hole)\b/.test(said) &&
    !/\bdo not close|\bdon't close/.test(said)
  )
    facts.push({ fact: 'shut', how: 'gathered', count: n });
  else if (/\b(?:draw|pull) (?:up|in|together) (?:the )?(?:last|remaining|rem|final)\b/.test(said))
    facts.push({ fact: 'shut', how: 'gathered', count: n });
  else if (DRAWN_UP.test(said)) facts.push({ fact: 'shut', how: 'gathered', count: n });
  else if (/\bweave (?:the )?(?:tail|end|yarn) thr(?:ough|u)\b/.test(said))
    facts.push({ fact: 'shut', how: 'gathered', count: n });
  return facts;
}
