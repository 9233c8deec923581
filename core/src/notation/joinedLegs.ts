import type { Phrase } from './joinedEdges';

/** A piece by its number, of those that are worked on together round their edges: `the first leg`, `fin 2`, `other half`; arms and ears are caught. */
const NOUN = '(?:legs?|foot|feet|fins?|hal(?:f|ves)|pieces?|lobes?|flukes?|toes?|humps?|bumps?|trousers?)';
const PIECE = String.raw`(?:the\s+)?(?:(?:first|second|other|1st|2nd)\s+${NOUN}|${NOUN}\s+#?[12])(?![a-z\d])`;
const STITCH = '(sc|dc|hdc|htr)';
const SIDE = String.raw`(?:(?:the|those|these)\s+)?(?:(?:other|opposite|second|back|front)\s+side\s+of\s+(?:(?:the|those|these)\s+)?)?`;
const CHAIN = String.raw`${SIDE}ch(?:-\d{1,2}|ains?|s)?(?![a-z]|\s*\d)(?:\s+(?:sts?|space|sp))?`;
const SO_MANY_CHAINS = String.raw`(?:each\s+of\s+)?${SIDE}(\d{1,2})\s+ch(?:ains?|s)?(?![a-z])`;
const ON = '(?:a?round|along|across|over|into|in|on|of)';
/** What is worked over a piece catches it. */
const ON_PIECE = '(?:a?round|along|across|into|in|on|of)';

const MENTIONS = new RegExp(String.raw`\b${PIECE}`, 'g');
const CHAINED = /\bch(?:ain)?\s?\d/;
/** A clause that is worked along the chain between two pieces. */
const ALONG = new RegExp(
  String.raw`\b(?:(?:\d{1,2}\s?)?(?:sc|dc|hdc|htr)(?:\s\d{1,2})?)\s+${ON}\s+(?:(?:each\s+of\s+|each\s+)?${CHAIN}|${SO_MANY_CHAINS})`,
  'g',
);

/** Whether a round joins pieces: it names two of them by their numbers, or one and the chain between them. `plain` in lower case. */
export function joinsPieces(plain: string): boolean {
  const named = plain.match(MENTIONS)?.length ?? 0;
  return named > 1 || (named === 1 && CHAINED.test(plain));
}

/** What is worked on each piece and along the chain, as so many stitches; the names of the pieces make none. */
const WORKED: readonly Phrase[] = [
  // `(on second leg)`, `with the second leg on the hook`
  {
    said: new RegExp(
      String.raw`(?<=^\s*|[:.)]\s{1,9})\(?(?:(?:working|continuing|now)\s+)?(?:with|on|from)\s+${PIECE}(?:\s+(?:still\s+)?on\s+(?:the|your)\s+hook)?\s*[),:]?`,
      'g',
    ),
    tersely: '',
  },
  // `12 sc around the first leg`, `sc 12 on leg 2`
  {
    said: new RegExp(String.raw`\b(\d{1,3})\s?${STITCH}\s+${ON_PIECE}\s+${PIECE}`, 'g'),
    tersely: (count, stitch) => `${count} ${stitch}`,
  },
  {
    said: new RegExp(String.raw`\b${STITCH}\s(\d{1,3})\s+${ON_PIECE}\s+${PIECE}`, 'g'),
    tersely: (stitch, count) => `${stitch} ${count}`,
  },
  // `sc in next 12 sts of leg 1`
  {
    said: new RegExp(
      String.raw`\b${STITCH}\s+(?:in|into)\s+(?:each\s+of\s+)?(?:the\s+)?(?:next\s+)?(\d{1,3})\s+(?:sts?|stitches|sc|dc)\s+${ON_PIECE}\s+${PIECE}`,
      'g',
    ),
    tersely: (stitch, count) => `${stitch} ${count}`,
  },
  // `sc in each st around leg 1 (12)`, `sc around leg 2 (12 sc)`
  {
    said: new RegExp(
      String.raw`\b${STITCH}\s+(?:(?:in|into)\s+(?:each|every|all)\s+(?:st|stitch|sts|stitches|sc|dc)\s+)?${ON_PIECE}\s+${PIECE}\s*[([]\s?(\d{1,3})\s*(?:sts?|sc|dc)?\s?[)\]]`,
      'g',
    ),
    tersely: (stitch, count) => `${stitch} ${count}`,
  },
  // `3 sc along the other side of the chain`, `sc 3 on ch`, `sc in each of 3 ch`, `sc in each ch (3)`
  {
    said: new RegExp(String.raw`\b(\d{1,2})\s?${STITCH}\s+${ON}\s+(?:each\s+of\s+)?${CHAIN}`, 'g'),
    tersely: (count, stitch) => `${count} ${stitch}`,
  },
  {
    said: new RegExp(String.raw`\b${STITCH}\s(\d{1,2})\s+${ON}\s+${CHAIN}`, 'g'),
    tersely: (stitch, count) => `${stitch} ${count}`,
  },
  {
    said: new RegExp(String.raw`\b${STITCH}\s+${ON}\s+${SO_MANY_CHAINS}`, 'g'),
    tersely: (stitch, count) => `${stitch} ${count}`,
  },
  {
    said: new RegExp(String.raw`\b${STITCH}\s+${ON}\s+(?:each\s+)?${CHAIN}\s*[([]\s?(\d{1,2})\s?[)\]]`, 'g'),
    tersely: (stitch, count) => `${stitch} ${count}`,
  },
];

/** The chain between two pieces that is worked along twice in the same round is no stitch of its own. */
const CHAIN_BETWEEN: Phrase = {
  said: new RegExp(
    String.raw`\bch(?:ain)?\s?\d{1,2}\s*,?\s*(?:(?:and|then)\s+)*(?:join\s+(?:it\s+)?(?:to|with|into)\s+${PIECE}(?!\s+with\s+(?:an?\s+|1\s+)?(?:sc|dc))\s*,?|(?=join\b)|,|(?=\d|sc|dc))`,
    'g',
  ),
  tersely: '',
};

/** The phrases that put a round tersely which joins pieces; none for any other. */
export function ofJoinedPieces(text: string): readonly Phrase[] {
  if (!joinsPieces(text)) return [];
  const along = text.match(ALONG)?.length ?? 0;
  return along > 1 ? [...WORKED, CHAIN_BETWEEN] : WORKED;
}
