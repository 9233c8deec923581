export { formOf, sizeOf, workingDirection } from './form';
export type { PartForm, RoundForm, Firmness, FormOptions } from './form';
export { solveRings } from './rings';
export type { Rings, RingInput } from './rings';
export { windowOf, worstOpening } from './window';
export type { WorkWindow } from './window';
