import { counterIn } from '@hoppla/core/words';

/** `zahl(1, 'Masche', 'Maschen')` -> "1 Masche". */
export const zahl = counterIn('de');

export const maschen = (n: number): string => zahl(n, 'Masche', 'Maschen');
export const teile = (n: number): string => zahl(n, 'Teil', 'Teile');
export const figuren = (n: number): string => zahl(n, 'Figur', 'Figuren');
