import { roundOf, standingAlone } from '../address';
import { NECK } from '../figures';
import { fillNeed, shareBelow, type FillMaterial, type PartForm } from '../form';
import type { Ranged } from '../gauge';
import { kept } from '../kept';
import type { StretchIs, StretchSaid } from '../toy';
import type { PartModel } from './part';

/** A length of a part with a meaning and its own fill. Rounds are indices, both among it. */
export interface Stretch {
  is: StretchIs;
  from: number;
  to: number;
  fill: NonNullable<StretchSaid['fill']>;
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
    fill: part.fill,
    by: 'shape',
  }));
  const said = part.part.stretches.flatMap((s): Stretch[] => {
    const [from, to] = [roundOf(fabric, s.from), roundOf(fabric, s.to)].sort((a, b) => a - b);
    return from < 0 ? [] : [{ from, to, is: s.is, fill: s.fill ?? part.fill, by: 'maker' }];
  });
  return said.reduce((all, one) => [...beside(all, one), one], shape).sort((a, b) => a.from - b.from);
});

/** Grams of fill in one stretch, as its own firmness asks; yarn ends are the maker's own and weigh nothing here. */
export function stretchFill(part: PartModel, stretch: Stretch, material: FillMaterial): Ranged {
  const fill = stretch.fill === 'yarn ends' ? 'empty' : stretch.fill;
  const whole = fillNeed(part.form, fill, material);
  const below = stretch.from > 0 ? shareBelow(part.form, stretch.from - 1) : 0;
  const upTo = stretch.to === part.fabric.rounds.length - 1 ? 1 : shareBelow(part.form, stretch.to);
  const share = upTo - below;
  return { ...whole, value: whole.value * share, low: whole.low * share, high: whole.high * share };
}
