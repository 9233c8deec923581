import { isColour, isPlainColour } from '../colours';
import { bareHook, hookIn, type HookSaid } from '../hooks';
import { plainSigns } from '../lexer';
import { ringIn } from '../poseWords';
import { stuffingIn } from '../stuffing';
import type { Page } from './pageLine';

/** What a page says before its parts that it is made with. */
export interface Materials {
  hook: Pick<HookSaid, 'said' | 'mm'> | null;
  /** strands held together; 1 unless the page says more */
  strands: number;
  yarns: { name: string; slot: string | null }[];
  /** diameters of the eyes that it names, mm */
  eyesMm: number[];
  /** how firm it says that the toy is filled; null when it says nothing */
  fill: 'soft' | 'medium' | 'firm' | null;
  /** the end at which it says that the toy begins: `nose first` */
  ringIs: string | null;
}

const STRANDS =
  /\b(?:held|hold|worked|work|use|using|yarn)\s+(?:it\s+)?(double|doubled|triple|tripled)\b|\b(two|2|three|3|four|4)\s+(?:strands|threads|ends|plies)\s+(?:of\s+[a-z ]+\s+)?(?:held\s+)?together\b/;
const TIMES: Record<string, number> = {
  double: 2,
  doubled: 2,
  two: 2,
  triple: 3,
  tripled: 3,
  three: 3,
  four: 4,
};
const EYES = /\beyes?\b/;
const EYE_SIZE =
  /(?<!(?<!mm\s{0,3})\bhooks?\s{0,3}[:=-]?\s{0,3})(?<![\d.,])(\d{1,2}(?:[.,]\d)?)\s*-?\s*mm\b(?!\s*(?:crochet\s+|steel\s+)?hooks?\b)/g;
const NOT_YARN =
  /\b(?:hook|eyes?|needle|marker|felt|floss|embroidery|filling|stuffing|fib(?:er|re)fill|terms|size)\b/;

/** Reads the lines before the first part: hook, strands, yarns, eyes, filling. Two different hooks are not known. */
export function materialsIn(page: Page, text: string): Materials {
  const lines = page.front
    .filter((l) => ['materials', 'legend', 'remark', 'title'].includes(l.as))
    .map((l) => plainSigns(text.slice(l.from, l.to)).replace(/[*_]+/g, ' '));
  const all = lines.join('\n');
  const strands = STRANDS.exec(all);
  const said = strands?.[1] ?? strands?.[2];
  return {
    hook: hookOf(lines),
    strands: said ? (TIMES[said] ?? Number(said)) : 1,
    yarns: yarnsIn(lines),
    eyesMm: [...new Set(lines.flatMap(eyesIn))],
    fill: lines.flatMap(stuffingIn).find((f) => f.fact === 'stuff')?.firmness ?? null,
    ringIs: lines.map(ringIn).find((is) => is !== null) ?? null,
  };
}

/** For what a second hook is needed, besides the whole: `and a 2.5 mm hook for the nose`. */
const FOR_A_PIECE = /^\s*(?:hook\s+)?for\s+(?:the\s+|its\s+|their\s+)?(?!body|toy|whole|rest|main|all)[a-z]+/;

/** Every hook that a line names and whether it is that of a piece only: `3.5 mm hook for the body, 3 mm hook for the ears`. */
function hooksIn(line: string): { hook: HookSaid; piece: boolean }[] {
  const hook = line.includes('hook') ? hookIn(line) : null;
  if (!hook) return [];
  const rest = line.slice(hook.to);
  return [{ hook, piece: FOR_A_PIECE.test(rest) }, ...hooksIn(rest)];
}

function hookOf(lines: readonly string[]): Materials['hook'] {
  const all = lines.flatMap(hooksIn);
  if (all.length === 0) return hookInList(lines);
  const ofAll = all.filter((h) => !h.piece);
  const found = (ofAll.length > 0 ? ofAll : all).map((h) => h.hook);
  const same = found.every((h) => h.mm !== null && h.mm === found[0].mm);
  return { said: found.map((h) => h.said).join('; '), mm: same ? found[0].mm : null };
}

