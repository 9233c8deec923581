import { notationWords as say } from '../words';
import { plainSigns } from './lexer';
import { parseLine } from './lines';
import { legendWords, type LegendWords } from './legendWords';
import { materialsIn } from './page/materials';
import { type LineMeaning } from './page/lineKinds';
import type { HookSaid } from './hooks';
import type { PageLine, Section } from './page/pageLine';
import { pageOf } from './page/flow';
import { PartCounter } from './part';
import type { PartContext } from './work';
import { problem } from './problems';
import type { Reading } from './reading';
import { sizesSaid } from './manySizes';
import { nameKey } from './nameKey';
import { guessTerms, usesBareNumbers, usesSymbols } from './pageTerms';
import type { LineNode, RoundNode, Span, Terms } from './syntax';

export interface ReadOptions {
  /** when left out, the terms are guessed from the text */
  terms?: Terms;
  /** names of parts outside this text that are there to be caught in a join round */
  parts?: readonly string[];
  /** what the maker says that lines are, by their number from 1 */
  as?: Readonly<Record<number, LineMeaning>>;
}

/**
 * Reads written rounds: splits a text into parts and lines, counts every round against the one before, and says what
 * does not add up. Never throws; every character of the text stays where it is. Lines that were read before are not
 * read again, so that an edit costs the counting and the changed line.
 */
export function read(text: string, options: ReadOptions = {}): Reading {
  const key = `${options.terms ?? ''}\n${JSON.stringify(options.as ?? {})}\n${(options.parts ?? []).join('\n')}`;
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
  const lines = splitLines(text);
  const plain = lines.map((l) => plainSigns(text.slice(l.from, l.to))).join('\n');
  const guess = guessTerms(plain);
  const terms = options.terms ?? guess.terms;
  const hand = handOf(plain, terms);
  const { symbols } = hand;
  const page = pageOf(text, lines, hand, options.as);
  const { sections } = page;
  const names = sections.map((s) => nameKey(s.name));
  const materials = materialsIn(page, text);
  const hook = materials.hook ?? hookAtFirst(sections);
  const outside = new Set((options.parts ?? []).map(nameKey));
  // The line that is being read: one of several rounds in a line, or one that goes on over several.
  let here = { line: 0, from: 0, to: 0 };
  const lineText = (line: number) => {
    const { from, to } = line === here.line ? here : lines[line - 1];
    return { text: text.slice(from, to), from };
  };
  const counters = new Map<string, PartCounter>();
  const parts = sections.map((section, index) => {
    const heading = section.lines[0].node.type === 'heading' ? section.lines[0].node : null;
    const context: PartContext = {
      terms,
      lineText,
      words: (from, to) => text.slice(from, to),
      knows: (name) => standing(nameKey(name), outside, names, index),
      roundOf: (name, number) => counterOf(counters, nameKey(name))?.written(number),
      reread: (line) => asRound(parseLine(line, { ...hand, begins: false, fresh: false })),
    };
    const counter = new PartCounter(heading, section.lines[0].line, context);
    counters.set(names[index], counter);
    for (const g of section.lines) {
      here = g;
      counter.line(g.line, g.from, g.to, g.node);
    }
    const part = counter.finish(hook);
    // What the page says of its beginning is said of its first part.
    if (index === 0 && page.title !== null) part.ringIs ??= materials.ringIs;
    return part;
  });
  aboutTerms(parts, guess, options.terms, symbols);
  const { title, lines: told } = page;
  const ofPage = { ...handSaid(hand.words), bare: hand.bare };
  aboutSizes(parts, ofPage.sizes, plain);
  return { terms, ...ofPage, hook, title, materials, page: told, parts, ...understoodOf(told, parts) };
}

/** How a page writes its rounds, as a reading tells it. */
function handSaid(
  words: LegendWords | undefined,
): Pick<Reading, 'legend' | 'label' | 'numbered' | 'behind' | 'sizes'> {
  if (!words) return { legend: {}, label: null, numbered: false, behind: false, sizes: 1 };
  const { of, label, numbered, behind, sizes } = words;
  return { legend: of, label, numbered, behind, sizes };
}

