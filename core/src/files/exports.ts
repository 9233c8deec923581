import type { ToyModel } from '../model';
import { sheetWords as say } from '../words';
import { newFile, type ToyFile } from '../toy';
import { calendarIcs } from './calendar';
import { cardSvg } from './card';
import { materialsCsv, stepsCsv } from './csv';
import { cutSheetHtml } from './cutting';
import { faceMapSvgs } from './faceMap';
import { gltfOf } from './gltf';
import { exportFile } from './json';
import { lanesHtml } from './lanesDrawing';
import { objOf } from './obj';
import { testsCsv } from './recordSheet';
import { patternMd, planText, sheetHtml } from './sheet';
import { shoppingHtml } from './shopping';

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

const whole = (text: string): { text: string }[] => [{ text }];

/** The table of exports: a format is one file and one line here, and its words in `sheetWords.exports`. */
export const EXPORTS = {
  json: {
    ending: 'hoppla.json',
    type: 'application/json',
    files: (model, file) => whole(exportFile(file ?? newFile(model.toy))),
  },
  html: { ending: 'html', type: 'text/html', files: (model) => whole(sheetHtml(model)) },
  md: { ending: 'md', type: 'text/markdown', files: (model) => whole(patternMd(model)) },
  txt: { ending: 'txt', type: 'text/plain', files: (model) => whole(planText(model)) },
  csv: {
    ending: 'csv',
    type: 'text/csv',
    files: (model, file = newFile(model.toy)) => [
      { of: say.csv.of.materials, text: materialsCsv(model) },
      { of: say.csv.of.steps, text: stepsCsv(model, file) },
      { of: say.csv.of.tests, text: testsCsv(model, file) },
    ],
  },
  svg: {
    ending: 'svg',
    type: 'image/svg+xml',
    files: (model) => faceMapSvgs(model).map(({ name, svg }) => ({ of: `${name} face`, text: svg })),
  },
  cut: { ending: 'cut.html', type: 'text/html', files: (model) => whole(cutSheetHtml(model)) },
  lanes: { ending: 'lanes.html', type: 'text/html', files: (model) => whole(lanesHtml(model)) },
  shopping: { ending: 'shopping.html', type: 'text/html', files: (model) => whole(shoppingHtml(model)) },
  card: { ending: 'card.svg', type: 'image/svg+xml', files: (model) => whole(cardSvg(model)) },
  obj: { ending: 'obj', type: 'model/obj', files: (model) => whole(objOf(model)) },
  gltf: { ending: 'gltf', type: 'model/gltf+json', files: (model) => whole(gltfOf(model)) },
  ics: {
    ending: 'ics',
    type: 'text/calendar',
    files: (model, file, now) =>
      whole(calendarIcs(model, file ?? newFile(model.toy), now ?? new Date().toISOString())),
  },
} satisfies Record<keyof typeof say.exports, Export>;

export type ExportId = keyof typeof EXPORTS;

export const EXPORT_IDS = Object.keys(EXPORTS) as ExportId[];

/** An export by its name; null when there is none. */
export const exportNamed = (name: string): Export | null =>
  EXPORT_IDS.includes(name as ExportId) ? EXPORTS[name as ExportId] : null;
