export { planOf } from './plan';
export { fillGrams, gatherTail, roundUpTail, seamTail, threadLength, yarnMetres } from './figures';
export { cm, grams, hours, metres, mm } from './format';
export { tick, ticksOf, tickWithin, untick, whereAmI } from './making';
export type { Tick } from './making';
export type * from './step';
