import { factsIn } from './facts';
import { featureIn } from './featureNote';
import { headingOf } from './headings';
import { hookIn, type HookSaid } from './hooks';
import { parseItems, type ItemContext } from './items';
import { labelOf } from './labels';
import { LAYER } from './layerWords';
import { lex, plainLine, written, type PlainLine, type Token } from './lexer';
import { CRAFT_COUNT, isDoneByHand, noteLine, noteOf, saidLine, soundsLikeWork } from './notes';
import { countSaid, NUMBER_PATTERN } from './numberWords';
import { repeatIn } from './repeatLines';
import { sentencesOf } from './sentences';
import type { Fact, Item, Label, LayerBase, LineNode, RoundNode, Stated } from './syntax';
import { tersely } from './tersely';

/** What a bracket may call the stitches that it counts. */
const COUNTED = String.raw`(?:sts?|stitches|sc|dc|hdc|htr|tr|ch|chs|total|in all|altogether|left|remain|remaining|sts (?:left|remain|in all|total|remaining))`;
const STATED = new RegExp(
  [
    String.raw`\(\s*(?:=\s*|total:?\s*)?(\d+)\s*${COUNTED}?\s*\)`,
    String.raw`\[\s*(?:=\s*|total:?\s*)?(\d+)\s*${COUNTED}?\s*\]`,
    String.raw`(?:=|->|>)\s*[([]?(\d+)(?:\s*${COUNTED})?[)\]]?`,
    String.raw`(?<=\s|\d|[a-z*)\]])-\s*(\d+)\s*(?:sts?|stitches|sc|dc|hdc|htr|tr)(?![a-z\d])(?=\s*(?:$|[.,;\t(\[]))`,
    String.raw`(?<=[\s,])(?<!(?:next|last|of|the|in|all|first|remaining|rem|skip|miss|sk|each|these|those)[\s,]{1,3})(\d+)\s+(?:sts|stitches)(?!\s+(?:apart|between|tog|together|in))`,
    String.raw`(?<=\s)\((\d+)\)`,
    String.raw`(?<=[\s*)\]])-\s+(\d+)(?=\s*(?:$|[(\[]))`,
  ].join('|'),
  'g',
);
const COMMENT = /\s(?:--+|\/\/|#)\s.*$/;
const MOST_COUNT = 1e9;

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

const known: Known[] = Array.from({ length: 32 }, () => new Known());
const LONGEST_KNOWN = 4000;

/**
 * Reads one line of text; spans count from its start. A line that was read before in the same context is not read
 * again, so that an edit costs only what it changed.
 */
export function parseLine(line: string, context: LineContext): LineNode {
  const lines =
    known[
      (context.bare ? 16 : 0) +
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
  const written = plainLine(line);
  if (written.text.trim() === '') return { type: 'blank' };
  const plain: PlainLine = { text: tersely(columns(written.text)), at: written.at };
  const found = labelOf(plain);
  if (!found) {
    const lead = noteLine(line, written.text);
    if (lead) return lead;
  }
  const repeat = repeatIn(plain, found?.label ?? null, found?.end ?? 0, written.text);
  if (repeat) return repeat;
  if (found) return labelled(line, written.text, plain, found, context);
  const later = laterWork(written.text, plain, context);
  if (later) return later;
  const said = saidLine(line, written.text);
  if (said) return said;
  const heading = headingOf(line, written.text, context.fresh, context.terms);
  if (heading) return heading;
  return unlabelled(line, written.text, plain, context);
}

/** A number that is counted out (`1. Sew the ears`) is no label of a round: nothing in it is worked. */
function labelled(
  line: string,
  said: string,
  plain: PlainLine,
  { label, end }: { label: Label; end: number },
  context: LineContext,
): LineNode {
  const round = roundLine(plain, said, label, end, context);
  if (!label.bare) return round;
  const numbered =
    isDoneByHand(said.slice(end)) || !(round.items.some(isWork) || round.stated || round.layer);
  return numbered || isProse(round, said) ? noteOf(line.trim(), said) : round;
}

/** A line without a label: what its sentences decide, a round, or words to people. */
function unlabelled(line: string, said: string, plain: PlainLine, context: LineContext): LineNode {
  const hook = said.includes('hook') ? hookIn(said) : null;
  // A line with nothing but a hook on it is no round, whatever bullet stands before it.
  if (hook && !/[a-z]{2}/.test(said.slice(0, hook.from) + said.slice(hook.to)))
    return noteOf(line.trim(), said);
  const round = roundLine(plain, said, null, 0, context);
  if ((round.hook || featureIn(said.trim())) && !round.layer && !round.stated && !round.items.some(isWork))
    return noteOf(line.trim(), said);
  if (round.items.length === 0 && !round.stated && !round.layer && round.facts?.length)
    return noteOf(line.trim(), said);
  const nothing = !round.layer && !round.items.some(isWork);
  // A count without a stitch, and words alone, are told to people; a slip of the pen is small and has no capital.
  if (!isProse(round, said) && !(nothing && round.items.length > 0 && (round.stated || isNamed(line, round))))
    return round;
  return { ...noteOf(line.trim(), said), prose: true, ...(soundsLikeWork(said) ? { unread: true } : {}) };
}

/** Words alone, beginning with a capital: a name, not a stitch that is spelled wrongly. */
const isNamed = (line: string, round: RoundNode): boolean =>
  /^\s*\p{Lu}/u.test(line) &&
  !/\d/.test(line) &&
  round.items.every((i) => i.type === 'unknown' || i.type === 'sign');

/** `Stuff the head. Continue decreasing until 6 remain.`: work behind sentences that decide something before it; null when there is none. */
function laterWork(said: string, plain: PlainLine, context: LineContext): LineNode | null {
  const sentences = sentencesOf(plain.text);
  if (sentences.length < 2) return null;
  let before: Fact[] = [];
  for (const sentence of sentences.slice(0, -1)) {
    const facts = factsIn(said.slice(sentence.from, sentence.to));
    if (facts.length === 0) return null;
    before = [...before, ...facts];
    const rest: PlainLine = { text: blanked(plain.text, 0, sentence.to), at: plain.at };
    const node =
      repeatIn(rest, null, sentence.to, said) ??
      roundLine(rest, blanked(said, 0, sentence.to), null, 0, context);
    const worked =
      node.type === 'repeat' ||
      (node.items.some(isWork) &&
        !node.items.some((i) => i.type === 'unknown' || (i.type === 'sign' && i.sign === 'note')));
    if (worked && (node.type === 'repeat' || CRAFT.test(rest.text)) && !isDoneByHand(said.slice(sentence.to)))
      return { ...node, before };
  }
  return null;
}

/** Columns of a sheet: a cell with nothing but a number behind the work is its count. As long as it was. */
const columns = (text: string): string =>
  text.includes('\t') ? text.replace(/\t(?=\s*\d+\s*(?:\t|$))(?<=[a-z)\]\d*].*\t)/g, '=') : text;

