export { buildFabric } from './builder';
export { MOST_STITCHES, FREE, HIDDEN } from './fabric';
export { codeOf, heightOf, KINDS } from './kinds';
export type { Clamp, Fabric, FabricRound, FabricLayer, Strand, Worked } from './fabric';
