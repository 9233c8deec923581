export { boundsOf, boxOf, roomOf, sceneOf } from './scene';
export type { Layer, Scene } from './scene';
export { shade } from './colour';
export { standAlone } from './standAlone';
export type { Held } from './standAlone';
export { layOut } from './layOut';
export { project, rowsOf, seenAt, viewName, VIEWS } from './view';
export type { Projection, Rows, Turn, ViewName } from './view';
