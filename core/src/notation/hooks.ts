import { HOOKS } from '../figures';

/** A hook as a text says it: the words, where they stand, and the hook in mm; `mm` is null when the words name no one hook. */
export interface HookSaid {
  from: number;
  to: number;
  said: string;
  mm: number | null;
}

/** What millimetres are those of, if not of the hook: `3 mm hook 6 mm eyes`. */
const OTHER = String.raw`\s*(?:[a-z]+\s+)?(?:eyes?|noses?|beads?|buttons?)(?![a-z])`;
const MM = String.raw`\d+(?:[.,]\d+)?(?:\s*|-)(?:mm|millimet(?:er|re)s?)(?![a-z])(?!${OTHER})`;
const LETTER = String.raw`(?<![a-z0-9'’])[b-s](?:\s?[-/]\s?(?:[b-s](?![a-z])|\d+(?:[.,]5|½)?)|\d+(?:\.5)?)?(?![a-z0-9'’]|[.,]\d|\s*mm)`;
const NUMBER = String.raw`(?:#\s*|(?<![a-z])(?:no\.?|number|us|uk|size)\s+)\d+(?:[.,]\d+)?(?![a-z0-9]|[.,]\d|\s*mm)`;
const BARE = String.raw`(?<![a-z0-9.,])\d+(?:[.,]\d+)?(?![a-z0-9]|\s*(?:g|cm|in|m)\b)`;
const SIZE = `(?:${MM}|${NUMBER}|${LETTER}|${BARE})`;
/** What may stand between two ways of saying one hook. A comma or a spaced dash ends the statement. */
const BETWEEN = String.raw`(?:(?<=\d)\s*[-–]\s*(?=\d)|[\s()[\]/=:~"“”]|-(?![\s\d])|(?<![a-z])(?:us|uk|metric|size|sizes|crochet|steel|aluminium|aluminum|bamboo|or|to|is|a|an|about|approx\.?|that|no\.?(?=\s*\d+(?:[.,]\d+)?\s*mm))(?![a-z]))*`;
const WORD = String.raw`(?<![a-z])hooks?(?![a-z])`;
const BEFORE = new RegExp(`(?:${SIZE}${BETWEEN})+$`);
/** `Hook - 2.25 mm`: a dash before millimetres goes on. */
const AFTER = new RegExp(`^(?:\\s*[-–]\\s*(?=${MM}))?${BETWEEN}(?:${SIZE}${BETWEEN})+`);
/** `crochet hook, 3.25 mm`: behind a comma, where no size stands before it. */
const ALONE_AFTER = new RegExp(`^(?:\\s*[-–,]\\s*(?=${MM}))?${BETWEEN}(?:${SIZE}${BETWEEN})+`);
/** Words that belong to a size and stand before it. */
const LEAD = /(?:(?<![a-z])(?:us|uk|about|approx\.?|size|steel|crochet|aluminium|aluminum|an?)\s+)+$/;
const ATOM = new RegExp(SIZE, 'g');
/** Words that speak of the hook in the hand, not of its size. */
const IN_THE_HAND =
  /(?:from|on|onto|over|off|with|by|of|insert|using|pick up|through|under|around)\s+(?:the|your|my|its)?\s*(?:crochet\s+)?$/;
/** A line that is about the hook, whatever it says of it. */
const ABOUT_IT =
  /^(?:[-*•●>]\s*)?(?:crochet\s+)?hook(?:s?\s*[:=]|\s+size\b\s*:?|s?\s+(?:us|uk|no\.?|number|size)(?![a-z])\s*)\s*([^.;]*)/;
const COPIES = /(?<![a-z])(?:make|x)\s*$/;
const LONGEST = 2000;
/** No way of saying a hook is longer than so many characters to either side of the word. */
const NEAR = 60;
const SMALLEST_MM = 0.5;
const LARGEST_MM = 30;
/** A letter and millimetres that lie further apart than this share are two hooks. Makers' stamps differ by less. */
const STAMPS_DIFFER = 0.12;

/**
 * The hook that a line in lower case names: `3.0 mm hook`, `Hook: 5 mm`, `H-8 (5 mm) hook`, `G/6 hook`, `#7 hook`,
 * `hook size E`. Two different hooks, a range, an old number or a word that is no size give `mm: null`: the hook is
 * said and not known. Null when the line says no hook.
 */
