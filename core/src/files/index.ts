export { exportFile, fileName } from './json';
export { planText, sheetHtml } from './sheet';
export { objOf } from './obj';
