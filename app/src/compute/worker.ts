import { expose, transfer } from 'comlink';
import { speak } from '@hoppla/core/words';
import { germanOfReader } from '@hoppla/core/words/german/reader';
import { TASKS, type Report, type TaskName } from './tasks';

// A worker is called by the language that its page speaks.
if (self.name === 'de') speak('de', germanOfReader);

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
