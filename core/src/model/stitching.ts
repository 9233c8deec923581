import { directionsOf, lies } from '../address';
import {
  leftOfFace,
  mirrorMissMm,
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
import { turnBack, type Placed } from '../join';
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

/** Which way up is on a part that lies, as it is sewn on: a seam turns it by up to half a stitch. */
function upOf(placed: readonly Placed[], { part, form, ringIs }: PartModel): number | null {
  const piece = placed.find((p) => p.part === part.id);
  if (!piece || !lies(directionsOf(form, ringIs, piece.frontRad))) return null;
  const [x, y] = turnBack(piece.placement, [0, 1, 0]);
  return Math.hypot(x, y) < FLAT ? null : form.direction * Math.atan2(y, x);
}
/** A ring that looks straight up or down, but for so much, has no up of its own. */
const FLAT = 0.1;

/** What embroidery on a part can hang on: the eyes and the nose that are on it, and how it is turned in the toy. */
export function marksOn(
  { eyes, noses, placed }: Pick<ToyModel, 'eyes' | 'noses' | 'placed'>,
  part: PartModel,
): FaceMarks {
  const { id } = part.part;
  const pair = eyes.find((e) => e.eyes.part === id && e.state.state !== 'homeless')?.state;
  const nose = noses.find((n) => n.nose.part === id && n.state.state !== 'homeless')?.state;
  return {
    eyes: pair && pair.state !== 'homeless' ? pair : null,
    nose: nose && nose.state !== 'homeless' ? nose : null,
    upRad: upOf(placed, part),
  };
}

/** How even embroidery lies, mm; null where there is nothing to be even. */
export interface Evenness {
  /** the furthest that an end of its other side is from the mirror image */
  mirrorMm: number | null;
  /** how much nearer to the toy's left the middle of its ends is than the face's; less than nothing to the right. Of what lies over the middle and has no other side */
  leftMm: number | null;
}

export function evennessOf({ head, marks, sides: [own, twin] }: Stitched): Evenness {
  if (!own) return { mirrorMm: null, leftMm: null };
  if (twin) {
    const miss = own.places.map((p, i) => mirrorMissMm(head, marks, p.point, twin.places[i].point));
    return { mirrorMm: Math.max(...miss), leftMm: null };
  }
  const lefts = own.places.map((p) => leftOfFace(head, marks, p.point));
  const over = Math.min(...lefts) < 0 && Math.max(...lefts) > 0;
  return { mirrorMm: null, leftMm: over ? lefts.reduce((a, b) => a + b, 0) / lefts.length : null };
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
  const marks = marksOn(model, part);
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
