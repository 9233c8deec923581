/** `plural(1, 'stitch', 'stitches')` -> "1 stitch". */
export function plural(n: number, one: string, many = `${one}s`): string {
  return `${n} ${n === 1 ? one : many}`;
}
