/**
 * What a record holds under a word that somebody wrote, and nothing else: `constructor` is a word like any other. Every look-up by a word
 * of a text, a file or a cable goes through here.
 */
export const own = <T>(record: Readonly<Record<string, T>>, word: string): T | undefined =>
  Object.hasOwn(record, word) ? record[word] : undefined;
