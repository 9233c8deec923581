import { kept } from '../../kept';
import { unitWords } from '../../words';
import type { ToyModel } from '../../model';
import { CHECKS, isUnder36, type Checked, type CheckNumber, type SafetyPoint } from '../point';
import { bandOf, profileOf } from '../profiles';
import { askedOf } from './asks';
import { needleChecks, washingChecks, wearChecks } from './care';
import { gapChecks } from './gaps';
import { hungChecks } from './hung';
import { cordChecks } from './long';
import { joinedLoopChecks } from './loops';
import { looseChecks } from './loose';
import { patchChecks } from './patches';
import { plasticChecks } from './plastic';
import { rigidChecks } from './rigid';
import { seamChecks } from './seams';
import { securedChecks } from './secured';
import { sheddingChecks } from './shedding';
import { smallPartChecks } from './small';
import { textChecks } from './text';
import { threadedChecks } from './threaded';
import { washerChecks } from './washer';
import { whoChecks } from './who';

/** What is looked at, in the order of the house's safety page; the checks that it is for. */
const MADE: readonly { makes: readonly CheckNumber[]; check: (checked: Checked) => SafetyPoint[] }[] = [
  { makes: [], check: whoChecks },
  { makes: [1], check: plasticChecks },
  { makes: [2], check: washerChecks },
  { makes: [3], check: looseChecks },
  { makes: [3], check: smallPartChecks },
  { makes: [3], check: patchChecks },
  { makes: [4], check: seamChecks },
  { makes: [5], check: threadedChecks },
  { makes: [6], check: cordChecks },
  { makes: [6], check: joinedLoopChecks },
  { makes: [6, 11], check: hungChecks },
  { makes: [7], check: rigidChecks },
  // Words tell of a danger; their silence tells nothing.
  { makes: [1, 3, 5, 6, 7, 8, 11, 12], check: textChecks },
  { makes: [9], check: gapChecks },
  { makes: [10], check: securedChecks },
  { makes: [12], check: sheddingChecks },
  { makes: [13], check: needleChecks },
  { makes: [14], check: washingChecks },
  { makes: [15], check: wearChecks },
];

/** Checks that are made. */
export const checksMade: readonly CheckNumber[] = CHECKS.filter((n) => MADE.some((m) => m.makes.includes(n)));

/** A point with what the maker says of it. */
export interface ToldPoint extends SafetyPoint {
  answered: string | null;
  /** does not count any more: a question that is answered, or for older children any open point; never a stop, and never what decides who it is for */
  settled: boolean;
  /** every test that it waited for was held on a piece */
  tested?: true;
}

const ORDER = { stop: 0, open: 1, advice: 2 } as const;

/** Safety points of a toy, most dangerous first; what is answered last among its own. */
export const checkToy = kept((model: ToyModel): ToldPoint[] => {
  const { age } = model.toy.settings;
  const profile = profileOf(model.toy);
  const checked: Checked = {
    model,
    age,
    profile,
    limits: profile.limits[bandOf(age)],
    youngest: profile.limits['under 18 months'],
    units: unitWords(model.toy.settings.units),
    parts: model.parts,
  };
  const points = MADE.flatMap((m) => m.check(checked));
  const answers = new Map(model.toy.safety.answers.map((a) => [a.point, a.words]));
  return [...points, ...askedOf(checked, points)]
    .map((p) => told(p, answers.get(p.id) ?? null, isUnder36(age)))
    .sort((a, b) => ORDER[a.weight] - ORDER[b.weight] || Number(a.settled) - Number(b.settled));
});

function told(point: SafetyPoint, answered: string | null, small: boolean): ToldPoint {
  const asked = point.asks === true;
  const decides = point.check === 'age' || point.check === 'look';
  const settled = answered !== null && point.weight !== 'stop' && !decides && (asked || !small);
  return { ...point, answered, settled };
}

/** What the shield shows: stops, and open points that are not settled. */
export interface Shield {
  stops: number;
  open: number;
}

export const shieldOf = (points: readonly ToldPoint[]): Shield => ({
  stops: points.filter((p) => p.weight === 'stop').length,
  open: points.filter((p) => p.weight === 'open' && !p.settled).length,
});
