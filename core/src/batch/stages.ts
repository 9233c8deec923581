import { TIME_RANGE_PERCENT } from '../figures';
import { NOTHING, plusRange, within, type Ranged } from '../gauge';
import { kindOf, type Plan, type Sign, type Step } from '../plan';
import { minutesAt, type Pace } from '../record';

/** Work of one kind, as it is done in runs over many pieces. */
export const STAGES = [
  'rounds',
  'eyes',
  'stuffing',
  'closing',
  'embroidery',
  'together',
  'finishing',
] as const;
export type StageId = (typeof STAGES)[number];

/** The stage of a step, by its sign. */
const STAGE_OF: Readonly<Record<Sign, StageId>> = {
  ring: 'rounds',
  pause: 'eyes',
  washer: 'eyes',
  stuff: 'stuffing',
  close: 'closing',
  needle: 'embroidery',
  sew: 'together',
  end: 'finishing',
  look: 'finishing',
};

/** A stage of one piece: its minutes, with their range, and whether the log has told any of them. */
export interface Stage {
  id: StageId;
  minutes: Ranged;
  learned: boolean;
}

export const stageOf = (step: Step): StageId => STAGE_OF[kindOf(step.kind).sign];

/** The stages of one piece that the plan has, in the order of work; minutes at the maker's own pace where the log tells it. */
export function stagesOf(plan: Plan, pace: Pace): Stage[] {
  return STAGES.flatMap((id) => {
    const steps = plan.steps.filter((s) => stageOf(s) === id);
    if (steps.length === 0) return [];
    const minutes = steps
      .map((s) => {
        const { learned, figures } = TIME_RANGE_PERCENT;
        return within(minutesAt(pace, s), (pace.has(s.kind) ? learned : figures).value);
      })
      .reduce(plusRange, NOTHING);
    return [{ id, minutes, learned: steps.some((s) => pace.has(s.kind)) }];
  });
}
