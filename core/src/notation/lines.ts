import { headingOf } from './headings';
import { parseItems, type ItemContext } from './items';
import { lex, plainLine, written, type PlainLine } from './lexer';
import { featureIn } from './featureNote';
import { hookIn, type HookSaid } from './hooks';
import { betweenLine, noteOf } from './notes';
import type { Item, Label, LayerBase, LineNode, RoundNode, Stated } from './syntax';

const LABEL =
  /^\s*(?:[-*>]\s*)?(?:(?:rounds?|rnds?|rds?|rows?|r|lines?)\s*\.?\s*(\d+)(?:(?:\s*(?:to|and|through|&)\s*|-|\s+-\s+(?=r?\d+\s*[:.)(]))(?:(?:r|rounds?|rnds?|rows?)\s*)?(\d+))?(?![a-z\d])|(\d+)(?:\s*-\s*(\d+))?(?=\s*[.):](?!\d))|(\d+)(?:st|nd|rd|th)\s+(?:rounds?|rnds?|rows?)(?=\s*[:.)-]))\s*(?:\(\s*(?:\d+ (?:rounds?|rows?|rnds?)|(to taste)|ws|rs)\s*\))?\s*(?:[:.)=]|-(?!\s*\d+\s*(?:sts?|stitches)\b))?\s*/;
const ROW = /^\s*(?:[-*>]\s*)?(?:\d+(?:st|nd|rd|th)\s+)?(?:rows?|lines?)/;
const STATED =
  /\(\s*(\d+)\s*(?:sts?|stitches|sc|dc|hdc|htr|ch|total)?\s*\)|\[\s*(\d+)\s*(?:sts?|stitches)?\s*\]|=\s*\(?(\d+)(?:\s*(?:sts?|stitches))?\)?|-\s*(\d+)\s*(?:sts|stitches)|(?<=[\s,])(?<!(?:next|last|of|the|in|first|remaining|skip|miss|sk|each)[\s,]{1,3})(\d+)\s+(?:sts|stitches)/g;
const LAYER =
  /(?:\b(?:(?:re)?join|attach)\s+(?:the\s+|new\s+)?(?:yarn|[a-z]+)\s+)?(?:\b(?:work(?:ing|ed)?|starting)\s+)?\b(?:in|into|to|along|with)\s+(?:the\s+|a\s+|any\s+)?((?:free|unused|leftover|remaining|unworked)\s+)?(?:(front|back)\s+)?loops?\s+(?:only\s+)?(?:of|from|on)\s+(?:round\s*|rnd\s*|row\s*|r\s*)?(\d+)\s*[:,]?/;
