export { buildFabric } from './builder';
export { KINDS, MOST_STITCHES, FREE, HIDDEN } from './fabric';
export type { Fabric, FabricRound, FabricLayer, Strand, Worked } from './fabric';
