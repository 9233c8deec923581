import { expose } from 'comlink';
import { getDocument, VerbosityLevel } from 'unpdf/pdfjs';
import { pdfGrowsTooMuch, soundPdf, textOfPdf } from '@hoppla/core/printed';
import { tooLarge } from './away';

/** Reads PDFs beside the page: its library is heavy, and a long file must not hold the screen. */
const reader = {
  text: async (bytes: Uint8Array): Promise<string> => {
    if (!soundPdf(bytes)) throw new Error('widths of glyphs that there cannot be');
    if (pdfGrowsTooMuch(bytes)) throw tooLarge();
    const asked = {
      data: bytes,
      isEvalSupported: false,
      useSystemFonts: true,
      verbosity: VerbosityLevel.ERRORS,
    };
    return textOfPdf(await getDocument(asked).promise);
  },
};

export type PdfReader = typeof reader;

expose(reader);
