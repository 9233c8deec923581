import type { TestKind } from '../toy';
import { decimals, recordWords as say } from '../words';

/** A load in its unit: N to 1 (of small loads to 0.1), N·m to 0.01. */
export const loadSaid = (value: number, kind: TestKind): string =>
  say.load(kind === 'torque' ? decimals(value, 2) : decimals(value, value < 10 ? 1 : 0), kind);
