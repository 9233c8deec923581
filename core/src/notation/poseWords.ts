import { isColour, isPlainColour } from './colours';

const ENDS: readonly (readonly [RegExp, string])[] = [
  [/\btop of (?:the |his |her |its )?head\b|\bcrown\b|\bhead end\b|\btop\b/, 'crown'],
  [/\b(?:nose|snout|muzzle)\b/, 'nose'],
  [/\b(?:mouth|lips?|bill|beak)\b/, 'mouth'],
  [/\bchin\b/, 'chin'],
  [/\b(?:bottom|base|sole|soles|feet|foot|underside|seat)\b/, 'sole'],
  [/\btips?\b/, 'tip'],
  [/\bback\b/, 'back'],
];
const BEGINS =
  /\b(?:start(?:s|ed|ing)?|begin(?:s|ning)?|begun|from|work(?:ed)?|crochet(?:ed)?)\b([^.;]{0,48})/g;
const AT =
  /^\s*(?:with|in|with\s+[a-z]{3,12}|at|from|out|off|it|them|[a-z ]{0,24}?,\s*(?:at|from|with)|[a-z]{2,12}\s+(?:at|from))?\s*(?:at|with|from|on|in)?\s*(?:the|its|his|her)\s+|^\s*(?:at|from)\s+(?=(?:top|crown|bottom|base|soles?|feet|nose|snout|muzzle|chin|mouth|tip)\b)/;
const FIRST = /\b(nose|snout|chin|tail|feet|head|mouth)[- ]first\b/;

/** What ends at the top began at the bottom, and so did what a disc goes down into, and a leg that goes on into the body. */
const OPEN_TOP = /\bleave (?:the|its) top open\b/;
const IN_BOTTOM =
  /\b(?:disc|circle|canvas|cardboard|plastic|weights?|pellets|beans)\b[a-z ]{0,24}\b(?:in|into|at|on) (?:the )?bottom\b/;
const TO_BODY =
  /\bgo (?:straight )?on (?:to|with|into) the body\b|\bcontinue (?:straight )?(?:to|with|into) the body\b/;

/** `go straight on with the body`: what goes on into it, such as a leg, began at the bottom; a head did not. */
export const goesOnToBody = (said: string): boolean => TO_BODY.test(said);

/** Which end of the toy a part begins at, as a sentence says it: `start at the nose`, `from the top of the head down`; null when it says none. `said` in lower case. */
export function ringIn(said: string): string | null {
  const first = FIRST.exec(said);
  if (first)
    return {
      nose: 'nose',
      snout: 'nose',
      chin: 'chin',
      tail: 'tip',
      feet: 'sole',
      head: 'crown',
      mouth: 'mouth',
    }[first[1]]!;
  if (OPEN_TOP.test(said) || IN_BOTTOM.test(said) || /\bbottom (?:to top|up)\b/.test(said)) return 'sole';
  if (/\btop (?:to bottom|down)\b/.test(said)) return 'crown';
  BEGINS.lastIndex = 0;
  for (let found = BEGINS.exec(said); found; found = BEGINS.exec(said)) {
    const at = AT.exec(found[1]);
    if (!at) continue;
    const rest = found[1].slice(at[0].length).split(/\b(?:down|up|to|and|with|,)\b/)[0];
    const words = rest.split(/\s+/).slice(0, 4).join(' ');
    for (const [end, is] of ENDS)
      if (end.test(words) && !/\b(?:round|loop|stitch|st|side|ring|front)\b/.test(words)) return is;
  }
  return null;
}

const CHANGE =
  /^(?:now\s+|then\s+|here\s+)?(?:(?:change|switch|swap)\s+(?:back\s+)?(?:the\s+)?(?:yarn\s+|colou?r\s+)?to\s+|(?:change\s+(?:of\s+)?colou?r|colou?r\s+change)\s*:\s*)(?:the\s+)?(?:yarn\s+|colou?r\s+)?([a-z][a-z -]{0,24}?|cc?\d)(?:\s+(?:for|in|at|now|here|again|yarn)\b.*)?$/;
const WITH =
  /^(?:now\s+|then\s+)?(?:(?:start|begin)\s+(?:with|in)|(?:yarn|colou?r)\s*:|(?:working\s+)?in|(?:working\s+)?with|using|use|join(?:\s+in)?|add(?:\s+in)?|go on (?:in|with)|continue (?:in|with))\s+(?:the\s+)?(?:yarn\s+|colou?r\s+)?([a-z][a-z -]{0,24}?|cc?\d)(?:\s+yarn)?(?:\s+(?:for|and|from\s+(?:here|now))\b.*|,\s*(?:make|form|begin|start)\b.*\b(?:ring|circle|loop)\b.*)?$/;
