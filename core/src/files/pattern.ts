import { holeTag } from '../address';
import { STITCHES } from '../figures';
import { printItems, type LineReading, type StitchKind, type Terms } from '../notation';
import { copyName, modelOf, modelToy, type PartModel, type ToyModel } from '../model';
import { changeTerms } from '../toy';
import { kindOf, planOf, stepWords, type RoundTick } from '../plan';
import { copySheet, ticksOf, type SheetRow } from '../record';
import { notationWords, sheetWords as say, unitWords } from '../words';
import { sizeOf } from '../form';
import { fillLines } from './shopping';

/** One line of a published pattern. */
export type PatternRow =
  /** rounds as they are written, with as many boxes to tick a copy as there are rounds */
  | { is: 'rounds'; label: string; words: string; rounds: number; copies: readonly string[] }
  /** a line of the maker's own between the rounds */
  | { is: 'own'; words: string }
  | {
      is: 'step';
      title: string;
      detail: string;
      notes: readonly string[];
      /** why it stands here; told once a pattern */
      reason: string;
      /** work on the rounds rests meanwhile */
      rests: boolean;
      copies: readonly string[];
      /** where the pins of a seam go, and which stitch of the edge meets which place, as it is sewn */
      pins: readonly { at: string; tag: string }[];
      seam: readonly { edge: number; tag: string }[];
      /** the join that is sewn, and which copy of its guest */
      sewn: { join: string; copy: string } | null;
    };

export interface PatternSection {
  title: string;
  /** what the part measures and how it is filled */
  lead: readonly string[];
  rows: readonly PatternRow[];
}

/**
 * The toy written in other terms, as its maker's own switch would: rounds, layers, motifs and notes of the plan alike, so that no step speaks the
 * other language. Only stitch words change.
 */
export function inTerms(model: ToyModel, terms: Terms = model.toy.settings.terms): ToyModel {
  if (terms === model.toy.settings.terms) return model;
  let made = 0;
  return modelToy(changeTerms(model.toy, terms, () => `other-terms-${++made}`));
}

/** Lines of a part's text. */
const linesIn = (part: PartModel): string[] => part.part.text.split('\n');

/** What a round's line says behind its label. */
const bodyOf = (line: string, { node }: LineReading): string =>
  line
    .slice(node.type === 'round' && node.label ? node.label.span.to : 0)
    .replace(/^\s*[:.)–-]*\s*/, '')
    .trim();

const tagged = (name: Parameters<typeof holeTag>[0]): string => {
  const { rounds, stitches } = holeTag(name);
  return `${rounds} | ${stitches}`;
};

/** Rounds that one line of the text writes, or that are written alike. */
function runsOf(ticks: readonly RoundTick[], part: PartModel): RoundTick[][] {
  const line = (t: RoundTick) => part.reading.rounds[t.reading].line;
  return ticks.reduce<RoundTick[][]>((runs, t) => {
    const last = runs[runs.length - 1];
    const before = last?.[last.length - 1];
    const goesOn = before && line(before) === line(t) && before.content === t.content;
    return goesOn ? [...runs.slice(0, -1), [...last, t]] : [...runs, [t]];
  }, []);
}

function labelOf(run: readonly RoundTick[]): string {
  const [first, last] = [run[0], run[run.length - 1]];
  const range = first === last ? first.label : `${first.label}–${last.label.replace(/^\D+/, '')}`;
  return first.begun > 0 ? say.fromStitch(range, first.begun + 1) : range;
}

/** The rounds of one row, with the maker's own lines that stand before them. */
function roundRows(row: SheetRow, part: PartModel, told: { line: number }): PatternRow[] {
  const lines = linesIn(part);
  const ticks = row.copies[0].ticks.flatMap((t) => (t.round ? [t.round] : []));
  return runsOf(ticks, part).flatMap((run): PatternRow[] => {
    const { line, items } = part.reading.rounds[run[0].reading];
    const own = ownLines(part, lines, told.line, line);
    told.line = Math.max(told.line, line);
    const read = part.reading.lines.find((l) => l.line === line);
    const words =
      read?.node.type === 'round' ? bodyOf(lines[line - 1] ?? '', read) : printItems(items, part.terms);
    return [
      ...own,
      { is: 'rounds', label: labelOf(run), words, rounds: run.length, copies: copiesOf(row, part) },
    ];
  });
}

/** Notes of the text behind one line and before another, as they are written. */
const ownLines = (part: PartModel, lines: readonly string[], after: number, before: number): PatternRow[] =>
  part.reading.lines
    .filter((l) => l.line > after && l.line < before && l.node.type === 'note')
    .map((l) => ({ is: 'own' as const, words: unmarked(lines[l.line - 1] ?? '') }))
    .filter((r) => r.words !== '');

