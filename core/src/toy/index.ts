export * from './types';
export * from './edits';
export { addGauge, changeYarn, measureGauge, removeGauge } from './gaugeEdits';
export { changeGauge, gaugeSettingsOf } from './gaugeOfPart';
export { EMPTY_HISTORY, editBetween, record, redo, undo } from './history';
export type { Edit, Focus, History } from './history';
export { keptFile } from './migrate';
export { reapplied } from './reapply';
export { mentions, otherTitles } from './titles';
