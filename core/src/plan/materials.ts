import type { HangerIs } from '../feature';
import { NOTHING, plusRange, timesRange, type Ranged } from '../gauge';
import { kept } from '../kept';
import { bothFillings, fillBetween, zonesOf, type ToyModel } from '../model';
import type { CoreIs, Settings } from '../toy';
import { roundsWorked } from '../safety';
import type { YarnEnds } from './ends';
import type { Plan } from './plan';
import type { Use } from './uses';
import { usesOf } from './usesOf';
import { yarnNeeds, type YarnNeed } from './yarnNeeds';

export interface FlossNeed {
  key: string;
  colour: string;
  metres: number;
  strands: number;
}

export interface FeltNeed {
  key: string;
  colour: string;
  /** pieces of each size, mm */
  pieces: readonly { widthMm: number; heightMm: number; count: number }[];
  areaCm2: number;
}

export type Filler = Settings['fillWith'];

/** All that a toy takes, and what it is made with. */
export interface Materials {
  yarns: readonly YarnNeed[];
  floss: readonly FlossNeed[];
  eyes: readonly { key: string; mm: number; washerMm: number; count: number }[];
  noses: readonly { key: string; widthMm: number; heightMm: number; washerMm: number; count: number }[];
  discs: readonly { key: string; mm: number; count: number }[];
  felt: readonly FeltNeed[];
  fill: readonly { key: string; of: Filler; grams: Ranged }[];
  hardware: readonly { key: string; is: HangerIs; mm: number; count: number }[];
  cores: readonly { key: string; is: CoreIs; lengthMm: number; widthMm: number; count: number }[];
  hooksMm: readonly number[];
  tools: Tools;
}

/** What a toy is made with, beside hooks. */
export interface Tools {
  markers: number;
  pins: number;
  /** a long needle at least so long, mm; null where none is needed */
  longNeedleMm: number | null;
  stick: boolean;
  /** the widest yarn that a needle must take is that of the largest hook, mm */
  needleForHookMm: number;
}

/** Things of one kind counted together. */
function counted<T extends { key: string; count: number }>(all: readonly T[]): T[] {
  const found = new Map<string, T>();
  for (const one of all) {
    const before = found.get(one.key);
    found.set(one.key, before ? { ...before, count: before.count + one.count } : one);
  }
  return [...found.values()];
}

const only = <W extends Use['what']>(uses: readonly Use[], what: W): Extract<Use, { what: W }>[] =>
  uses.filter((u): u is Extract<Use, { what: W }> => u.what === what);

function feltNeeds(uses: readonly Use[]): FeltNeed[] {
  const felt = only(uses, 'felt');
  return [...new Set(felt.map((f) => f.colour))].map((colour) => {
    const pieces = counted(
      felt
        .filter((f) => f.colour === colour)
        .map(({ widthMm, heightMm, count }) => ({ key: `${widthMm}:${heightMm}`, widthMm, heightMm, count })),
    ).map(({ widthMm, heightMm, count }) => ({ widthMm, heightMm, count }));
    const areaMm2 = pieces.reduce((sum, p) => sum + p.widthMm * p.heightMm * p.count, 0);
    return { key: `felt:${colour}`, colour, pieces, areaCm2: areaMm2 / 100 };
  });
}

function flossNeeds(ends: readonly YarnEnds[]): FlossNeed[] {
  const threads = ends.flatMap((e) =>
    e.thread?.of === 'floss' ? [{ ...e.thread, mm: e.count * e.eachMm }] : [],
  );
  return [...new Set(threads.map((t) => t.colour))].map((colour) => {
    const mine = threads.filter((t) => t.colour === colour);
    return {
      key: `floss:${colour}`,
      colour,
      metres: mine.reduce((sum, t) => sum + t.mm, 0) / 1000,
      strands: Math.max(...mine.map((t) => t.strands)),
    };
  });
}

