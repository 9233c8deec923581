import { printedText, type PrintedRun } from './printedText';

/** What is asked of an opened PDF, as common libraries give it. */
export interface PdfPages {
  numPages: number;
  getPage: (number: number) => Promise<{ getTextContent: () => Promise<{ items: readonly unknown[] }> }>;
}

/** A run of letters as PDF libraries give it; the last two of `transform` are its place. */
interface TextItem {
  str: string;
  transform: readonly number[];
  width: number;
  height: number;
}

const isText = (item: unknown): item is TextItem =>
  typeof item === 'object' && item !== null && 'str' in item && 'transform' in item;

/** The words of a PDF, columns one after the other; empty where it holds only pictures of words. */
export async function textOfPdf(pdf: PdfPages): Promise<string> {
  const pages: PrintedRun[][] = [];
  for (let n = 1; n <= pdf.numPages; n++) {
    const { items } = await (await pdf.getPage(n)).getTextContent();
    pages.push(
      items.filter(isText).map(({ str, transform, width, height }) => ({
        text: str,
        x: transform[4],
        y: transform[5],
        width,
        height: height || Math.hypot(transform[2], transform[3]),
      })),
    );
  }
  return printedText(pages);
}
