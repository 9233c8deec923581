import { safetyPointWords as say } from '../../words';
import { isUnder36, type Checked, type SafetyPoint } from '../point';

/** Check 13: pins and needles are counted, on each piece's own record. */
export const needleChecks = ({ parts }: Checked): SafetyPoint[] =>
  parts.length === 0
    ? []
    : [
        {
          id: 'pins',
          check: 13,
          weight: 'advice',
          title: say.pins,
          reason: say.pinsReason,
          mend: say.pinsMend,
        },
      ];

const washedAs = (washable: boolean | null): 'yes' | 'no' | 'unknown' => {
  if (washable === null) return 'unknown';
  return washable ? 'yes' : 'no';
};

/** Check 14: whether it is washed, and that what is washed was tested after it. */
export function washingChecks({ model, parts, age }: Checked): SafetyPoint[] {
  if (parts.length === 0) return [];
  const { washable } = model.toy.safety;
  const said = say.washing[washedAs(washable)];
  return [
    {
      id: 'washing',
      check: 14,
      weight: washable === null && isUnder36(age) ? 'open' : 'advice',
      ...said,
      ...(washable === null ? { does: { do: 'not washed' } as const } : {}),
    },
  ];
}

/** Check 15: what the one who gives it says. Always. */
export const wearChecks = ({ parts }: Checked): SafetyPoint[] =>
  parts.length === 0
    ? []
    : [
        {
          id: 'wear',
          check: 15,
          weight: 'advice',
          title: say.wear,
          reason: say.wearReason,
          mend: say.wearMend,
        },
      ];
