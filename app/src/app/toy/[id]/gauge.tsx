export { GaugeStation as default } from '../../../stations/gauge/GaugeStation';
