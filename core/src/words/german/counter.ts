import { counterIn } from '../plural';

/** `zahl(1, 'Masche', 'Maschen')` -> "1 Masche". */
export const zahl = counterIn('de');

/** What a word of the house is called in German; a word that is not among them stays. */
export const wort =
  (words: Readonly<Record<string, string>>) =>
  (word: string): string =>
    words[word] ?? word;

export const maschen = (n: number): string => zahl(n, 'Masche', 'Maschen');
export const runden = (n: number): string => zahl(n, 'Runde', 'Runden');
export const teile = (n: number): string => zahl(n, 'Teil', 'Teile');
