import type { Course, Spot } from '../address';
import type { Embroidery, ThreadEnd } from './feature';
import type { FeatureKind } from './kinds';

/** The place of the fabric that an end hangs on; null where it hangs on a face. */
export const spotOf = ({ from }: ThreadEnd): Spot | null => (typeof from === 'string' ? null : from);

const renamed =
  (rename: (course: Course) => Course) =>
  (end: ThreadEnd): ThreadEnd => {
    const spot = spotOf(end);
    return spot ? { ...end, from: { ...spot, course: rename(spot.course) } } : end;
  };

export const embroidery: FeatureKind<Embroidery> = {
  onRounds: (f, of) => {
    const rename = renamed(of(f.part));
    return {
      ...f,
      ends: f.ends.map(rename),
      twin: typeof f.twin === 'string' ? f.twin : f.twin.map(rename),
    };
  },
  spots: (f) => f.ends.flatMap((end) => spotOf(end) ?? []),
  thing: (f) => ({ kind: 'embroidery', name: f.name.toLowerCase(), reachMm: 0 }),
  grams: () => 0,
};
