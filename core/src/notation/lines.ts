import { Known, ownLetters } from '../kept';
import { own } from '../own';
import { isColour, isPlainColour } from './colours';
import { countFirst } from './countFirst';
import { countAlone } from './countsAlone';
import { factsIn } from './facts';
import { featureIn } from './featureNote';
import { headingOf } from './headings';
import { hookIn } from './hooks';
import type { ItemContext } from './items';
import { labelOf } from './labels';
import { numbersOfTheHouse, type LegendWords } from './legendWords';
import { plainLine, type PlainLine } from './lexer';
import { BEGINS_RING, CRAFT_COUNT, isDoneByHand, noteLine, noteOf, saidLine, soundsLikeWork } from './notes';
import { repeatIn } from './repeatLines';
import { blanked, CRAFT, roundLine } from './roundLines';
import { isWork } from './statedCount';
import { sentencesOf } from './sentences';
import type { Fact, Item, LineNode, RoundNode, Star } from './syntax';
import { tersely } from './tersely';

/** What a line must know about the text around it. */
export interface LineContext extends ItemContext {
  /** nothing but blank lines since the start of the text or the end of a part */
  fresh: boolean;
}

/** Lines read, by the kind of context. */
const known = Array.from({ length: 32 }, () => new Known<LineNode>());

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
  const key = context.words ? `${line}\n${context.words.key}` : line;
  const found = lines.get(key);
  if (found) return found;
  const node = parse(ownLetters(line), context);
  lines.set(key, node);
  return node;
}

function parse(line: string, context: LineContext): LineNode {
  // A line may have been broken by the width of its page, and a comma may stand where it was broken.
  const whole = line.replace(/[\r\n]/g, ' ').replace(/[,;](?=\s*$)/, ' ');
  const written = ofTheHouse(plainLine(whole), context.words);
  if (written.text.trim() === '') return { type: 'blank' };
  const star = starOf(written.text);
  if (!star) return parseWithoutStar(line, written, context);
  const node = parseWithoutStar(line, { ...written, text: written.text.replace(/\*/g, ' ') }, context);
  return node.type === 'round' || node.type === 'note' ? { ...node, star } : node;
}

/** `3 K: sc around`: a colour between the number of a round and its colon. */
const COLOURED = /^(\s{0,20}\d{1,3}(?:\s{0,3}-\s{0,3}\d{1,3})?)\s([a-z][a-z ]{0,15}):(?=\s)/;

/** A line whose rounds are numbered by the words of its page, numbered by that of the house; as long as it was. */
function ofTheHouse(asWritten: PlainLine, words: LegendWords | undefined): PlainLine {
  const written = { ...asWritten, text: words ? numbersOfTheHouse(asWritten.text, words) : asWritten.text };
  const coloured = COLOURED.exec(written.text);
  const colour = coloured && (own(words?.of ?? {}, coloured[2]) ?? coloured[2]);
  const line =
    colour && isPlainColour(colour)
      ? { ...written, text: written.text.replace(COLOURED, '$1:$2:') }
      : written;
  const counted = withoutNoun(line, words);
  const label = words?.label;
  if (!label) return counted;
  const text = counted.text.replace(new RegExp(String.raw`(?<![a-z])${label}(?=\.?\s?\d)`, 'g'), (found) =>
    'r'.padStart(found.length),
  );
  return { ...counted, text };
}

/** `= 12 m` on a page that calls its stitches so: the count alone; as long as it was. */
function withoutNoun(line: PlainLine, words: LegendWords | undefined): PlainLine {
  const nouns = Object.entries(words?.of ?? {}).flatMap(([word, means]) => (means === 'st' ? [word] : []));
  if (nouns.length === 0) return line;
  const counted = new RegExp(String.raw`(?<=[=([]\s?\d{1,4}\s?)(?:${nouns.join('|')})(?![a-z])`, 'g');
  return { ...line, text: line.text.replace(counted, (noun) => ' '.repeat(noun.length)) };
}

