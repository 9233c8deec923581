import type { Figure } from './index';

const HOUSE = 'house figures, rules of thumb of hand work';
const JUDGED = 'judged: nobody has measured it yet';

/** How long work takes; the log's own medians replace it. */
export const TIME = {
  stitchesAMinute: { value: 22, unit: 'stitches a minute', source: HOUSE },
  stitchesAMinuteSmall: { value: 14, unit: 'stitches a minute', source: HOUSE },
  smallRound: 10,
  eyesPair: { value: 3, unit: 'minutes', source: HOUSE },
  washer: { value: 1, unit: 'minutes', source: HOUSE },
  stuffPer10g: { value: 1, unit: 'minutes', source: HOUSE },
  stuffPlus: { value: 1, unit: 'minutes', source: HOUSE },
  close: { value: 2, unit: 'minutes', source: HOUSE },
  seamPerStitch: { value: 0.25, unit: 'minutes', source: HOUSE },
  seamPlus: { value: 2, unit: 'minutes', source: HOUSE },
  drawThrough: { value: 6, unit: 'minutes', source: HOUSE },
  thread: { value: 8, unit: 'minutes', source: HOUSE },
  weaveIn: { value: 1, unit: 'minutes', source: HOUSE },
  clamp: { value: 1, unit: 'minutes', source: HOUSE },
  strand: { value: 0.3, unit: 'minutes', low: 0.2, high: 0.5, source: JUDGED },
  hang: { value: 3, unit: 'minutes', source: JUDGED },
  embroider: { value: 4, unit: 'minutes', source: HOUSE },
  colour: { value: 0.5, unit: 'minutes', source: JUDGED },
  drawShut: { value: 0.5, unit: 'minutes', source: JUDGED },
  core: { value: 2, unit: 'minutes', source: JUDGED },
  starPoint: { value: 0.25, unit: 'minutes', source: JUDGED },
  pushIn: { value: 1, unit: 'minutes', source: JUDGED },
} as const satisfies Record<string, Figure | number>;

/** How far the time of a stage may be off: as the log has told it, and as the figures say. */
export const TIME_RANGE_PERCENT = {
  learned: { value: 15, unit: 'percent', source: JUDGED },
  figures: { value: 35, unit: 'percent', source: JUDGED },
} as const satisfies Record<string, Figure>;
