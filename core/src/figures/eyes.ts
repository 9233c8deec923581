/** eye, post and washer in mm */
export const EYES: readonly { eyeMm: number; postMm: number; washerMm: number }[] = [
  { eyeMm: 5, postMm: 2.5, washerMm: 8 },
  { eyeMm: 6, postMm: 3, washerMm: 9 },
  { eyeMm: 8, postMm: 3.5, washerMm: 11 },
  { eyeMm: 9, postMm: 4, washerMm: 12 },
  { eyeMm: 10, postMm: 4, washerMm: 12 },
  { eyeMm: 12, postMm: 4.5, washerMm: 14 },
  { eyeMm: 14, postMm: 5, washerMm: 16 },
  { eyeMm: 15, postMm: 5, washerMm: 17 },
  { eyeMm: 18, postMm: 6, washerMm: 20 },
];

/** Mass of one eye in g by its width in mm: on the line through these two, never under nothing. Source: house figures, "Balance". */
export const EYE_GRAMS = [
  { eyeMm: 6, grams: 0.3 },
  { eyeMm: 15, grams: 2 },
] as const;

/** A backing disc of felt is wider than its washer by at least this, mm. Source: the house's safety page, "washer and fabric". */
export const DISC_OVER_WASHER_MM = 8;

/** Eyes that are sold; those that have no row of their own take the row beside them, or are told not to be known. Source: what shops list. */
export const EYE_SIZES_MM = [5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 18, 20] as const;

/** Discs that are sold to go inside, mm. Source: what shops list. */
export const DISCS_MM = [19, 22] as const;
