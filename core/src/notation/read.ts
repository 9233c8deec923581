import { notationWords as say } from '../words';
import type { HookSaid } from './hooks';
import { plainSigns } from './lexer';
import { parseLine, type LineContext } from './lines';
import { PartCounter, type PartContext } from './part';
import { problem } from './problems';
import type { Reading } from './reading';
import { guessTerms, usesSymbols } from './stitches';
import type { LineNode, RoundNode, Span, Terms } from './syntax';

export interface ReadOptions {
  /** when left out, the terms are guessed from the text */
  terms?: Terms;
  /** names of parts outside this text that are there to be caught in a join round */
  parts?: readonly string[];
}

/** One line of the text with its node; wrapped lines are gathered in their first one. */
interface Gathered {
  line: number;
  from: number;
  to: number;
  node: LineNode;
}

/** Lines of one part. */
interface Section {
  name: string;
  lines: Gathered[];
}

/**
 * Reads written rounds: splits a text into parts and lines, counts every round against the one before, and says what
 * does not add up. Never throws; every character of the text stays where it is. Lines that were read before are not
 * read again, so that an edit costs the counting and the changed line.
 */
export function read(text: string, options: ReadOptions = {}): Reading {
  const key = `${options.terms ?? ''}\n${(options.parts ?? []).join('\n')}`;
  const again = lately.find((l) => l.text === text && l.key === key);
  if (again) return again.reading;
  const reading = readAnew(text, options);
  lately.unshift({ text, key, reading });
  if (lately.length > LATELY) lately.pop();
  return reading;
}

/** The newest readings: one key is asked for by the document, the editor and the screen. */
const lately: { text: string; key: string; reading: Reading }[] = [];
const LATELY = 4;

function readAnew(text: string, options: ReadOptions): Reading {
  const plain = plainSigns(text);
  const guess = guessTerms(plain);
  const terms = options.terms ?? guess.terms;
  const symbols = usesSymbols(plain);
  const lines = splitLines(text);
  const sections = sectionsOf(text, lines, { terms, symbols });
  const names = sections.map((s) => nameKey(s.name));
  const hook = pageHook(sections);
  const outside = new Set((options.parts ?? []).map(nameKey));
  const lineText = (line: number) => ({
    text: text.slice(lines[line - 1].from, lines[line - 1].to),
    from: lines[line - 1].from,
  });
  const parts = sections.map((section, index) => {
    const heading = section.lines[0].node.type === 'heading' ? section.lines[0].node : null;
    const context: PartContext = {
      terms,
      lineText,
      knows: (name) => {
        const key = nameKey(name);
        if (outside.has(key) || names.slice(0, index).includes(key)) return 'finished';
        return names.slice(index).includes(key) ? 'later' : 'unknown';
      },
      reread: (line) => asRound(parseLine(line, { terms, symbols, begins: false, fresh: false })),
    };
    const counter = new PartCounter(heading, section.lines[0].line, context);
    for (const g of section.lines) counter.line(g.line, g.from, g.to, g.node);
    return counter.finish(hook);
  });
  const first = parts[0]?.lines.find((l) => l.node.type === 'round') ?? parts[0]?.lines[0];
  if (first && options.terms && guess.sure && guess.terms !== options.terms) {
    first.problems.push(
      problem(
        'terms-suspect',
        { from: first.from, to: first.to },
        say.termsSuspect(guess.terms.toUpperCase(), options.terms.toUpperCase()),
      ),
    );
    parts[0].problems = parts[0].lines.flatMap((l) => l.problems);
  }
  if (first && symbols) {
    first.problems.push(problem('assumed', { from: first.from, to: first.to }, say.symbolsRead));
    parts[0].problems = parts[0].lines.flatMap((l) => l.problems);
  }
  return { terms, hook, parts, ...understoodOf(parts) };
}

/** How many lines there are, and how many of them are understood. */
function understoodOf(parts: Reading['parts']): Pick<Reading, 'lines' | 'understood'> {
  let all = 0;
  let lost = 0;
  for (const part of parts)
    for (const l of part.lines) {
      if (l.node.type === 'blank' || l.node.type === 'continued') continue;
      all++;
      if (
        l.problems.some((p) => p.code === 'unknown-word') ||
        (l.node.type === 'round' && l.node.items.length === 0) ||
        (l.node.type === 'note' && l.node.prose)
      )
        lost++;
    }
  return { lines: all, understood: all - lost };
}