/** `*Change to green.`, `R14-16: sc around (12)*`: a star with no other in its line; null where none stands so. */
function starOf(text: string): Star | null {
  const first = text.indexOf('*');
  const last = text.lastIndexOf('*');
  // One star, or two side by side.
  if (first < 0 || last - first > 1) return null;
  if (text.slice(0, first).trim() === '') return text.slice(last + 1).trim() === '' ? null : 'opens';
  return text.slice(last + 1).trim() === '' ? 'closes' : null;
}

function parseWithoutStar(line: string, written: PlainLine, context: LineContext): LineNode {
  const plain: PlainLine = { text: tersely(columns(written.text)), at: written.at };
  const found = labelOf(plain);
  if (!found) {
    const lead = noteLine(line, written.text);
    if (lead) return lead;
  }
  const repeat = repeatIn(plain, found?.label ?? null, found?.end ?? 0, written.text, context.begins);
  if (repeat) return repeat;
  if (found) return labelled(line, written.text, plain, found, context);
  const later = laterWork(written.text, plain, context);
  if (later) return later;
  const said = saidLine(line, written.text, plain.text);
  if (said) return said;
  const heading = headingOf(line, written.text, context.fresh, context.terms);
  if (heading) return heading;
  return unlabelled(line, written.text, plain, context);
}

