import { own } from '../own';
import { NOTHING, plusRange, timesRange, type Ranged } from '../gauge';
import type { Materials } from '../plan';
import type { Batch } from '../toy';
import { sizeOfBatch } from './batch';

/** Yarn of one name for a whole batch. */
export interface BatchYarn {
  name: string;
  metres: Ranged;
  grams: Ranged;
}

/** What a whole batch takes: yarn by the names that its colour ways give, and everything that is counted or weighed. */
export interface BatchNeeds {
  yarns: readonly BatchYarn[];
  eyes: readonly { mm: number; washerMm: number; count: number }[];
  hardware: readonly { is: string; mm: number; count: number }[];
  fill: readonly { of: string; grams: Ranged }[];
}

/** The materials of one piece, times the pieces of each colour way. */
export function batchNeeds(of: Materials, batch: Pick<Batch, 'ways'>): BatchNeeds {
  const n = sizeOfBatch(batch);
  const yarns = new Map<string, BatchYarn>();
  for (const way of batch.ways)
    for (const yarn of of.yarns) {
      const name = own(way.yarns, yarn.name)?.trim() || yarn.name;
      const so = yarns.get(name) ?? { name, metres: NOTHING, grams: NOTHING };
      yarns.set(name, {
        name,
        metres: plusRange(so.metres, timesRange(yarn.metres, way.count)),
        grams: plusRange(so.grams, timesRange(yarn.grams, way.count)),
      });
    }
  return {
    yarns: [...yarns.values()].filter((y) => y.metres.value > 0),
    eyes: of.eyes.map(({ mm, washerMm, count }) => ({ mm, washerMm, count: count * n })),
    hardware: of.hardware.map(({ is, mm, count }) => ({ is, mm, count: count * n })),
    fill: of.fill.map((f) => ({ of: f.of, grams: timesRange(f.grams, n) })),
  };
}
