export {
  note,
  closeToy,
  edit,
  editHere,
  hush,
  keepRecord,
  keepAsCopy,
  openToy,
  openToyNow,
  saveAgain,
  step,
} from './openToy';
export { useDrawnToy, useOpenToy } from './useOpenToy';
export type { OpenToy } from './openToy';
export { modelNow } from './modelNow';
export {
  anew,
  copyOf,
  demoFile,
  emptyFile,
  isNewName,
  queryClient,
  useBench,
  useShelf,
  workshopFiles,
} from './queries';
export { Overtaken, take } from './storage';
export type { Shelved } from './storage';
export {
  chooseFile,
  chooseFiles,
  download,
  downloadBlob,
  downloadToy,
  givenFile,
  printDocument,
} from './transfer';
export type { GivenFile } from './transfer';
export { smallPicture } from './photo';
export { newId } from './ids';
export { hasDraft, keepDraft, useDraft } from './drafts';
export type { Draft } from './drafts';
export { PAGE_FILES, textOfFile, textOfPaste } from './pages';
export type { PageFile } from './pages';
export { keepOffline, roomKept, useNewVersion } from './offline';
export { useDevice } from './device';
export type { Device, LastPlace, Maker } from './device';
export { linkOf, toyInLink } from './link';
export { cardPng } from './card';
export { isPieceMissing, reportOf } from './report';
