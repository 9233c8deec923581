import type { TaskBase, TaskKind } from '../task';
import { beginRound } from './beginRound';
import { embroider, embroiderLast } from './embroider';
import { drawThrough } from './drawThrough';
import { colour } from './colour';
import { core } from './core';
import { drawShut } from './drawShut';
import { close, fastenOff } from './finish';
import { inspect, weaveIn } from './last';
import { hang, hangLast } from './hang';
import { fold, layer } from './layer';
import { lookAgain } from './lookAgain';
import { lids, patch } from './patch';
import { posts } from './posts';
import { pushIn } from './pushIn';
import { ready } from './ready';
import { rounds } from './rounds';
import { sculpt } from './sculpt';
import { sew } from './sew';
import { strands, strandsLast } from './strands';
import { stuff } from './stuff';
import { surface } from './surface';
import { thread } from './thread';
import { washers } from './washers';

/**
 * The table of kinds: a kind of task is one file and one line here. The order of the lines is the order at one pause:
 * what is still worked first, then posts and embroidery before the fill, a second look after it, what the next round catches, closing last;
 * then what needs the fill in.
 */
export const TASKS = {
  rounds,
  'begin-round': beginRound,
  'draw-shut': drawShut,
  colour,
  layer,
  eyes: posts,
  patch,
  washers,
  lids,
  embroider,
  hang,
  strands,
  core,
  stuff,
  'look-again': lookAgain,
  fold,
  ready,
  close,
  'fasten-off': fastenOff,
  'push-in': pushIn,
  sculpt,
  'embroider-last': embroiderLast,
  'draw-through': drawThrough,
  thread,
  sew,
  surface,
  'strands-last': strandsLast,
  'hang-last': hangLast,
  ends: weaveIn,
  inspect,
};

export type StepKind = keyof typeof TASKS;

/** A task as a step of the plan, of any kind of the table. */
export type Step = { [K in StepKind]: (typeof TASKS)[K] extends TaskKind<infer T> ? T : never }[StepKind];

/** What the table says of a kind, whatever it is. */
export const kindOf = (kind: StepKind): TaskKind<TaskBase> => TASKS[kind] as unknown as TaskKind<TaskBase>;

export const KINDS = Object.keys(TASKS) as StepKind[];
