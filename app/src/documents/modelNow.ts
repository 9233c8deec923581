import { modelToy, type ToyModel } from '@hoppla/core/model';
import type { Toy } from '@hoppla/core/toy';
import { modelTook } from './openToy';

/** The whole toy worked out; how long it took decides whether the next is worked out between two keys. */
export function modelNow(toy: Toy): ToyModel {
  const began = performance.now();
  const model = modelToy(toy);
  const took = performance.now() - began;
  // What was worked out before is answered at once and tells nothing.
  if (took > 0.5) modelTook(took);
  return model;
}
