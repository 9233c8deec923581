import type { HangerIs } from '../feature';
import { MATERIALS, usualGramsPerMetre } from '../figures';
import { yarnByColour } from '../form';
import { NOTHING, plusRange, timesRange, type Ranged } from '../gauge';
import { kept } from '../kept';
import { bothFillings, modelOf, zonesOf, fillBetween, type PartModel, type ToyModel } from '../model';
import type { CoreIs, Settings, Yarn } from '../toy';
import { roundsWorked } from './ending';
import type { YarnEnds } from './ends';
import type { Plan } from './plan';
import { kindOf } from './tasks';
import type { Use } from './uses';

/** Yarn of one colour for the whole toy: what is worked, its ends, and what is made with it on the surface. */
export interface YarnNeed {
  key: string;
  /** as the palette calls it; the colour itself where it has no name */
  name: string;
  /** #rrggbb; null where no text says a colour */
  colour: string | null;
  /** m, all strands that are held together */
  metres: Ranged;
  /** of them ends that are cut off or woven in, m */
  endsM: number;
  grams: Ranged;
  /** whole balls with a margin, as the label's ball; null while nobody has said what a ball is */
  balls: { count: number; grams: number; metres: number } | null;
  strands: number;
  /** what is at home, g, and whether it is enough; null where the maker has not said */
  have: { grams: number; enough: Enough } | null;
}

/** Whether what is at home is enough, at both ends of the range. */
export type Enough = 'yes' | 'perhaps' | 'no';

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

interface Counted {
  yarn: Pick<Yarn, 'name' | 'ball' | 'strands'> & { key: string; colour: string | null };
  part: PartModel;
}

/** The yarn that fills a slot on a copy of a part. */
function yarnOf(model: ToyModel, part: PartModel, copy: string, slot: string): Counted['yarn'] {
  const { palette } = model.toy;
  const word = slot || part.reading.colour || palette[0]?.slot || '';
  const own = part.copies.find((c) => c.id === copy)?.palette[word];
  const yarn = own ? palette.find((y) => y.colour === own) : palette.find((y) => y.slot === word);
  if (yarn) return { ...yarn, key: `yarn:${yarn.slot}` };
  const colour = own ?? null;
  return { name: word, key: `yarn:${colour ?? word}`, colour, ball: null, strands: 1 };
}

/** The yarn of a colour that the palette has, or one of that colour alone. */
function yarnOfColour(model: ToyModel, colour: string): Counted['yarn'] {
  const yarn = model.toy.palette.find((y) => y.colour === colour);
  return yarn
    ? { ...yarn, key: `yarn:${yarn.slot}` }
    : { name: '', key: `yarn:${colour}`, colour, ball: null, strands: 1 };
}

/** What a metre weighs: of the ball's label, of the gauge, or as usual for the hook. */
function gramsPerMetre(model: ToyModel, { yarn, part }: Counted): Ranged {
  const { gauge } = part;
  const said = yarn.ball ? yarn.ball.grams / yarn.ball.metres : gauge.gramsPerMetre;
  if (said !== null) return { value: said, low: said, high: said, source: 'measured' };
  const named = model.toy.gauges.find((g) => g.id === part.part.gauge)?.yarn;
  const usual = usualGramsPerMetre(gauge.hookMm, named);
  const share = MATERIALS.gramsPerMetrePercent.value / 100;
  return { value: usual, low: usual * (1 - share), high: usual * (1 + share), source: 'assumed' };
}

interface YarnSum {
  of: Counted;
  metres: Ranged;
  endsM: number;
}

/** Adds up yarn by its key. */
class YarnSums {
  private readonly all = new Map<string, YarnSum>();

  add(of: Counted, metres: Ranged, asEnds = false): void {
    const before = this.all.get(of.yarn.key) ?? { of, metres: NOTHING, endsM: 0 };
    this.all.set(of.yarn.key, {
      of: before.of,
      metres: plusRange(before.metres, metres),
      endsM: before.endsM + (asEnds ? metres.value : 0),
    });
  }

