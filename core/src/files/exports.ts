import type { ToyModel } from '../model';
import { calendarIcs } from './calendar';
import { cutSheetHtml } from './cutting';
import { faceMapSvgs } from './faceMap';
import { lanesHtml } from './lanesDrawing';
import { objOf } from './obj';
import { shoppingHtml } from './shopping';
import { testsCsv } from './recordSheet';
import { planText, sheetHtml } from './sheet';
import { newFile, type ToyFile } from '../toy';

/** One open format that a toy is given away in. */
export interface Export {
  ending: string;
  type: string;
  /** the files that it comes to; `of` is what of the toy a file holds, when it is not all of it */
  files: (
    model: ToyModel,
    file?: ToyFile,
    /** ISO 8601 */
    now?: string,
  ) => { of?: string; text: string }[];
}

/** The table of exports: a format is one file and one line here. */
export const EXPORTS = {
  obj: { ending: 'obj', type: 'model/obj', files: (model) => [{ text: objOf(model) }] },
  svg: {
    ending: 'svg',
    type: 'image/svg+xml',
    files: (model) => faceMapSvgs(model).map(({ name, svg }) => ({ of: `${name} face`, text: svg })),
  },
  html: { ending: 'html', type: 'text/html', files: (model) => [{ text: sheetHtml(model) }] },
  txt: { ending: 'txt', type: 'text/plain', files: (model) => [{ text: planText(model) }] },
  lanes: { ending: 'lanes.html', type: 'text/html', files: (model) => [{ text: lanesHtml(model) }] },
  shopping: { ending: 'shopping.html', type: 'text/html', files: (model) => [{ text: shoppingHtml(model) }] },
  csv: {
    ending: 'tests.csv',
    type: 'text/csv',
    files: (model, file) => [{ text: testsCsv(model, file ?? { pieces: [], pullTests: [] }) }],
  },
  ics: {
    ending: 'ics',
    type: 'text/calendar',
    files: (model, file, now) => [
      { text: calendarIcs(model, file ?? newFile(model.toy), now ?? new Date().toISOString()) },
    ],
  },
  cut: { ending: 'cut.html', type: 'text/html', files: (model) => [{ text: cutSheetHtml(model) }] },
} satisfies Record<string, Export>;

export type ExportId = keyof typeof EXPORTS;

/** An export by its name; null when there is none. */
export const exportNamed = (name: string): Export | null =>
  name in EXPORTS ? EXPORTS[name as ExportId] : null;
