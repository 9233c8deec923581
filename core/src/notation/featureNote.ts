import { numberSaid, NUMBERS, ORDINALS } from './numberWords';

/** What a note says of a feature: `eyes between R9 and R10, 5 between`, `6 mm safety eyes`, `embroider the nose`. */
export interface FeatureNote {
  what: 'eyes' | 'nose' | 'mouth' | 'ears' | 'other';
  /** null when the note leaves it open; `other` where it is neither plastic nor thread, or both */
  making: 'safety eye' | 'embroidered' | 'other' | null;
  sizeMm: number | null;
  /** between two neighbouring rounds */
  rounds: [number, number] | null;
  /** on one round, in its stitches */
  onRound: number | null;
  /** how many, and what they count; two numbers where the note names a range */
  many: number[] | null;
  counted: 'between' | 'apart';
  holes: boolean;
  /** a distance in mm, cm, inches or degrees, as written */
  apart: string | null;
  /** words about the place that are not understood */
  unread: string | null;
}

const N = String.raw`(\d{1,3}|${NUMBERS.join('|')})`;
const TH = String.raw`(\d{1,3}(?:st|nd|rd|th)?|${ORDINALS.join('|')})`;
const ROUND = String.raw`(?:rounds?|rnds?|rds?|rows?|lines?|r)\s*\.?\s*`;
const AND = String.raw`\s*(?:and|&|\+|-|to|\/|·)\s*`;

const BETWEEN_ROUNDS = [
  new RegExp(
    String.raw`\b(?:in\s+)?(?:between|btwn?|betw\.?|b\/[wt]|at|in|on)\s+${ROUND}(\d{1,4})${AND}(?:${ROUND})?(\d{1,4})(?!\d|\.\d)`,
  ),
  // `R6/R7`, `R6-7`
  new RegExp(String.raw`(?<![a-z\d])r\s*(\d{1,4})\s*[\/&·-]\s*r?\s*(\d{1,4})(?![\d.])`),
  // `rnd 8/9`, `rd 7-8`
  /(?<![a-z])(?:rounds?|rnds?|rds?|rows?)\s*\.?\s*(\d{1,4})\s*[\/&·|-]\s*(\d{1,4})(?![\d.])/,
  // `between 8R and 9R`
  new RegExp(String.raw`\bbetween\s+(\d{1,4})\s*r${AND}(\d{1,4})\s*r\b`),
  // `between 10 and 11 rnd`
  new RegExp(String.raw`\bbetween\s+(\d{1,4})${AND}(\d{1,4})\s*(?:st|nd|rd|th)?\s*(?:rounds?|rnds?|rows?)\b`),
  new RegExp(
    String.raw`\b(?:between|at|in|on)\s+(?:the\s+)?${TH}${AND}(?:the\s+)?${TH}\s+(?:rounds?|rnds?|rows?|r)\b`,
  ),
];
/** `between 3 & 4`: numbers alone are rounds where they follow each other and no stitches are counted. */
const BETWEEN_NUMBERS =
  /(?:\b(?:between|btwn?|betw\.?|b\/[wt])|\b(?:at|in|on)(?=\s+\d{1,4}\s*\/\s*\d))\s+(\d{1,4})\s*(?:and|&|\+|-|\/)\s*(\d{1,4})(?![\d.,]?\d|\s*(?:sts?|stitch(?:es)?|sc|dc|hdc|x|mm|cm|in|inch(?:es)?|holes?|spaces?|degrees?|[a-z]+ (?:sts?|stitch(?:es)?))\b)/;
