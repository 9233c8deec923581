import { everyJoin, isFilled, type PartModel, type ToyModel } from '../../model';
import { safetyPointWords as say } from '../../words';
import { fillShowsMm, gapsOf, type Gap } from '../gap';
import { isUnder36, type Checked, type SafetyPoint } from '../point';

/** Check 9: gaps against a child's finger and against the filling, part by part the worst; open ends that nothing covers. */
export function gapChecks(checked: Checked): SafetyPoint[] {
  const { model, parts } = checked;
  const filled = parts.filter((p) => p.fabric.rounds.length > 0 && isFilled(p));
  return [...filled.flatMap((part) => gapPoints(checked, part)), ...openEnds(model, filled)];
}

function gapPoints({ model, limits, age, units }: Checked, part: PartModel): SafetyPoint[] {
  const gaps = gapsOf(part);
  const base = { check: 9, part: part.part.id, weight: isUnder36(age) ? 'open' : 'advice' } as const;
  if (gaps === null)
    return [
      {
        ...base,
        id: `gap:${part.part.id}`,
        title: say.gapNotKnown(part.name),
        reason: say.gapNotKnownReason,
        mend: say.gapNotKnownMend,
      },
    ];
  const widest = gaps.reduce<Gap | null>((best, g) => (best && best.mm >= g.mm ? best : g), null);
  const shows = fillShowsMm(model, part);
  const limit = Math.min(shows, limits.probeMm);
  if (!widest || widest.mm <= limit) return [];
  const finger = widest.mm > limits.probeMm;
  // A larger share of the stitch is left by every stitch of its kind: a smaller hook makes it as much smaller.
  const hookMm = Math.floor((10 * part.gauge.hookMm * limit) / widest.mm) / 10;
  return [
    {
      ...base,
      id: `gap:${part.part.id}`,
      tags: [widest.label],
      title: (finger ? say.gapFinger : say.gapFill)(part.name, units.fine(widest.mm)),
      reason: say.gapReason(
        say.gapIs[widest.is],
        widest.label,
        units.figure(finger ? limits.probeMm : shows),
        finger,
      ),
      mend: say.gapMend[widest.is](String(hookMm)),
      ...(hookMm >= 1 && (widest.is === 'plain' || widest.is === 'decrease')
        ? { does: { do: 'smaller hook', gauge: part.part.gauge, mm: hookMm } as const }
        : {}),
    },
  ];
}

/** Filled parts that are left open and sewn on nothing. */
function openEnds(model: ToyModel, filled: readonly PartModel[]): SafetyPoint[] {
  const joins = everyJoin(model).map((j) => j.join);
  const covered = (part: PartModel) =>
    part.reading.closed ||
    part.reading.end.how === 'sewn shut' ||
    part.reading.end.how === 'folded' ||
    part.reading.end.how === 'flattened' ||
    joins.some(
      (j) =>
        (j.guest.part === part.part.id && !(j.kind === 'sewn' && j.edge.which === 'first')) ||
        (j.at.part === part.part.id && (j.kind === 'caught' ? j.whole : j.at.at === 'edge')),
    );
  return filled
    .filter((p) => p.fabric.shape === 'rounds' && !covered(p))
    .map((part) => ({
      id: `open end:${part.part.id}`,
      check: 9,
      weight: 'open',
      part: part.part.id,
      title: say.openEnd(part.name),
      reason: say.openEndReason,
      mend: say.openEndMend,
    }));
}