/** “Wing”, “wings” and “wing 2” are one part. */
export const nameKey = (name: string): string =>
  plainSigns(name)
    .trim()
    .replace(/\s*\d+$/, '')
    .replace(/^(the|a) /, '')
    .replace(/s$/, '');

/** The hook named by what stands before the first part with rounds: a title, a list of materials. Two different ones are not known. */
function pageHook(sections: readonly Section[]): Pick<HookSaid, 'said' | 'mm'> | null {
  const first = sections.findIndex((s) =>
    s.lines.some((l) => l.node.type === 'round' && l.node.items.length > 0),
  );
  const found = sections
    .slice(0, Math.max(0, first))
    .flatMap((s) =>
      s.lines.flatMap(({ node }) =>
        (node.type === 'note' || node.type === 'heading') && node.hook ? [node.hook] : [],
      ),
    );
  if (found.length === 0) return null;
  const same = found.every((h) => h.mm !== null && h.mm === found[0].mm);
  return { said: found.map((h) => h.said).join('; '), mm: same ? found[0].mm : null };
}

const asRound = (node: LineNode): RoundNode | null => (node.type === 'round' ? node : null);

function sectionsOf(
  text: string,
  lines: readonly Span[],
  base: Pick<LineContext, 'terms' | 'symbols'>,
): Section[] {
  const sections: Section[] = [];
  let begins = true;
  let fresh = true;
  for (let i = 0; i < lines.length; i++) {
    const from = lines[i].from;
    const context: LineContext = { terms: base.terms, symbols: base.symbols, fresh, begins };
    let node = parseLine(text.slice(from, lines[i].to), context);
    let last = i;
    while (
      node.type === 'round' &&
      last + 1 < lines.length &&
      last - i < MOST_WRAPPED &&
      continuesOn(text, lines, last, node, context)
    ) {
      last++;
      node = parseLine(text.slice(from, lines[last].to), context);
    }
    const section = sections[sections.length - 1];
    if (node.type === 'heading' || (!section && node.type !== 'blank')) {
      sections.push({ name: node.type === 'heading' ? node.name : '', lines: [] });
      begins = true;
    }
    if (node.type === 'round' && node.items.length > 0) begins = false;
    const open = sections[sections.length - 1];
    open?.lines.push({ line: i + 1, from, to: lines[last].to, node });
    for (let k = i + 1; k <= last; k++)
      open?.lines.push({
        line: k + 1,
        from: lines[k].from,
        to: lines[k].to,
        node: { type: 'continued', of: i + 1 },
      });
    fresh =
      node.type === 'blank' ||
      (node.type === 'note' && (fresh || node.facts.some((f) => f.fact === 'off' || f.fact === 'shut')));
    i = last;
  }
  return sections;
}

const MOST_WRAPPED = 40;

/** Lines without their line ends; offsets in the text. */
export function splitLines(text: string): Span[] {
  const lines: Span[] = [];
  let from = 0;
  for (;;) {
    const end = text.indexOf('\n', from);
    const to = end < 0 ? text.length : end;
    lines.push({ from, to: to > from && text[to - 1] === '\r' ? to - 1 : to });
    if (end < 0) return lines;
    from = end + 1;
  }
}

/** Decision 26: an open bracket, a trailing comma, or a labelled line without end count goes on in an unlabelled line. */
function continuesOn(
  text: string,
  lines: readonly Span[],
  last: number,
  node: RoundNode,
  context: LineContext,
): boolean {
  const open = node.unclosed !== null || goesOn(text, lines[last]);
  if (!open && !(node.label !== null && node.stated === null && node.items.length > 0)) return false;
  const next = lines[last + 1];
  const after = parseLine(text.slice(next.from, next.to), {
    terms: context.terms,
    symbols: context.symbols,
    fresh: false,
    begins: false,
  });
  if (after.type !== 'round' || after.label || after.layer) return false;
  // A fold or an "until" is a step of its own.
  if (open) return true;
  return !after.items.some(
    (i) =>
      (i.type === 'sign' && (i.sign === 'fold' || i.sign === 'edging')) ||
      (i.type === 'group' && i.until !== undefined),
  );
}

/** The line ends with a comma or a star: something must follow. */
function goesOn(text: string, line: Span): boolean {
  let end = line.to - 1;
  while (end >= line.from && text.charCodeAt(end) <= 32) end--;
  return end >= line.from && [',', '，', '*'].includes(text[end]);
}
