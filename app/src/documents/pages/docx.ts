import { convertToHtml } from 'mammoth/mammoth.browser';
import { textOfHtml } from './html';

/** The words of a file of a word processor, its lists with their numbers. Fails where it is damaged. */
export async function textOfDocx(bytes: Uint8Array<ArrayBuffer>): Promise<string> {
  const { value } = await convertToHtml({ arrayBuffer: bytes.buffer });
  return textOfHtml(value);
}
