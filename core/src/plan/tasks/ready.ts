import { ENDS, TIME } from '../../figures';
import { pieceKey, type OfPiece } from '../../join';
import { modelOf } from '../../model';
import { planWords as say } from '../../words';
import { colourJoins } from '../figures';
import { insideName } from '../naming';
import { taskKey, type Due, type PieceAtHand, type TaskBase, type TaskKind } from '../task';

/** Before a join round: what it catches is finished, its ends woven in, its eyes in, and lies at hand (decision 45). */
export interface ReadyTask extends TaskBase {
  kind: 'ready';
  label: string;
  guests: readonly OfPiece[];
  /** ends that are woven in now */
  ends: number;
}

/** Ends of a finished piece: where it was begun, where it was ended, and where a colour was joined. */
const endsOfPiece = (model: PieceAtHand['model'], { part }: OfPiece): number =>
  2 + colourJoins(modelOf(model, part).fabric).size * ENDS.colourChange.ends;

function dueOf({ model, part, of }: PieceAtHand): Due<ReadyTask>[] {
  const mine = model.caught.filter(({ join }) => pieceKey(join.at) === pieceKey(of));
  const rounds = [...new Set(mine.map(({ join }) => join.round))].sort((a, b) => a - b);
  return rounds.map((round) => {
    const guests = mine.filter(({ join }) => join.round === round).map(({ join }) => join.guest);
    const ends = guests.reduce((sum, guest) => sum + endsOfPiece(model, guest), 0);
    const { label, mark, nth } = part.fabric.rounds[round];
    return {
      after: round,
      task: {
        kind: 'ready',
        ...of,
        key: taskKey('ready', of.copy, `${mark}.${nth}`),
        about: `${mark}.${nth}`,
        label,
        guests,
        ends,
        points: [],
        minutes: ends * TIME.weaveIn.value + guests.length * TIME.clamp.value,
        content: guests.map(pieceKey).join(','),
      },
    };
  });
}

export const ready: TaskKind<ReadyTask> = {
  sign: 'needle',
  rests: true,
  ofPiece: dueOf,
  words: ({ guests, label, ends }, { model }) => ({
    short: say.short.ready,
    title: say.ready(
      guests.map((g) => insideName(modelOf(model, g.part), g.copy)),
      label,
    ),
    detail: say.readyDetail(ends),
    notes: [],
    reason: say.readyReason,
  }),
};