function roundLine(
  whole: PlainLine,
  said: string,
  label: Label | null,
  bodyFrom: number,
  context: LineContext,
): RoundNode {
  const comment = COMMENT.exec(whole.text.slice(bodyFrom));
  const end = comment && comment.index > 0 ? bodyFrom + comment.index : whole.text.length;
  const { text, facts } = workOf(whole.text, said, bodyFrom, end, context);
  const { many, text: once } = manyIn(text, bodyFrom);
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
  });
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
  };
}

/** Blank as long as a stretch of text. */
const blanked = (text: string, from: number, to: number): string =>
  text.slice(0, from) + ' '.repeat(to - from) + text.slice(to);

/**
 * The work of a line without its other sentences, which may decide something: `(30). Fasten off, leave 20 cm.` The text
 * stays as long as it was.
 */
function workOf(
  text: string,
  said: string,
  from: number,
  to: number,
  context: LineContext,
): { text: string; facts: Fact[] } {
  const sentences = sentencesOf(text, from, to);
  let rest = text;
  const facts: Fact[] = [];
  sentences.forEach((sentence, i) => {
    const own = text.slice(sentence.from, sentence.to);
    if (/^[([=]?\s*\d+\s*[a-z ]{0,14}[)\]]?\.?$/.test(own)) return;
    const decided = factsIn(said.slice(sentence.from, sentence.to));
    // What counts stitches and is not understood stays, so that it is said.
    const counts = decided.length === 0 && CRAFT_COUNT.test(own);
    if (i === 0 || counts || isWorked(own, decided, context)) {
      // A colour or a filling that stands in the sentence of the round itself is read with its stitches.
      return;
    }
    facts.push(...decided);
    rest = blanked(rest, sentence.from, sentence.to);
  });
  return { text: rest, facts };
}

