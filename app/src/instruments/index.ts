export { hasSerial, serial, simulated } from './instrument';
export type { Instrument } from './instrument';
export { weighed } from './weighed';
