export {
  countable,
  isRight,
  learned,
  litAt,
  markerAt,
  MOST_LEVEL,
  NEW_LEARNER,
  nextQuestion,
} from './trainer';
export type { Learner, Question } from './trainer';
