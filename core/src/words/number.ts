import { language, type Language } from './language';

const signs = new Map<Language, string>();

/** What a language writes between whole numbers and their tenths. */
function decimalSign(of: Language): string {
  const known = signs.get(of);
  if (known !== undefined) return known;
  const parts = new Intl.NumberFormat(of).formatToParts(0.5);
  const sign = parts.find((p) => p.type === 'decimal')?.value ?? '.';
  signs.set(of, sign);
  return sign;
}

/** A number that is already rounded, as it is read: `2.5`, in German `2,5`. For people, never for a file that a program reads. */
export const numberSaid = (n: number | string): string => String(n).replace('.', decimalSign(language()));

/** A number with so many places behind its decimal sign. For people, never for a file that a program reads. */
export const decimals = (value: number, places: number): string => numberSaid(value.toFixed(places));
