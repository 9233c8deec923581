import { lex, plainLine, type Token } from './lexer';
import { read } from './read';
import { STITCH_KINDS, STITCHES } from '../figures';
import { SPELLED, WORD_OF } from './stitches';
import type { Item, LineNode, Span, StitchKind, Terms, TextChange } from './syntax';

/** Kinds that have another name in the other terms. */
const KINDS: readonly StitchKind[] = STITCH_KINDS.filter((kind) => WORD_OF.us[kind] !== WORD_OF.uk[kind]);
/** A kind in full words. */
const spelled = (kind: StitchKind, terms: Terms): string | undefined => {
  const written: { phrases?: readonly string[] } = STITCHES[kind][terms];
  return written.phrases?.[0];
};

/**
 * The changes that turn a text from one set of terms into the other. Only stitch words of rounds are changed; every
 * other byte, notes included, stays where it is.
 */
export function convertTerms(text: string, from: Terms, to: Terms): TextChange[] {
  if (from === to) return [];
  return read(text, { terms: from })
    .parts.flatMap((p) => p.lines)
    .flatMap((l) =>
      l.node.type === 'round' ? changesOf(text.slice(l.from, l.to), l.node, l.from, from, to) : [],
    );
}

function changesOf(
  line: string,
  node: Extract<LineNode, { type: 'round' }>,
  lineFrom: number,
  from: Terms,
  to: Terms,
): TextChange[] {
  const plain = plainLine(line);
  // What stands behind the count belongs to the round as far as it is no comment.
  const comment = /\s(?:--+|\/\/|#)\s/.exec(plain.text.slice(node.body.from));
  const tokens = lex(plain, 0, comment ? node.body.from + comment.index : undefined).filter(
    (t) => t.from >= (node.label?.span.to ?? 0),
  );
  const remarks = remarksIn(node.items);
  const changes: TextChange[] = [];
  for (let i = 0; i < tokens.length; i++) {
    const found = wordAt(tokens, i, from, to);
    if (!found) continue;
    const span = { from: tokens[i].from, to: tokens[i + found.tokens - 1].to };
    i += found.tokens - 1;
    if (remarks.some((r) => span.from >= r.from && span.to <= r.to)) continue;
    const written = line.slice(span.from, span.to);
    changes.push({
      from: lineFrom + span.from,
      to: lineFrom + span.to,
      insert: inCaseOf(written, found.word),
    });
  }
  return changes;
}

const isWordOf = (kind: StitchKind, terms: Terms, word: string): boolean =>
  (STITCHES[kind][terms].words as readonly string[]).includes(word);

/** The stitch word at a token, in the other terms; null when it is the same in both. */
function wordAt(
  tokens: readonly Token[],
  i: number,
  from: Terms,
  to: Terms,
): { word: string; tokens: number } | null {
  if (tokens[i].type !== 'word') return null;
  for (const [words, kind] of SPELLED[from])
    if (words.every((w, k) => tokens[i + k]?.text === w)) {
      const same = SPELLED[to].some(([said, k]) => k === kind && said.join(' ') === words.join(' '));
      const word = KINDS.includes(kind) && !same ? spelled(kind, to) : undefined;
      return word === undefined ? null : { word, tokens: words.length };
    }
  const parts = /^([fb]p)?([a-z]+?)(\dtog)?$/.exec(tokens[i].text);
  const kind = parts && KINDS.find((k) => isWordOf(k, from, parts[2]) && !isWordOf(k, to, parts[2]));
  return kind && parts ? { word: `${parts[1] ?? ''}${WORD_OF[to][kind]}${parts[3] ?? ''}`, tokens: 1 } : null;
}

/** `SC` stays in capitals, `Sc` keeps its first one, `FPsc` its prefix. */
function inCaseOf(written: string, word: string): string {
  if (written.length > 1 && written === written.toUpperCase()) return word.toUpperCase();
  if (/^[FB]P[a-z]/.test(written)) return word.slice(0, 2).toUpperCase() + word.slice(2);
  return /^[A-Z]/.test(written) ? word[0].toUpperCase() + word.slice(1) : word;
}

function remarksIn(items: readonly Item[]): Span[] {
  return items.flatMap((item): Span[] =>
    item.type === 'sign' && (item.sign === 'note' || item.sign === 'surface')
      ? [item.span]
      : item.type === 'group' || item.type === 'fan'
        ? remarksIn(item.items)
        : [],
  );
}
