export { boxOf, sceneOf } from './scene';
export type { Layer, Scene, ViewFrom } from './scene';
export { Eye, ToyPicture } from './ToyPicture';
export { shade } from './colour';
export { standAlone } from './standAlone';
export type { Held } from './standAlone';
export { seenAt } from './overlay';
export { layOut } from './layOut';
