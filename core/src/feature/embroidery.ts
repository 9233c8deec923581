import type { Embroidery } from './feature';
import type { FeatureKind } from './kinds';

export const embroidery: FeatureKind<Embroidery> = {
  onRounds: (f, of) => ({ ...f, path: f.path.map((spot) => ({ ...spot, course: of(f.part)(spot.course) })) }),
  spots: (f) => f.path,
  thing: (f) => ({ kind: 'embroidery', name: f.name.toLowerCase(), reachMm: 0 }),
  grams: () => 0,
};
