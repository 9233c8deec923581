export { printedText, type PrintedRun } from './printedText';
export { soundPdf } from './soundPdf';
export { pdfGrowsTooMuch } from './pdfSize';
export { textOfPdf, type PdfPages } from './pdf';
