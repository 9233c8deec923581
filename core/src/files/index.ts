export { exportFile, fileName } from './json';
export { planText, sheetHtml } from './sheet';
export { objOf } from './obj';
export { faceMapHtml, faceMapSvgs, MEASURED_COLOURS } from './faceMap';
