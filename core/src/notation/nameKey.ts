import { plainSigns } from './lexer';

/** “Wing”, “wings” and “wing 2” are one part. */
export const nameKey = (name: string): string =>
  plainSigns(name)
    .trim()
    .replace(/\s*\d+$/, '')
    .replace(/^(the|a) /, '')
    .replace(/s$/, '');
