import { notationWords as say } from '../words';
import { countItems, MOST_COUNTED, type Count } from './count';
import { problem, type Mend, type Problem } from './problems';
import type { RoundKind, RoundReading } from './reading';
import type { Item, RoundNode, Terms } from './syntax';

/** Where the hook is: which round the next one is worked into, and what it is offered. */
export interface Work {
  base: number;
  carried: number | null;
  certain: boolean;
  /** the next label */
  next: number | null;
  joined: boolean;
  turned: boolean;
  increases: number;
  /** a bare foundation chain that waits for its first row */
  chain: number;
  layer: boolean;
}

/** A round as it was written, and the colour that began with it on a line of its own. */
export interface Written {
  node: RoundNode;
  /** stitches that it was worked into: worked into others, what it said of its count does not hold */
  offered: number | null;
  colour: string | null;
}

export interface PartContext {
  terms: Terms;
  /** whether a part named in a join round is there, and made by then */
  knows(name: string): 'finished' | 'later' | 'unknown';
  reread(line: string): RoundNode | null;
  /** a round of an earlier part; undefined where there is none */
  roundOf(part: string, number: number): Written | undefined;
  /** text of a line, for mends that change another line */
  lineText(line: number): { text: string; from: number };
  /** a stretch of the text */
  words(from: number, to: number): string;
}

export const begin = (): Work => ({
  base: -1,
  carried: null,
  certain: true,
  next: null,
  joined: false,
  turned: false,
  increases: 0,
  chain: 0,
  layer: false,
});

/** What a round carries to the next: what it says where it adds up or nothing better is known. */
export function carriedOn({
  count,
  offered,
  stated,
  kind,
  mend,
}: {
  count: Count;
  offered: number;
  stated: number | null;
  kind: RoundKind;
  mend: Mend | null | undefined;
}): number {
  const said = stated ?? mend?.makes ?? count.made;
  const there = kind === 'edging' ? count.eaten : offered;
  const known = said === null || said < 0 ? there : said;
  // A round that makes nothing is a fault; the next one stands on the round before.
  return Math.min(known === 0 ? Math.max(1, offered) : known, MOST_COUNTED);
}

/** A round without what its line says besides. */
export const onlyRound = ({ label, items, stated, layer, body, unclosed }: RoundNode): RoundNode => ({
  type: 'round',
  label,
  items,
  stated,
  layer,
  body,
  unclosed,
});

export const isBareChain = (items: readonly Item[]): boolean =>
  items.length > 0 && items.every((i) => i.type === 'sign' || (i.type === 'stitch' && i.kind === 'ch'));

export const sound = (count: Count, offered: number): boolean =>
  count.fault === null && count.eaten === offered;

/** A round that does not add up is taken to use all that is there, through the loops it names. */
function all(count: Count, offered: number) {
  return {
    front: count.back > 0 && count.front === 0 ? 0 : offered,
    back: count.front > 0 && count.back === 0 ? 0 : offered,
    hidden: 0,
  };
}

/** What a round takes of the loops of the one below: those that it is worked into alone; of a doubtful count the loops of all stitches. */
export function usesOf(count: Count, offered: number, into: 'front' | 'back' | null) {
  if (into)
    return { front: into === 'front' ? count.eaten : 0, back: into === 'back' ? count.eaten : 0, hidden: 0 };
  return sound(count, offered) ? count : all(count, offered);
}

export const loopsUsed = (round: RoundReading) => {
  const count = countItems(round.items, round.offered);
  return sound(count, round.offered) ? count : all(count, round.offered);
};

export function kindOf(
  items: readonly Item[],
  into: 'front' | 'back' | null,
  work: Work,
  isStart: boolean,
): RoundKind {
  const has = (sign: string) => items.some((i) => i.type === 'sign' && i.sign === sign);
  if (into) return 'layer';
  if (has('fold')) return 'fold';
  if (has('edging')) return 'edging';
  if (isStart && isBareChain(items)) return 'chain';
  return (has('turn') || work.turned) && !work.joined ? 'row' : 'round';
}

/** `R5-9 (4 rounds)`: a range that is not as many rounds as the line says, in its label or behind its work. */
export function miscounted({ label, many }: RoundNode, labelled: number): Problem[] {
  const said = label?.rounds ?? many ?? labelled;
  if (said === labelled || !label) return [];
  return [
    {
      ...problem('label-gap', label.span, say.otherRounds(label.first, label.last, said)),
      severity: 'error',
    },
  ];
}

/** The part that an item of a round names: one that is caught, or whose edge is worked; null for any other. */
export function partNamed(item: Item): string | null {
  if (item.type === 'clamp') return item.name;
  return item.type === 'sign' && item.sign === 'onto' ? item.name! : null;
}
