import { roundOf, standingAlone } from '../address';
import { FILL_WEIGHED_PERCENT } from '../figures';
import { fillNeed, shareBelow, type FillMaterial, type Firmness, type PartForm } from '../form';
import { NOTHING, plusRange, timesRange, type Ranged } from '../gauge';
import { kept } from '../kept';
import type { ZoneWhere } from '../notation';
import type { StretchIs, ZoneFill } from '../toy';
import { bodyRounds } from './bodyRounds';
import type { PartModel } from './part';
import { neckRounds, stretchesOf } from './stretches';
import type { ToyModel } from './toy';

/** A length of a part that is filled alike. Rounds are indices, both among it. */
export interface Zone {
  from: number;
  to: number;
  fill: ZoneFill;
  /** who says so: the part as a whole, its text, or the maker */
  by: 'part' | 'text' | 'maker';
  /** the stretch that it is on */
  is: StretchIs;
}

type RoundFill = Pick<Zone, 'fill' | 'by'>;

/** The rounds that words of a text mean, indices, both among it; null where they mean none here. */
function roundsOf(part: PartModel, where: ZoneWhere): { from: number; to: number } | null {
  const { rounds } = part.fabric;
  const n = rounds.length;
  if ('is' in where) {
    if (where.is === 'neck') return neckRounds(part);
    const named = stretchesOf(part).filter((s) => s.is === where.is);
    return named.length > 0 ? { from: named[0].from, to: named[named.length - 1].to } : null;
  }
  if ('from' in where) {
    const of = rounds.flatMap((r, i) => (r.number >= where.from && r.number <= where.to ? [i] : []));
    return of.length > 0 ? { from: of[0], to: of[of.length - 1] } : null;
  }
  const many = Math.min(n, 'rounds' in where ? where.rounds : Math.max(1, Math.round(where.share * n)));
  const atStart = isAtStart(part, where.end);
  if (atStart === null) return null;
  return atStart ? { from: 0, to: many - 1 } : { from: n - many, to: n - 1 };
}

/** Whether an end that is named is where the part was begun; null where it lies level and has no top. */
function isAtStart({ ringIs }: PartModel, end: 'first' | 'last' | 'top' | 'bottom'): boolean | null {
  if (end === 'first' || end === 'last') return end === 'first';
  // The tip of a limb hangs down.
  if (ringIs === 'tip') return end === 'bottom';
  if (ringIs === 'nose' || ringIs === 'mouth' || ringIs === 'back') return null;
  return (standingAlone(ringIs) === 'crown') === (end === 'top');
}

/** What a text says of the filling round by round: each time that it goes in, how firm; then its own lengths. */
function saidInText(part: PartModel, fills: RoundFill[]): void {
  const { stuffings, zones } = part.reading;
  const put = ({ from, to }: { from: number; to: number }, fill: ZoneFill) => {
    for (let i = from; i <= to; i++) fills[i] = { fill, by: 'text' };
  };
  if (new Set(stuffings.map((s) => s.firmness)).size > 1) {
    let from = 0;
    for (const { after, firmness } of stuffings) {
      const to = bodyRounds(part, after) - 1;
      if (firmness && firmness !== part.fill && to >= from) put({ from, to }, firmness);
      from = Math.max(from, to + 1);
    }
  }
  const only = zones.filter((z) => z.only).flatMap((z) => roundsOf(part, z.where) ?? []);
  if (only.length > 0) {
    put({ from: 0, to: fills.length - 1 }, 'empty');
    for (const range of only)
      for (let i = range.from; i <= range.to; i++) fills[i] = { fill: part.fill, by: 'text' };
  }
  for (const { where, fill, only: alone } of zones) {
    const range = alone || fill === 'as the part' ? null : roundsOf(part, where);
    if (range && fill !== 'as the part') put(range, fill);
  }
}

/** Zones of a text whose words mean no rounds of the part. */
export const zonesLost = (part: PartModel): ZoneWhere[] =>
  part.reading.zones.flatMap(({ where }) => (roundsOf(part, where) === null ? [where] : []));

