import type { SewnJoin } from './sewn';

/** Every kind of join; its behaviour stands in the table of `kinds.ts`. */
export type Join = SewnJoin;
