/** Where a part usually stands on its host, by what it is called. */
export interface UsualPlace {
  /** words of its name, in the singular */
  names: readonly string[];
  /** what its host is called */
  on: 'head' | 'body';
  /** round from the face, degrees; 90 is the side */
  turnDeg: number;
  /** share of the host's height from its lowest point */
  height: number;
  /** the direction of the toy it points; null straight out */
  way: 'up' | 'down' | 'forward' | 'back' | 'side' | null;
  /** sewn flat where nothing fills it */
  flatWhenEmpty: boolean;
}

/** Source: how toys of these parts are put together; judged, an offer that the maker moves. */
export const USUAL_PLACES: readonly UsualPlace[] = [
  { names: ['ear'], on: 'head', turnDeg: 88, height: 0.84, way: 'up', flatWhenEmpty: true },
  {
    names: ['horn', 'antler', 'stalk', 'antenna', 'feeler', 'tuft', 'comb'],
    on: 'head',
    turnDeg: 60,
    height: 0.93,
    way: 'up',
    flatWhenEmpty: true,
  },
  {
    names: ['snout', 'muzzle', 'nose', 'beak', 'bill', 'trunk'],
    on: 'head',
    turnDeg: 0,
    height: 0.36,
    way: 'forward',
    flatWhenEmpty: true,
  },
  { names: ['cheek'], on: 'head', turnDeg: 45, height: 0.35, way: null, flatWhenEmpty: true },
  { names: ['mane', 'hat', 'cap'], on: 'head', turnDeg: 180, height: 0.9, way: 'up', flatWhenEmpty: true },
  {
    names: ['arm', 'hand', 'flipper'],
    on: 'body',
    turnDeg: 84,
    height: 0.8,
    way: 'down',
    flatWhenEmpty: true,
  },
  { names: ['wing'], on: 'body', turnDeg: 100, height: 0.75, way: 'down', flatWhenEmpty: true },
  { names: ['fin'], on: 'body', turnDeg: 90, height: 0.5, way: 'side', flatWhenEmpty: true },
  {
    names: ['leg', 'foot', 'paw'],
    on: 'body',
    turnDeg: 42,
    height: 0.12,
    way: 'forward',
    flatWhenEmpty: false,
  },
  { names: ['tail'], on: 'body', turnDeg: 180, height: 0.14, way: 'back', flatWhenEmpty: true },
  { names: ['shell', 'pouch'], on: 'body', turnDeg: 180, height: 0.5, way: null, flatWhenEmpty: true },
];

/** A part of no known name: a pair on both sides, one alone in front, half way up. */
export const UNKNOWN_PLACE: UsualPlace = {
  names: [],
  on: 'body',
  turnDeg: 65,
  height: 0.5,
  way: null,
  flatWhenEmpty: false,
};

/** One of what a plural names. */
export const singular = (word: string): string => (word === 'feet' ? 'foot' : word.replace(/s$/, ''));

/** Where a part of this name usually stands; null when its name tells nothing. */
export function usualPlaceOf(name: string): UsualPlace | null {
  const words = name
    .toLowerCase()
    .split(/[^a-z]+/)
    .map(singular);
  return USUAL_PLACES.find((p) => p.names.some((n) => words.includes(n))) ?? null;
}

/** Whether a part of this name is a head or a body. */
export function trunkOf(name: string): 'head' | 'body' | null {
  const words = name
    .toLowerCase()
    .split(/[^a-z]+/)
    .map(singular);
  if (words.includes('head')) return 'head';
  return words.some((w) => ['body', 'torso', 'belly'].includes(w)) ? 'body' : null;
}
