/** `4`, or `4-6` where a range has several rounds. */
export const range = (from: number, to: number, dash: string): string =>
  from === to ? String(from) : `${from}${dash}${to}`;

const WORDS =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen twenty'.split(
    ' ',
  );
/** `six`; from twenty on in digits. */
export const said = (n: number): string => WORDS[n] ?? String(n);
