import { pointOf, type Polar } from '../address';
import { distance } from '../form';
import { chartAt, type Chart, type Flat } from './chart';
import type { FaceMarks, ThreadPlace } from './faceCanvas';
import type { Head } from './head';
import type { Patch } from './patch';
import { isWithin, outlineOf } from './patchOutline';
import { upOfFace, type ThreadRun } from './stitching';

/** A post that may stand on a patch: an eye or a nose as it is now. */
export interface PostAt {
  is: 'left eye' | 'right eye' | 'nose';
  polar: Polar;
  /** 0 where it is embroidered: nothing goes through */
  postMm: number;
  /** half as wide as what shows outside, mm */
  radiusMm: number;
}

/** One piece of a patch on the fabric. */
export interface LaidPatch {
  place: ThreadPlace;
  /** its outline as it is cut, mm to the toy's left and up from its middle */
  flat: readonly Flat[];
  chart: Chart;
  /** where its outline comes to lie */
  outline: readonly Polar[];
  /** where posts go through it */
  holes: readonly { of: PostAt['is']; at: Flat; mm: number }[];
  /** how far it hangs over the fabric's end, mm; 0 where it lies on it with all its edge */
  overMm: number;
}

/** The pieces of one side of a patch on the fabric. */
export function laidPatches(
  head: Head,
  f: Patch,
  marks: FaceMarks,
  { side, places }: ThreadRun,
  posts: readonly PostAt[],
): LaidPatch[] {
  const { form } = head;
  const own = upOfFace(head, marks);
  const flat = outlineOf(f, side === 'twin');
  const reach = Math.max(...flat.map((p) => Math.hypot(...p)));
  return places.map((place): LaidPatch => {
    const chart = chartAt(form, own, place.polar, reach + 1);
    const holes = posts.flatMap(({ is, polar, postMm }) => {
      if (f.eyes === 'over' || postMm === 0) return [];
      if (distance(pointOf(form, polar), place.point) > reach + postMm) return [];
      const at = chart.flat(polar);
      return isWithin(flat, at) ? [{ of: is, at, mm: postMm }] : [];
    });
    const over = flat.map((p) => Math.hypot(...p) - chart.endsAt(p));
    return {
      place,
      flat,
      chart,
      outline: flat.map(chart.lay),
      holes,
      overMm: Math.max(0, ...over),
    };
  });
}
