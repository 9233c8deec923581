import { TIME } from '../../figures';
import { planWords as say } from '../../words';
import { roundsWorked } from '../../safety';
import { taskKey, type TaskBase, type TaskKind } from '../task';

/** The end of a finished part pushed in along a round, which becomes its rim. */
export interface PushInTask extends TaskBase {
  kind: 'push-in';
  rim: string;
}

export const pushIn: TaskKind<PushInTask> = {
  sign: 'look',
  rests: false,
  ofPiece: ({ part, of }) => {
    const { rim } = part.form;
    const round = rim === null ? undefined : part.fabric.rounds[rim - 1];
    if (!round) return [];
    const about = `${round.mark}.${round.nth}`;
    return [
      {
        after: roundsWorked(part),
        task: {
          kind: 'push-in',
          ...of,
          key: taskKey('push-in', of.copy, about),
          about,
          rim: round.label,
          points: [],
          minutes: TIME.pushIn.value,
          content: about,
        },
      },
    ];
  },
  words: ({ rim }, { inside }) => ({
    title: say.pushIn(inside, rim),
    short: say.short.pushIn,
    detail: say.pushInDetail(rim),
    notes: [],
    reason: say.pushInReason,
  }),
};
