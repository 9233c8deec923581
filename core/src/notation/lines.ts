import { lex, plainSigns } from './lexer';
import { parseItems } from './items';
import { craftWord } from './stitches';
import type { Label, LineNode, Loops, Span, Stated, Terms } from './syntax';

const LABEL =
  /^\s*(?:[-*]\s*)?(?:(?:rounds?|rnds?|rows?|r|line)\s*\.?\s*(\d+)(?:(?:\s*(?:to|and)\s*|-|\s+-\s+(?=r?\d+\s*[:.)(]))(?:r\s*)?(\d+))?|(\d+)(?:\s*-\s*(\d+))?(?=\s*[.)](?!\d)))\s*(?:\(\s*(?:\d+ (?:rounds?|rows?)|to taste)\s*\))?\s*(?:[:.)=]|-(?!\s*\d+\s*(?:sts?|stitches)\b))?\s*/;
const STATED =
  /(?:\(\s*(\d+)\s*(?:sts?|stitches|sc|dc)?\s*\)|\[\s*(\d+)\s*(?:sts?|stitches)?\s*\]|=\s*(\d+)\s*(?:sts?|stitches)?|-\s*(\d+)\s*(?:sts|stitches)|(?:^|\s)(\d+)\s+(?:sts|stitches))\s*[.,;]?\s*((?:ch 1,?\s*)?turn\.?|sl st to join\.?)?\s*$/;
const MOST_STITCHES_IN_A_LABEL = 2000;

/** Where the text of one line stands: its offset in the whole text and what was open before it. */
export interface LineContext {
  from: number;
  terms: Terms;
  /** the line before ended inside a bracket or with a comma */
  continues: boolean;
  /** nothing but blank lines since the start of the text or the end of a part */
  fresh: boolean;
}

/** Reads one line of text. */
export function parseLine(line: string, context: LineContext): LineNode {
  const plain = plainSigns(line);
  if (plain.trim() === '') return { type: 'blank' };
  const label = labelOf(plain, context.from);
  if (!label) {
    const between = betweenLine(plain);
    if (between) return between;
    if (context.continues) return roundLine(plain, null, 0, context);
    const heading = headingOf(line, plain, context);
    if (heading) return heading;
  }
  return roundLine(plain, label, label ? label.span.to - context.from : 0, context);
}

function labelOf(plain: string, from: number): (Label & { span: Span }) | null {
  const found = LABEL.exec(plain);
  if (!found || found[0].trim() === '') return null;
  const first = Number(found[1] ?? found[3]);
  const second = found[2] ?? found[4];
  const last = second === undefined ? first : Number(second);
  if (!Number.isSafeInteger(first) || last < first || last - first > MOST_STITCHES_IN_A_LABEL) return null;
  return { first, last, span: { from, to: from + found[0].length } };
}

function roundLine(plain: string, label: Label | null, bodyFrom: number, context: LineContext): LineNode {
  let bodyTo = plain.length;
  let stated: Stated | null = null;
  const found = STATED.exec(plain.slice(bodyFrom));
  let tail: Span | null = null;
  if (found && (found.index > 0 || found[1] || found[2])) {
    const digits = [found[1], found[2], found[3], found[4], found[5]].find((d) => d !== undefined)!;
    const digitsAt = bodyFrom + found.index + found[0].indexOf(digits);
    stated = { count: Math.min(Number(digits), 1e9), span: { from: context.from + digitsAt, to: context.from + digitsAt + digits.length } };
    bodyTo = bodyFrom + found.index;
    if (found[6]) tail = { from: digitsAt + digits.length, to: plain.length };
  }
  const tokens = lex(plain, bodyFrom, bodyTo);
  if (tail) tokens.push(...lex(plain, tail.from, tail.to).filter((t) => t.type !== 'sign'));
  const { items, unclosed } = parseItems(tokens, context.terms, context.from);
  const loops: Loops | null = items.reduce<Loops | null>((found, i) => (i.type === 'sign' && i.loops ? i.loops : found), null);
  return { type: 'round', label, items, stated, loops, unclosed, body: { from: context.from + bodyFrom, to: context.from + bodyTo } };
}

function betweenLine(plain: string): LineNode | null {
  const text = plain.trim();
  if (/^(--|#|\/\/|note\b)/.test(text)) return { type: 'note', text: text.replace(/^(--+|#+|\/\/|note:?)\s*|\s*--+$/g, '') };
  const stuff = /^(?:stuff|fill)(?:ing)?\b\s*(?:it\s*)?(soft|medium|firm)?(?:ly)?/.exec(text);
  if (stuff) return { type: 'stuff', firmness: (stuff[1] as 'soft' | 'medium' | 'firm') ?? null };
  if (/^(close|gather|draw (the )?hole shut)\b/.test(text)) return { type: 'close' };
  if (/^(leave (it )?open|do not close|leave unstuffed)/.test(text)) return { type: 'open' };
  if (/^(fasten off|cut|finish off|break off)\b/.test(text)) {
    const tail = /(\d+(?:\.\d+)?)\s*(cm|mm|in)\b/.exec(text);
    return { type: 'end', tailMm: tail ? Number(tail[1]) * (tail[2] === 'cm' ? 10 : tail[2] === 'in' ? 25.4 : 1) : null };
  }
  if (/^(eyes?|embroider|sew|pin|do not|don't)\b/.test(text)) return { type: 'note', text };
  return null;
}

const RING_ENDS = ['crown', 'chin', 'nose', 'sole', 'back', 'tip', 'mouth'];

function headingOf(line: string, plain: string, context: LineContext): LineNode | null {
  const text = plain.trim();
  const open = text.indexOf('(');
  const namePart = (open >= 0 ? text.slice(0, open) : text).replace(/[:,]\s*$/, '').trim();
  const words = namePart.split(/\s+/);
  if (namePart === '' || words.length > 5 || /[,;=*\[\]]/.test(namePart) || /^\d/.test(namePart)) return null;
  if (words.some((w) => craftWord(w, context.terms) || w === 'sl' || w === 'around' || w === 'even')) return null;
  const bracket = open >= 0 ? text.slice(open) : '';
  if (open >= 0 && !/^\([^()]*\)[:.]?$/.test(bracket)) return null;
  const tells = /make|\b\d+\s*x|x\s*\d+|hook|ring\s*=|mirrored/.test(bracket) || /^\([a-z ,]*\)/.test(bracket);
  if (!context.fresh && !tells && !/:$/.test(text)) return null;
  if (/^\(\d+\)$/.test(bracket)) return null;
  const makeX = /(?:make\s*|x\s*)(\d+)|(\d+)\s*x/.exec(bracket);
  const hook = /(\d+(?:\.\d+)?)\s*mm/.exec(bracket);
  const ring = /ring\s*=\s*([a-z]+)/.exec(bracket);
  const lead = line.length - line.trimStart().length;
  const pieces = bracket.replace(/[()]/g, '').split(',').map((p) => p.trim());
  const colour = pieces.find((p) => /^[a-z][a-z -]*$/.test(p) && !/^(make|mirrored|ring|hook)/.test(p)) ?? null;
  return {
    type: 'heading',
    name: line.slice(lead, lead + namePart.length),
    make: makeX ? Math.max(1, Math.min(99, Number(makeX[1] ?? makeX[2]))) : 1,
    mirrored: /mirrored/.test(bracket),
    colour,
    hookMm: hook ? Number(hook[1]) : null,
    ringIs: ring && RING_ENDS.includes(ring[1]) ? ring[1] : null,
  };
}
