import { expose } from 'comlink';
import { getDocument, VerbosityLevel } from 'unpdf/pdfjs';
import { textOfPdf } from '@hoppla/core/printed';

/** Reads PDFs beside the page: its library is heavy, and a long file must not hold the screen. */
const reader = {
  text: async (bytes: Uint8Array): Promise<string> => {
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
