import type { Batch } from '../toy';

/** A batch of tests: 24 pieces from a Monday on, two hours on weekdays. */
export const WEEK: Batch = {
  id: 'market',
  name: 'Winter market',
  ways: [{ name: 'rust', count: 24, yarns: {} }],
  from: '2026-11-30',
  hours: [2, 2, 2, 2, 2, 0, 0],
  off: [],
  due: null,
};
