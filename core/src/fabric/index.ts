export { buildFabric, KINDS, MOST_STITCHES } from './fabric';
export type { Fabric, FabricRound } from './fabric';
