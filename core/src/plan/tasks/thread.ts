import { holeKey, holeTag, type HoleName } from '../../address';
import { TIME } from '../../figures';
import { threadedEndMm, type OfPiece, type ThreadedJoin, type ThreadedSite } from '../../join';
import { modelOf, yarnColour, type ToyModel } from '../../model';
import { inSentence, planWords as say } from '../../words';
import { threadEnds } from '../ends';
import { fixed } from '../../gauge';
import { insideName } from '../naming';
import { finished, taskKey, type TaskBase, type TaskKind } from '../task';

/** Limbs threaded on: through one, the host, the other and back. */
export interface ThreadTask extends TaskBase {
  kind: 'thread';
  host: OfPiece;
  exits: readonly [HoleName, HoleName];
  /** label of the round at which the limb is pierced */
  pierced: string;
  /** two limbs; else the yarn is anchored on the other side */
  pair: boolean;
  /** the other limb on the same yarn */
  twin: readonly { copy: string }[];
  threadMm: number;
  colour: string;
}

const task = (model: ToyModel, join: ThreadedJoin, { exits, pierced }: ThreadedSite): ThreadTask => {
  const names = [exits.first.name, exits.other.name] as const;
  return {
    kind: 'thread',
    ...join.guest,
    key: taskKey('thread', join.guest.copy, join.id),
    about: join.id,
    host: { part: join.at.part, copy: join.at.copy },
    exits: names,
    pierced,
    pair: join.twin !== null,
    twin: join.twin ? [{ copy: join.twin.copy }] : [],
    threadMm: threadedEndMm(exits.widthMm),
    colour: yarnColour(model, join.guest.part, join.guest.copy),
    points: [],
    minutes: TIME.thread.value,
    content: `${names.map(holeKey).join(':')}:${pierced}`,
  };
};

const threads = (model: ToyModel): ThreadTask[] =>
  model.drawn.flatMap(({ sites: [site] }) =>
    site?.how === 'threaded' ? [task(model, site.join, site)] : [],
  );

export const thread: TaskKind<ThreadTask> = {
  sign: 'needle',
  rests: false,
  ofToy: threads,
  needs: (task) => finished(task, ...task.twin, task.host),
  ends: ({ threadMm, colour, part, copy }) => [
    threadEnds(
      { part, copy },
      {
        job: 'thread on',
        count: 1,
        eachMm: threadMm,
        needMm: fixed(threadMm),
        of: 'yarn',
        colour,
        strands: 1,
      },
    ),
  ],
  words: ({ part, host, exits, pierced, pair, threadMm }, { model, units }) => ({
    short: say.short.thread,
    title: say.thread(
      inSentence.name(modelOf(model, part).name),
      pair,
      insideName(modelOf(model, host.part), host.copy),
    ),
    detail: say.threadDetail(
      units.end(threadMm),
      pierced,
      exits.map((name) => say.at(holeTag(name).rounds, holeTag(name).stitches)),
      pair,
    ),
    notes: [],
    reason: `${say.threadReason} ${say.tug}`,
  }),
};
