import { expose, transfer } from 'comlink';
import { TASKS, type Report, type TaskName } from './tasks';

/** The far side of the door: runs one task at a time; typed arrays of a result are handed over, not copied. */
const room = {
  run: (name: TaskName, input: never, report: Report): unknown => {
    const result: object = TASKS[name](input, report);
    return transfer(
      result,
      Object.values(result).flatMap((value) =>
        ArrayBuffer.isView(value) ? [value.buffer as ArrayBuffer] : [],
      ),
    );
  },
};

export type Room = typeof room;

expose(room);