/** How a whole text is written, in lower case: its signs, numbers without a stitch, and the words that it explains. */
const handOf = (plain: string, terms: Terms) => ({
  terms,
  symbols: usesSymbols(plain),
  bare: usesBareNumbers(plain),
  words: legendWords(plain, terms),
});

/** The part that a name means: its own, or the only one that is called by more than it, as `head` is of `head and body`. */
function counterOf(counters: ReadonlyMap<string, PartCounter>, key: string): PartCounter | undefined {
  const own = counters.get(key);
  const words = (name: string): string => ` ${name.replace(/[^\p{L}\d]+/gu, ' ')} `;
  const longer = [...counters.keys()].filter((k) => words(k).includes(words(key)));
  return own ?? (longer.length === 1 ? counters.get(longer[0]) : undefined);
}

/** Whether a part is made by the time that the part at `index` is worked. */
function standing(
  key: string,
  outside: ReadonlySet<string>,
  names: readonly string[],
  index: number,
): ReturnType<PartContext['knows']> {
  if (outside.has(key) || names.slice(0, index).includes(key)) return 'finished';
  return names.slice(index).includes(key) ? 'later' : 'unknown';
}

/** `Using a 3 mm hook, make a magic ring` where the first of several parts begins, and no other hook anywhere: all are worked with it. */
function hookAtFirst(sections: readonly Section[]): HookSaid | null {
  const found = sections.map(({ lines }) =>
    lines.flatMap(({ node }) => {
      const hook =
        node.type === 'heading' || node.type === 'note' || node.type === 'round' ? node.hook : null;
      return hook ? [{ hook, heading: node.type === 'heading' }] : [];
    }),
  );
  const [first] = found[0] ?? [];
  return first && !first.heading && found.flat().length === 1 ? first.hook : null;
}

/** Says at the first round that the text looks like other terms, or that signs were read. */
function aboutTerms(
  parts: Reading['parts'],
  guess: ReturnType<typeof guessTerms>,
  told: Terms | undefined,
  symbols: boolean,
): void {
  const first = parts[0]?.lines.find((l) => l.node.type === 'round') ?? parts[0]?.lines[0];
  if (first && told && guess.sure && guess.terms !== told) {
    first.problems.push(
      problem(
        'terms-suspect',
        { from: first.from, to: first.to },
        say.termsSuspect(guess.terms.toUpperCase(), told.toUpperCase()),
      ),
    );
    parts[0].problems = parts[0].lines.flatMap((l) => l.problems);
  }
  if (first && symbols) {
    first.problems.push(problem('assumed', { from: first.from, to: first.to }, say.symbolsRead));
    parts[0].problems = parts[0].lines.flatMap((l) => l.problems);
  }
}

/** Says at the first round that the page is written for several sizes, and which of them is read. */
function aboutSizes([first]: Reading['parts'], sizes: number, plain: string): void {
  const line = first?.lines.find((l) => l.node.type === 'round');
  if (sizes === 1 || !line) return;
  line.problems.push(problem('assumed', { from: line.from, to: line.to }, sizesSaid(sizes, plain)));
  first.problems = first.lines.flatMap((l) => l.problems);
}

/** How many lines there are, and how many of them are understood. */
function understoodOf(
  page: readonly PageLine[],
  parts: Reading['parts'],
): Pick<Reading, 'lines' | 'understood'> {
  const said = page.filter((l) => l.as !== 'blank');
  const wrong = parts.flatMap((p) =>
    p.lines.filter(
      (l) =>
        l.problems.some((x) => x.code === 'unknown-word') ||
        (l.node.type === 'round' && l.node.items.length === 0) ||
        (l.node.type === 'note' && l.node.prose),
    ),
  );
  return { lines: said.length, understood: said.length - wrong.length };
}

const asRound = (node: LineNode): RoundNode | null => (node.type === 'round' ? node : null);

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
