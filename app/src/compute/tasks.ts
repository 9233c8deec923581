import { compareYarn, type YarnChange } from '@hoppla/core/plan';
import type { Looks } from '@hoppla/core/form';
import { type Toy } from '@hoppla/core/toy';
import { modelPart, modelToy, relaxedLooks, type LooksInput } from '@hoppla/core/model';

/** Tells how far a task is, 0 to 1. */
export type Report = (share: number) => void;

/** Everything the worker can be asked: one plain input object in, one plain result out (decision 30). */
export const TASKS = {
  /** A toy in another yarn beside what it is now. */
  yarnChange: (
    input: { toy: Toy; gauge: string; to: { hookMm: number; yarn?: string } },
    report: Report,
  ): YarnChange => {
    const { toy, gauge, to } = input;
    toy.parts.forEach((part, i) => {
      modelPart(toy, part);
      report((i + 1) / (2 * toy.parts.length));
    });
    return compareYarn(modelToy(toy), gauge, to);
  },
  /** A part relaxed stitch by stitch, for its picture. */
  looks: (input: LooksInput): Looks => relaxedLooks(input),
};

export type Tasks = typeof TASKS;
export type TaskName = keyof Tasks;
export type TaskInput<N extends TaskName> = Parameters<Tasks[N]>[0];
export type TaskResult<N extends TaskName> = ReturnType<Tasks[N]>;
