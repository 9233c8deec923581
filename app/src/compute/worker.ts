import { expose } from 'comlink';
import { TASKS, type Report, type TaskName } from './tasks';

/** The far side of the door: runs one task at a time. */
const room = {
  run: (name: TaskName, input: never, report: Report): unknown => TASKS[name](input, report),
};

export type Room = typeof room;

expose(room);
