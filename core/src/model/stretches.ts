import { roundOf, standingAlone } from '../address';
import { NECK } from '../figures';
import type { PartForm } from '../form';
import { kept } from '../kept';
import type { StretchIs } from '../toy';
import type { PartModel } from './part';

/** A length of a part with a meaning. Rounds are indices, both among it. */
export interface Stretch {
  is: StretchIs;
  from: number;
  to: number;
  /** who says so: the shape alone, or the maker */
  by: 'shape' | 'maker';
}

/** How far it is round a part at a round, an index, mm. */
export const girthOf = (form: PartForm, round: number): number =>
  2 * Math.PI * form.r[round + 1] + 2 * form.straight[round + 1];

/** The deepest neck between two rounds, inclusive: where the part is narrowest against what is wider on both its sides; null where nothing is narrow enough. Source: `figures`, NECK. */
function neckIn(form: PartForm, from: number, to: number): number | null {
  let best: { round: number; share: number } | null = null;
  const most = (a: number, b: number) => {
    let widest = 0;
    for (let i = a; i <= b; i++) widest = Math.max(widest, girthOf(form, i));
    return widest;
  };
  for (let i = from + 1; i < to; i++) {
    const beside = Math.min(most(from, i - 1), most(i + 1, to));
    const share = girthOf(form, i) / Math.max(beside, 1e-6);
    if (share <= NECK.value && (best === null || share < best.share)) best = { round: i, share };
  }
  return best?.round ?? null;
}

/** Cuts rounds at their necks; the narrowest round ends the stretch before it. */
function cut(form: PartForm, from: number, to: number): { from: number; to: number }[] {
  const neck = neckIn(form, from, to);
  if (neck === null) return [{ from, to }];
  return [...cut(form, from, neck), ...cut(form, neck + 1, to)];
}

/** What a stretch of the shape is: with one there is nothing to tell apart; of several the uppermost is the head. */
function meaning(k: number, of: number, part: PartModel): StretchIs {
  if (of === 1) return part.ringIs === 'tip' ? 'limb' : 'other';
  const head = standingAlone(part.ringIs) === 'sole' ? of - 1 : 0;
  return k === head ? 'head' : 'body';
}

/** What is left of found stretches beside one that the maker has named. */
const beside = (all: readonly Stretch[], said: Stretch): Stretch[] =>
  all.flatMap((s) => [
    ...(s.from < said.from ? [{ ...s, to: Math.min(s.to, said.from - 1) }] : []),
    ...(s.to > said.to ? [{ ...s, from: Math.max(s.from, said.to + 1) }] : []),
  ]);

/** The stretches of a part from its start to its end: cut by its shape at necks, corrected by the maker. A correction whose rounds are gone is left out. */
export const stretchesOf = kept((part: PartModel): Stretch[] => {
  const { form, fabric } = part;
  if (fabric.rounds.length === 0) return [];
  const last = fabric.rounds.length - 1;
  const found = form.section === 'ring' ? cut(form, 0, last) : [{ from: 0, to: last }];
  const shape = found.map((range, k): Stretch => ({
    ...range,
    is: meaning(k, found.length, part),
    by: 'shape',
  }));
  const said = part.part.stretches.flatMap((s): Stretch[] => {
    const [from, to] = [roundOf(fabric, s.from), roundOf(fabric, s.to)].sort((a, b) => a - b);
    return from < 0 ? [] : [{ from, to, is: s.is, by: 'maker' }];
  });
  return said.reduce((all, one) => [...beside(all, one), one], shape).sort((a, b) => a.from - b.from);
});

/** Rounds not wider than this beside the narrowest are the neck as well. */
export const AS_NARROW = 1.1;

/** The neck of a part: where its first two stretches meet, with what is as narrow beside it; what the maker calls one before that. Null where there is none. Rounds are indices, both among it. */
export function neckRounds(part: PartModel): { from: number; to: number } | null {
  const stretches = stretchesOf(part);
  const said = stretches.find((s) => s.is === 'neck');
  if (said) return { from: said.from, to: said.to };
  if (stretches.length < 2) return null;
  const at = stretches[0].to;
  const narrow = (i: number) => girthOf(part.form, i) <= AS_NARROW * girthOf(part.form, at);
  let [from, to] = [at, at];
  while (from > 0 && narrow(from - 1)) from--;
  while (to < part.fabric.rounds.length - 1 && narrow(to + 1)) to++;
  return { from, to };
}
