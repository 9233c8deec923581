import {
  pathMm,
  resolveStitching,
  threadLines,
  upOfFace,
  type Embroidery,
  type FaceMarks,
  type Head,
  type StitchFault,
  type ThreadLine,
  type ThreadRun,
} from '../feature';
import { kept } from '../kept';
import { headOf } from './head';
import type { PartModel } from './part';
import type { ToyModel } from './toy';

/** One side of embroidery as it lies: where the needle goes in, and its stretches of thread. */
export interface ThreadSide extends ThreadRun {
  lines: readonly ThreadLine[];
  /** the way of the thread, mm */
  mm: number;
}

/** Embroidery as it is now. */
export interface Stitched {
  feature: Embroidery;
  head: Head;
  marks: FaceMarks;
  fault: StitchFault | null;
  sides: readonly ThreadSide[];
}

/** What embroidery on a part can hang on: the eyes and the nose that are on it. */
export function marksOn({ eyes, noses }: Pick<ToyModel, 'eyes' | 'noses'>, part: string): FaceMarks {
  const pair = eyes.find((e) => e.eyes.part === part && e.state.state !== 'homeless')?.state;
  const nose = noses.find((n) => n.nose.part === part && n.state.state !== 'homeless')?.state;
  return {
    eyes: pair && pair.state !== 'homeless' ? pair : null,
    nose: nose && nose.state !== 'homeless' ? nose : null,
  };
}

/** All embroidery of a toy. */
export const stitchings = kept((model: ToyModel): readonly Stitched[] =>
  model.toy.features.flatMap((f) => {
    const part = model.parts.find((p) => p.part.id === f.part);
    return f.kind === 'embroidery' && part && part.fabric.rounds.length > 0 ? [stitched(model, part, f)] : [];
  }),
);

function stitched(model: ToyModel, part: PartModel, feature: Embroidery): Stitched {
  const head = headOf(model, part);
  const marks = marksOn(model, part.part.id);
  const { form } = head;
  const state = resolveStitching(head, feature, marks);
  if (state.state === 'homeless') return { feature, head, marks, fault: state.why, sides: [] };
  const own = upOfFace(head, marks);
  const sides = state.runs.map((run): ThreadSide => {
    const lines = threadLines(form, own, feature, run);
    return { ...run, lines, mm: pathMm(form, feature, lines) };
  });
  return { feature, head, marks, fault: null, sides };
}
