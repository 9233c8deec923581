import { BALANCE, FILL_RANGE_PERCENT, usualGramsPerMetre } from '../figures';
import { yarnNeed } from '../form';
import { bothFillings, fillingOf } from './filling';
import { hardwareGrams } from '../feature';
import {
  leaningOf,
  marginIn,
  massesOf,
  movedJoin,
  pieceKey,
  pointsOf,
  standingOf,
  type Join,
  type SewnJoin,
  type JoinMove,
  type Placed,
  type PointMass,
  type Standing,
} from '../join';
import { kept } from '../kept';
import { setJoin } from '../toy';
import { everyJoin, modelOf, modelToy, type ToyModel } from './toy';

/** How the whole toy stands, and what is only assumed of its weight. */
export interface Balance extends Standing {
  /** it tips over: its weight lies nearer to the edge of what it stands on than a soft toy allows */
  tips: boolean;
  /** it leans over by so much first, degrees, until more of it carries */
  leansDeg: number;
  /** the yarn's weight is that of a usual yarn for the hook: nobody has said it */
  assumed: boolean;
  necks: readonly NeckLoad[];
}

/** What a neck carries. */
export interface NeckLoad {
  join: Join;
  grams: number;
  girthMm: number;
  gPerCm: number;
  wobbles: boolean;
}

const gramsOf = (model: ToyModel, piece: Placed): { yarnG: number; fillG: number; hardwareG: number } => {
  const { part } = modelOf(model, piece.part);
  const { gauge } = piece.form;
  const yarn = model.toy.gauges.find((g) => g.id === part.gauge)?.yarn;
  const perMetre = gauge.gramsPerMetre ?? usualGramsPerMetre(gauge.hookMm, yarn);
  return {
    yarnG: yarnNeed(piece.form).value * perMetre,
    fillG: bothFillings(fillingOf(model, modelOf(model, piece.part))).value,
    hardwareG: hardwareGrams(model.toy.features, piece.part, piece.copy),
  };
};

function massesOn(model: ToyModel, piece: Placed): PointMass[] {
  const { yarnG, fillG, hardwareG } = gramsOf(model, piece);
  // What is put on a piece is light beside it: it is taken to lie with its fabric.
  return massesOf(piece.form, piece.placement, { yarnG: yarnG + hardwareG, fillG });
}

/** How the pieces that are put together stand; null while nothing is. */
export const balanceOf = kept((model: ToyModel): Balance | null => {
  const { placed } = model;
  const masses = placed.flatMap((p) => massesOn(model, p));
  const points = placed.flatMap((p) => pointsOf(p.form, p.placement));
  const standing = standingOf(masses, points, BALANCE.carriesMm.value);
  if (!standing) return null;
  const least = BALANCE.tipsUnderMm.value;
  const leaning =
    standing.marginMm < least
      ? leaningOf(masses, points, BALANCE.carriesMm.value, least, BALANCE.leansUpToDeg.value)
      : null;
  return {
    leansDeg: 0,
    ...(leaning ?? standing),
    tips: standing.marginMm < least && leaning === null,
    assumed: placed.some((p) => p.form.gauge.gramsPerMetre === null),
    necks: necksOf(model),
  };
});

/**
 * Between what margins it stands, mm: each piece's fill may weigh a quarter more or less than reckoned, each by itself, and every
 * length is as uncertain as the least known gauge. Source: errors that are independent add as squares.
 */
