/**
 * The one catalogue of sentences that people read. Ground floor: it imports nothing and knows no types of the house,
 * only numbers and words that are handed in already formatted.
 */
export { materialWords } from './materials';
export { notationWords } from './notation';
export { pageWords } from './page';
export { patchWords } from './patches';
export { orderWords } from './order';
export { planWords } from './plan';
export type { JoinFault } from './joinFaults';
export { safetyWords } from './safety';
export { diaryWords } from './diary';
export { recordWords } from './records';
export { safetyPointWords } from './safetyPoints';
export { ordinal, pinWords, placeWords, spokenPlace } from './places';
export { faceWords } from './face';
export { hours, lengthMm, unitWords } from './units';
export type { Units, UnitWords } from './units';
export { documentWords, partNames } from './document';
export { batchWords, daySaid } from './batch';
export { sheetWords } from './sheet';
export { counterIn, inSentence, plural, upperFirst } from './plural';
export { language, LANGUAGES, speak, type Language, type Said } from './language';
export { decimals, numberSaid } from './number';
export { joinWords } from './joins';
export { surfaceWords } from './surface';
export { stitchWords } from './stitching';
