import { planWords, safetyPointWords as say } from '../../words';
import type { CoreIs } from '../../toy';
import { isUnder36, type Checked, type SafetyPoint } from '../point';

const SOFT: readonly CoreIs[] = ['roll of fabric', 'felt'];

/** Check 7: what is stiff inside. Wire is for display pieces only; a rod or a tube is none for a small child. */
export function rigidChecks({ parts, age }: Checked): SafetyPoint[] {
  return parts.flatMap((part): SafetyPoint[] => {
    const { core, id } = part.part;
    if (!core || SOFT.includes(core.is)) return [];
    const wire = core.is === 'wire';
    if (age === 'display only' && !wire) return [];
    const stops = (wire && age !== 'display only') || isUnder36(age);
    return [
      {
        id: `core:${id}`,
        check: 7,
        weight: stops ? 'stop' : 'open',
        part: id,
        title: say.core(part.name, planWords.cores[core.is]),
        reason: wire ? say.coreWire : say.coreRigid,
        mend: say.coreMend,
        does: { do: 'fabric core', part: id },
      },
    ];
  });
}
