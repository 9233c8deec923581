import { away } from './away';
import type { DocxReader } from './docxWorker';
import { textOfHtml } from './html';

/** The words of a file of a word processor, its lists with their numbers. Fails where it is damaged. */
export const textOfDocx = async (bytes: Uint8Array<ArrayBuffer>, signal?: AbortSignal): Promise<string> =>
  textOfHtml(
    await away<DocxReader, string>(
      new Worker(new URL('./docxWorker', import.meta.url)),
      (reader) => reader.html(bytes),
      signal,
    ),
  );
