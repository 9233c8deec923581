export { useCompute } from './useCompute';
