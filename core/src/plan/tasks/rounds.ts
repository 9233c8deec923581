import { printItems } from '../../notation';
import { planWords as say } from '../../words';
import { begunMinutes, colourJoins, roundMinutes } from '../figures';
import { colourEnds, startEnd, type YarnEnds } from '../ends';
import type { At } from '../moment';
import { pointsOfRounds, pointWords } from '../points';
import { chainWords } from '../sizesOfWork';
import { taskKey, type PieceAtHand, type TaskBase, type TaskKind, type Telling } from '../task';
import {
  changeMinutes,
  changesInside,
  changeWords,
  countsNow,
  movesMarker,
  type ColourChange,
} from '../withinRounds';

/** One round to tick in Make. `key` is stable: it names the copy and the marked round, never a label. */
export interface RoundTick {
  key: string;
  /** index of the round in its part's fabric */
  round: number;
  /** index of the round in its part as read */
  reading: number;
  label: string;
  count: number;
  /** stitches of it that are worked already, before a pause inside it */
  begun: number;
  /** other colours inside it */
  changes: readonly ColourChange[];
  /** it is counted when it is done */
  counted: boolean;
  /** for what of it is still to be worked */
  minutes: number;
  /** what was worked when it was ticked is compared with this */
  content: string;
}

export interface RoundsTask extends TaskBase {
  kind: 'rounds';
  ticks: readonly RoundTick[];
  stitches: number;
  /** what is left before the first stitch and at every change of colour; none where the piece goes on */
  left: readonly YarnEnds[];
}

/** Rounds from a moment up to `to` full ones of a piece, worked without a pause. */
export function roundsTask(
  { model, part, of }: PieceAtHand,
  { after: from, stitches: begun }: At,
  to: number,
): RoundsTask {
  const rounds = part.fabric.rounds.slice(from, to);
  const about = `${rounds[0].mark}.${rounds[0].nth}`;
  const joins = colourJoins(part.fabric);
  const ticks = rounds.map((round, i): RoundTick => {
    const before = i === 0 ? begun : 0;
    const changes = changesInside(part.fabric, round, joins).filter((c) => c.after >= before);
    return {
      key: taskKey('round', of.copy, `${round.mark}.${round.nth}`),
      round: from + i,
      reading: round.reading,
      label: round.label,
      count: round.count,
      begun: before,
      changes,
      counted: countsNow(model, part, from + i),
      minutes:
        roundMinutes([round], model.toy) - begunMinutes(round, before, model.toy) + changeMinutes(changes),
      content: `${printItems(part.reading.rounds[round.reading].items, 'us')}=${round.count}`,
    };
  });
  const first = from === 0;
  return {
    kind: 'rounds',
    ...of,
    key: taskKey('rounds', of.copy, about),
    about,
    ticks,
    stitches: rounds.reduce((a, r) => a + r.count, 0) - begun,
    left: first ? [startEnd(model, part, of), ...colourEnds(part, of)] : [],
    points: first && of.copy === part.copies[0]?.id ? pointsOfRounds(model, of.part) : [],
    minutes: ticks.reduce((sum, t) => sum + t.minutes, 0),
    content: ticks.map((t) => t.content).join(';'),
  };
}

/** What the hand does within rounds: other colours, a count where a fault would hide, the marker. */
function along({ ticks }: RoundsTask, { part, units }: Telling): string[] {
  const counted = ticks.flatMap((t) => (t.counted ? [`${t.label} ${t.count}`] : []));
  const marker = ticks.some((t) => movesMarker(part, t.round));
  return [...changeWords(ticks, units), ...(counted.length > 0 ? [say.counted(counted, marker)] : [])];
}

export const rounds: TaskKind<RoundsTask> = {
  sign: 'ring',
  rests: false,
  ends: (task) => task.left,
  along,
  words: (task, { name, part, units }) => ({
    title: say.rounds(
      name,
      task.ticks[0].label,
      task.ticks[task.ticks.length - 1].label,
      task.ticks[0].begun > 0,
    ),
    short: say.short.rounds,
    detail: [
      say.stitches(task.stitches),
      ...task.left.flatMap((end) =>
        end.what === 'start' ? [say.startTail(units.end(end.eachMm), say.tailJob[end.job], end.side)] : [],
      ),
    ].join(', '),
    notes: [
      ...chainWords(
        part,
        task.ticks.map((t) => part.fabric.rounds[t.round]),
        units,
      ),
      ...pointWords(task.points),
    ],
    reason: say.roundsReason,
  }),
};
