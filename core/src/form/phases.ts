import type { Fabric, FabricRound } from '../fabric';

/**
 * The angle of each round's start in the working direction, radians: the mean of its stitches' parents against their own
 * nominal angles, and the lean of rounds that are not turned. `base` is the round below the first, with its angle, for a layer.
 * Source: the house's geometry, section 3, "Phase of round i".
 */
export function phasesOf(
  fabric: Fabric,
  rounds: readonly FabricRound[],
  leanStitches: number,
  base: { round: FabricRound; phase: number } | null,
): Float64Array {
  const phase = new Float64Array(rounds.length);
  for (let i = 0; i < phase.length; i++) {
    const round = rounds[i];
    const below = i > 0 ? rounds[i - 1] : base?.round;
    if (!below || below.count === 0) continue;
    let sum = 0;
    for (let j = 0; j < round.count; j++) {
      const s = round.from + j;
      const from = fabric.parentFrom[s];
      const to = Math.max(from + 1, fabric.parentTo[s]);
      sum += ((from + to) / 2 - below.from) / below.count - (j + 0.5) / round.count;
    }
    const mean = round.count ? (sum / round.count) * 2 * Math.PI : 0;
    phase[i] =
      (i > 0 ? phase[i - 1] : base!.phase) +
      mean +
      (round.turned ? 0 : (leanStitches * 2 * Math.PI) / Math.max(1, round.count));
  }
  return phase;
}
