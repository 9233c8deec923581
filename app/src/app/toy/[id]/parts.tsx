export { PartsStation as default } from '../../../stations/parts/PartsStation';
