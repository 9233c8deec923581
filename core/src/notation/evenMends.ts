import { notationWords as say } from '../words';
import { isPlain } from './count';
import { printItems } from './printer';
import { type Mend } from './problems';
import type { GroupItem, Item, RoundNode, StitchItem, Terms } from './syntax';
import { type Candidate, gcd } from './mends';

/** Increases or decreases spread evenly, when nothing closer to the text reaches the stated count. */
export function evenCandidates(node: RoundNode, offered: number, terms: Terms): Candidate[] {
  const to = node.stated?.count;
  const worked = node.items.filter((i) => i.type !== 'sign');
  if (
    to === undefined ||
    worked.length === 0 ||
    to * 2 < offered ||
    to > offered * 2 ||
    offered < 1 ||
    node.items.some((i) => i.type === 'start' || i.type === 'clamp' || i.type === 'return')
  )
    return [];
  const rewritten = printItems(evenly(offered, to, worked[0].span), terms);
  return [
    {
      made: to,
      title: say.mendWrite(rewritten),
      changes: [{ from: worked[0].span.from, to: worked[worked.length - 1].span.to, insert: rewritten }],
      rhythm: false,
      cost: 20,
    },
  ];
}

/** Single crochets with increases or decreases that lead from one count to another, as one repeat. */
export function evenly(from: number, to: number, span = { from: 0, to: 0 }): Item[] {
  const sc = (times: number | 'around'): StitchItem => ({
    type: 'stitch',
    kind: 'sc',
    eats: 1,
    makes: 1,
    times,
    span,
  });
  if (from === to) return [sc('around')];
  const shaped = Math.abs(to - from);
  const plain = to > from ? from - shaped : from - 2 * shaped;
  const shape: StitchItem = {
    type: 'stitch',
    kind: 'sc',
    eats: to > from ? 1 : 2,
    makes: to > from ? 2 : 1,
    times: 1,
    span,
  };
  const times = gcd(shaped, plain);
  const items = [...(plain > 0 ? [sc(plain / times)] : []), { ...shape, times: shaped / times }];
  return times === 1
    ? items
    : plain === 0
      ? [{ ...shape, times: shaped }]
      : [{ type: 'group', items, times, span }];
}

/** `(3 sc, inc) x6` moved on by half a repeat: `sc, inc, (3 sc, inc) x5, 2 sc`; null when it has no run to part. */
export function staggered(node: RoundNode, made: number, terms: Terms): Mend | null {
  const group = node.items.find((i): i is GroupItem => i.type === 'group');
  const [run, shape] = group?.items ?? [];
  if (
    !group ||
    node.items.length !== 1 ||
    group.items.length !== 2 ||
    typeof group.times !== 'number' ||
    group.times < 2 ||
    !isPlain(run) ||
    typeof run.times !== 'number' ||
    run.times < 2
  )
    return null;
  const before = Math.floor(run.times / 2);
  const rewritten = printItems(
    [
      { ...run, times: before },
      shape,
      { ...group, times: group.times - 1 },
      { ...run, times: run.times - before },
    ],
    terms,
  );
  return { title: say.mendStagger, changes: [{ ...group.span, insert: rewritten }], makes: made };
}
