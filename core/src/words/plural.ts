/** `plural(1, 'stitch', 'stitches')` -> "1 stitch". */
export function plural(n: number, one: string, many = `${one}s`): string {
  return `${n} ${n === 1 ? one : many}`;
}

/** With a capital, as a sentence begins. */
export const upperFirst = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