/** Whether a sentence tells stitches. */
function isWorked(sentence: string, facts: readonly Fact[], context: LineContext): boolean {
  if (LAYER.test(sentence)) return true;
  if (!CRAFT.test(sentence) || facts.some((f) => f.fact !== 'colour' && f.fact !== 'feature')) return false;
  const { items } = parseItems(lex({ text: sentence, at: null }), context);
  return items.some(isWork) && !items.some((i) => i.type === 'unknown');
}

/** A word for a stitch, in any terms. */
const CRAFT =
  /(?<![a-z])\d*\s*(?:sc|hdc|dc|tr|htr|dtr|inc|incs|dec|decs|invdec|ss|sl st|slip st|ch|chain|crochet|increases?|decreases?|treble|bobble|sc2tog|dc2tog|x|v|a)(?![a-z])/;

const FOR_ROUNDS = new RegExp(
  String.raw`(?:(?<=^|[\s,(\[])(?:for\s+)?(?:the\s+|another\s+)?(?:next\s+|following\s+)?)(?<!(?:last|first|of|every|from|in|and)\s)(${NUMBER_PATTERN})\s+(?:more\s+|further\s+|plain\s+|lovely\s+|other\s+)?(?:rounds?|rnds?|rows?)(?![a-z])(?:\s+more)?(?:\s+(?:with|of|in)(?=\s))?[\])]?\s*:?`,
);

/** `sc around for 3 rounds`, `(28) (3 rounds)`, `next 4 rounds:`: how many rounds a line stands for, and the line without these words. */
function manyIn(text: string, from: number): { many: number; text: string } {
  const found = /r(?:oun|n)?ds?|rows?/.test(text) ? FOR_ROUNDS.exec(text.slice(from)) : null;
  if (!found) return { many: 1, text };
  const many = countSaid(found[1]);
  const at = from + found.index;
  // An open bracket before the number goes with it.
  const lead = /[([]\s*$/.exec(text.slice(from, at))?.[0].length ?? 0;
  return { many: Math.min(many, MOST_ROUNDS), text: blanked(text, at - lead, at + found[0].length) };
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

/** Something that a hook works, whatever its count. */
const isWork = (item: Item): boolean => item.type !== 'unknown' && item.type !== 'sign';

function layerOf(
  plain: PlainLine,
  from: number,
  to: number,
): { base: LayerBase; from: number; to: number } | null {
  const text = plain.text.slice(from, to);
  const found = /loop|lp/.test(text) ? LAYER.exec(text) : null;
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

/** The count at the end of a round, and the tokens that stand behind it (`(14), turn`; `(12), in the back loops only`). */
function statedOf(
  plain: PlainLine,
  from: number,
  to: number,
  context: ItemContext,
): { stated: Stated | null; bodyTo: number; after: Token[] } {
  const text = plain.text.slice(from, to);
  let best: RegExpExecArray | null = null;
  STATED.lastIndex = 0;
  for (let found = STATED.exec(text); found; found = STATED.exec(text))
    if (found.index > 0 || found[1] || found[2] || found[3]) best = found;
  if (!best) return { stated: null, bodyTo: to, after: [] };
  const behind = best.index + best[0].length;
  const rest = text.slice(behind);
  const after = /^[\s.,;)]*$/.test(rest) ? [] : lex(plain, from + behind, to);
  // A count with stitches behind it is a repeat or a remark, not the sum.
  if (/^\s*(?:x|\*)?\s*\d/.test(rest) || parseItems(after, context).items.some(isWork))
    return { stated: null, bodyTo: to, after: [] };
  const digits = best.slice(1).find((d) => d !== undefined)!;
  const at = from + best.index + best[0].indexOf(digits);
  return {
    stated: { count: Math.min(Number(digits), MOST_COUNT), span: written(plain, at, at + digits.length) },
    bodyTo: from + best.index,
    after: after.length ? [comma(after[0]), ...after] : [],
  };
}

/** What stands behind the count is a clause of its own. */
const comma = ({ from }: Token): Token => ({ type: 'sign', text: ',', from, to: from });

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
