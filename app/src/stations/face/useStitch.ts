import { useState } from 'react';
import { polarOf } from '@hoppla/core/address';
import { movedEnd } from '@hoppla/core/feature';
import type { PartModel } from '@hoppla/core/model';
import type { Pick, PickAction } from '../../stage';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';
import { change } from './change';
import { endsOf, needledOn, withEnd, type EndAt, type NeedledState } from './stitchEnds';

/** The needle work that is open on a part, and which of its ends moves. */
export function useStitch(part: PartModel) {
  const { model } = useToy();
  const [id, setId] = useState<string | null>(null);
  const [at, setAt] = useState<EndAt>({ side: 0, end: 0 });
  const open = needledOn(model, part).find((s) => s.feature.id === id) ?? null;
  const there = open !== null && at.end < endsOf(open.feature, at.side).length;
  return {
    open,
    at: there && (at.side === 0 || typeof open.feature.twin !== 'string') ? at : FIRST,
    setAt,
    choose: (chosen: string) => (setId(chosen), setAt(FIRST)),
    close: () => setId(null),
  };
}

const FIRST: EndAt = { side: 0, end: 0 };

/** What can be done with a stitch that was touched while needle work is open: its chosen end goes in there. */
export function stitchHere(
  part: PartModel,
  { feature, head, marks }: NeedledState,
  at: EndAt,
  pick: Pick,
): PickAction | null {
  const end = endsOf(feature, at.side)[at.end];
  if (!end || pick.layer !== 0) return null;
  const coord = pick.at === 'hole' ? pick.index : pick.index + 0.5;
  const polar = polarOf(part.form, pick.round, coord, pick.at);
  const next = withEnd(feature, at, movedEnd(head, marks, end, polar));
  return {
    label: screenWords.stitching.here,
    run: () => change(screenWords.stitching.here, part, next, `stitch:${feature.id}:touch`),
  };
}
