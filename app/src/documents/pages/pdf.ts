import { away } from './away';
import type { PdfReader } from './pdfWorker';

/** The words of a PDF; empty where it holds only pictures of words. Fails where it is locked or damaged. */
export const textOfPdfFile = (bytes: Uint8Array, signal?: AbortSignal): Promise<string> =>
  away<PdfReader, string>(
    new Worker(new URL('./pdfWorker', import.meta.url)),
    (reader) => reader.text(bytes),
    signal,
  );
