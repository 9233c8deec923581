export { acrossRange, gaugeOf, ranged, rulerRange } from './gauge';
export type { Gauge, GaugeSettings, Ranged } from './gauge';
export {
  COUNTED,
  fromLabel,
  fromTenRounds,
  fromTenStitches,
  fromUnravelled,
  fromWander,
  wanderOf,
} from './calibrate';
export type { Calibrated, GaugeChange } from './calibrate';
