import type { Course, Place } from '../address';

/** A pair of posts in holes (decision 6): `centre` in stitches from the round's start, a multiple of a half. */
export interface PairPlace {
  /** the later of the two rounds between which the pair stands */
  course: Course;
  centre: { coord: number; of: number; by: 'marker' | 'chosen' };
  between: number;
  linked: boolean;
  /** shift of each post on purpose, in holes and rounds, from the linked place; shown, never scolded */
  offset: { left: [number, number]; right: [number, number] };
}

export type EyeMaking = 'safety eye' | 'embroidered';

export interface EyePair {
  kind: 'eyes';
  id: string;
  part: string;
  copy: string;
  pair: PairPlace;
  making: EyeMaking;
  eyeMm: number;
  washerMm: number;
  colour: string;
  /** how the maker counts the distance between posts; it is printed first */
  saidAs: 'stitches-between' | 'holes-showing' | 'mm-along' | 'mm-straight';
}

/** Embroidery through places of a part, e.g. a nose or whiskers; the thread goes from place to place. */
export interface Embroidery {
  kind: 'embroidery';
  id: string;
  name: string;
  part: string;
  copy: string;
  path: Place[];
  colour: string;
  strokes: number;
}

export type Feature = EyePair | Embroidery;
