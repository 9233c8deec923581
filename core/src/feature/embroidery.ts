import type { Embroidery } from './feature';
import type { FeatureKind } from './kinds';
import { ON_FACE } from './onFace';

export const embroidery: FeatureKind<Embroidery> = ON_FACE;
