import { safetyPointWords as say } from '../../words';
import { isUnder36, type Checked, type CheckNumber, type SafetyPoint } from '../point';

/** Checks of which a toy and its texts tell only what is there: that nothing else is, only its maker can say. */
const ASKED: readonly CheckNumber[] = [5, 7, 8, 11];

/** A question for each of them that raised no point. */
export const askedOf = ({ age, parts }: Checked, points: readonly SafetyPoint[]): SafetyPoint[] =>
  parts.length === 0
    ? []
    : ASKED.filter((check) => !points.some((p) => p.check === check)).map((check) => ({
        id: `ask:${check}`,
        check,
        weight: isUnder36(age) ? 'open' : 'advice',
        ...say.asks[check]!,
        asks: true,
      }));
