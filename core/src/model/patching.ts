import {
  laidPatches,
  newPatch,
  newSculpt,
  resolveStitching,
  sculptEstimate,
  sculptWay,
  type Estimate,
  type EyePair,
  type FaceMarks,
  type Head,
  type LaidPatch,
  type OnFace,
  type OnPart,
  type Patch,
  type PatchWork,
  type PostAt,
  type Sculpt,
  type SculptEstimate,
  type SculptWay,
  type SculptWork,
  type StitchFault,
  type ThreadRun,
} from '../feature';
import { pointOf } from '../address';
import { distance } from '../form';
import { kept } from '../kept';
import { headOf } from './head';
import type { PartModel } from './part';
import { marksOn } from './stitching';
import { yarnColour, type ToyModel } from './toy';
import { patchWords, type UnitWords } from '../words';

const say = patchWords.sculpt;

/** What is put on a face by needle, and where its places are now. */
export interface OnFaceState<F extends OnFace, S extends ThreadRun = ThreadRun> {
  feature: F;
  head: Head;
  marks: FaceMarks;
  fault: StitchFault | null;
  sides: readonly S[];
}

/** One side of a patch: its pieces on the fabric. */
export interface PatchSide extends ThreadRun {
  pieces: readonly LaidPatch[];
}

export type Patched = OnFaceState<Patch, PatchSide>;

export interface Sculpted extends OnFaceState<Sculpt> {
  /** null where it has no place now */
  way: SculptWay | null;
  estimate: SculptEstimate | null;
}

/** The eyes and the nose of a part as posts that stand on it now. */
export function postsOnPart({ eyes, noses }: Pick<ToyModel, 'eyes' | 'noses'>, part: string): PostAt[] {
  const pairs = eyes.flatMap(({ eyes: e, state }) =>
    e.part !== part || state.state === 'homeless'
      ? []
      : state.polar.map((polar, k): PostAt => ({
          is: state.sides[k] === 'left' ? 'left eye' : 'right eye',
          polar,
          postMm: e.making === 'safety eye' ? e.postMm : 0,
          radiusMm: e.eyeMm / 2,
        })),
  );
  const others = noses.flatMap(({ nose, state }): PostAt[] =>
    nose.part !== part || state.state === 'homeless'
      ? []
      : [
          {
            is: 'nose',
            polar: state.polar,
            postMm: nose.making === 'safety nose' ? nose.postMm : 0,
            radiusMm: Math.max(nose.widthMm, nose.heightMm) / 2,
          },
        ],
  );
  return [...pairs, ...others];
}

/** The eyes that are on a part. */
const eyesOn = (model: ToyModel, part: string): EyePair | null =>
  model.eyes.find((e) => e.eyes.part === part && e.state.state !== 'homeless')?.eyes ?? null;

const partOf = (model: ToyModel, id: string): PartModel | null =>
  model.parts.find((p) => p.part.id === id && p.fabric.rounds.length > 0) ?? null;

/** All patches of a toy as they lie. */
export const patches = kept((model: ToyModel): readonly Patched[] =>
  model.toy.features.flatMap((f): Patched[] => {
    const part = f.kind === 'patch' ? partOf(model, f.part) : null;
    if (f.kind !== 'patch' || !part) return [];
    const head = headOf(model, part);
    const marks = marksOn(model, part);
    const state = resolveStitching(head, f, marks);
    if (state.state === 'homeless') return [{ feature: f, head, marks, fault: state.why, sides: [] }];
    const posts = postsOnPart(model, f.part);
    const sides = state.runs.map((run) => ({ ...run, pieces: laidPatches(head, f, marks, run, posts) }));
    return [{ feature: f, head, marks, fault: null, sides }];
  }),
);

/** All needle sculpting of a toy. */
export const sculptings = kept((model: ToyModel): readonly Sculpted[] =>
  model.toy.features.flatMap((f): Sculpted[] => {
    const part = f.kind === 'sculpt' ? partOf(model, f.part) : null;
    if (f.kind !== 'sculpt' || !part) return [];
    const head = headOf(model, part);
    const marks = marksOn(model, part);
    const state = resolveStitching(head, f, marks);
    const none = { way: null, estimate: null, sides: [] };
    if (state.state === 'homeless') return [{ feature: f, head, marks, fault: state.why, ...none }];
    const way = sculptWay(head, f, state.runs[0].places, marks, postsOnPart(model, f.part));
    const estimate = sculptEstimate(head, f, way, eyesOn(model, f.part)?.eyeMm ?? 0);
    return [{ feature: f, head, marks, fault: null, sides: state.runs, way, estimate }];
  }),
);

/** The parts that stand on a patch or cover some of it, by name. */
export const partsOver = ({ feature, head, sides }: Patched): string[] => [
  ...new Set(
    head.things
      .filter((t) => t.kind === 'part')
      .filter((t) => {
        const at = pointOf(head.form, t.polar);
        const reach = t.reachMm + Math.min(feature.widthMm, feature.heightMm) / 2;
        return sides.some((s) => s.places.some((p) => distance(p.point, at) < reach));
      })
      .map((t) => t.name),
  ),
];

/** What a pull is thought to do, in words; each number with its range. */
export function sculptLines({ feature: f, way, estimate }: Sculpted, units: UnitWords): string[] {
  if (!way || !estimate) return [];
  const said = ({ value, low, high }: Estimate) =>
    [units.length(value), units.bare(low), units.length(high)] as const;
  const { apartMm, deepMm } = estimate;
  if (apartMm && way.eyesMm !== null)
    return [say.apart(units.length(way.eyesMm), ...said(apartMm)), say.sunk(...said(deepMm))];
  return [(f.work === 'tie' ? say.rise : say.dip)(...said(deepMm))];
}

/** A patch of a kind at its usual place on a part. */
export const usualPatch = (
  model: ToyModel,
  part: PartModel,
  ids: { id: string; name: string; colour: string } & OnPart,
  work: PatchWork,
): Patch =>
  newPatch(
    headOf(model, part),
    marksOn(model, part),
    // A lid is of the head's own colour.
    work === 'lids' ? { ...ids, colour: yarnColour(model, part.part.id, part.part.copies[0].id) } : ids,
    work,
    eyesOn(model, part.part.id),
  );

/** Needle sculpting of a kind at its usual place on a part. */
export const usualSculpt = (
  model: ToyModel,
  part: PartModel,
  ids: { id: string; name: string; colour: string } & OnPart,
  work: SculptWork,
): Sculpt =>
  newSculpt(headOf(model, part), marksOn(model, part), ids, work, eyesOn(model, part.part.id)?.eyeMm ?? 0);
