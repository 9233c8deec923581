import { notationWords as say } from '../words';
import { countItems, isPlain, sumOf } from './count';
import { WORD_OF } from './stitches';
import type { Item, StitchItem, Terms } from './syntax';

/** What to work differently, once for each stitch that is too many or too few, so that the round makes what it should. */
export interface TakenUp {
  instead: string;
  work: string;
  times: number;
  /** what the round then uses and makes */
  uses: number;
  makes: number;
  sentence: string;
}

/**
 * The hands have another number of stitches than the text: `more` of them (negative: fewer). One exchange a stitch
 * keeps the count of this round: an increase becomes two plain stitches, or a plain one a decrease, and the other way
 * round. Null when the round has no stitch to exchange. `offered` is what the text expects.
 */
export function takeUp(items: readonly Item[], offered: number, more: number, terms: Terms): TakenUp | null {
  const count = countItems(items, offered);
  if (more === 0 || count.fault || count.made === null || offered + more < 1) return null;
  const sc = WORD_OF[terms].sc;
  const has = (wanted: (item: StitchItem) => boolean): number => worked(items, offered, wanted);
  const incs = has((i) => i.kind === 'sc' && i.eats === 1 && i.makes === 2);
  const decs = has((i) => i.kind === 'sc' && i.eats === 2 && i.makes === 1);
  const plain = has((i) => isPlain(i) && i.kind === 'sc');
  const times = Math.abs(more);
  const pairs: [boolean, string, string][] =
    more > 0
      ? [
          [incs >= times, 'inc', `2 ${sc}`],
          [plain >= times, sc, 'dec'],
        ]
      : [
          [decs >= times, 'dec', sc],
          [plain >= 2 * times, `2 ${sc}`, 'inc'],
        ];
  const found = pairs.find(([possible]) => possible);
  if (!found) return null;
  const [, instead, work] = found;
  return {
    instead,
    work,
    times,
    uses: offered + more,
    makes: count.made,
    sentence: say.takeUp(times, work, instead, offered + more, count.made),
  };
}

/** How many single stitches of a kind a round works. */
function worked(items: readonly Item[], offered: number, wanted: (item: StitchItem) => boolean): number {
  const fixed = sumOf(items.filter((i) => !('times' in i) || i.times !== 'around')).eats;
  let n = 0;
  for (const item of items) {
    const eats = item.type === 'stitch' ? item.eats : item.type === 'group' ? sumOf(item.items).eats : 1;
    const times = !('times' in item)
      ? 1
      : item.times === 'around'
        ? Math.floor((offered - fixed) / Math.max(1, eats))
        : item.times;
    if (item.type === 'stitch' && !item.skipped && !item.loops && wanted(item)) n += times;
    if (item.type === 'group') n += times * worked(item.items, 0, wanted);
  }
  return n;
}