const YARN = /\b(?:yarn|cotton|wool|acrylic|worsted|dk|chenille|fingering|sport|\d\s?ply|aran)\b/;

/** `3.5 mm, dk, cream`: millimetres alone in a list with a yarn are those of the hook, where nothing says another. */
function hookInList(lines: readonly string[]): Materials['hook'] {
  const found = lines
    .filter((l) => YARN.test(l))
    .flatMap((l) => l.split(/\s*[,;|•/]\s*/).map((piece) => bareHook(piece.trim(), 0)))
    .filter((h) => h !== null);
  return found.length === 1 ? { said: found[0].said, mm: found[0].mm } : null;
}

/** Sizes that stand with eyes in one clause. */
function eyesIn(line: string): number[] {
  return line
    .split(/[;,.]\s|\band\b/)
    .filter((clause) => EYES.test(clause))
    .flatMap((clause) => [...clause.matchAll(EYE_SIZE)].map((m) => Number(m[1].replace(',', '.'))))
    .concat([...line.matchAll(SIZE_BEHIND)].map((m) => Number(m[1].replace(',', '.'))));
}

/** `safety eyes, black, 8 mm`: only what tells of eyes stands between them and their size, and it is the size of nothing else. */
const SIZE_BEHIND =
  /eyes(?:\s*\([^)]{0,30}\))?(?:,?\s+(?:x?\s?2|two|(?:a|one|1)\s+pair|black|brown|blue|green|amber|grey|gray|clear|plastic|safety|round|oval|with|and|their|backs|washers)){0,5}\s*,\s*(\d{1,2}(?:[.,]\d)?)\s*mm(?!\s*(?:crochet\s+|steel\s+)?(?:hooks?|needles?|noses?|buttons?|beads?|felt|wire|pom))/g;

/** `Yarn A = cream`, `Colour B: dark grey`, `MC - sand` */
const SLOT_FIRST =
  /(?:\b(?:yarn|colou?r)\s+([a-h])|\b(mc|cc\d?))\s*(?:[=:]|\s[-–]\s|\sis\s)\s*([a-z]+(?: [a-z]+)?)(?=\s*(?:$|[,;.(]))/g;
const SLOTTED = /([a-z][a-z ]{1,20}?)\s*\((?:yarn\s+)?([a-h]|mc|cc\d?|w|s|n)\)/g;

/** Names of yarns by their colours, with the letters that the page gives them. */
function yarnsIn(lines: readonly string[]): Materials['yarns'] {
  const found = new Map<string, string | null>();
  for (const line of lines) {
    // `MC = magic circle` is no yarn.
    for (const [, letter, word, name] of line.matchAll(SLOT_FIRST))
      if (!NOT_YARN.test(name) && (letter || isPlainColour(name))) found.set(name, letter ?? word);
    for (const m of line.matchAll(SLOTTED)) {
      const name = m[1]
        .trim()
        .split(/\s+/)
        .slice(-2)
        .join(' ')
        .replace(/^(?:of|in|each|g|and)\s+/, '');
      if (!NOT_YARN.test(name)) found.set(name, m[2]);
    }
    if (!/\b(?:yarn|cotton|wool|acrylic|worsted|dk|chenille|weight|ply|aran|ball|\d+\s*g)\b/.test(line))
      continue;
    for (const piece of line.split(/[,;:()]|\band\b|\bor\b|\beach\b|\bof\b|\bin\b/)) {
      const name = piece
        .replace(
          /\b(?:\d+\s*\w{0,3}|about|a bit|a little|some|scraps?|yarn|cotton|wool|dk|acrylic|ball|of|in)\b/g,
          ' ',
        )
        .replace(/\s+/g, ' ')
        .trim();
      if (
        name &&
        isColour(name) &&
        name.split(' ').length <= 2 &&
        name.length > 2 &&
        ![...found.keys()].includes(name)
      )
        found.set(name, null);
    }
  }
  return [...found].slice(0, 24).map(([name, slot]) => ({ name, slot }));
}