export const marginRange = kept((model: ToyModel): { low: number; high: number } | null => {
  const balance = balanceOf(model);
  if (!balance) return null;
  const { massG, centre, base, marginMm } = balance;
  const share = FILL_RANGE_PERCENT.value / 100;
  const squares = model.placed.map((piece) => {
    const fill = massesOf(piece.form, piece.placement, { yarnG: 0, fillG: gramsOf(model, piece).fillG });
    const more = fill.reduce((sum, m) => sum + m.grams, 0) * share;
    const at = (i: 0 | 2) =>
      (centre[i] * massG + fill.reduce((sum, m) => sum + m.grams * share * m.at[i], 0)) / (massG + more);
    return (marginIn(base, [at(0), at(2)]) - marginMm) ** 2;
  });
  const percent = Math.max(...model.placed.map((p) => modelOf(model, p.part).gauge.rangePercent));
  const by = Math.sqrt(squares.reduce((a, b) => a + b, 0)) + (Math.abs(marginMm) * percent) / 100;
  return { low: marginMm - by, high: marginMm + by };
});

/** The pieces on the guest's side of a join. */
function beyond(model: ToyModel, join: Join): Set<string> {
  const side = new Set([pieceKey(join.guest)]);
  for (let before = 0; before !== side.size;) {
    before = side.size;
    for (const { join: other, sites } of everyJoin(model))
      if (other !== join && side.has(pieceKey(other.at)))
        for (const s of sites) side.add(pieceKey({ part: other.guest.part, copy: s.copy }));
  }
  return side;
}

/** What each end-to-end join carries above it. */
function necksOf(model: ToyModel): NeckLoad[] {
  return model.sites.flatMap(({ join, sites }) => {
    const [site] = sites;
    if (!site || site.how === 'surface' || !site.footprint) return [];
    const guests = beyond(model, join);
    const [side, other] = [true, false].map((mine) => {
      const pieces = model.placed.filter((p) => guests.has(pieceKey(p)) === mine);
      const masses = pieces.flatMap((p) => massesOn(model, p));
      const grams = masses.reduce((sum, m) => sum + m.grams, 0);
      return { grams, height: masses.reduce((sum, m) => sum + m.grams * m.at[1], 0) / Math.max(grams, 1e-9) };
    });
    const upper = side.height > other.height ? side : other;
    const girthMm = site.footprint.lengthMm;
    const gPerCm = upper.grams / (girthMm / 10);
    return [{ join, grams: upper.grams, girthMm, gPerCm, wobbles: gPerCm > BALANCE.neckGPerCm }];
  });
}

/** A move that makes a toy stand: which join, which way, how many steps, and the margin after it. */
export interface MendingMove {
  join: SewnJoin;
  /** the join after it */
  mended: SewnJoin;
  move: JoinMove;
  steps: number;
  marginMm: number;
}

const TRIED: readonly JoinMove[] = ['up', 'down', 'left', 'right', 'closer', 'further'];
const MOST_STEPS = 4;

/** The smallest move of one join after which a toy that tips stands; null where none does. Every move is tried on the toy itself. */
export function mendingMove(model: ToyModel): MendingMove | null {
  const balance = balanceOf(model);
  if (!balance || !balance.tips) return null;
  let best: MendingMove | null = null;
  for (const { join, sites } of model.sites) {
    if (sites[0]?.how !== 'surface') continue;
    const moves = TRIED.filter((m) =>
      join.twin ? m !== 'left' && m !== 'right' : m !== 'closer' && m !== 'further',
    );
    for (const move of moves) {
      const found = firstThatStands(model, join, move, best ? best.steps - 1 : MOST_STEPS);
      if (found) best = found;
    }
  }
  return best;
}

function firstThatStands(model: ToyModel, join: SewnJoin, move: JoinMove, most: number): MendingMove | null {
  let now = model;
  for (let steps = 1; steps <= most; steps++) {
    const found = now.sites.find((s) => s.join.id === join.id);
    const host = found && now.placed.find((p) => pieceKey(p) === pieceKey(found.join.at));
    const next = found && host && found.sites[0] && movedJoin(host, found.join, found.sites[0], move);
    if (!next) return null;
    now = modelToy(setJoin(now.toy, next.join));
    const balance = balanceOf(now);
    if (balance && !balance.tips) return { join, mended: next.join, move, steps, marginMm: balance.marginMm };
  }
  return null;
}
