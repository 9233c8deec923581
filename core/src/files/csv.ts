import { copyName, modelOf, type ToyModel } from '../model';
import { materialLines, materialsOf, planOf, stepWords } from '../plan';
import { progressOf, ticksOf } from '../record';
import type { ToyFile } from '../toy';
import { materialWords, sheetWords as say } from '../words';

/** A cell that a table program takes for nothing but its words (RFC 4180); one that begins like a formula begins with an apostrophe. */
export const cell = (words: string): string => {
  const tame = /^[=+\-@\t\r]/.test(words) && !/^-?\d+(?:\.\d+)?$/.test(words) ? `'${words}` : words;
  return /[",\r\n]/.test(tame) ? `"${tame.replace(/"/g, '""')}"` : tame;
};

/** Rows of cells as CSV, a line end after each. */
export const csvOf = (rows: readonly (readonly string[])[]): string =>
  rows.map((r) => `${r.map(cell).join(',')}\n`).join('');

/** What a toy takes, a row a thing. */
export const materialsCsv = (model: ToyModel): string =>
  csvOf([
    say.csv.materials,
    ...materialLines(model, materialsOf(model, planOf(model))).map((l) => [
      materialWords.groups[l.group],
      l.name,
      l.amount,
      l.colour ?? '',
      l.notes.join('; '),
    ]),
  ]);

/** The order of work, a row a tick: a round, or a step that is none; whether it is done. */
export function stepsCsv(model: ToyModel, { log }: Pick<ToyFile, 'log'>): string {
  const { done } = progressOf(log);
  const rows = ticksOf(planOf(model)).map(({ key, step, round }, i) => {
    const words = stepWords(step, model);
    const piece = step.part === '' ? '' : copyName(modelOf(model, step.part), step.copy);
    return [
      String(i + 1),
      piece,
      round ? round.label : words.title,
      round ? String(round.count) : '',
      round ? '' : words.detail,
      (round ?? step).minutes.toFixed(1),
      key in done ? say.csv.done : '',
    ];
  });
  return csvOf([say.csv.steps, ...rows]);
}
