import type { Embroidery, EyePair, Nose, Patch, Sculpt, Strands } from '@hoppla/core/feature';
import { setFeature } from '@hoppla/core/toy';
import { type PartModel } from '@hoppla/core/model';
import { edit } from '../../documents';

/** Puts changed eyes, a changed nose or needle work into the toy, as one named step of its history. Steps with the same `gather` count as one. */
export function change(
  name: string,
  part: PartModel,
  feature: EyePair | Nose | Embroidery | Patch | Sculpt | Strands | null,
  gather: string | null = null,
): void {
  if (feature)
    edit(
      name,
      { station: 'face', part: part.part.id, feature: feature.id },
      (toy) => setFeature(toy, feature),
      gather,
    );
}
