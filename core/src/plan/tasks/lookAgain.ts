import { isOn } from '../../feature';
import { planWords as say } from '../../words';
import { taskKey, type TaskBase, type TaskKind } from '../task';

/** Fill moves posts: a second look after the first go of it. */
export interface LookTask extends TaskBase {
  kind: 'look-again';
  feature: string;
}

export const lookAgain: TaskKind<LookTask> = {
  sign: 'look',
  rests: false,
  ofPiece: ({ model, of, goes }) => {
    const seen = model.eyes.find((e) => isOn(e.eyes, of) && e.state.state !== 'homeless');
    if (!seen || goes.length === 0) return [];
    const about = seen.eyes.id;
    return [
      {
        ...goes[0].at,
        task: {
          kind: 'look-again',
          ...of,
          key: taskKey('look-again', of.copy, about),
          about,
          feature: about,
          points: [],
          minutes: 0,
          content: '',
        },
      },
    ];
  },
  words: () => ({
    title: say.lookAgain,
    short: say.short.look,
    detail: say.lookAgainDetail,
    notes: [],
    reason: say.lookAgainDetail,
  }),
};
