/** US hook letters and the diameters printed beside them, mm. Source: the letter sizes stamped on hooks. */
const LETTERS: Record<string, number> = { B: 2.25, C: 2.75, D: 3.25, E: 3.5, F: 3.75, G: 4, H: 5, I: 5.5, J: 6, K: 6.5, L: 8 };

/** A hook said in mm or as a US letter, in mm; `null` when it is neither. */
export function hookMm(said: string): number | null {
  const letter = LETTERS[said.trim().toUpperCase()];
  const mm = Number(said.replace(/mm$/i, '').trim());
  return letter ?? (Number.isFinite(mm) && mm > 0 && mm <= 30 ? mm : null);
}
