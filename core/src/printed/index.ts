export { printedText, type PrintedRun } from './printedText';
export { textOfPdf, type PdfPages } from './pdf';
