import { patchSize, piecesSaid } from '../../feature';
import { patches } from '../../model';
import { patchWords, safetyWords as say } from '../../words';
import { box, cylinderOf, fitsCylinder } from '../cylinder';
import type { Checked, SafetyPoint } from '../point';

/** As thick as felt, mm. */
const THICK_MM = 1;

/** Check 3 of what is laid on: each piece is a small part once it comes off, and glue alone is no seam. */
export function patchChecks({ model, profile, limits, units }: Checked): SafetyPoint[] {
  return patches(model).map(({ feature: f }): SafetyPoint => {
    const { widthMm, heightMm } = patchSize(f);
    return {
      id: `patch:${f.id}`,
      check: 3,
      weight: 'open',
      feature: f.id,
      part: f.part,
      tests: `feature:${f.id}`,
      title: say.patch(f.name, piecesSaid(f, units)),
      reason: say.patchReason(
        units.figure(limits.cylinderMm),
        fitsCylinder(cylinderOf(profile, limits), box(widthMm, heightMm, THICK_MM)),
        patchWords.seams[f.seam],
      ),
      mend: say.feltMend,
    };
  });
}
