import { kept } from '../../kept';
import type { ToyModel } from '../../model';
import { safetyWords as say } from '../../words';
import { CHECKS, type Checked, type CheckNumber, type SafetyPoint } from '../point';
import { PROFILES } from '../profiles';
import { hardwareChecks } from './hardware';
import { cordChecks } from './long';
import { surfaceChecks } from './onSurface';
import { patchChecks } from './patches';
import { smallPartChecks } from './small';
import { textChecks } from './text';
import { threadedChecks } from './threaded';
import { whoChecks } from './who';

/** What is looked at, in the order of the house's safety page; `makes` are the checks that are made whole by it. */
const MADE: readonly { makes: readonly CheckNumber[]; check: (checked: Checked) => SafetyPoint[] }[] = [
  { makes: [], check: whoChecks },
  { makes: [1, 2], check: hardwareChecks },
  { makes: [3], check: smallPartChecks },
  { makes: [], check: patchChecks },
  { makes: [], check: threadedChecks },
  { makes: [6], check: cordChecks },
  { makes: [], check: surfaceChecks },
  // Words tell of a danger; their silence tells nothing.
  { makes: [], check: textChecks },
];

/** Checks that are made, and those of which nothing is known yet. */
export const checksMade: readonly CheckNumber[] = MADE.flatMap((m) => m.makes);
export const checksNotMade: readonly CheckNumber[] = CHECKS.filter((n) => !checksMade.includes(n));

/** A check that nobody makes yet, in words: it is not known, and never passes. */
export const notKnown = (): { check: CheckNumber; title: string }[] =>
  checksNotMade.map((check) => ({ check, title: say.checks[check] }));

const ORDER = { stop: 0, open: 1, advice: 2 } as const;

/** Safety points of a toy, most dangerous first. What no check looks at is not among them: it stands in `notKnown`. */
export const checkToy = kept((model: ToyModel): SafetyPoint[] => {
  const { age, region } = model.toy.settings;
  const checked: Checked = { model, age, profile: PROFILES[region], parts: model.parts };
  return MADE.flatMap((m) => m.check(checked)).sort((a, b) => ORDER[a.weight] - ORDER[b.weight]);
});

/** How many points the shield counts. */
export const openPoints = (points: readonly SafetyPoint[]): number =>
  points.filter((p) => p.weight !== 'advice').length;