/** A note without the dashes or signs that mark it as one. */
const unmarked = (line: string): string =>
  line
    .trim()
    .replace(/^(?:--+|#+|\/\/)\s*/, '')
    .replace(/\s*--+$/, '');

const copiesOf = (row: SheetRow, part: PartModel | null): string[] =>
  part && row.copies.length > 1 ? row.copies.map((c) => copyName(part, c.copy)) : [''];

function stepRow(model: ToyModel, row: SheetRow, part: PartModel | null): PatternRow {
  const { step } = row;
  const together = row.copies.length > 1;
  const { title, detail, reason } = stepWords(step, model, together);
  // What is heeded at one of the copies alone is told as well.
  const notes = row.copies.flatMap((c) => stepWords(c.ticks[0].step, model, together).notes);
  const mapped = step.kind === 'sew' ? seamOf(model, step.join, step.copy) : [];
  return {
    is: 'step',
    title,
    detail,
    notes: [...new Set(notes)],
    reason,
    rests: kindOf(step.kind).rests,
    copies: copiesOf(row, part),
    pins:
      step.kind === 'sew' ? step.pins.map((pin) => ({ at: say.pinAt[pin.at], tag: tagged(pin.name) })) : [],
    seam: mapped,
    sewn: step.kind === 'sew' ? { join: step.join, copy: step.copy } : null,
  };
}

/** Which stitch of the edge meets which place of the host, as it is sewn. */
function seamOf(model: ToyModel, join: string, copy: string): { edge: number; tag: string }[] {
  const site = model.sites.find((s) => s.join.id === join)?.sites.find((s) => s.copy === copy);
  return (site?.seam ?? []).map((s) => ({ edge: s.edge, tag: tagged(s.name) }));
}

/** What a part measures by itself, how often it is made, and how it is filled. */
function leadOf(model: ToyModel, part: PartModel): string[] {
  const units = unitWords(model.toy.settings.units);
  const { width, height } = sizeOf(part.form);
  return [
    say.partSize(
      units.bare(width.value),
      units.length(height.value),
      say.within(part.gauge.rangePercent.toFixed(0)),
      part.fabric.stitches,
    ),
    ...fillLines(model, part),
  ];
}

/**
 * A toy as a designer would publish it, in the terms asked for: the work in its order, part by part, rounds as they are written with the
 * pauses between them, and then how it is put together. A part that is taken up again later has a second section.
 */
export function patternSections(own: ToyModel, terms?: Terms): PatternSection[] {
  const model = inTerms(own, terms);
  const sections: { of: string; title: string; lead: string[]; rows: PatternRow[] }[] = [];
  const told = new Map<string, { line: number }>();
  const rows = copySheet(ticksOf(planOf(model)));
  for (const row of rows) {
    const whole = row.step.part === '' || kindOf(row.step.kind).ofToy !== undefined;
    const part = row.step.part === '' ? null : modelOf(model, row.step.part);
    const of = whole || !part ? '' : part.part.id;
    let section = sections[sections.length - 1];
    if (section?.of !== of) {
      const again = sections.some((s) => s.of === of);
      section = { of, title: titleOf(whole ? null : part, again), lead: [], rows: [] };
      if (!whole && part && !again) section.lead = leadOf(model, part);
      sections.push(section);
    }
    if (!part || row.step.kind !== 'rounds') {
      section.rows.push(...toldApart(model, row).map((r) => stepRow(model, r, part)));
      continue;
    }
    const mine = told.get(of) ?? { line: 0 };
    told.set(of, mine);
    section.rows.push(...roundRows(row, part, mine));
    const isLast = !rows
      .slice(rows.indexOf(row) + 1)
      .some((r) => r.step.kind === 'rounds' && r.step.part === of);
    if (isLast) section.rows.push(...ownLines(part, linesIn(part), mine.line, Infinity));
  }
  return sections;
}

/** Copies that do alike are told as one. What differs from copy to copy (a place, a length, and every seam) is told for each. */
function toldApart(model: ToyModel, row: SheetRow): SheetRow[] {
  const told = row.copies.map(({ ticks }) => {
    const { title, detail } = stepWords(ticks[0].step, model, true);
    return `${title}\n${detail}`;
  });
  return row.step.kind !== 'sew' && new Set(told).size === 1
    ? [row]
    : row.copies.map((c) => ({ ...row, step: c.ticks[0].step, copies: [c] }));
}

function titleOf(part: PartModel | null, again: boolean): string {
  if (!part) return again ? say.togetherMore : say.together;
  const name = part.copies.length > 1 ? `${part.name} × ${part.copies.length}` : part.name;
  return again ? say.goesOn(part.name) : name;
}

/** The signs that the rounds use, with what they mean, in the terms asked for. */
export function signsOf(
  model: ToyModel,
  terms: Terms = model.toy.settings.terms,
): [sign: string, means: string][] {
  const rows = patternSections(model, terms).flatMap((s) =>
    s.rows.flatMap((r) => (r.is === 'own' ? [] : [r.is === 'rounds' ? r.words : r.detail])),
  );
  const text = ` ${rows.join(' ').toLowerCase()} `;
  const uses = (word: string): boolean =>
    new RegExp(`(?<![a-z])${word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![a-z])`).test(text);
  const stitches = (Object.keys(STITCHES) as StitchKind[]).flatMap((kind): [string, string][] => {
    const written = STITCHES[kind][terms];
    const full = written.phrases?.[0];
    return full && uses(written.print.toLowerCase())
      ? [[written.print, notationWords.stitchNamed(kind, full)]]
      : [];
  });
  const others = Object.entries(say.signs).filter(([sign]) => uses(sign.toLowerCase()));
  return [...stitches, ...others];
}