/** `continue with the tentacles`, `start with the ears`: what is made next, and no colour. */
const MADE_NEXT =
  /^(?:now\s+|then\s+|we\s+)?(?:go on|continue|start|begin)\s+(?:in|with)\s+the\s+(?!.*\b(?:yarn|colou?r)\b)/;
/** `Orange yarn, 3 mm hook` */
const YARN_OF =
  /^([a-z][a-z -]{1,24}?)\s+(?:yarn|wool|cotton)(?:\s*(?:,|and|&)\s*(?:an?\s+|the\s+)?\d{1,2}(?:[.,]\d{1,2})?\s?mm\s+hook)?$/;
/** `attach white yarn`, `drop red, pick up white`: only what is known for a colour. */
const TAKEN_UP =
  /^(?:(?:drop|cut|leave)\s+(?:the\s+)?[a-z ]{1,20},\s+(?:and\s+)?)?(?:attach|tie\s+(?:in|on)|bring\s+in|pick\s+up|work\s+with)\s+(?:the\s+)?([a-z][a-z -]{0,24}?)(?:\s+yarn)?$/;
/** `take the green yarn again` */
const TAKE =
  /^(?:now\s+|then\s+)?(?:take|pick\s+up)\s+(?:the\s+|your\s+)([a-z][a-z -]{0,24}?)(?:\s+yarn)?(?:\s+again)?$/;
const BREAK =
  /\b(?:join(?:\s+in)?|cont(?:inue)?\s+in|change\s+to|go on in)\s+(?:the\s+)?(?:yarn\s+|colou?r\s+)?([a-z]+)\b/;
const LAST_IN =
  /^(?:the\s+)?last (?:loop|pull-?through|yarn over)(?: of (?:r|rnd|round|row)\s*\d+)? in\s+([a-z][a-z ]{0,20}?)(?:,| and|$)/;

/** The colour that a sentence changes to: `change to navy`, `with skin`, `black`, `join in yarn b`; null when it says none. `said` in lower case, without its colon. */
export function colourIn(asSaid: string): string | null {
  // `now switch to white, do not cut mint`, `change to B - body`
  const said = asSaid.replace(
    /,?\s*(?:in|at|with)\s+the\s+last\s+(?:pull-?\s?through|loop|st|stitch|yarn over)\b.*$|,?\s*(?:and\s+|but\s+)?(?:do not|don't)\s+(?:cut|break|fasten off)\b[^,;.]*$|\s+-\s.*$/,
    '',
  );
  const taken = TAKEN_UP.exec(said);
  if (taken && isPlainColour(taken[1])) return taken[1];
  for (const pattern of [CHANGE, WITH, TAKE, LAST_IN]) {
    const found = pattern.exec(said);
    if (
      found &&
      ((pattern !== WITH && pattern !== TAKE) || isColour(found[1]) || found[1].split(' ').length === 1) &&
      (isColour(found[1]) || !MADE_NEXT.test(said)) &&
      !/\b(?:hook|needle|ring|half|place|rounds?|both|it|them|total|between|sc|dc|hdc|htr|tr|ss|crochet|stitch|rows?|spiral|[bf]lo)\b/.test(
        found[1],
      )
    )
      return found[1].trim();
  }
  // `begin at top with white`
  const begun = /^(?:start|begin)\b[^,;.]{0,24}\bwith\s+(?:the\s+)?([a-z][a-z ]{1,20})$/.exec(said);
  if (begun && isPlainColour(begun[1])) return begun[1];
  const plain = YARN_OF.exec(said)?.[1] ?? said;
  if (isPlainColour(plain) && plain.length > 2) return plain;
  const slot = /^(?:(?:colou?r|yarn)\s+|to\s+)([a-h])$/.exec(said);
  if (slot) return slot[1];
  // `Flesh colour`
  const called = /^([a-z][a-z -]{1,18}?)\s+colou?r$/.exec(said);
  if (
    called &&
    !/\b(?:main|contrast|any|each|every|the|change|same|other|start|begin|with|work|use)\b/.test(called[1])
  )
    return called[1];
  const found = BREAK.exec(said);
  return found && isColour(found[1]) ? found[1] : null;
}
