import { safetyWords as say } from '../../words';
import type { Checked, SafetyPoint } from '../point';

/** Who it is for: nobody has said it, or what is said decides less than it seems to. */
export function whoChecks({ parts, age }: Checked): SafetyPoint[] {
  if (parts.length === 0) return [];
  const { title, reason, mend } =
    say.who[age === 'under 18 months' || age === '18 to 36 months' ? 'small' : age];
  if (title === '') return [];
  return [
    {
      id: age === 'unknown' ? 'age' : 'look',
      check: age === 'unknown' ? 'age' : 'look',
      weight: 'open',
      title,
      reason,
      mend,
    },
  ];
}
