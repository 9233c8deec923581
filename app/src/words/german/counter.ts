import { counterIn } from '@hoppla/core/words';

/** `zahl(1, 'Masche', 'Maschen')` -> "1 Masche". */
export const zahl = counterIn('de');

/** Was ein Wort des Hauses auf Deutsch heißt; eines, das nicht dabei ist, bleibt. */
export const wort =
  (words: Readonly<Record<string, string>>) =>
  (word: string): string =>
    words[word] ?? word;

export const maschen = (n: number): string => zahl(n, 'Masche', 'Maschen');
export const teile = (n: number): string => zahl(n, 'Teil', 'Teile');
export const figuren = (n: number): string => zahl(n, 'Figur', 'Figuren');