export function hookIn(text: string): HookSaid | null {
  if (text.length > LONGEST || !text.includes('hook')) return null;
  for (const word of text.matchAll(new RegExp(WORD, 'g'))) {
    const left = Math.max(0, word.index - NEAR);
    const before = BEFORE.exec(text.slice(left, word.index));
    const begins = before ? left + before.index : word.index;
    // How many to make is no size: `Hat, make 2 (4 mm hook)`.
    const copies = COPIES.test(text.slice(0, begins))
      ? (/^\d{1,2}(?![.,]?\d|\s*mm)[\s()[\]]*/.exec(text.slice(begins))?.[0].length ?? 0)
      : 0;
    const from = Math.min(begins + copies, word.index);
    const ends = word.index + word[0].length;
    if (from === word.index && IN_THE_HAND.test(text.slice(0, word.index))) continue;
    const after = (from === word.index ? ALONE_AFTER : AFTER).exec(text.slice(ends, ends + NEAR));
    if (from === word.index && !after) continue;
    const plural = word[0] === 'hooks';
    const more = plural
      ? (/^\s*(?:and|&|\+)\s*[^,;]*/.exec(text.slice(ends + (after?.[0].length ?? 0)))?.[0] ?? '')
      : '';
    const lead = LEAD.exec(text.slice(0, from));
    const to = ends + (after?.[0].length ?? 0) + more.length;
    const said = text.slice(from, to);
    const steel = /(?<![a-z])steel\s*$/.test(text.slice(0, from)) ? 'steel ' : '';
    // "I hook it up" is a sentence, "I-9 hook" a size.
    if (/^i\s+hook/.test(said) && !after) continue;
    return trimmed(text, lead ? lead.index : from, to, sizeOf(steel + said));
  }
  const about = ABOUT_IT.exec(text.trimStart());
  if (about && /[a-z0-9]/.test(about[1])) {
    const lead = text.length - text.trimStart().length;
    return trimmed(text, lead + about.index, lead + about.index + about[0].length, sizeOf(about[1]));
  }
  return null;
}

/** `3.0 mm` alone in a bracket behind a title, where makers write the hook. */
export function bareHook(piece: string, from: number): HookSaid | null {
  const found = new RegExp(`^\\s*(?:${SIZE}${BETWEEN})+$`).exec(piece);
  if (!found || !/mm/.test(piece)) return null;
  return trimmed(piece, 0, piece.length, sizeOf(piece), from);
}

function trimmed(text: string, from: number, to: number, mm: number | null, shift = 0): HookSaid {
  const cut = text.slice(from, to);
  // A bracket that opens before the statement closes behind it.
  const closes = (cut.match(/[)\]]/g) ?? []).length - (cut.match(/[([]/g) ?? []).length;
  let end = to;
  for (let k = 0; k < closes; k++) end = from + text.slice(from, end).search(/[)\]][^)\]]*$/);
  const words = text.slice(from, end);
  const lead = words.length - words.trimStart().length;
  return { from: shift + from + lead, to: shift + from + lead + words.trim().length, said: words.trim(), mm };
}

/** The one hook that the words of a size agree on, mm; null when they name none, or more than one. */
function sizeOf(said: string): number | null {
  const written = (said.match(ATOM) ?? []).map((atom) => atom.trim());
  // `3.50 mm (UK 9)`, `size 7 (4.5 mm)`: an old number of whichever system beside millimetres says nothing that they do not.
  const atoms = written.some((a) => /mm|millim/.test(a))
    ? written.filter((a) => !/^(?:uk|size|no\.?|number)\s+\d+$/.test(a))
    : written;
  // Of the old numbers only 10.5 has a fraction.
  const metric = (atom: string) =>
    /mm|millim/.test(atom) || /^(?:size\s+|no\.?\s+(?=\d[.,]))?\d+[.,]\d+$/.test(atom);
  const inMm = atoms.filter(metric).map((a) => Number(/\d+(?:[.,]\d+)?/.exec(a)![0].replace(',', '.')));
  const others = atoms.filter((a) => !metric(a));
  // An old number, or a bare one, may be of two systems; beside its own letter it is not.
  const known = others.map(stampedMm).filter((mm) => mm !== null);
  const named = others
    .filter((a) => !/^\d+$/.test(a) || (inMm.length === 0 && !known.includes(numbered(a))))
    .map(stampedMm);
  const steel = /steel/.test(said) && inMm.length === 0;
  if (atoms.length === 0 || steel || named.includes(null)) return null;
  const bareBeside = others.some((a) => /^\d+$/.test(a)) && inMm.length > 0;
  const range = bareBeside && /\d\s*(?:[-–]|to|or)\s*\d/.test(said);
  const all = [...inMm, ...(named as number[])];
  const mm = inMm[0] ?? all[0];
  if (range || new Set(inMm).size > 1 || mm < SMALLEST_MM || mm > LARGEST_MM) return null;
  return all.every((other) => Math.abs(other / mm - 1) <= STAMPS_DIFFER) ? mm : null;
}

const numbered = (number: string): number =>
  HOOKS.find((h) => h.number === number.replace(',', '.'))?.mm ?? NaN;

/** A hook by what is stamped on it: `e`, `h-8`, `g/6`, `n/p`, `#7`, `us 7`; null where that is not one hook. */
function stampedMm(atom: string): number | null {
  const number = /^(?:#|us\s)\s*(\d+(?:[.,]5)?)$/.exec(atom);
  if (number) return numbered(number[1]) || null;
  const letter = /^([b-s])(?:\s?[-/]?\s?(?:([b-s])|(\d+(?:[.,]5|½)?)))?$/.exec(atom);
  if (!letter) return null;
  const hook = HOOKS.find((h) => h.letter?.toLowerCase() === letter[1]);
  const beside = letter[3]?.replace(',', '.').replace('½', '.5');
  if (!hook || (beside !== undefined && hook.number !== beside)) return null;
  return hook.mm;
}
