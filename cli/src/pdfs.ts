import { closeSync, openSync, readFileSync, readSync } from 'node:fs';
import { pdfGrowsTooMuch, soundPdf, textOfPdf } from '@hoppla/core/printed';
import { cliWords as say } from './words';

const MARK = '%PDF';

function isPdf(path: string): boolean {
  try {
    const file = openSync(path, 'r');
    const head = Buffer.alloc(MARK.length);
    readSync(file, head);
    closeSync(file);
    return head.toString('latin1') === MARK;
  } catch {
    // Whether it is a file at all is asked, and answered, when it is read.
    return false;
  }
}

/** The words of the PDFs among the arguments of a call, read before it runs; gives null for any other file, and throws for a PDF that holds none. */
export async function pdfsIn(argv: readonly string[]): Promise<(path: string) => string | null> {
  const texts = new Map<string, string | Error>();
  for (const path of argv.filter(isPdf)) {
    try {
      const { getDocument, VerbosityLevel } = await import('unpdf/pdfjs');
      const data = new Uint8Array(readFileSync(path));
      if (!soundPdf(data)) throw new Error(say.damagedPdf);
      if (pdfGrowsTooMuch(data)) throw new Error(say.largePdf);
      const pdf = await getDocument({ data, isEvalSupported: false, verbosity: VerbosityLevel.ERRORS })
        .promise;
      const text = await textOfPdf(pdf);
      texts.set(path, text.trim() === '' ? new Error(say.picturesOnly) : text);
    } catch (error) {
      texts.set(path, new Error(error instanceof Error ? error.message : String(error)));
    }
  }
  return (path) => {
    const found = texts.get(path);
    if (found instanceof Error) throw found;
    return found ?? null;
  };
}
