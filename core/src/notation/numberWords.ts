/** Numbers written as words, each at its own index. */
export const NUMBERS = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
  'seventeen',
  'eighteen',
  'nineteen',
  'twenty',
];

/** Ordinals written as words, each at its own index. */
export const ORDINALS = [
  'zeroth',
  'first',
  'second',
  'third',
  'fourth',
  'fifth',
  'sixth',
  'seventh',
  'eighth',
  'ninth',
  'tenth',
  'eleventh',
  'twelfth',
];

/** What a number, an ordinal or the word of either counts: `7`, `9th`, `six`, `third`; -1 when it is none. */
export const numberSaid = (said: string): number =>
  /^\d/.test(said) ? Number.parseInt(said, 10) : Math.max(NUMBERS.indexOf(said), ORDINALS.indexOf(said));