/** Filling by what it is: the toy's own, and yarn ends where lengths are filled with those. What is sewn into a seam is part of it. */
function fillNeeds(model: ToyModel): Materials['fill'] {
  const own = model.toy.settings.fillWith;
  let [grams, thrums] = [NOTHING, NOTHING];
  for (const part of model.parts) {
    if (part.form.section !== 'ring' || zonesOf(part).every((z) => z.fill === 'empty')) continue;
    const { fillG, thrumsG } = fillBetween(model, part, 0, roundsWorked(part) - 1);
    grams = plusRange(grams, timesRange(fillG, part.copies.length));
    thrums = plusRange(thrums, timesRange(thrumsG, part.copies.length));
  }
  if (own === 'yarn ends') [grams, thrums] = [bothFillings({ fillG: grams, thrumsG: thrums }), NOTHING];
  return [
    ...(grams.value > 0 ? [{ key: `fill:${own}`, of: own, grams }] : []),
    ...(thrums.value > 0 ? [{ key: 'fill:yarn ends', of: 'yarn ends' as const, grams: thrums }] : []),
  ];
}

function toolsFor(model: ToyModel, uses: readonly Use[]): Tools {
  const needles = only(uses, 'needle').map((n) => n.mm);
  const most = Math.max(
    0,
    ...model.caught.map(({ join }) => model.caught.filter((c) => c.join.round === join.round).length),
  );
  return {
    // One for the round's start, and one in each fold that the fullest join round catches.
    markers: 1 + most,
    pins: Math.max(0, ...only(uses, 'pins').map((p) => p.count)),
    longNeedleMm: needles.length > 0 ? Math.max(...needles) : null,
    stick: only(uses, 'stick').length > 0,
    needleForHookMm: Math.max(0, ...model.parts.map((p) => p.gauge.hookMm)),
  };
}

/** All that a toy takes, from its plan. */
export const materialsOf = kept((model: ToyModel, plan: Plan): Materials => {
  const uses = usesOf(model, plan).map((u) => u.use);
  return {
    yarns: yarnNeeds(model, plan),
    floss: flossNeeds(plan.ends),
    eyes: counted(
      only(uses, 'eyes').map(({ mm, washerMm, count }) => ({
        key: `eyes:${mm}:${washerMm}`,
        mm,
        washerMm,
        count,
      })),
    ),
    noses: counted(
      only(uses, 'nose').map(({ widthMm, heightMm, washerMm, count }) => ({
        key: `nose:${widthMm}:${heightMm}`,
        widthMm,
        heightMm,
        washerMm,
        count,
      })),
    ),
    discs: counted(only(uses, 'disc').map(({ mm, count }) => ({ key: `disc:${mm}`, mm, count }))),
    felt: feltNeeds(uses),
    fill: fillNeeds(model),
    hardware: counted(
      only(uses, 'hardware').map(({ is, mm }) => ({ key: `hardware:${is}:${mm}`, is, mm, count: 1 })),
    ),
    cores: counted(
      only(uses, 'core').map(({ is, lengthMm, widthMm }) => ({
        key: `core:${is}:${lengthMm}:${widthMm}`,
        is,
        lengthMm,
        widthMm,
        count: 1,
      })),
    ),
    hooksMm: [
      ...new Set(model.parts.filter((p) => p.fabric.rounds.length > 0).map((p) => p.gauge.hookMm)),
    ].sort((a, b) => a - b),
    tools: toolsFor(model, uses),
  };
});

/** How many of a material are paid for: balls, pairs or pieces; null where that is not known. */
export interface Cost {
  /** sum of what has a price, in the maker's own currency */
  sum: number;
  /** how many kinds of material have none */
  without: number;
}

/** What it costs, from the prices that the maker has said; null while there is none. */
export function costOf(model: ToyModel, m: Materials): Cost | null {
  const { prices } = model.toy.plan;
  const lots: readonly { key: string; count: number }[] = [
    ...m.yarns.map((y) => ({ key: y.key, count: y.balls?.count ?? NaN })),
    ...m.floss.map((f) => ({ key: f.key, count: 1 })),
    ...m.eyes,
    ...m.noses,
    ...m.discs,
    ...m.felt.map((f) => ({ key: f.key, count: 1 })),
    // A price of filling is for 100 g.
    ...m.fill.map((f) => ({ key: f.key, count: f.grams.value / 100 })),
    ...m.hardware,
    ...m.cores,
  ];
  const priced = lots.filter(({ key, count }) => prices[key] !== undefined && Number.isFinite(count));
  if (priced.length === 0) return null;
  return {
    sum: priced.reduce((sum, { key, count }) => sum + prices[key] * count, 0),
    without: lots.length - priced.length,
  };
}
