export { useCompute, useComputeAll } from './useCompute';
