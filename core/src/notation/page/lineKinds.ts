import { factsOf, soundsLikeWork } from '../notes';
import type { FeatureNote } from '../featureNote';
import type { Fact, HeadingNode, LineNode, RoundNode } from '../syntax';

/** What a line of a page is. */
export type LineKind =
  | 'blank'
  | 'title'
  | 'materials'
  | 'legend'
  | 'heading'
  | 'round'
  | 'note'
  | 'placement'
  | 'colour'
  | 'pause'
  | 'ending'
  | 'assembly'
  | 'remark'
  | 'unread';

/** What a maker can say that a line is: the heading of a part, work, a note of its part, what is done at the end, only words. */
export const LINE_MEANINGS = ['heading', 'round', 'note', 'assembly', 'remark'] as const;

export type LineMeaning = (typeof LINE_MEANINGS)[number];

/** What both ways of reading a heading say: the terse form of the house tells a hook and a colour of any name. */
export function both(said: HeadingNode, told: HeadingNode): HeadingNode {
  const named =
    told.colour !== null &&
    !/\b(?:piece|rounds?|rows?|spiral|work(?:ed)?|no|not|cut(?:ting)?|from|straight|begun|start(?:ed|ing)?|flat|bottom|top)\b/.test(
      told.colour,
    );
  const colour = said.colour ?? (named && said.colours === null ? told.colour : null);
  return { ...said, hook: told.hook ?? said.hook, colour };
}

/** What a line outside the parts offers: lists of what is needed name a hook, and sizes of eyes that are read with the materials. */
export function offersOf(words: string, as: LineKind): Fact[] {
  const kinds = as === 'assembly' ? ['feature'] : ['hook', 'ring'];
  return factsOf(words).filter((f) => kinds.includes(f.fact));
}

/** What a line decides besides its rounds. */
export function factsOfNode(node: LineNode): readonly Fact[] {
  if (node.type === 'note') return node.facts;
  return node.type === 'round' || node.type === 'repeat'
    ? [...(node.before ?? []), ...(node.facts ?? [])]
    : [];
}

/** The features that a line speaks of, in a note or beside a round. */
export const featuresIn = (node: LineNode): FeatureNote[] => {
  // A note is read as a whole: where the eyes go may stand in its second sentence.
  if (node.type === 'note') return node.feature ? [node.feature] : [];
  return factsOfNode(node).flatMap((f) => (f.fact === 'feature' ? [f.feature] : []));
};

/** A heading that tells more than a name: how many, a hook, which end. */
export const isTold = (node: Extract<LineNode, { type: 'heading' }>): boolean =>
  node.make > 1 ||
  node.hook !== null ||
  node.ringIs !== null ||
  node.mirrored ||
  node.colour !== null ||
  node.yarn !== null;

export const isWork = (node: RoundNode): boolean =>
  node.items.some((i) => i.type !== 'sign' && i.type !== 'unknown') || node.stated !== null;

/** Work that begins from nothing: a ring, a loop, a chain; a sentence about chains is none. */
export const starts = (node: RoundNode): boolean =>
  node.items.some((i) => i.type === 'start') ||
  (node.label === null &&
    node.items.length > 0 &&
    node.items.every((i) => i.type === 'sign' || (i.type === 'stitch' && i.kind === 'ch')) &&
    node.items.some((i) => i.type === 'stitch' && i.times !== 1));

/** `* a remark`, `by somebody` */
export const NO_HEADING = /^\s*(?:\*(?!.*\*\s*$|\*[^*]+\*\*)|(?:designed\s+)?by\s)/;

/** `Ears: Start with a magic ring.`: what stands behind a name whose first round is below it. */
export const RING_ALONE =
  /^\s*(?:to\s+)?(?:start|begin|make)\s+(?:off\s+)?(?:with\s+)?an?\s+(?:magic|adjustable|sliding)\s+(?:ring|circle|loop)\s*\.?\s*$/;