const COMMENT = /\s(?:--+|\/\/|#)\s.*$/;
const REPEAT =
  /^(?:then\s+)?rep(?:eat)?\s+(?:rounds?\s*|rnds?\s*|rows?\s*|r\s*)(\d+)(?:\s*(?:-|to|and|&)\s*(?:r|rounds?|rnds?|rows?)?\s*(\d+))?\s*(?:,?\s*(?:x\s*)?(\d+|once|twice|one|two|three|four|five)?\s*(more)?\s*(?:times|time)?(?:\s*more)?)?\s*\.?\s*$/;
const MOST_ROUNDS_IN_A_LABEL = 2000;
const MOST_COUNT = 1e9;
const OFTEN: Record<string, number> = { once: 1, twice: 2, one: 1, two: 2, three: 3, four: 4, five: 5 };

/** What a line must know about the text around it. */
export interface LineContext extends ItemContext {
  /** nothing but blank lines since the start of the text or the end of a part */
  fresh: boolean;
}

const MOST_KNOWN = 4096;

/** Lines read in one kind of context; when it is full the older half goes. */
class Known {
  private now = new Map<string, LineNode>();
  private before = new Map<string, LineNode>();

  get(line: string): LineNode | undefined {
    const node = this.now.get(line);
    if (node) return node;
    const older = this.before.get(line);
    if (older) this.set(line, older);
    return older;
  }

  set(line: string, node: LineNode): void {
    if (this.now.size >= MOST_KNOWN) {
      this.before = this.now;
      this.now = new Map();
    }
    this.now.set(line, node);
  }
}

const known: Known[] = Array.from({ length: 16 }, () => new Known());
const LONGEST_KNOWN = 4000;

/**
 * Reads one line of text; spans count from its start. A line that was read before in the same context is not read
 * again, so that an edit costs only what it changed.
 */
export function parseLine(line: string, context: LineContext): LineNode {
  const lines =
    known[
      (context.terms === 'uk' ? 8 : 0) +
        (context.begins ? 4 : 0) +
        (context.symbols ? 2 : 0) +
        (context.fresh ? 1 : 0)
    ];
  const found = lines.get(line);
  if (found) return found;
  const node = parse(line, context);
  if (line.length <= LONGEST_KNOWN) lines.set(line, node);
  return node;
}

function parse(line: string, context: LineContext): LineNode {
  const plain = plainLine(line);
  if (plain.text.trim() === '') return { type: 'blank' };
  const found = labelOf(plain);
  if (!found) {
    const between = betweenLine(line, plain.text);
    if (between) return between;
  }
  const repeat = REPEAT.exec(plain.text.slice(found?.end ?? 0).trim());
  if (repeat) return repeatLine(repeat, found?.label ?? null, line);
  if (found) return roundLine(plain, found.label, found.end, context);
  const heading = headingOf(line, plain.text, context.fresh, context.terms);
  if (heading) return heading;
  const hook = plain.text.includes('hook') ? hookIn(plain.text) : null;
  // A line with nothing but a hook on it is no round, whatever bullet stands before it.
  if (hook && !/[a-z]{2}/.test(plain.text.slice(0, hook.from) + plain.text.slice(hook.to)))
    return noteOf(line.trim(), plain.text);
  const round = roundLine(plain, null, 0, context);
  if (
    (round.hook || featureIn(plain.text.trim())) &&
    !round.layer &&
    !round.stated &&
    !round.items.some(isWork)
  )
    return noteOf(line.trim(), plain.text);
  return isProse(round, plain.text) ? { ...noteOf(line.trim(), plain.text), prose: true } : round;
}

function labelOf(plain: PlainLine): { label: Label; end: number } | null {
  const found = LABEL.exec(plain.text);
  if (!found || found[0].trim() === '') return null;
  const first = Number(found[1] ?? found[3] ?? found[5]);
  const second = found[2] ?? found[4];
  const last = second === undefined ? first : Number(second);
  if (!Number.isSafeInteger(first) || last < first || last - first > MOST_ROUNDS_IN_A_LABEL) return null;
  return {
    label: {
      first,
      last,
      toTaste: found[6] !== undefined,
      row: ROW.test(plain.text),
      span: written(plain, 0, found[0].length),
    },
    end: found[0].length,
  };
}

function repeatLine(found: RegExpExecArray, label: Label | null, line: string): LineNode {
  const first = Number(found[1]);
  const last = found[2] === undefined ? first : Number(found[2]);
  const often = found[3] === undefined ? 1 : (OFTEN[found[3]] ?? Number(found[3]));
  return {
    type: 'repeat',
    first: Math.min(first, last),
    last: Math.max(first, last),
    times: Math.min(often, MOST_ROUNDS_IN_A_LABEL),
    label,
    span: { from: 0, to: line.length },
  };
}

function roundLine(plain: PlainLine, label: Label | null, bodyFrom: number, context: LineContext): RoundNode {
  const comment = COMMENT.exec(plain.text.slice(bodyFrom));
  const end = comment && comment.index > 0 ? bodyFrom + comment.index : plain.text.length;
  const layer = layerOf(plain, bodyFrom, end);
  const { stated, bodyTo, after } = statedOf(plain, bodyFrom, end, context);
  const hook = hookWords(plain, bodyFrom, bodyTo);
  // Words about the layer or the hook are not stitches; what stands on both sides of them is.
  const cuts = [...(layer ? [layer] : []), ...(hook ? [hook] : [])].sort((a, b) => a.from - b.from);
  const tokens = [...cuts, { from: bodyTo, to: bodyTo }].flatMap((cut, i) =>
    lex(plain, Math.min(i ? cuts[i - 1].to : bodyFrom, bodyTo), Math.min(cut.from, bodyTo)),
  );
  const { items, unclosed } = parseItems(tokens, { ...context, begins: context.begins && !layer });
  for (const item of after) items.push(item);
  return {
    type: 'round',
    label,
    items,
    stated,
    layer: layer?.base ?? null,
    unclosed,
    body: written(plain, bodyFrom, bodyTo),
    ...(hook ? { hook: hook.said } : {}),
  };
}

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

/** Something that a hook works, whatever its count. */
const isWork = (item: Item): boolean => item.type !== 'unknown' && item.type !== 'sign';

function layerOf(
  plain: PlainLine,
  from: number,
  to: number,
): { base: LayerBase; from: number; to: number } | null {
  const text = plain.text.slice(from, to);
  const found = text.includes('loop') ? LAYER.exec(text) : null;
  if (!found) return null;
  const at = from + found.index;
  const digits = at + found[0].lastIndexOf(found[3]);
  const base: LayerBase = {
    loops: (found[2] as 'front' | 'back' | undefined) ?? 'either',
    round: Math.min(Number(found[3]), MOST_COUNT),
    span: written(plain, at, at + found[0].trimEnd().length),
    roundSpan: written(plain, digits, digits + found[3].length),
  };
  return { base, from: at, to: at + found[0].length };
}

/** The count at the end of a round, and the signs that may stand behind it (`(14), turn`). */
function statedOf(
  plain: PlainLine,
  from: number,
  to: number,
  context: ItemContext,
): { stated: Stated | null; bodyTo: number; after: Item[] } {
  const text = plain.text.slice(from, to);
  let best: RegExpExecArray | null = null;
  STATED.lastIndex = 0;
  for (let found = STATED.exec(text); found; found = STATED.exec(text))
    if (found.index > 0 || found[1] || found[2]) best = found;
  if (!best) return { stated: null, bodyTo: to, after: [] };
  const behind = best.index + best[0].length;
  const rest = text.slice(behind);
  const { items: after } = /^[\s.,;)]*$/.test(rest)
    ? { items: [] }
    : parseItems(lex(plain, from + behind, to), context);
  // A count with stitches behind it is a repeat or a remark, not the sum.
  if (/^\s*(?:x|\*)?\s*\d/.test(rest) || !after.every((i) => i.type === 'sign'))
    return { stated: null, bodyTo: to, after: [] };
  const digits = [best[1], best[2], best[3], best[4], best[5]].find((d) => d !== undefined)!;
  const at = from + best.index + best[0].indexOf(digits);
  return {
    stated: { count: Math.min(Number(digits), MOST_COUNT), span: written(plain, at, at + digits.length) },
    bodyTo: from + best.index,
    after,
  };
}

/** More words that nobody knows than stitches: something said, not worked. */
function isProse(node: RoundNode, text: string): boolean {
  if (node.layer || node.stated) return false;
  let unknown = 0;
  let stitches = 0;
  const walk = (items: readonly Item[]): void => {
    for (const item of items) {
      if (item.type === 'unknown') unknown++;
      else if (item.type === 'group' || item.type === 'fan') walk(item.items);
      else if (item.type === 'sign' ? item.sign === 'note' : true) stitches += item.type === 'sign' ? 0 : 1;
    }
  };
  walk(node.items);
  const remarks = node.items.some((i) => i.type === 'sign' && i.sign === 'note');
  return text.trim().split(/\s+/).length >= 3 && (unknown >= 2 || remarks) && unknown >= stitches;
}
