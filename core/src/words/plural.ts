import type { Language } from './language';

/** How many of something, in the form that a language has for that number (the rules of `Intl`). */
export function counterIn(of: Language) {
  const rules = new Intl.PluralRules(of);
  return (n: number, one: string, many: string): string => `${n} ${rules.select(n) === 'one' ? one : many}`;
}

const counted = counterIn('en');

/** `plural(1, 'stitch', 'stitches')` -> "1 stitch". */
export const plural = (n: number, one: string, many = `${one}s`): string => counted(n, one, many);

/** How a name of one's own stands inside a sentence: English takes the capital off, languages that write nouns with one do not. */
export const inSentence = { name: (words: string) => words.toLowerCase() };

/** With a capital, as a sentence begins. */
export const upperFirst = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