/** The first round of a part, every word of it read. */
export const startsPart = (node: LineNode): boolean =>
  (node.type === 'repeat' && node.of !== null) ||
  (node.type === 'round' &&
    (node.label === null || node.label.first === 1) &&
    starts(node) &&
    isWork(node) &&
    !node.items.some((item) => item.type === 'unknown'));

/** A line that says nothing but the colour and the hook: `With yellow wool and the 5 mm hook.` */
export const onlyWith = (node: LineNode): boolean =>
  node.type === 'note' &&
  node.facts.length > 0 &&
  node.facts.every((f) => f.fact === 'colour' || f.fact === 'hook');

/** `With sand, ch 20, ...`, `in each stitch: ch 50, 2 sc in each ch from the 2nd from hook`, and not `ch 1 at the start of a row does not count`. */
export const CHAINED =
  /\b\d{1,3}\s?ch\b[^.]{0,60}\b\d{1,3}\s?(?:ss|sl st|sc|dc|htr|hdc|tr)\b|\d, (?:\d|two|one) (?:tog\b|together\b|in (?:the )?next\b)|\bch(?:ain)? ?\d{1,3}\b[^.]{0,80}\bfrom (?:the |your )?hook\b|^\s*(?:(?:with|in) [a-z]+,? )?ch(?:ain)? ?\d(?!.*(?:\bcount|=|:))/;

/** Ends with a count in brackets, or in a ring. */
export const COUNTED = /(?:[([]\s*\d+\s*[)\]]|\bin (?:an? |the |magic )*(?:ring|circle))\s*\.?\s*$/;

const NAME_SAID =
  /^(?:(?:pattern\s+|toy\s+)?(?:name|title)|pattern(?=\s*:(?!.*\b(?:terms|us|uk)\b)))\s*:\s*(?=\S)/i;

/** `Pattern name: Hazel the hen`: the title said by its field. */
export const namesToy = (plain: string): boolean => NAME_SAID.test(plain.trim());

/** `– crochet pattern – page 1/2` behind a name: what kind of paper it is. */
const PAPER =
  /(?:(?:(?<!\s)\s{1,4}[-–—|]\s{0,4}|,\s{0,4})(?:(?:free\s+)?(?:crochet(?:ed)?\s+|amigurumi\s+|toy\s+){0,3}pattern|(?:page|pg\.?|p\.)\s?\d{1,2}(?:\s?(?:\/|of)\s?\d{1,2})?)){1,3}$/i;

/** `Tansy, a very squashy garden snail`: the line without what stands around it. */
export const titleOf = (line: string): string =>
  line
    .trim()
    .replace(/^[#*=_~|\s]+|(?<![#*=_~|\s])[#*=_~|\s]+$/g, '')
    .split('\t')[0]
    .replace(/\*+([^*]*)\*+|(?<!\*)\*+(?=\s*[(\[])/g, '$1')
    .replace(NAME_SAID, '')
    .replace(PAPER, '')
    .trim();

export function kindOf(node: LineNode, plain: string): LineKind {
  switch (node.type) {
    case 'blank':
      return 'blank';
    case 'heading':
      return 'heading';
    case 'round':
    case 'repeat':
      return 'round';
    case 'continued':
      return 'note';
    case 'note': {
      if (node.aside) return 'remark';
      const has = (fact: string) => node.facts.some((f) => f.fact === fact);
      if (node.unread) return 'unread';
      if (has('shut') || has('off') || has('open')) return 'ending';
      if (node.feature?.what === 'eyes' || node.feature?.what === 'nose') return 'placement';
      if (has('stuff') || has('stop') || has('zone')) return 'pause';
      if (has('colour')) return 'colour';
      if (
        /^\s*(?:fold (?:it )?flat,? (?:and )?)?(?:sew|pin|attach)\b|\bjoin(?:ed|ing)?\b.*\b(?:leg|arm|wing|ear|body|head)s?\b/.test(
          plain,
        )
      )
        return 'assembly';
      return node.facts.length > 0 || node.hook || soundsLikeWork(plain) ? 'note' : 'remark';
    }
  }
}
