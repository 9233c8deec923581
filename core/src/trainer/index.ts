export {
  countable,
  increasesIn,
  isRight,
  learned,
  litAt,
  markerAt,
  MOST_LEVEL,
  NEW_LEARNER,
  nextQuestion,
  rowMade,
} from './trainer';
export type { Learner, Question } from './trainer';
