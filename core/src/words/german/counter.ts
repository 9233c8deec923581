import { counterIn } from '../plural';

/** `zahl(1, 'Masche', 'Maschen')` -> "1 Masche". */
export const zahl = counterIn('de');

/** What a word of the house is called in German; a word that is not among them stays. */
export const wort =
  (words: Readonly<Record<string, string>>) =>
  (word: string): string =>
    words[word] ?? word;

/** Wie etwas gefüllt ist. */
export const gefuellt = wort({
  empty: 'leer',
  soft: 'weich',
  medium: 'mittel',
  firm: 'fest',
  'yarn ends': 'Garnreste',
});

export const maschen = (n: number): string => zahl(n, 'Masche', 'Maschen');
export const runden = (n: number): string => zahl(n, 'Runde', 'Runden');
export const teile = (n: number): string => zahl(n, 'Teil', 'Teile');
