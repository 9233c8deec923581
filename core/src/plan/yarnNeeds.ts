import { own } from '../own';
import { MATERIALS, usualGramsPerMetre } from '../figures';
import { yarnByColour } from '../form';
import { NOTHING, plusRange, timesRange, type Ranged } from '../gauge';
import { modelOf, type PartModel, type ToyModel } from '../model';
import { slotOf, type Yarn } from '../toy';
import { roundsWorked } from '../safety';
import type { YarnEnds } from './ends';
import type { Plan } from './plan';
import { usesOf } from './usesOf';

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

/** Whole balls for so many metres, with what is to be spared. */
export const ballsFor = (metres: number, ball: { metres: number }): number =>
  Math.ceil((metres * (1 + MATERIALS.spare.value / 100)) / ball.metres);

/** Whether what is at home is enough, at both ends of the range. */
export type Enough = 'yes' | 'perhaps' | 'no';

interface Counted {
  yarn: Pick<Yarn, 'name' | 'ball' | 'strands'> & { key: string; colour: string | null };
  part: PartModel;
}

/** The yarn that fills a slot on a copy of a part. */
function yarnOf(model: ToyModel, part: PartModel, copy: string, slot: string): Counted['yarn'] {
  const { palette } = model.toy;
  const word = slot || slotOf(palette, part.reading);
  const dyes = part.copies.find((c) => c.id === copy)?.palette;
  const dyed = dyes && own(dyes, word);
  const yarn = dyed ? palette.find((y) => y.colour === dyed) : palette.find((y) => y.slot === word);
  if (yarn) return { ...yarn, key: `yarn:${yarn.slot}` };
  const colour = dyed ?? null;
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

/** Yarn of every colour that a toy takes. */
export function yarnNeeds(model: ToyModel, plan: Plan): YarnNeed[] {
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
    const haveG = own(model.toy.plan.have, of.yarn.key);
    return {
      key: of.yarn.key,
      name: of.yarn.name,
      colour: of.yarn.colour,
      metres,
      endsM,
      grams,
      balls: ball && { ...ball, count: ballsFor(metres.value, ball) },
      strands: of.yarn.strands,
      have: haveG === undefined ? null : { grams: haveG, enough: enoughOf(grams, haveG) },
    };
  });
}
