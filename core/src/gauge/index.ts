export { gaugeOf, ranged, hookMm } from './gauge';
export type { Gauge, GaugeSettings, Ranged } from './gauge';
