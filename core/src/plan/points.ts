import { checkToy, type SafetyPoint } from '../safety';
import type { ToyModel } from '../model';
import { planWords as say } from '../words';

/** Safety points as they stand under a step: how bad, what. Advice is told on Safety alone. */
export const pointWords = (points: readonly SafetyPoint[]): string[] =>
  points.filter((p) => p.weight !== 'advice' && !isSettled(p)).map((p) => say.point(p.weight, p.title));

const isSettled = (p: SafetyPoint): boolean => 'settled' in p && p.settled === true;

/** The points about one feature. */
export const pointsOfFeature = (model: ToyModel, feature: string): SafetyPoint[] =>
  checkToy(model).filter((p) => p.feature === feature);

/** Whether a point is about the washer: it is told where the washer is clicked on, not at the posts as well. */
export const ofTheWasher = (p: SafetyPoint): boolean => p.check === 2;

/** What a part is once it comes off: check 3 of a part as a whole. */
const onceOff = (p: SafetyPoint): boolean => p.check === 3 && p.feature === undefined;

/** The points about a part while its rounds are made: cords, what its text names. */
export const pointsOfRounds = (model: ToyModel, part: string): SafetyPoint[] =>
  checkToy(model).filter((p) => p.part === part && p.feature === undefined && !onceOff(p));

/** The points about a part once it is made: what it is when it comes off. */
export const pointsOfEnd = (model: ToyModel, part: string): SafetyPoint[] =>
  checkToy(model).filter((p) => p.part === part && onceOff(p));

/** The points about the whole toy: who it is for. What else is looked at on the whole stands on Safety. */
export const pointsOfToy = (model: ToyModel): SafetyPoint[] =>
  checkToy(model).filter((p) => p.check === 'age' || p.check === 'look');
