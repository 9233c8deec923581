import { colourIn } from './poseWords';
import { bareHook, hookIn, type HookSaid } from './hooks';
import { craftWord } from './stitches';
import type { HeadingNode, Terms } from './syntax';

const RING_ENDS = ['crown', 'chin', 'nose', 'sole', 'back', 'tip', 'mouth'];
const LONGEST_NAME = 5;
/** No title is longer, in letters. */
const LONGEST = 160;
const NO_NAME = new Set([
  'foundation',
  'sl',
  'around',
  'even',
  'repeat',
  'skip',
  'fold',
  'flatten',
  'join',
  'turn',
  'picot',
  'flo',
  'blo',
  'stuff',
  'close',
  'note',
  'with',
  'using',
  'start',
  'begin',
  'change',
  'then',
  'attach',
  'sew',
  'glue',
  'worked',
  'working',
  'starting',
  'crocheted',
  'embroider',
  'assembly',
  'assembling',
  'finishing',
  'making',
  'sewing',
  'putting',
  'instructions',
  'directions',
  'by',
  'rounds',
]);

/** Reads a title: `Head (1x, rust, 3.0 mm hook, ring = crown)`, `EARS - make 2`, `Arm x2`, `Head:`, `Option "tall ears":`. `fresh`: nothing but blank lines or an ending stands before it. */
export function headingOf(line: string, plain: string, fresh: boolean, terms: Terms): HeadingNode | null {
  if (plain.trim().length > LONGEST) return null;
  const whole = oneBracket(plain.trim());
  const option = /^option\s+"?([^":]+)"?\s*:?/.exec(whole);
  const lead = plain.length - plain.trimStart().length;
  if (option) {
    const from = lead + option[0].indexOf(option[1]);
    return { ...bareHeading(line.slice(from, from + option[1].length).trim()), option: true };
  }
  const hook = hookIn(whole) ?? hookInBracket(whole);
  // What names the hook is read; the rest of the line is read as if it were not there.
  const text = hook
    ? `${whole.slice(0, hook.from)}${' '.repeat(hook.to - hook.from)}${whole.slice(hook.to)}`
    : whole;
  const open = text.search(/[([]/);
  const outside = open >= 0 ? text.slice(0, open) : text;
  const bracket = open >= 0 ? text.slice(open) : '';
  if (open >= 0 && !/^[([][^()[\]]*[)\]]\s*[:.]?$/.test(bracket)) return null;
  const make = /(?:[-,:]\s*)?\b(?:make\s*(\d{1,3})|x\s*(\d{1,3})|(\d{1,3})\s*x)\b.*$/.exec(outside);
  const colon = /:\s*$/.test(outside) || /:$/.test(text);
  const namePart = (make ? outside.slice(0, make.index) : outside).replace(/(?<![\s:,-])[\s:,-]+$/, '');
  const words = namePart.trim().split(/\s+/);
  // `Crochet hook: 3 mm` names no part, and behind a part's name the hook comes last.
  const hookLast = outside.slice(hook?.to ?? 0).trim() === '' && !words.every((w) => OF_A_HOOK.has(w));
  if (hook && hook.from < outside.length && !hookLast) return null;
  if (!isName(namePart, words, terms)) return null;
  if (/^[([]\s*\d+\s*(sts?|stitches)?\s*[)\]]$/.test(bracket)) return null;
  // `bloop x6` in the middle of a part is a round with a slip of the pen; a title has a capital or a line of its own.
  const titled = fresh || colon || /^\s*[\p{Lu}"]/u.test(line);
  if (make && bracket === '' && !titled) return null;
  const told = bracket + (make?.[0] ?? '');
  const tells =
    hook !== null ||
    /make|\b\d+\s*x|x\s*\d+|hook|ring\s*=|mirrored/.test(told) ||
    (/^[([][a-z ,]*[)\]]/.test(bracket) && !/\b(sc|dc|inc|dec)\b/.test(bracket));
  const shouted =
    line.trim().length > 2 && line.trim() === line.trim().toUpperCase() && /\p{L}{3}/u.test(line);
  if (!fresh && !tells && !colon && !shouted) return null;
  return {
    ...bareHeading(line.slice(lead, lead + namePart.trimEnd().length).trim()),
    ...toldIn(told),
    hook: hook && { ...hook, from: hook.from + lead, to: hook.to + lead },
  };
}

/** Whether words can be the name of a part, and not the beginning of a round or of a sentence. */
function isName(said: string, words: readonly string[], terms: Terms): boolean {
  if (said.trim() === '' || words.length > LONGEST_NAME) return false;
  if (/[,;=*.]/.test(said) || /^\d+ mr$/.test(said.trim()) || !/^[\p{L}"]/u.test(said)) return false;
  const isWork = (w: string) => NO_NAME.has(w.replace(/:$/, '')) || /^\d*(sc|dc|hdc|inc|dec|htr|tr)$/.test(w);
  return !words.some((w) => craftWord(w, terms) || isWork(w));
}

/** `Ear (2x) (3 mm hook)` as `Ear (2x,  3 mm hook)`: as long as it was, where both brackets tell something. */
function oneBracket(whole: string): string {
  const joined = whole.replace(/[)\]]\s*[([]/g, (between) => `,${' '.repeat(between.length - 1)}`);
  return /[([](?=.*(\d\s*x\b|\bx\s*\d|make|mirrored|ring\s*=))(?=.*(hook|\d\s*mm|colou?r|mirrored|ring\s*=))/.test(
    joined,
  )
    ? joined
    : whole;
}

/** Words before a hook that name no part. */
const OF_A_HOOK = new Set([
  'crochet',
  'steel',
  'size',
  'a',
  'an',
  'the',
  'use',
  'using',
  'with',
  'and',
  'also',
  'you',
  'need',
  'will',
  'us',
  'uk',
  'change',
  'switch',
  'to',
  '-',
  '>',
]);

/** `(1x, rust, 3.0 mm)`, `(hook size medium)`: the piece of a bracket that names the hook without saying so, or says so without a size. */
function hookInBracket(text: string): HookSaid | null {
  const open = text.search(/[([]/);
  if (open < 0) return null;
  let from = open + 1;
  for (const piece of text
    .slice(from)
    .replace(/[)\]]\s*[:.]?$/, '')
    .split(',')) {
    const said = bareHook(piece, from) ?? hookIn(piece);
    if (said) return said.from >= from ? said : { ...said, from: said.from + from, to: said.to + from };
    from += piece.length + 1;
  }
  return null;
}

/** A heading that tells nothing but a name. */
export const bareHeading = (name: string): HeadingNode => ({
  type: 'heading',
  name,
  make: 1,
  mirrored: false,
  colour: null,
  colours: null,
  hook: null,
  yarn: null,
  ringIs: null,
  option: false,
});

/** What the bracket behind a title says. */
function toldIn(told: string): Omit<HeadingNode, 'type' | 'name' | 'option' | 'hook'> {
  const pieces = told
    .replace(/[()[\]]/g, '')
    .split(',')
    .map((p) => p.trim().replace(/^[-:]\s*/, ''));
  const makeX = /(?:make\s*|x\s*)(\d{1,3})(?!\d)|(?<!\d)(\d{1,3})\s*x/.exec(told);
  const ring = /ring\s*=\s*(?:the\s+)?([a-z]+)/.exec(told);
  const yarn = pieces.find((p) => /\byarn\b/.test(p)) ?? null;
  const colour =
    pieces.find(
      (p) =>
        /^[a-z][a-z -]*$/.test(p) &&
        !/^(make|mirrored|each\b|ring|hook|x\d|left|right|worked|in rounds|in rows|[b-l] hook)/.test(p) &&
        !/\b(hook|yarn|make)\b/.test(p),
    ) ?? null;
  return {
    make: makeX ? Math.max(1, Math.min(999, Number(makeX[1] ?? makeX[2]))) : 1,
    mirrored: /mirror/.test(told),
    colour:
      (colour && /^(?:start|begin)/.test(colour) ? colourIn(colour) : colour?.replace(/^in /, '')) ?? null,
    colours: null,
    yarn,
    ringIs: ring && RING_ENDS.includes(ring[1]) ? ring[1] : null,
  };
}
