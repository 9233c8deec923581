import type { Embroidery, FaceMarks, OnFace, Patch, Sculpt, ThreadEnd } from '@hoppla/core/feature';
import {
  patches,
  sculptings,
  stitchings,
  type PartModel,
  type Patched,
  type Sculpted,
  type Stitched,
  type ToyModel,
} from '@hoppla/core/model';
import { change } from './change';

/** What is put on a face by needle. */
export type Needled = Embroidery | Patch | Sculpt;

/** The same as it is now: its places, or why it has none. */
export type NeedledState = Stitched | Patched | Sculpted;

/** Everything that is put on a part by needle: embroidery, what is laid on, what is sculpted. */
export const needledOn = (model: ToyModel, part: PartModel): readonly NeedledState[] =>
  [...stitchings(model), ...patches(model), ...sculptings(model)].filter(
    (s) => s.feature.part === part.part.id,
  );

/** Which end a step or a touch moves: its number, and on which side where that has places of its own. */
export interface EndAt {
  side: 0 | 1;
  end: number;
}

/** The ends of a side. */
export const endsOf = (f: OnFace, side: 0 | 1): readonly ThreadEnd[] =>
  side === 1 && typeof f.twin !== 'string' ? f.twin : f.ends;

/** The same with one of its ends put elsewhere. */
export function withEnd<F extends OnFace>(f: F, { side, end }: EndAt, to: ThreadEnd): F {
  const ends = endsOf(f, side).map((e, i) => (i === end ? to : e));
  return side === 1 ? { ...f, twin: ends } : { ...f, ends };
}

/** How far an eye reaches from its middle, in stitches to the half; one where there is none. */
export const rimOf = ({ eyes }: FaceMarks, { gauge }: PartModel): number =>
  eyes ? Math.round((eyes.spacing.straightMm.value - eyes.spacing.rimMm.value) / gauge.stitchMm) / 2 : 1;

/** Steps that follow each other on the same thing are one in the history. */
export const put = (name: string, part: PartModel, f: Needled) =>
  change(name, part, f, `stitch:${f.id}:${name}`);
