// How the headings of parts are set off from what stands round them.

/** A heading with a full stop. */
export const SHORT_HEAD =
  /^(?!Ch(?:ain)?\b)\p{Lu}[^.!?]{2,36}\.(?:\s+(?:Start|Begin|Work|Worked)[^.!?]{2,40}\.)?\s*$/u;

/** What may stand between a heading and its work: `Ears:`, `Radish.`, `TAIL -`, `HEAD—`, `Comb.--`, `for the head we ...`. */
export const HEADING_ENDS =
  /(?:[:.]|\s[-\u2010-\u2015])\s+(?=\S)|[\u2014\u2015](?=\S)|\.(?:--|[-\u2014])\s?(?=\S)|\t(?=\d+\t)|(?<=[)\]])\s+(?=(?:using|with)\s)|(?<=\bfor\s(?:the|his|her|its|their|my)\s[a-z]{2,20}),?\s(?=(?:we|you|i)\s)/gi;

/** `- SHELL TOP - (sand)`: a heading between dashes is no point of a list. */
export const WRAPPED = /^\s*-+\s+[^-]+\s-+(?:\s|$)|^\s*-{2,}[^\s-][^-]*-{2,}(?:\s|$)/;
