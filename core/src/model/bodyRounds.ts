import type { PartModel } from './part';

/** How many rounds of the part itself are among the first so many rounds as read. */
export const bodyRounds = ({ fabric }: Pick<PartModel, 'fabric'>, readings: number): number =>
  fabric.rounds.filter((r) => r.reading < readings).length;
