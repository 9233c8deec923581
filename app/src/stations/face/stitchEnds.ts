import type { Embroidery, ThreadEnd } from '@hoppla/core/feature';
import type { PartModel } from '@hoppla/core/model';
import { change } from './change';

/** Which end of embroidery a step or a touch moves: its number, and on which side where that has places of its own. */
export interface EndAt {
  side: 0 | 1;
  end: number;
}

/** The ends of a side. */
export const endsOf = (f: Embroidery, side: 0 | 1): readonly ThreadEnd[] =>
  side === 1 && typeof f.twin !== 'string' ? f.twin : f.ends;

/** Embroidery with one of its ends put elsewhere. */
export function withEnd(f: Embroidery, { side, end }: EndAt, to: ThreadEnd): Embroidery {
  const ends = endsOf(f, side).map((e, i) => (i === end ? to : e));
  return side === 1 ? { ...f, twin: ends } : { ...f, ends };
}

/** Steps that follow each other on the same thing are one in the history. */
export const put = (name: string, part: PartModel, f: Embroidery) =>
  change(name, part, f, `stitch:${f.id}:${name}`);
