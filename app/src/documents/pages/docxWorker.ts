import { expose } from 'comlink';
import { convertToHtml } from 'mammoth/mammoth.browser';
import { wordsOnly } from './unpacked';

/** Reads files of word processors beside the page: unpacking a large one must not hold the screen. */
const reader = {
  html: async (bytes: Uint8Array<ArrayBuffer>): Promise<string> =>
    (await convertToHtml({ arrayBuffer: wordsOnly(bytes).buffer })).value,
};

export type DocxReader = typeof reader;

expose(reader);