  list = (): YarnSum[] => [...this.all.values()];
}

/** The yarn that a piece is worked in, colour by colour. */
function workedYarn(model: ToyModel, sums: YarnSums): void {
  for (const part of model.parts)
    for (const copy of part.copies)
      yarnByColour(part.form, roundsWorked(part)).forEach((metres, i) => {
        const yarn = yarnOf(model, part, copy.id, part.fabric.colours[i] ?? '');
        if (metres.value > 0) sums.add({ yarn, part }, timesRange(metres, yarn.strands));
      });
}

/** The slots in which an end of a part's own yarn hangs: of its first stitch, its last, or of every colour. */
function slotsOfEnd({ fabric }: PartModel, what: YarnEnds['what']): string[] {
  const { colour, colours, rounds } = fabric;
  if (what === 'colour') return colours.length > 0 ? [...colours] : [''];
  const round = what === 'start' ? rounds[0] : rounds[rounds.length - 1];
  const stitch = what === 'start' ? round.from : round.from + round.count - 1;
  return [colours[colour[Math.max(0, stitch)]] ?? ''];
}

function endsYarn(model: ToyModel, ends: readonly YarnEnds[], sums: YarnSums): void {
  for (const end of ends) {
    if (end.thread?.of === 'floss') continue;
    const part = modelOf(model, end.part);
    const cutM = (end.count * end.eachMm) / 1000;
    const metres = (share: number): Ranged => ({
      value: cutM * share,
      low: cutM * share,
      high: cutM * share,
      source: end.needMm.source,
    });
    if (end.thread) {
      sums.add(
        { yarn: yarnOfColour(model, end.thread.colour), part },
        timesRange(metres(1), end.thread.strands),
        true,
      );
      continue;
    }
    const slots = slotsOfEnd(part, end.what);
    for (const slot of slots) {
      const yarn = yarnOf(model, part, end.copy, slot);
      sums.add({ yarn, part }, timesRange(metres(1 / slots.length), yarn.strands), true);
    }
  }
}

function enoughOf(need: Ranged, haveG: number): Enough {
  if (haveG >= need.high) return 'yes';
  return haveG < need.low ? 'no' : 'perhaps';
}

function yarnNeeds(model: ToyModel, plan: Plan): YarnNeed[] {
  const sums = new YarnSums();
  workedYarn(model, sums);
  endsYarn(model, plan.ends, sums);
  for (const { use, part } of usesOf(model, plan))
    if (use.what === 'yarn')
      sums.add({ yarn: yarnOfColour(model, use.colour), part }, timesRange(use.lengthMm, 1 / 1000));
  return sums.list().map(({ of, metres, endsM }): YarnNeed => {
    const perMetre = gramsPerMetre(model, of);
    const grams: Ranged = {
      value: metres.value * perMetre.value,
      low: metres.low * perMetre.low,
      high: metres.high * perMetre.high,
      source: perMetre.source === 'measured' ? metres.source : perMetre.source,
    };
    const { ball } = of.yarn;
    const haveG = model.toy.plan.have[of.yarn.key];
    return {
      key: of.yarn.key,
      name: of.yarn.name,
      colour: of.yarn.colour,
      metres,
      endsM,
      grams,
      balls: ball && {
        ...ball,
        count: Math.ceil((metres.value * (1 + MATERIALS.spare.value / 100)) / ball.metres),
      },
      strands: of.yarn.strands,
      have: haveG === undefined ? null : { grams: haveG, enough: enoughOf(grams, haveG) },
    };
  });
}

const usesOf = (model: ToyModel, plan: Plan): { use: Use; part: PartModel }[] =>
  plan.steps.flatMap((step) =>
    (kindOf(step.kind).uses?.(step) ?? []).map((use) => ({
      use,
      part: step.part === '' ? model.parts[0] : modelOf(model, step.part),
    })),
  );

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
