import { countSaid, NUMBER_PATTERN as N } from './numberWords';
import type { Fact } from './syntax';

/** A length of a part in words: rounds by their numbers, so many of them or a share of them at one end (as worked, or as the part stands), or what it is. */
export type ZoneWhere =
  | { from: number; to: number }
  | { end: 'first' | 'last' | 'top' | 'bottom'; rounds: number }
  | { end: 'first' | 'last' | 'top' | 'bottom'; share: number }
  | { is: 'neck' | 'head' | 'body' };

/** How such a length is filled. */
export type ZoneFill = 'as the part' | 'empty' | 'soft' | 'medium' | 'firm';

/** `rnd 10-14`, `R10 to R14`, `rounds 10 and 11`. */
const ROUNDS =
  /\b(?:rounds?|rnds?|rows?|r)\s*(\d{1,4})\s*(?:-|–|to|and|through)\s*(?:round|rnd|row|r)?\s*(\d{1,4})\b/;
const COUNT = new RegExp(
  String.raw`\b(?:the\s+)?(first|last|top|bottom|upper|lower)\s+(${N})\s+(?:rounds?|rnds?|rows?)\b`,
);
const SHARE =
  /\b(first|last|second|top|bottom|upper|lower|far|near|other)\s+(half|third|quarter|two thirds)\b/;
const SHARES: Record<string, number> = { half: 1 / 2, third: 1 / 3, quarter: 1 / 4, 'two thirds': 2 / 3 };
const SIDES: Record<string, Extract<ZoneWhere, { share: number }>['end']> = {
  first: 'first',
  far: 'first',
  last: 'last',
  second: 'last',
  near: 'last',
  other: 'last',
  top: 'top',
  upper: 'top',
  bottom: 'bottom',
  lower: 'bottom',
};
/** What is at the tip of a limb: half of it, as makers fill it. */
const TIP = /\b(?:paws?|hands?|feet|foot|fists?|tips?|toes?|hoof|hooves)\b/;
const TIP_SHARE = 1 / 2;
/** The end that is sewn or closed. */
const END = /\b(?:ends?|opening|edge)\b/;
const END_SHARE = 1 / 4;
const TOP = /\b(top|bottom)\b/;

/** Where on a part some words are; null where they do not say. Shares of "paw" and "end" are judged. */
function whereIn(words: string): ZoneWhere | null {
  const rounds = ROUNDS.exec(words);
  if (rounds) return { from: Number(rounds[1]), to: Number(rounds[2]) };
  const count = COUNT.exec(words);
  if (count) return { end: SIDES[count[1]], rounds: countSaid(count[2]) };
  const share = SHARE.exec(words);
  if (share) return { end: SIDES[share[1]], share: SHARES[share[2]] };
  if (/\bneck\b/.test(words)) return { is: 'neck' };
  if (/\b(?:head|body)\b/.test(words)) return { is: words.includes('head') ? 'head' : 'body' };
  if (TIP.test(words)) return { end: 'first', share: TIP_SHARE };
  const top = TOP.exec(words);
  if (top) return { end: SIDES[top[1]], share: END_SHARE };
  return END.test(words) ? { end: 'last', share: END_SHARE } : null;
}

const NOT = String.raw`(?:do not|don't|dont|never|without|no need to|need not|needn't)\s+(?:stuff(?:ing)?|fill(?:ing)?)`;
/** `do not stuff the last 4 rounds`, `not the end`. */
const EMPTY = new RegExp(String.raw`\b${NOT}\s+(.+)$|,\s*(?:but\s+)?not\s+(?:in\s+)?(the\s+.+)$`);
const LEFT =
  /\bleav(?:e|ing)\s+(.+?)\s+(empty|unstuffed|unfilled|hollow|soft|softly stuffed|softer|lightly stuffed)\b/;
const ONLY = /\b(?:stuff|fill|(?:stuffing|filling)\s+in(?:to)?)\s+(?:only\s+(.+)|(.+?)\s+only)$/;
/** `yet`, `too firmly`, `until`: nothing of where. */
const ONCE = /\b(?:yet|too|over|until|till|before|so hard|much|again)\b/;

/**
 * Lengths of a part that a sentence of filling leaves empty or softer, or fills alone: `do not stuff the last 4 rounds`,
 * `leave the neck soft`, `stuff the paw only`, `not the end`. `said` in lower case.
 */
export function zonesIn(said: string): Fact[] {
  const zones: Fact[] = [];
  const add = (words: string | undefined, fill: ZoneFill, only = false): void => {
    const where = words === undefined ? null : whereIn(words);
    if (where) zones.push({ fact: 'zone', where, fill, only });
  };
  const left = LEFT.exec(said);
  if (left) add(left[1], /soft|light/.test(left[2]) ? 'soft' : 'empty');
  const only = ONLY.exec(said);
  if (only) add(only[1] ?? only[2], 'as the part', true);
  const empty = left || only ? null : EMPTY.exec(said);
  if (empty && !ONCE.test(empty[1] ?? empty[2])) add(empty[1] ?? empty[2], 'empty');
  return zones;
}
