/** Hooks: diameter in mm with the US letter and number stamped on them. Source: the sizes stamped on hooks. */
export const HOOKS: readonly { mm: number; letter: string | null; number: string | null }[] = [
  { mm: 2, letter: null, number: null },
  { mm: 2.25, letter: 'B', number: '1' },
  { mm: 2.5, letter: null, number: null },
  { mm: 2.75, letter: 'C', number: '2' },
  { mm: 3, letter: null, number: null },
  { mm: 3.25, letter: 'D', number: '3' },
  { mm: 3.5, letter: 'E', number: '4' },
  { mm: 3.75, letter: 'F', number: '5' },
  { mm: 4, letter: 'G', number: '6' },
  { mm: 4.5, letter: null, number: '7' },
  { mm: 5, letter: 'H', number: '8' },
  { mm: 5.5, letter: 'I', number: '9' },
  { mm: 6, letter: 'J', number: '10' },
  { mm: 6.5, letter: 'K', number: '10.5' },
  { mm: 8, letter: 'L', number: '11' },
  { mm: 9, letter: 'M', number: '13' },
  { mm: 10, letter: 'N', number: '15' },
  { mm: 11.5, letter: 'P', number: '16' },
  { mm: 15, letter: 'Q', number: null },
  { mm: 19, letter: 'S', number: null },
];

export type HookSystem = 'mm' | 'letter' | 'number';

const LARGEST_HOOK_MM = 30;

/** The hook that sizes are drawn with while nobody has said one, mm: the middle of what worsted-like toys are made with. Nothing is checked by it. */
export const ASSUMED_HOOK_MM = 3;

/** A hook said in mm, as a US letter, as letter and number (`E-4`) or as a number sign and number (`#4`), in mm; `null` when it is none of these. */
export function hookMm(said: string): number | null {
  const plain = said.trim().toUpperCase();
  const byLetter = /^([A-Z])(?:[-/ ]?(?:\d+(?:\.5)?))?$/.exec(plain);
  if (byLetter) return HOOKS.find((h) => h.letter === byLetter[1])?.mm ?? null;
  const byNumber = /^(?:#|NO\.?\s*|SIZE\s+)(\d+(?:\.5)?)$/.exec(plain);
  if (byNumber) return HOOKS.find((h) => h.number === byNumber[1])?.mm ?? null;
  const mm = Number(plain.replace(/\s*MM$/, '').replace(',', '.'));
  return plain !== '' && Number.isFinite(mm) && mm > 0 && mm <= LARGEST_HOOK_MM ? mm : null;
}

/** A hook in the maker's own system; mm is always shown. */
export function hookName(mm: number, system: HookSystem): string {
  const known = HOOKS.find((h) => Math.abs(h.mm - mm) < 0.01);
  const own =
    system === 'letter' ? known?.letter : system === 'number' && known?.number ? `#${known.number}` : null;
  return own ? `${own} (${mm} mm)` : `${mm} mm`;
}