/** `at a distance of 14 stitches` */
const AT_A_DISTANCE = new RegExp(
  String.raw`\b(?:at a |with a )?(?:distance|gap|(?:inter)?space|spacing)(?: of)?:?\s*${N}\s*(st|sts|stitch|stitches|sc|dc|x|hole|holes|loop|loops)\b`,
);
const ON_ROUND = new RegExp(
  String.raw`\b(?:on|in|at|to|into|through|eyes?:?)\s+${ROUND}(\d{1,4})(?!\d|\.\d)`,
);
/** `in the 7th round` */
const ON_NTH_ROUND = new RegExp(
  String.raw`\b(?:on|in|at|into)\s+(?:the\s+)?(\d{1,3}(?:st|nd|rd|th)|${ORDINALS.slice(1).join('|')})\s+(?:round|rnd|rd|row)\b`,
);
/** A size stands before the eyes, or behind them in a bracket; "30 mm apart" is a distance. */
const SIZE =
  /(\d{1,2}(?:[.,]\d{1,2})?)\s*-?\s*mm\b(?!\s*(?:apart|between(?!\s+(?:r|rnds?|rounds?|rows?)\s*\d)|from|in between|down|below|above|washers?|felt|straight|along|long|tail))/;
/** `3.5 mm, dk, 8 mm black eyes`: the size that stands with the eyes is theirs. */
const SIZE_OF_EYES =
  /(?<![\d.,])(\d{1,2}(?:[.,]\d{1,2})?)\s*-?\s*mm\s+(?:(?!hooks?\b)[a-z]{2,12}\s+){0,3}eyes?\b/;
