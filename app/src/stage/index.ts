export { Eye, ToyPicture } from './ToyPicture';
export { Stage } from './Stage';
export type { PickAction, StageProps } from './LooseStage';
export type { Pick } from './picker';
export { useHold } from './hold';
export type { Hold } from './hold';
export { keyOf } from './shown';
