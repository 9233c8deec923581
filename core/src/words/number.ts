import { language, type Language } from './language';

/** What a language writes between whole numbers and their tenths. `Intl` knows it too, but takes 35 ms of a page's or worker's start where it is asked for the first time. */
const DECIMAL_SIGN: Record<Language, string> = { en: '.', de: ',' };

/** A number that is already rounded, as it is read: `2.5`, in German `2,5`. For people, never for a file that a program reads. */
export const numberSaid = (n: number | string): string => String(n).replace('.', DECIMAL_SIGN[language()]);

/** A number with so many places behind its decimal sign. For people, never for a file that a program reads. */
export const decimals = (value: number, places: number): string => numberSaid(value.toFixed(places));
