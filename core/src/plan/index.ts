export { planOf } from './plan';
export { gatherTail, roundUpTail, satinThreadMm, seamTail, threadLength } from './figures';
export { compareYarn } from './yarnChange';
export type { YarnChange, YarnChangeRow } from './yarnChange';
export { check, openChecks, tick, ticksOf, tickWithin, uncheck, untick, whereAmI } from './making';
export type { Tick } from './making';
export type * from './step';
