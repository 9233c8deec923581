import { sheetHtml, type SheetSaid } from '@hoppla/core/files';
import type { ToyModel } from '@hoppla/core/model';
import { daySaid } from '@hoppla/core/words';
import { printDocument } from '../../documents';

/** Hands the whole pattern to the printer, with the day on each page; in the toy's own terms where no others are asked for. */
export const printPattern = (model: ToyModel, said: Omit<SheetSaid, 'day'> = {}): void =>
  printDocument(sheetHtml(model, { ...said, day: daySaid(new Date().toISOString().slice(0, 10)) }));