/** `(black) R6: ...`, `mustard: R3-9 5 sc`: what stands before the label. */
const LED_BY = /^\s*[-*>•→#]?\s*(?:[([]([a-z][a-z ]{1,20})[)\]]|([a-z][a-z ]{1,16}):)/;

/** A number that is counted out (`1. Sew the ears`) is no label of a round: nothing in it is worked. */
function labelled(
  line: string,
  said: string,
  plain: PlainLine,
  { label, end, counted }: NonNullable<ReturnType<typeof labelOf>>,
  context: LineContext,
): LineNode {
  const alone = countAlone(plain, end, label, context.words?.alone ?? false);
  if (alone) return alone;
  const worked = countFirst(plain, said, label, end, context) ?? roundLine(plain, said, label, end, context);
  const led = LED_BY.exec(said);
  const lead = led?.[1] ?? led?.[2];
  const colour = lead && isColour(lead) ? lead : null;
  const round: RoundNode = {
    ...worked,
    stated: worked.stated ?? counted,
    ...(colour ? { before: [{ fact: 'colour', colour }] } : {}),
  };
  if (!label.bare) return round;
  const numbered =
    (isDoneByHand(said.slice(end)) && !/\bthrough both\b/.test(said)) ||
    !(round.items.some(isWork) || round.stated || round.layer);
  if (!numbered && !isProse(round, said)) return round;
  // `4. 6` is the count of a round, or nobody knows what; stitches among words that nobody knows are no end alone.
  const unread = /^[\s(]*\d+[\s).]*$/.test(said.slice(end)) || worksUnknown(round) || lost(said.slice(end));
  return {
    ...noteOf(line.trim(), said),
    ...(unread ? { unread: true } : {}),
  };
}

const worksUnknown = ({ items }: RoundNode): boolean =>
  items.some(isWork) && items.some((i) => i.type === 'unknown');

/** A line without a label: what its sentences decide, a round, or words to people. */
function unlabelled(line: string, said: string, plain: PlainLine, context: LineContext): LineNode {
  // Behind the last round, and no heading: an end of yarn is left.
  if (/^\s*(?:(?:with\s)?a\s)?(?:long\s)?tail\.?\s*$/.test(line))
    return noteOf(line.trim(), said, [{ fact: 'off' }]);
  const hook = said.includes('hook') ? hookIn(said) : null;
  // A line with nothing but a hook on it is no round, whatever bullet stands before it.
  if (hook && !/[a-z]{2}/.test(said.slice(0, hook.from) + said.slice(hook.to)))
    return noteOf(line.trim(), said);
  const round = roundLine(plain, said, null, 0, context);
  if ((round.hook || featureIn(said.trim())) && !round.layer && !round.stated && !round.items.some(isWork))
    return noteOf(line.trim(), said);
  if (round.items.length === 0 && !round.stated && !round.layer && round.facts?.length)
    return { ...noteOf(line.trim(), said), ...(round.unread?.length || lost(said) ? { unread: true } : {}) };
  // `ch 4, sl st back` on a line of its own: a chain that hangs from the edge is in no fabric.
  const worked = round.items.filter((i) => i.type !== 'sign');
  if (worked.length > 0 && worked.every(hangs) && !round.stated)
    return { ...noteOf(line.trim(), said), unread: true };
  const nothing = !round.layer && !round.items.some(isWork);
  // A count without a stitch, and words alone, are told to people; a slip of the pen is small and has no capital.
  if (!isProse(round, said) && !(nothing && round.items.length > 0 && (round.stated || isNamed(line, round))))
    return round;
  return { ...noteOf(line.trim(), said), prose: true, ...(lost(said) ? { unread: true } : {}) };
}

/** `2 in each (16)`, `2, 2 tog = 18.`: a count at the end is of work, whatever stands before it. */
const COUNTED =
  /\S\s*(?:[=→]|->)\s*\d{1,4}\s*(?:sts?|stitches)?\.?\s*$|\S\s*[([]\s*\d{1,4}\s*(?:sts?|stitches)?\s*[)\]]\.?\s*$/;

/** Whether a sentence that decides nothing sounds like work; of one that decides something only stitches do. */
const lost = (words: string): boolean => {
  // `Ch 1 does not count.` tells of no work.
  const said = words.replace(/\bch(?:ain)? ?1\b[^.]{0,40}\bcount[^.]*/, '');
  const sentences = sentencesOf(said).map(({ from, to }) => said.slice(from, to));
  const undecided = sentences.filter((s) => factsIn(s).every((f) => f.fact === 'colour'));
  const open = undecided.filter(soundsLikeWork);
  // A chain is worked, whatever its sentence decides besides.
  const chained = /\bch(?:ain)?\s?\d/.test(said);
  return (
    chained ||
    BEGINS_RING.test(said) ||
    open.length === sentences.length ||
    undecided.some((s) => CRAFT_COUNT.test(s)) ||
    COUNTED.test(said)
  );
};

/** A chain that is worked back on itself, once or several times. */
const hangs = (item: Item): boolean =>
  item.type === 'return' || (item.type === 'group' && item.items.every((i) => i.type === 'sign' || hangs(i)));

/** Words alone, beginning with a capital: a name, not a stitch that is spelled wrongly. */
const isNamed = (line: string, round: RoundNode): boolean =>
  /^[\s*_]*\p{Lu}/u.test(line) &&
  !/\d/.test(line.replace(/(?<=[.:]\s).*$/, '')) &&
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
    const folds = node.type === 'round' && node.items.some((i) => i.type === 'sign' && i.sign === 'fold');
    const byHand = isDoneByHand(said.slice(sentence.to)) && !folds;
    if (worked && (node.type === 'repeat' || CRAFT.test(rest.text)) && !byHand) return { ...node, before };
  }
  return null;
}

/** Columns of a sheet: a cell with nothing but a number behind the work is its count, one with a colour before it is that of the round. As long as it was. */
const columns = (text: string): string =>
  text.includes('\t')
    ? colourCell(text).replace(/(?<!\s)\s+(?=\d+\s*(?:\t|$))/g, (gap, at: number) =>
        at > text.search(/[a-z)\]\d*]/) && !NUMBER_ONLY.test(text.slice(0, at))
          ? gap.replaceAll('\t', '=')
          : gap,
      )
    : text;

/** `2`, `4-6`, `body`: what stands before a cell with a count may be the number of the round, and before that its part. */
const NUMBER_ONLY = /^\s*(?:[a-z][a-z ]{1,20}|(?:[a-z][a-z ]{1,20}\t\s*)?\d+(?:\s*-\s*\d+)?)$/;

const colourCell = (text: string): string =>
  text.replace(
    /^(\s*[^\t]{1,12}\t\s*)([a-z][a-z ]{2,15})\t(?=\s*[\d(a-z])/,
    (cells, label: string, cell: string) => (isPlainColour(cell.trim()) ? `${label}${cell}:` : cells),
  );

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
