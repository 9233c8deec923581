export { formOf, formRange, sizeOf, thicknessOf, workingDirection } from './form';
export type { Basis, Firmness, FormOptions, PartForm, RoundForm, Shaping } from './form';
/** Changes whenever the same input gives other numbers: kept results of an older version are not used. */
export const FORM_VERSION = 2;
export { fromPart, measuredOn } from './calibrate';
export type { PartMeasure } from './calibrate';
export { bendsOf, tallSide } from './bend';
export { rimsOf } from './flat';
export { solveRings } from './rings';
export type { Rings, RingInput } from './rings';
export { fillGrams, massOf, yarnMetres, yarnNeed } from './mass';
export type { FillMaterial } from './mass';
export { meshOf } from './mesh';
export type { Mesh } from './mesh';
export { halfWidth, ringPoint, surfacePoint } from './surface';
export { add, cross, distance, dot, scale, sub, unit } from './vectors';
export type { Vec3 } from './vectors';
export { windowOf, worstOpening } from './window';
export type { WorkWindow } from './window';
