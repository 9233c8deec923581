import { compareYarn, type YarnChange } from '@hoppla/core/plan';
import type { Looks } from '@hoppla/core/form';
import { read, type LineMeaning, type Reading } from '@hoppla/core/notation';
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
  /** A long page read for the import desk, with the page that it is the reading of. */
  page: (input: {
    text: string;
    as: Readonly<Record<number, LineMeaning>>;
  }): { draft: typeof input; reading: Reading } => ({
    draft: input,
    reading: read(input.text, { as: input.as }),
  }),
};

export type Tasks = typeof TASKS;
export type TaskName = keyof Tasks;
export type TaskInput<N extends TaskName> = Parameters<Tasks[N]>[0];
export type TaskResult<N extends TaskName> = ReturnType<Tasks[N]>;
