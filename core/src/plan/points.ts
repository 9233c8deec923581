import { checkToy, type SafetyPoint } from '../safety';
import type { ToyModel } from '../toy';
import { planWords as say } from '../words';

/** Safety points as they stand under a step: how bad, what. Advice is told on Safety alone. */
export const pointWords = (points: readonly SafetyPoint[]): string[] =>
  points.filter((p) => p.weight !== 'advice').map((p) => say.point(p.weight, p.title));

/** The points about one feature. */
export const pointsOfFeature = (model: ToyModel, feature: string): SafetyPoint[] =>
  checkToy(model).filter((p) => p.feature === feature);

/** The points about a part as a whole: cords, what its text names, its size. */
export const pointsOfPart = (model: ToyModel, part: string): SafetyPoint[] =>
  checkToy(model).filter((p) => p.part === part && p.feature === undefined);

/** The points about nobody's part: who it is for. */
export const pointsOfToy = (model: ToyModel): SafetyPoint[] =>
  checkToy(model).filter((p) => p.part === undefined && p.feature === undefined);
