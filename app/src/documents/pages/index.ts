import { Stopped, TOO_LARGE, whenStopped } from './away';
import { textOfHtml } from './html';

export { textOfPaste } from './html';

/** What a file of words holds, or why nothing can be read of it. */
export type PageFile =
  | { state: 'read'; text: string }
  /** `pictures`: a PDF of scanned sheets; `locked`: it wants a password; `long`: it was not read after a minute; `large`: it would unpack to too much */
  | { state: 'refused'; why: 'no text' | 'pictures' | 'locked' | 'damaged' | 'long' | 'large' }
  /** the maker did not wait for it */
  | { state: 'stopped' };

/** Kinds of files that the desk opens, for the browser's chooser. */
export const PAGE_FILES = '.txt,.md,.html,.htm,.pdf,.docx,text/plain,text/html,text/markdown,application/pdf';

/** Heavy readers, each loaded when the first file of its kind is opened. */
export interface Readers {
  pdf: (bytes: Uint8Array, signal?: AbortSignal) => Promise<string>;
  docx: (bytes: Uint8Array<ArrayBuffer>, signal?: AbortSignal) => Promise<string>;
}

const READERS: Readers = {
  pdf: async (bytes, signal) => (await import('./pdf')).textOfPdfFile(bytes, signal),
  docx: async (bytes, signal) => (await import('./docx')).textOfDocx(bytes, signal),
};

/** What a page's file says: PDFs column by column, word processors' files, HTML without its marks, everything else as it is. */
export async function textOfFile(
  name: string,
  bytes: Uint8Array<ArrayBuffer>,
  { readers = READERS, signal }: { readers?: Readers; signal?: AbortSignal } = {},
): Promise<PageFile> {
  const head = new TextDecoder('latin1').decode(bytes.subarray(0, 2000));
  if (head.startsWith('%PDF')) return found(() => readers.pdf(bytes, signal), 'pictures', signal);
  if (head.startsWith('PK\u0003\u0004'))
    return /\.docx$/i.test(name)
      ? found(() => readers.docx(bytes, signal), 'no text', signal)
      : { state: 'refused', why: 'no text' };
  // A picture or an old office file is no text, whatever its name says.
  if (/\u0000/.test(head)) return { state: 'refused', why: 'no text' };
  const raw = new TextDecoder().decode(bytes);
  const html = /\.html?$/i.test(name) || /^\s*<(?:!doctype|html)/i.test(raw);
  return { state: 'read', text: html ? textOfHtml(raw) : raw };
}

/** What a reader found, or why it found nothing; `empty` is what a file without words is. */
async function found(
  read: () => Promise<string>,
  empty: 'pictures' | 'no text',
  signal?: AbortSignal,
): Promise<PageFile> {
  try {
    // The reader itself may still be on its way.
    const text = await Promise.race([read(), whenStopped(signal)]);
    return text.trim() === '' ? { state: 'refused', why: empty } : { state: 'read', text };
  } catch (error) {
    if (error instanceof Stopped)
      return error.why === 'stopped' ? { state: 'stopped' } : { state: 'refused', why: 'long' };
    return { state: 'refused', why: whyNot(error) };
  }
}

/** What a reader's error says of its file. */
function whyNot(error: unknown): 'locked' | 'large' | 'damaged' {
  if (!(error instanceof Error)) return 'damaged';
  if (error.name === TOO_LARGE) return 'large';
  return /password/i.test(`${error.name} ${error.message}`) ? 'locked' : 'damaged';
}
