import { ENDS, TIME } from '../../figures';
import type { Fabric } from '../../fabric';
import { planWords as say } from '../../words';
import { colourJoins } from '../figures';
import { taskKey, type Due, type PieceAtHand, type TaskBase, type TaskKind } from '../task';

/** Another colour from the first stitch of a round on. Changes inside a round stand in the round as it is written. */
export interface ColourTask extends TaskBase {
  kind: 'colour';
  /** the slot as the text calls it */
  to: string;
  /** labels of the round before and of the first round in it */
  before: string;
  label: string;
  /** the yarn is new, and leaves two ends; else it lay in reach and is only taken up */
  joined: boolean;
}

const lastColour = ({ rounds, colour }: Fabric, i: number): number =>
  colour[rounds[i].from + rounds[i].count - 1];

function changes({ part, of }: PieceAtHand): Due<ColourTask>[] {
  const { fabric } = part;
  const { rounds, colour, colours } = fabric;
  const joins = colourJoins(fabric);
  return rounds.flatMap((round, i) => {
    const isNew =
      i > 0 && round.count > 0 && rounds[i - 1].count > 0 && colour[round.from] !== lastColour(fabric, i - 1);
    if (!isNew) return [];
    const to = colours[colour[round.from]] ?? '';
    const about = `${round.mark}.${round.nth}`;
    const task: ColourTask = {
      kind: 'colour',
      ...of,
      key: taskKey('colour', of.copy, about),
      about,
      to,
      before: rounds[i - 1].label,
      label: round.label,
      joined: joins.has(round.from),
      points: [],
      minutes: joins.has(round.from) ? TIME.colour.value : 0,
      content: to,
    };
    return [{ after: i, task }];
  });
}

export const colour: TaskKind<ColourTask> = {
  sign: 'ring',
  rests: false,
  small: true,
  ofPiece: changes,
  words: ({ to, before, joined }, { units }) => ({
    title: say.colour(to),
    short: to,
    detail: say.colourDetail(before, joined ? units.end(ENDS.colourChange.mm) : null),
    notes: [],
    reason: say.colourReason,
  }),
};
