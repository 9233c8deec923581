export { acrossRange, gaugeOf, ranged, rulerRange, stitchPerHook } from './gauge';
export type { Gauge, GaugeSettings, HookBy, Ranged, Source } from './gauge';
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
export { fixed, NOTHING, plusRange, timesRange, within } from './range';
