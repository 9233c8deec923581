import type { Course, Spot } from '../address';
import type { OnFace, ThreadEnd } from './feature';
import type { FeatureKind, RenameOf } from './kinds';

/** The place of the fabric that an end hangs on; null where it hangs on a face. */
export const spotOf = ({ from }: ThreadEnd): Spot | null => (typeof from === 'string' ? null : from);

const renamed =
  (rename: (course: Course) => Course) =>
  (end: ThreadEnd): ThreadEnd => {
    const spot = spotOf(end);
    return spot ? { ...end, from: { ...spot, course: rename(spot.course) } } : end;
  };

/** What all kinds have alike whose places hang on a face. */
export const ON_FACE = {
  onRounds: <F extends OnFace>(f: F, of: RenameOf): F => {
    const rename = renamed(of(f.part));
    return {
      ...f,
      ends: f.ends.map(rename),
      twin: typeof f.twin === 'string' ? f.twin : f.twin.map(rename),
    };
  },
  spots: (f: OnFace) => f.ends.flatMap((end) => spotOf(end) ?? []),
  thing: (f: OnFace): ReturnType<FeatureKind<never>['thing']> => ({
    kind: 'embroidery',
    name: f.name.toLowerCase(),
    reachMm: 0,
  }),
  grams: () => 0,
};
