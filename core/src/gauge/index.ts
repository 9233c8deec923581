export { gaugeOf, ranged } from './gauge';
export type { Gauge, GaugeSettings, Ranged } from './gauge';
