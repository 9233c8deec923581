import { TIME } from '../../figures';
import { planWords as say } from '../../words';
import { isUnder36, roundsWorked, startSecured } from '../../safety';
import { taskKey, type TaskBase, type TaskKind } from '../task';

/** The ring of the start, left slack until its second round, is drawn shut and made fast. */
export interface DrawShutTask extends TaskBase {
  kind: 'draw-shut';
  label: string;
  count: number;
  /** for a small child a start must not work loose */
  twice: boolean;
}

/** After so many rounds a slack ring is drawn shut. Source: the house's craft page, "Start". */
const AFTER = 2;

export const drawShut: TaskKind<DrawShutTask> = {
  sign: 'close',
  rests: false,
  small: true,
  ofPiece: ({ model, part, of }) => {
    const after = Math.min(AFTER, roundsWorked(part));
    const first = part.fabric.rounds[0];
    if (part.fabric.start.how !== 'ring' || !first) return [];
    return [
      {
        after,
        task: {
          kind: 'draw-shut',
          ...of,
          key: taskKey('draw-shut', of.copy, first.mark),
          about: first.mark,
          label: part.fabric.rounds[after - 1].label,
          count: first.count,
          twice: isUnder36(model.toy.settings.age) || startSecured(model, part),
          points: [],
          minutes: TIME.drawShut.value,
          content: String(first.count),
        },
      },
    ];
  },
  words: ({ count, label, twice }) => ({
    title: say.drawShut,
    short: say.short.drawShut,
    detail: say.drawShutDetail(label, count, twice),
    notes: [],
    reason: say.drawShutReason,
  }),
};
