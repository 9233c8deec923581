import type { HangerIs } from '../feature';
import type { Ranged } from '../gauge';
import type { CoreIs } from '../toy';

/** What one step uses up, beside the yarn that its part is worked in and the ends that it leaves. Lengths in mm. */
export type Use =
  | { what: 'eyes'; mm: number; washerMm: number; count: number; colour: string }
  | { what: 'nose'; widthMm: number; heightMm: number; washerMm: number; count: number; colour: string }
  /** felt discs that lie under washers */
  | { what: 'disc'; mm: number; count: number }
  | { what: 'felt'; colour: string; widthMm: number; heightMm: number; count: number }
  /** yarn of a colour that no part is worked in: strands, lines on the surface, pieces crocheted to be laid on */
  | { what: 'yarn'; colour: string; lengthMm: Ranged }
  | { what: 'hardware'; is: HangerIs; mm: number }
  | { what: 'core'; is: CoreIs; lengthMm: number; widthMm: number }
  | { what: 'needle'; mm: number }
  | { what: 'pins'; count: number }
  /** a small opening is filled with a stick */
  | { what: 'stick' };