const MANY = new RegExp(
  String.raw`(?:(?<![\d.])${N}\s*(?:-|to|or)\s*)?(?<![\d.])${N}\s*(?:(?:visible|empty|free|clear|whole|full|“visible”|"visible")\s+)?(?:(st|sts|stitch|stitches|sc|dc|hdc|x|hole|holes|space|spaces)\.?\s*)?(?:of space\s+)?(?:in\s*)?(between|apart|from each other|showing|visible|on|(?:of\s+)?(?:space|distance|gap|room)(?!\s+between))\b`,
);
const OTHER_UNIT = /(\d{1,3}(?:[.,]\d{1,2})?)\s*(mm|cm|in|inch|inches|"|°|degrees?)\s*apart/;
/** The eyes are only what something else is measured from. */
const REFERENCE =
  /\b(?:between|below|under|above|over|beside|from|of|near|around|round|to|with|and|than|at|behind|outside|inside|(?<!\btime\s)for)\s+(?:(?:the|both|each|your|these|either|one|where the)\s+)*(?:two\s+)?eyes?\b/g;
const NO_EYE =
  /\beye(?:s)? of (?:the|a|your) needle\b|\bneedle'?s? eye\b|\beyelets?\b|\beye(?:brow|lash|lid)s?\b|\bkeep (?:an|your) eyes?\b|\beye (?:round|line)\b|\bby eye\b|\b(?:an|your) eye on\b/g;
const OTHERS: readonly (readonly [FeatureNote['what'], RegExp])[] = [
  ['nose', /\bnoses?\b/],
  ['mouth', /\b(?:mouth|smile|grin|lips?)\b/],
  ['ears', /\bears?\b/],
  [
    'other',
    /\b(?:muzzle|snout|beak|cheeks?|eye ?brows?|brows?|eye ?lash(?:es)?|lashes|whiskers?|arms?|legs?|tail|wings?|horns?|fins?|hair|nostrils?|freckles?|spots?)\b/,
  ],
];
/** Words of a distance that is said in a way that is not read. */
const DISTANCE =
  /\b(?:apart|between|spaces?|distance|showing|visible|cm|inch(?:es)?|degrees|finger|width|next to each other|close together|side by side|halfway|centred|centered)\b|°/;
/** Stitches whose part in a distance is not said: `eyes rd 7-8 / 6 sts`. */
const SOME_STITCHES = /\d\s*(?:sts?|stitch(?:es)?)\b/;
/** Where the work begins, and no place of a nose. */
const BEGINS_AT =
  /\b(?:work(?:ed|ing)?|start(?:s|ed|ing)?|begin(?:s|ning)?|made|crocheted)\s+(?:at|from|with)\s+(?:the\s+)?(?:tip of (?:the\s+)?)?(?:nose|mouth)\b/g;
const LONGEST = 400;

/**
 * What a note in lower case says of eyes, a nose, a mouth or ears: `eyes between R9 and R10, 5 between`, `insert 6 mm safety
 * eyes`, `embroider the nose`. What it says of the place and is not read stands in `unread`. Null when it speaks of none of them.
 */
export function featureIn(note: string): FeatureNote | null {
  const plain = note
    .slice(0, LONGEST)
    .replace(/\s+/g, ' ')
    .replace(/[’]/g, "'")
    .replace(BEGINS_AT, ' ')
    .replace(/\bbet\.?\s(?=(?:r|rnds?|rounds?)?\s?\d)/g, 'between ')
    .replace(/(?<=\d)\s+n\s+(?=\d)/g, ' and ')
    .replace(/\baway from each other\b/g, 'apart')
    .replace(/(?<=\b(?:sts?|stitch(?:es)?|sc|dc)\s)space\s+(?=between\b)/g, '')
    .replace(/(?<=\b(?:with|leaving)\s\S{1,6}\s(?:sts?|stitch(?:es)?|sc|dc)\s)in the middle\b/g, 'between');
  const what = subjectOf(plain);
  if (!what) return null;
  const making = makingOf(plain);
  const size = (what === 'eyes' && SIZE_OF_EYES.exec(plain)) || SIZE.exec(plain);
  const rounds = roundsIn(plain);
  const rest =
    [rounds?.said, size?.[0]].reduce(
      (text, piece) => (piece ? (text ?? '').replace(piece, ' ; ') : text),
      plain,
    ) ?? plain;
  const far = distanceIn(rest);
  // The words that speak of other things than the pair are no part of its distance.
  const left = far.said ? rest.replace(far.said, ' ; ') : rest;
  const open = left
    .replace(REFERENCE, ' ')
    .replace(/\bin between\b|\bbetween (?:them|each|the posts|both)\b/g, ' ');
  const nothing = far.many === null && far.apart === null;
  const counted = what === 'eyes' && SOME_STITCHES.test(open);
  const unreadFar = nothing && (counted || DISTANCE.test(open)) ? left.trim() : null;
  const unreadRounds = rounds === null && /\b(?:rounds?|rnds?|rows?|r\d)\b/.test(left) ? left.trim() : null;
  return {
    what,
    making,
    sizeMm: size ? Number(size[1].replace(',', '.')) : null,
    rounds: rounds && 'pair' in rounds ? rounds.pair : null,
    onRound: rounds && 'one' in rounds ? rounds.one : null,
    many: far.many,
    counted: far.counted,
    holes: far.holes,
    apart: far.apart,
    unread: tidy(unreadRounds ?? unreadFar),
  };
}

const tidy = (words: string | null): string | null =>
  words === null ? null : words.replace(/^[\s;,.:-]+|[\s;,.:-]+$/g, '').replace(/\s*;\s*/g, ' … ') || null;

function subjectOf(plain: string): FeatureNote['what'] | null {
  const bare = plain.replace(NO_EYE, (m) => (/brow|lash|lid/.test(m) ? 'lashes' : ' '));
  const noReference = bare.replace(REFERENCE, ' ');
  const others = OTHERS.filter(([, words]) => words.test(noReference)).map(([what]) => what);
  const eyes = /\beyes?\b/.exec(noReference);
  const first = (words: RegExp) => words.exec(noReference)?.index ?? Infinity;
  // "Nose below the eyes" is about the nose; "eyes two rounds above the snout" about the eyes.
  if (
    eyes &&
    OTHERS.every(
      ([, words]) =>
        eyes.index <= first(words) ||
        /\b(?:above|below|beside|under|from|of|over)\s+(?:the\s+)?$/.test(noReference.slice(0, first(words))),
    )
  )
    return 'eyes';
  if (eyes) return others[0] ?? 'eyes';
  // Arms and tails are a matter of joins; a note about them is told of only where it speaks of the face as well.
  const mentions = /\beyes?\b|lash|brow|cheek|whisker|muzzle|snout|beak|nostril|freckle/.test(bare);
  return others.find((what) => what !== 'other' || mentions) ?? null;
}

function makingOf(plain: string): FeatureNote['making'] {
  const said: FeatureNote['making'][] = [
    ...(/\b(?:embroider(?:ed|y|ing)?|stitch(?:ed)? (?:the |on |in |some )?(?:two )?(?:eyes?|nose|mouth)|sew (?:the |on |in |some )?(?:eyes?|nose|mouth) (?:with|using)|(?:black|brown|dark|embroidery) (?:thread|floss|yarn)|thread eyes|yarn eyes|french knots?|satin stitch|backstitch(?:ed)?)\b/.test(
      plain,
    )
      ? ['embroidered' as const]
      : []),
    ...(/\b(?:safety|plastic)\s+(?:eyes?|noses?)\b|\bpostit\b|\b(?:eyes?|noses?) \((?:safety|plastic)\)/.test(
      plain,
    )
      ? ['safety eye' as const]
      : []),
    ...(/\b(?:felt|buttons?|beads?|crochet(?:ed)? eyes?|glass|googly|sequins?|painted?|glued?|glue)\b/.test(
      plain,
    )
      ? ['other' as const]
      : []),
  ];
  return said.length === 1 ? said[0] : said.length > 1 ? 'other' : null;
}

function roundsIn(plain: string): ({ said: string } & ({ pair: [number, number] } | { one: number })) | null {
  for (const pattern of BETWEEN_ROUNDS) {
    const found = pattern.exec(plain);
    if (!found) continue;
    const [a, b] = [numberSaid(found[1]), numberSaid(found[2])];
    return Math.abs(a - b) === 1 ? { said: found[0], pair: [Math.min(a, b), Math.max(a, b)] } : null;
  }
  const bare = BETWEEN_NUMBERS.exec(plain);
  if (bare && Number(bare[2]) === Number(bare[1]) + 1)
    return { said: bare[0], pair: [Number(bare[1]), Number(bare[2])] };
  const one = ON_ROUND.exec(plain) ?? ON_NTH_ROUND.exec(plain);
  return one ? { said: one[0], one: numberSaid(one[1]) } : null;
}

/** How far apart, in the words' own counting. */
function distanceIn(
  rest: string,
): Pick<FeatureNote, 'many' | 'counted' | 'holes' | 'apart'> & { said: string | null } {
  const unit = OTHER_UNIT.exec(rest);
  if (unit) return { many: null, counted: 'apart', holes: false, apart: unit[0], said: unit[0] };
  const none = { many: null, counted: 'between' as const, holes: false, apart: null, said: null };
  const found = MANY.exec(rest);
  const distance = found ? null : AT_A_DISTANCE.exec(rest);
  if (distance)
    return {
      many: [numberSaid(distance[1])],
      // A distance is from eye to eye, a space lies between them.
      counted: /\b(?:gap|(?:inter)?space)\b/.test(distance[0].slice(0, distance[0].indexOf(distance[1])))
        ? 'between'
        : 'apart',
      holes: /^hole/.test(distance[2]),
      apart: null,
      said: distance[0],
    };
  if (!found) return none;
  const { 1: low, 2: high, 3: word, 4: counted } = found;
  const many = [...(low ? [numberSaid(low)] : []), numberSaid(high)];
  return {
    many,
    counted: /^(?:apart|from each other|on)$|distance/.test(counted) ? 'apart' : 'between',
    holes: /^(?:hole|space)/.test(word ?? ''),
    apart: null,
    said: found[0],
  };
}
