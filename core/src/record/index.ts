export { withDeed } from './log';
export { check, openChecks, tick, ticksOf, tickWithin, uncheck, untick, whereAmI } from './making';
export type { Tick } from './making';
export { minutesAt, paceOf, timeOf } from './pace';
export type { Pace } from './pace';
export { progressOf } from './progress';
export type { Progress } from './progress';
