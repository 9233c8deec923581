import { wrap } from 'comlink';
import type { PdfReader } from './pdfWorker';

/** The words of a PDF; empty where it holds only pictures of words. Fails where it is locked or damaged. */
export async function textOfPdfFile(bytes: Uint8Array): Promise<string> {
  const worker = new Worker(new URL('./pdfWorker', import.meta.url));
  try {
    return await wrap<PdfReader>(worker).text(bytes);
  } finally {
    worker.terminate();
  }
}
