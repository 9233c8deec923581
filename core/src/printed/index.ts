export { printedText, type PrintedRun } from './printedText';
export { soundPdf } from './soundPdf';
export { textOfPdf, type PdfPages } from './pdf';
