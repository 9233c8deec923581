import { textOfHtml } from './html';

export { textOfPaste } from './html';

/** What a file of words holds, or why nothing can be read of it. */
export type PageFile =
  | { state: 'read'; text: string }
  /** `pictures`: a PDF of scanned sheets; `locked`: it wants a password */
  | { state: 'refused'; why: 'no text' | 'pictures' | 'locked' | 'damaged' };

/** Kinds of files that the desk opens, for the browser's chooser. */
export const PAGE_FILES = '.txt,.md,.html,.htm,.pdf,.docx,text/plain,text/html,text/markdown,application/pdf';

/** Heavy readers, each loaded when the first file of its kind is opened. */
export interface Readers {
  pdf: (bytes: Uint8Array) => Promise<string>;
  docx: (bytes: Uint8Array<ArrayBuffer>) => Promise<string>;
}

const READERS: Readers = {
  pdf: async (bytes) => (await import('./pdf')).textOfPdfFile(bytes),
  docx: async (bytes) => (await import('./docx')).textOfDocx(bytes),
};

/** What a page's file says: PDFs column by column, word processors' files, HTML without its marks, everything else as it is. */
export async function textOfFile(
  name: string,
  bytes: Uint8Array<ArrayBuffer>,
  readers: Readers = READERS,
): Promise<PageFile> {
  const head = new TextDecoder('latin1').decode(bytes.subarray(0, 2000));
  if (head.startsWith('%PDF')) return pdf(bytes, readers);
  if (head.startsWith('PK\u0003\u0004')) return docx(name, bytes, readers);
  // A picture or an old office file is no text, whatever its name says.
  if (/\u0000/.test(head)) return { state: 'refused', why: 'no text' };
  const raw = new TextDecoder().decode(bytes);
  const html = /\.html?$/i.test(name) || /^\s*<(?:!doctype|html)/i.test(raw);
  return { state: 'read', text: html ? textOfHtml(raw) : raw };
}

async function pdf(bytes: Uint8Array, readers: Readers): Promise<PageFile> {
  try {
    const text = await readers.pdf(bytes);
    return text.trim() === '' ? { state: 'refused', why: 'pictures' } : { state: 'read', text };
  } catch (error) {
    const locked = error instanceof Error && /password/i.test(`${error.name} ${error.message}`);
    return { state: 'refused', why: locked ? 'locked' : 'damaged' };
  }
}

async function docx(name: string, bytes: Uint8Array<ArrayBuffer>, readers: Readers): Promise<PageFile> {
  if (!/\.docx$/i.test(name)) return { state: 'refused', why: 'no text' };
  try {
    return { state: 'read', text: await readers.docx(bytes) };
  } catch {
    return { state: 'refused', why: 'damaged' };
  }
}
