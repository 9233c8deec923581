import { factsIn } from './facts';
import { hookIn, type HookSaid } from './hooks';
import { parseItems } from './items';
import { LAYER } from './layerWords';
import type { LineContext } from './lines';
import { lex, written, type PlainLine } from './lexer';
import { CRAFT_COUNT, EXPLAINS, soundsLikeWork, withoutLastStitch } from './notes';
import { countSaid, NUMBER_PATTERN } from './numberWords';
import { sentencesOf } from './sentences';
import { isWork, MOST_COUNT, statedOf } from './statedCount';
import { foldsWhatItCloses } from './throughBoth';
import type { Fact, Label, LayerBase, RoundNode, Span } from './syntax';

const COMMENT = /\s(?:--+|\/\/|#)\s.*$/;

export function roundLine(
  whole: PlainLine,
  said: string,
  label: Label | null,
  bodyFrom: number,
  context: LineContext,
): RoundNode {
  const comment = COMMENT.exec(whole.text.slice(bodyFrom));
  const end = comment && comment.index > 0 ? bodyFrom + comment.index : whole.text.length;
  const work = workOf(whole.text, said, [bodyFrom, end], context, label !== null);
  const { facts, more, unread } = work;
  const text = withoutStripes(work.text, bodyFrom, unread);
  const { many: ofLine, text: once } = manyIn(text, bodyFrom);
  const many = ofLine + more;
  const plain: PlainLine = { text: once, at: whole.at };
  const layer = layerOf(plain, bodyFrom, end);
  const { stated, bodyTo, after } = statedOf(plain, bodyFrom, end, context);
  const hook = hookWords(plain, bodyFrom, bodyTo);
  // Words about the layer or the hook are not stitches; what stands on both sides of them is.
  const cuts = [...(layer ? [layer] : []), ...(hook ? [hook] : [])].sort((a, b) => a.from - b.from);
  const tokens = [...cuts, { from: bodyTo, to: bodyTo }].flatMap((cut, i) =>
    lex(plain, Math.min(i ? cuts[i - 1].to : bodyFrom, bodyTo), Math.min(cut.from, bodyTo)),
  );
  const { items, unclosed } = parseItems([...tokens, ...after], {
    ...context,
    begins: context.begins && !layer,
    coloured: label !== null,
  });
  foldsWhatItCloses(items, plain, text);
  // `change back to red, 3 rounds`: plain ones.
  const plainOnes =
    once !== text &&
    !layer &&
    items.length > 0 &&
    items.every((i) => i.type === 'sign' && i.sign === 'colour');
  if (plainOnes) items.push({ ...PLAIN_AROUND, span: written(plain, bodyFrom, bodyTo) });
  return {
    type: 'round',
    label,
    items,
    stated,
    layer: layer?.base ?? null,
    unclosed,
    body: written(plain, bodyFrom, bodyTo),
    ...(hook ? { hook: hook.said } : {}),
    ...(many > 1 ? { many } : {}),
    ...(facts.length ? { facts } : {}),
    ...(unread.length ? { unread: unread.map((u) => written(whole, u.from, u.to)) } : {}),
  };
}

const PLAIN_AROUND = { type: 'stitch', kind: 'sc', eats: 1, makes: 1, times: 'around' } as const;

const STRIPES = /(?:,|(?<!\s))\s*\b(?:changing|alternating|alternate|switching)\s+colou?rs?\b[^.;(=[]*/;

/** `..., changing colour every 2 rounds`: which rounds that are is not read, and said. */
function withoutStripes(text: string, from: number, unread: Span[]): string {
  const found = STRIPES.exec(text.slice(from));
  if (!found) return text;
  const at = from + found.index;
  unread.push({ from: at, to: at + found[0].length });
  return blanked(text, at, at + found[0].length);
}

/** Blank as long as a stretch of text. */
export const blanked = (text: string, from: number, to: number): string =>
  text.slice(0, from) + ' '.repeat(to - from) + text.slice(to);

/** `(28) (3 rounds)`, `join (16)`, `[10] turn`: a sentence that counts the round before it. */
const COUNTED_AGAIN =
  /^(?:join\b[a-z ]{0,30}[,:]?\s{0,3}(?=[([=]))?(?:[([=-]?\s{0,3}\d+(?!\d)\s{0,3}[a-z ]{0,20}[)\]]?[.,]? ?)+(?:turn)?$/;

const KEEPS_THE_YARN = /\b(?:don't|do not)\s+(?:cut|break|fasten|finish)\b/;

/**
 * The work of a line without its other sentences, which may decide something: `(30). Fasten off, leave 20 cm.` The text
 * stays as long as it was.
 */
function workOf(
  text: string,
  said: string,
  [from, to]: readonly [number, number],
  context: LineContext,
  labelled: boolean,
): { text: string; facts: Fact[]; more: number; unread: Span[] } {
  const sentences = sentencesOf(text, from, to);
  let rest = text;
  const facts: Fact[] = [];
  const unread: Span[] = [];
  let more = 0;
  // `On the second one do not cut the yarn. sc around (24)`: the first sentence of a line without a label tells no stitch.
  const [first, ...others] = sentences.map((s) => text.slice(s.from, s.to));
  const onlyWords =
    !labelled && others.some((o) => CRAFT.test(o)) && !CRAFT.test(first) && KEEPS_THE_YARN.test(first);
  sentences.forEach((sentence, i) => {
    const own = text.slice(sentence.from, sentence.to);
    // `Bobble = 4 tr together.` behind its first round explains it.
    if (i > 0 && OF_ANOTHER.test(own)) {
      unread.push(sentence);
      rest = blanked(rest, sentence.from, sentence.to);
      return;
    }
    if (i > 0 && EXPLAINS.test(own)) {
      rest = blanked(rest, sentence.from, sentence.to);
      return;
    }
    if (COUNTED_AGAIN.test(own)) return;
    const decided = factsIn(said.slice(sentence.from, sentence.to));
    // What counts stitches and is not understood stays, so that it is said.
    const counts = decided.length === 0 && CRAFT_COUNT.test(own);
    const leads = i === 0 && !onlyWords;
    if (leads || counts || isWorked(own, decided, context)) {
      // A colour in the sentence of the round itself is read with its stitches; an end of yarn is not, nor that it stays empty.
      facts.push(...decided.filter((f) => ['off', 'tail', 'unstuffed'].includes(f.fact)));
      // A ring that is pulled shut is no end: only its terse words tell one.
      facts.push(...factsIn(own).filter((f) => f.fact === 'shut'));
      return;
    }
    const again = decided.length === 0 ? moreOf(own) : 0;
    more += again;
    const told = said.slice(sentence.from, sentence.to);
    const worked = i > 0 && CRAFT_COUNT.test(withoutLastStitch(own)) && decided.some((f) => f.fact === 'off');
    if (worked || (decided.length === 0 && again === 0 && soundsLikeWork(told))) unread.push(sentence);
    facts.push(...decided);
    rest = blanked(rest, sentence.from, sentence.to);
  });
  return { text: rest, facts, more, unread };
}

const MORE_ROUNDS = new RegExp(
  String.raw`^(?:(?:then|now|and)\s+)*(?:do|work|repeat|crochet|make|continue|keep)\b.*?\b(${NUMBER_PATTERN})\s+(more\s+)?(?:rounds?|rnds?|rows?)\b|^(?:(?:then|now|and)\s+)*(?:do|work|repeat)\s+(?:this|that|it|the\s+same)\b.*?\b(once|twice|${NUMBER_PATTERN})(?:\s+(more))?`,
);

/** `Repeat this round 2 more times.`, `Do this for 3 rounds.` behind a round: how many more of it; 0 where a sentence says none. */
function moreOf(sentence: string): number {
  const found = MORE_ROUNDS.exec(sentence.replace(/[.!]$/, ''));
  if (!found) return 0;
  const word = found[1] ?? found[3];
  const count = { once: 1, twice: 2 }[word] ?? countSaid(word);
  const inAll = !(found[2] ?? found[4]) && /\bfor\b/.test(sentence);
  return Math.min(MOST_ROUNDS, inAll ? count - 1 : count);
}

/** Whether a sentence tells stitches. */
function isWorked(sentence: string, facts: readonly Fact[], context: LineContext): boolean {
  if (LAYER.test(sentence) || (/^(?:and\s+)?rep(?:eat)?\b/.test(sentence) && moreOf(sentence) === 0))
    return true;
  if (!CRAFT.test(sentence) || facts.some((f) => f.fact !== 'colour' && f.fact !== 'feature')) return false;
  const { items } = parseItems(lex({ text: sentence, at: null }), context);
  const told = items.some((i) => i.type === 'unknown' || (i.type === 'sign' && i.sign === 'note'));
  return items.some(isWork) && !told;
}

/** `For the toes: ch 5, ...` behind the work of a line: something else, which is said not to be read. */
const OF_ANOTHER = /^(?:for|to make)\s+(?:the|each|every)\s+[a-z]+\s*:/;

/** A word for a stitch, in any terms. */
export const CRAFT =
  /(?<![a-z])\d*\s*(?:sc|hdc|dc|tr|htr|dtr|inc|incs|dec|decs|invdec|ss|sl st|slip st|ch|chain|crochet|increases?|decreases?|treble|bobble|sc2tog|dc2tog|x|v|a)(?![a-z])/;

const FOR_ROUNDS = new RegExp(
  String.raw`(?:(?<=^|[\s,(\[*])(?:for\s+)?(?:x\s*)?(?:the\s+|another\s+)?(?:next\s+|following\s+)?)(?<!(?:last|first|of|every|from|in|and)\s)(${NUMBER_PATTERN})\s+(?:more\s+|further\s+|plain\s+|lovely\s+|other\s+)?(?:rounds?|rnds?|rows?)(?![a-z])(?:\s+more)?(?:\s+(?:with|of|in)(?=\s))?[\])*]?\s*:?`,
);

const PLAIN_TIMES = /^\s*\d{1,4}\s?(?:sc|dc|st)\s*x\s*(\d{1,3})\s*$/;
const COUNT_TIMES = /(?<=\w\s{0,3})[([]\s?\d{1,4}\s?(?:sts?)?[)\]]\s?x\s?(\d{1,3})\s*$/;

/** `sc around for 3 rounds`, `(28) (3 rounds)`, `next 4 rounds:`: how many rounds a line stands for, and the line without these words. */
function manyIn(text: string, from: number): { many: number; text: string } {
  // `18sc x3` on a line of its own, `R10-16: 30 sc (30) x7`
  const plain = (from === 0 && PLAIN_TIMES.exec(text)) || COUNT_TIMES.exec(text);
  if (plain) return { many: Number(plain[1]), text: blanked(text, text.lastIndexOf('x'), text.length) };
  const found = /r(?:oun|n)?ds?|rows?/.test(text) ? FOR_ROUNDS.exec(text.slice(from)) : null;
  if (!found) return { many: 1, text };
  const many = countSaid(found[1]);
  const at = from + found.index;
  // An open bracket before the number goes with it; one that holds a count too stays: `(24 sts, 4 rnds)`.
  const lead = /[([*]\s*$/.exec(text.slice(from, at))?.[0].length ?? 0;
  const counted = /[([]\s*\d+\s*[a-z]*\s*,\s*$/.test(text.slice(from, at));
  const end = at + found[0].search(/[)\]]?\s*:?$/) + (counted ? 0 : /[)\]]?\s*:?$/.exec(found[0])![0].length);
  return { many: Math.min(many, MOST_ROUNDS), text: blanked(text, at - lead, end) };
}

const MOST_ROUNDS = 2000;

/** `with a 3 mm hook,` among the stitches. */
function hookWords(
  plain: PlainLine,
  from: number,
  to: number,
): { said: HookSaid; from: number; to: number } | null {
  const text = plain.text.slice(from, to);
  const said = text.includes('hook') ? hookIn(text) : null;
  if (!said) return null;
  const lead = /(?:(?:with|using|use|change to|switch to)\s+)?(?:(?:a|an|the|your|crochet|steel)\s+)*$/.exec(
    text.slice(0, said.from),
  )!;
  return {
    said: { ...said, ...written(plain, from + said.from, from + said.to) },
    from: from + lead.index,
    to: from + said.to,
  };
}

function layerOf(
  plain: PlainLine,
  from: number,
  to: number,
): { base: LayerBase; from: number; to: number } | null {
  const text = plain.text.slice(from, to);
  const found = /loop|lp|[fb]lo?s? /.test(text) ? LAYER.exec(text) : null;
  if (!found) return null;
  const at = from + found.index;
  const [, , loops, short, round] = found;
  const digits = at + found[0].lastIndexOf(round);
  const shortly = short === 'fl' ? 'front' : 'back';
  const base: LayerBase = {
    loops: (short ? shortly : (loops as 'front' | 'back' | undefined)) ?? 'either',
    round: Math.min(Number(round), MOST_COUNT),
    span: written(plain, at, at + found[0].trimEnd().length),
    roundSpan: written(plain, digits, digits + round.length),
  };
  return { base, from: at, to: at + found[0].length };
}
