import { own } from '../own';
import { NOTHING, plusRange, timesRange, type Ranged } from '../gauge';
import type { ToyModel } from '../model';
import { ballsFor, costOf, type Cost, type Materials } from '../plan';
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

/** What a colour way calls a yarn: another word of the toy's own yarns is that yarn, whichever letters are capitals. */
function nameIn(of: Materials, way: Batch['ways'][number], yarn: string): string {
  const instead = own(way.yarns, yarn)?.trim() || yarn;
  const known = of.yarns.find((y) => y.name.toLowerCase() === instead.toLowerCase());
  return known?.name ?? instead;
}

/** The materials of one piece, times the pieces of each colour way. */
export function batchNeeds(of: Materials, batch: Pick<Batch, 'ways'>): BatchNeeds {
  const n = sizeOfBatch(batch);
  const yarns = new Map<string, BatchYarn>();
  for (const way of batch.ways)
    for (const yarn of of.yarns) {
      const name = nameIn(of, way, yarn.name);
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

/**
 * What the materials of a whole batch cost, from the prices that the maker has said for the toy: balls are whole for all pieces
 * together. Yarns that a colour way names and the toy has not, floss and felt have none: how much of a skein or a sheet so many
 * pieces take is not known. Null while nothing has a price.
 */
export function batchCost(model: ToyModel, of: Materials, batch: Pick<Batch, 'ways'>): Cost | null {
  const n = sizeOfBatch(batch);
  const times = <T extends { count: number }>(list: readonly T[]): T[] =>
    list.map((one) => ({ ...one, count: one.count * n }));
  const { yarns: needed } = batchNeeds(of, batch);
  const isOwn = (name: string) => of.yarns.some((yarn) => yarn.name === name);
  const others = needed.filter(({ name }) => !isOwn(name)).length;
  const yarns = of.yarns.map((yarn) => {
    const metres = needed.find(({ name }) => name === yarn.name)?.metres ?? NOTHING;
    const { balls } = yarn;
    return { ...yarn, metres, balls: balls && { ...balls, count: ballsFor(metres.value, balls) } };
  });
  const cost = costOf(model, {
    ...of,
    yarns,
    floss: [],
    felt: [],
    eyes: times(of.eyes),
    noses: times(of.noses),
    discs: times(of.discs),
    hardware: times(of.hardware),
    cores: times(of.cores),
    fill: of.fill.map((fill) => ({ ...fill, grams: timesRange(fill.grams, n) })),
  });
  return cost && { ...cost, without: cost.without + of.floss.length + of.felt.length + others };
}
