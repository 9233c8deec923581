import type { RoundReading } from '../notation';
import type { FabricLayer, FabricRound } from './fabric';

/**
 * Parts the rounds into the part itself and its layers. Where several rounds are worked into one, the part goes on
 * with the branch of most rounds; frills, edgings and folds hang beside it.
 */
export function branches(
  rounds: readonly FabricRound[],
  readings: readonly RoundReading[],
): { body: FabricRound[]; layers: FabricLayer[] } {
  // A start in the middle of a part goes on from the round before it.
  const below = rounds.map((_, i) => (readings[i].base >= 0 ? readings[i].base : i - 1));
  const depth = new Int32Array(rounds.length).fill(1);
  const next = new Int32Array(rounds.length).fill(-1);
  for (let i = rounds.length - 1; i > 0; i--) {
    const b = below[i];
    if (b < 0 || readings[i].kind === 'fold' || readings[i].kind === 'edging') continue;
    if (depth[i] + 1 >= depth[b]) {
      depth[b] = depth[i] + 1;
      next[b] = i;
    }
  }
  const body: FabricRound[] = [];
  const inBody = new Int32Array(rounds.length).fill(-1);
  for (let i = rounds.length ? 0 : -1; i >= 0; i = next[i]) inBody[i] = body.push(rounds[i]) - 1;
  const layers: {
    kind: FabricLayer['kind'];
    on: number;
    loop: FabricLayer['loop'];
    rounds: FabricRound[];
  }[] = [];
  const layerOf = new Int32Array(rounds.length).fill(-1);
  rounds.forEach((round, i) => {
    if (inBody[i] >= 0) return;
    const b = below[i];
    const kind = readings[i].kind;
    const own = kind === 'fold' || kind === 'edging' ? kind : 'layer';
    if (b >= 0 && layerOf[b] >= 0 && next[b] === i && own === 'layer') {
      layerOf[i] = layerOf[b];
      layers[layerOf[b]].rounds.push(round);
    } else
      layerOf[i] =
        layers.push({ kind: own, on: b >= 0 ? inBody[b] : -1, loop: readings[i].into, rounds: [round] }) - 1;
  });
  return { body, layers };
}
