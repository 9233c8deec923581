export { formOf, formRange, sizeOf, thicknessOf, workingDirection } from './form';
export type { Basis, Firmness, FormOptions, PartForm, RoundForm, Shaping } from './form';
export { bendsOf, tallSide } from './bend';
export { solveRings } from './rings';
export type { Rings, RingInput } from './rings';
export { ringPoint, surfacePoint } from './surface';
export type { Vec3 } from './surface';
export { windowOf, worstOpening } from './window';
export type { WorkWindow } from './window';
