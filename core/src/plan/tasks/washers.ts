import { TIME } from '../../figures';
import { planWords as say } from '../../words';
import { ofTheWasher, pointsOfFeature, pointWords } from '../points';
import { taskKey, type TaskBase, type TaskKind } from '../task';
import { isPosts, type PostsTask } from './posts';

/** The click: a washer never comes off again. */
export interface WashersTask extends TaskBase {
  kind: 'washers';
  feature: string;
  afterRound: number;
  count: number;
  washerMm: number;
  /** the disc of felt that goes under each washer, mm; null for none */
  discMm: number | null;
}

const washersFor = (task: PostsTask): WashersTask => ({
  kind: 'washers',
  part: task.part,
  copy: task.copy,
  key: taskKey('washers', task.copy, task.feature),
  about: task.feature,
  feature: task.feature,
  afterRound: task.afterRound,
  count: task.names.length,
  washerMm: task.washerMm,
  discMm: task.discMm,
  points: [],
  minutes: task.names.length * TIME.washer.value,
  content: String(task.washerMm),
});

export const washers: TaskKind<WashersTask> = {
  sign: 'washer',
  rests: false,
  uses: ({ discMm, count }) => (discMm === null ? [] : [{ what: 'disc', mm: discMm, count }]),
  ofPiece: ({ model, due }) =>
    due.flatMap(({ task, ...at }) => {
      if (!isPosts(task) || !task.plastic || task.stopped) return [];
      const points = pointsOfFeature(model, task.feature).filter(ofTheWasher);
      return [{ ...at, task: { ...washersFor(task), points } }];
    }),
  words: (task) => ({
    title: say.washers(task.count),
    short: say.short.washers,
    detail:
      task.discMm === null
        ? say.washersDetail(String(task.washerMm))
        : say.washersBacked(String(task.washerMm), String(task.discMm)),
    notes: pointWords(task.points),
    reason: say.washersReason,
  }),
};
