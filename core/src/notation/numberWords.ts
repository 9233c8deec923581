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

const TENS = ['twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];

/** What a number, an ordinal or the word of either counts: `7`, `9th`, `six`, `third`; -1 when it is none. */
export const numberSaid = (said: string): number =>
  /^\d/.test(said) ? Number.parseInt(said, 10) : Math.max(NUMBERS.indexOf(said), ORDINALS.indexOf(said));

/** The number of a word or of two with a dash: `six`, `thirty`, `twenty-four`; -1 when it is none. */
export function wordNumber(said: string): number {
  const [tens, ones] = said.split(/[\s-]+/);
  const ten = TENS.indexOf(tens);
  if (ten < 0) return ones === undefined ? NUMBERS.indexOf(said) : -1;
  const one = ones === undefined ? 0 : NUMBERS.indexOf(ones);
  return one < 0 || one > 9 ? -1 : 20 + 10 * ten + one;
}

/** A number in digits or words, as a piece of a pattern. */
export const NUMBER_PATTERN = String.raw`(?:\d{1,4}|(?:${TENS.join('|')})(?:[ -](?:${NUMBERS.slice(1, 10).join('|')}))?|${NUMBERS.slice(1).reverse().join('|')})`;

/** What `NUMBER_PATTERN` found, as a number. */
export const countSaid = (said: string): number => (/^\d/.test(said) ? Number(said) : wordNumber(said));