/** How a part is filled from its start to its end: as a whole, as its text says length by length, as the maker says; cut where its stretches meet. */
export const zonesOf = kept((part: PartModel): Zone[] => {
  const { fabric } = part;
  const fills = fabric.rounds.map((): RoundFill => ({ fill: part.fill, by: 'part' }));
  saidInText(part, fills);
  for (const said of part.part.zones) {
    const [from, to] = [roundOf(fabric, said.from), roundOf(fabric, said.to)].sort((a, b) => a - b);
    for (let i = from; from >= 0 && i <= to; i++) fills[i] = { fill: said.fill, by: 'maker' };
  }
  const zones: Zone[] = [];
  for (const stretch of stretchesOf(part))
    for (let i = stretch.from; i <= stretch.to; i++) {
      const last = zones.at(-1);
      const on = last && last.to === i - 1 && i > stretch.from && last.fill === fills[i].fill;
      if (on) zones[zones.length - 1] = { ...last, to: i, by: last.by === fills[i].by ? last.by : 'maker' };
      else zones.push({ from: i, to: i, is: stretch.is, ...fills[i] });
    }
  return zones;
});

/** How firm each round is filled, where lengths are filled otherwise than the part; null where all is filled alike. Yarn ends press as medium filling does. */
export function fillsOf(part: PartModel): Firmness[] | null {
  if (part.form.section !== 'ring') return null;
  const fills = zonesOf(part).flatMap(({ from, to, fill }) =>
    Array.from({ length: to - from + 1 }, () => (fill === 'yarn ends' ? 'medium' : fill)),
  );
  return fills.every((f) => f === part.fill) ? null : fills;
}

/** Whether anything goes into a part at all. */
export const isFilled = (part: PartModel): boolean => zonesOf(part).some((z) => z.fill !== 'empty');

/** Shares of a form's room below the end of each of its rounds. */
const sharesOf = kept((form: PartForm): Float64Array => {
  const n = form.fabric.rounds.length;
  return Float64Array.from({ length: n }, (_, i) => (i === n - 1 ? 1 : shareBelow(form, i)));
});

/** Grams that go into a part: of the toy's own filling, and of yarn ends where the maker puts those. */
export interface Filling {
  fillG: Ranged;
  thrumsG: Ranged;
}

/** Grams between two rounds of a part, indices, both among it, as worked out from its room alone. */
function workedOut(part: PartModel, from: number, to: number, material: FillMaterial): Filling {
  const shares = sharesOf(part.form);
  let [fillG, thrumsG] = [NOTHING, NOTHING];
  for (const zone of zonesOf(part)) {
    const [a, b] = [Math.max(from, zone.from), Math.min(to, zone.to)];
    if (a > b || zone.fill === 'empty') continue;
    const share = Math.max(0, shares[b] - (a > 0 ? shares[a - 1] : 0));
    if (zone.fill === 'yarn ends')
      thrumsG = plusRange(thrumsG, timesRange(fillNeed(part.form, 'medium', 'yarn ends'), share));
    else fillG = plusRange(fillG, timesRange(fillNeed(part.form, zone.fill, material), share));
  }
  return { fillG, thrumsG };
}

const wholeOf = (part: PartModel, material: FillMaterial): Ranged =>
  workedOut(part, 0, part.fabric.rounds.length - 1, material).fillG;

/** How much heavier than worked out the maker fills, by what the bag weighed less; null while nothing was weighed. */
const handOf = kept((parts: readonly PartModel[], material: FillMaterial): number | null => {
  let [weighed, expected] = [0, 0];
  for (const part of parts) {
    const whole = wholeOf(part, material).value;
    if (part.part.weighedG === null || whole <= 0) continue;
    weighed += part.part.weighedG;
    expected += whole;
  }
  return expected > 0 ? weighed / expected : null;
});

/**
 * Grams between two rounds of a part, indices, both among it. What was weighed replaces what is worked out: of the part
 * itself, and, by the maker's own hand, of all others.
 */
export function fillBetween(
  model: Pick<ToyModel, 'toy' | 'parts'>,
  part: PartModel,
  from: number,
  to: number,
): Filling {
  const material = model.toy.settings.fillWith;
  const found = workedOut(part, from, to, material);
  const whole = wholeOf(part, material).value;
  const own = part.part.weighedG !== null && whole > 0 ? part.part.weighedG / whole : null;
  const hand = own ?? handOf(model.parts, material);
  if (hand === null) return found;
  const percent = own === null ? FILL_WEIGHED_PERCENT.others.value : FILL_WEIGHED_PERCENT.own.value;
  const value = found.fillG.value * hand;
  return {
    ...found,
    fillG: { value, low: value * (1 - percent / 100), high: value * (1 + percent / 100), source: 'measured' },
  };
}

/** Grams in one piece of a part. */
export const fillingOf = (model: Pick<ToyModel, 'toy' | 'parts'>, part: PartModel): Filling =>
  fillBetween(model, part, 0, part.fabric.rounds.length - 1);

/** Both kinds of filling together. */
export const bothFillings = ({ fillG, thrumsG }: Filling): Ranged => plusRange(fillG, thrumsG);
