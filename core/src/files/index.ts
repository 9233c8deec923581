export { exportFile, fileName } from './json';
export { planText, sheetHtml } from './sheet';
export { EXPORTS, exportNamed } from './exports';
export type { Export, ExportId } from './exports';
export { objOf } from './obj';
export { cutSheetHtml, piecesToCut, templateSvgs } from './cutting';
export type { CutPiece } from './cutting';
export { faceMapHtml, faceMapSvgs } from './faceMap';
export { MEASURED_COLOURS } from './faceDrawing';
