import type { Spot } from '../address';
import { HANGER_GRAMS_PER_MM2 } from '../figures';
import type { OnPart } from './feature';
import type { FeatureKind } from './kinds';

export type HangerIs = 'split ring' | 'clip' | 'bell';
export const HANGERS: readonly HangerIs[] = ['split ring', 'clip', 'bell'];

/** What holds a ring, a clip or a bell: the starting tail, a loop of chain worked on, or stitches of its own. */
export type HeldBy = 'starting tail' | 'loop of chain' | 'sewn in';
export const HELD_BY: readonly HeldBy[] = ['starting tail', 'loop of chain', 'sewn in'];

/** A ring, a clip or a bell on a part. */
export interface Hanger extends OnPart {
  kind: 'hanger';
  id: string;
  is: HangerIs;
  /** the widest it measures, mm */
  mm: number;
  place: Spot;
  by: HeldBy;
  /** chain stitches of the loop, where one holds it; or the part of the toy that is that chain */
  loop: { chain: number } | { part: string };
}

/** The part that is the loop of a ring: it is held by that. */
export const loopPart = (f: Pick<Hanger, 'by' | 'loop'>): string | null =>
  f.by === 'loop of chain' && 'part' in f.loop ? f.loop.part : null;

export const hanger: FeatureKind<Hanger> = {
  onRounds: (f, of) => ({ ...f, place: { ...f.place, course: of(f.part)(f.place.course) } }),
  parts: (f) => ('part' in f.loop ? [f.part, f.loop.part] : [f.part]),
  spots: (f) => [f.place],
  thing: () => null,
  grams: ({ mm }) => HANGER_GRAMS_PER_MM2.value * mm * mm,
};
