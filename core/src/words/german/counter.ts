import { counterIn } from '../plural';

/** `zahl(1, 'Masche', 'Maschen')` -> "1 Masche". */
export const zahl = counterIn('de');

export const maschen = (n: number): string => zahl(n, 'Masche', 'Maschen');
export const runden = (n: number): string => zahl(n, 'Runde', 'Runden');
export const teile = (n: number): string => zahl(n, 'Teil', 'Teile');
