import type { Course, Spot } from '../address';

/** What the middle of a face follows: opposite the marker at the pause, a place the maker chose, the middle of a colour patch, or a part sewn on (a join's id). */
export type CentreBy = 'marker' | 'chosen' | { patch: string } | { over: string };

/** A pair of posts (decision 6). Posts stand in holes, or through the middles of the stitches of one round. */
export interface PairPlace {
  /** the later of the two rounds between which the pair stands; for middles the round itself */
  course: Course;
  at: 'hole' | 'middle';
  /** `coord` in stitches from the round's start, a multiple of a half */
  centre: { coord: number; of: number; by: CentreBy };
  /** stitches from post to post: in holes these are the stitches between, in middles one more */
  between: number;
  linked: boolean;
  /** shift of each post on purpose, in holes and rounds, from the linked place; shown, never scolded. `left` is the lower-numbered post */
  offset: { left: [number, number]; right: [number, number] };
}

/** A part of an eye or nose that is not one with its post: an iris, a back. Each is a part for the safety check. */
export interface LoosePiece {
  name: string;
  /** the widest it measures, mm */
  mm: number;
}

/** A cut round of felt under an eye or a nose; the post goes through it. */
export interface FeltRound {
  mm: number;
  colour: string;
}

/** What a feature is on: a part, and the one copy that the maker picked, or all of them (decision 37). */
export interface OnPart {
  part: string;
  copy: string | null;
}

/** Whether a feature is on a piece. */
export const isOn = (feature: OnPart, piece: { part: string; copy: string }): boolean =>
  feature.part === piece.part && (feature.copy === null || feature.copy === piece.copy);

/** What pushes through the fabric and is held by a washer inside. mm. */
interface Hardware {
  postMm: number;
  washerMm: number;
  /** false where the washer is only in proportion to its eye: no table has one of that size, and nobody has said it */
  washerKnown?: boolean;
  loose: readonly LoosePiece[];
  colour: string;
  felt: FeltRound | null;
  /** the disc between fabric and washer, inside: as the fabric there needs it, none on purpose, or so many mm wide */
  backing: 'as needed' | 'none' | number;
}

export type EyeMaking = 'safety eye' | 'embroidered';

/** Two eyes. What they are made of can change and come back: the hardware stays written down. */
export interface EyePair extends Hardware, OnPart {
  kind: 'eyes';
  id: string;
  pair: PairPlace;
  making: EyeMaking;
  eyeMm: number;
  /** eyes at the sides of a head get no advice on their angle */
  look: 'front' | 'sides';
  /** how the maker counts the distance between posts; it is printed first */
  saidAs: 'stitches-between' | 'holes-showing' | 'mm-along' | 'mm-straight';
}

/** A nose on one post, or embroidered in the same outline. */
export interface Nose extends Hardware, OnPart {
  kind: 'nose';
  id: string;
  place: Spot;
  making: 'safety nose' | 'embroidered';
  widthMm: number;
  heightMm: number;
}

/** How the thread goes: from place to place, by twos, round its tacks as a curve, side by side over an outline, or as a knot at each. */
export const STITCHERIES = ['line', 'ticks', 'curve', 'satin', 'knots'] as const;
export type Stitchery = (typeof STITCHERIES)[number];

/** What an end of thread hangs on: the middle of the face (between the eyes, where there are some), an eye (the toy's own left or right), the nose, or a place of the fabric. */
export type ThreadFrom = 'face' | 'left eye' | 'right eye' | 'nose' | Spot;

/** Where the needle goes in, beside what it hangs on. */
export interface ThreadEnd {
  from: ThreadFrom;
  /** stitches to the side, a multiple of a half: outwards of an eye, else to the toy's own left */
  across: number;
  /** rounds down the face, a multiple of a half; on a head that lies, as far as rounds are high */
  down: number;
}

/** How far an end may lie from what it hangs on, in stitches and rounds, how large satin may be, and how much is in the needle; what a file may hold as well. */
export const MOST_STITCHED = { off: 200, satinMm: 500, strands: 24, passes: 50 } as const;

/** What is on the other side of the face: nothing, the mirror image, or places of its own on purpose. */
export type Twin = 'none' | 'mirrored' | readonly ThreadEnd[];

/** Outlines that satin fills about its first end. */
export const SATIN_SHAPES = ['oval', 'triangle'] as const;

/** What is put on a face by needle: its places hang on what is there, and it may be on the other side as well. */
export interface OnFace extends OnPart {
  id: string;
  name: string;
  ends: readonly ThreadEnd[];
  twin: Twin;
}

/** Before the fill, while the ends can be tied inside, or after it, with knots that are sunk. */
export const STITCHED_WHEN = ['before filling', 'after filling'] as const;

/** Embroidery on a part: the thread goes from end to end as its stitchery says. */
export interface Embroidery extends OnFace {
  kind: 'embroidery';
  how: Stitchery;
  when: (typeof STITCHED_WHEN)[number];
  /** what satin fills about its first end, mm; null where its ends are the outline */
  satin: { shape: (typeof SATIN_SHAPES)[number]; widthMm: number; heightMm: number } | null;
  /** of what, how many strands or plies of it in the needle, and how often it goes along each stretch */
  thread: { of: 'yarn' | 'floss'; strands: number; passes: number };
  colour: string;
}
