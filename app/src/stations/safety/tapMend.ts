import { mended, type ToldPoint } from '@hoppla/core/safety';
import { edit } from '../../documents';

/** Makes a mend as one edit that can be undone. */
export const tapMend = ({ mend, does, feature }: ToldPoint): void =>
  edit(mend, { station: 'safety', ...(feature ? { feature } : {}) }, (so) => (does ? mended(so, does) : so));
