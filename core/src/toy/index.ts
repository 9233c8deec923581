export * from './types';
export * from './edits';
export { EMPTY_HISTORY, editBetween, record, redo, undo } from './history';
export type { Edit, Focus, History } from './history';
export { copyName, modelOf, modelPart, modelToy, yarnColour } from './derive';
export type { PartModel, ToyModel } from './derive';
export { migratedFile } from './migrate';
export { otherTitles } from './titles';
export { dappleFile, rill, rillFile, rubyFile } from './demo';
