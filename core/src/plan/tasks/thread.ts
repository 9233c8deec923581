import { holeKey, holeTag, type HoleName } from '../../address';
import { TIME } from '../../figures';
import { threadedEndMm, type OfPiece, type ThreadedJoin, type ThreadedSite } from '../../join';
import { modelOf, type ToyModel } from '../../model';
import { planWords as say } from '../../words';
import { insideName } from '../naming';
import { taskKey, type TaskBase, type TaskKind } from '../task';

/** Limbs threaded on: through one, the host, the other and back. */
export interface ThreadTask extends TaskBase {
  kind: 'thread';
  host: OfPiece;
  exits: readonly [HoleName, HoleName];
  /** label of the round at which the limb is pierced */
  pierced: string;
  /** two limbs; else the yarn is anchored on the other side */
  pair: boolean;
  threadMm: number;
}

const task = (join: ThreadedJoin, { exits, pierced }: ThreadedSite): ThreadTask => {
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
    threadMm: threadedEndMm(exits.widthMm),
    points: [],
    minutes: TIME.thread.value,
    content: `${names.map(holeKey).join(':')}:${pierced}`,
  };
};

const threads = (model: ToyModel): ThreadTask[] =>
  model.drawn.flatMap(({ sites: [site] }) => (site?.how === 'threaded' ? [task(site.join, site)] : []));

export const thread: TaskKind<ThreadTask> = {
  sign: 'needle',
  rests: false,
  ofToy: threads,
  ends: ({ threadMm }) => [{ what: 'thread', count: 1, eachMm: threadMm }],
  words: ({ part, host, exits, pierced, pair, threadMm }, { model, units }) => ({
    short: say.short.thread,
    title: say.thread(
      modelOf(model, part).name.toLowerCase(),
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
