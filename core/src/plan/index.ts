export { planOf } from './plan';
export { gatherTail, roundUpTail, seamTail, threadLength } from './figures';
export { compareYarn } from './yarnChange';
export type { YarnChange, YarnChangeRow } from './yarnChange';
export { tick, ticksOf, tickWithin, untick, whereAmI } from './making';
export type { Tick } from './making';
export type * from './step';
