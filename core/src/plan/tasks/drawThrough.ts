import { holeKey, holeTag, type HoleName } from '../../address';
import { TIME } from '../../figures';
import type { OfPiece, ThroughSite } from '../../join';
import { modelOf, type ToyModel } from '../../model';
import { planWords as say } from '../../words';
import { insideName } from '../naming';
import { finished, taskKey, type TaskBase, type TaskKind } from '../task';

/** A strip or a cord drawn through its host, and fixed at both holes. */
export interface DrawThroughTask extends TaskBase {
  kind: 'draw-through';
  host: OfPiece;
  exits: readonly [HoleName, HoleName];
  widthMm: number;
  freeMm: readonly [number, number];
}

const task = (site: ThroughSite): DrawThroughTask => {
  const { join, copy, exits, widthMm, freeMm } = { ...site, ...site.exits };
  const names = [exits.first.name, exits.other.name] as const;
  return {
    kind: 'draw-through',
    part: join.guest.part,
    copy,
    key: taskKey('draw-through', copy, join.id),
    about: join.id,
    host: { part: join.at.part, copy: join.at.copy },
    exits: names,
    widthMm,
    freeMm,
    points: [],
    minutes: TIME.drawThrough.value,
    content: `${names.map(holeKey).join(':')}:${freeMm.map(Math.round).join(':')}`,
  };
};

const drawn = (model: ToyModel): DrawThroughTask[] =>
  model.drawn.flatMap(({ sites }) => sites.flatMap((s) => (s.how === 'through' ? [task(s)] : [])));

export const drawThrough: TaskKind<DrawThroughTask> = {
  sign: 'sew',
  rests: false,
  ofToy: drawn,
  needs: (task) => finished(task, task.host),
  words: ({ host, exits, widthMm, freeMm }, { model, inside, units }) => ({
    short: say.short.drawThrough,
    title: say.drawThrough(inside, insideName(modelOf(model, host.part), host.copy)),
    detail: say.drawThroughDetail(
      exits.map((name) => say.at(holeTag(name).rounds, holeTag(name).stitches)),
      units.length(widthMm),
      freeMm.map((mm) => units.length(mm)),
    ),
    notes: [],
    reason: `${say.drawThroughReason} ${say.tug}`,
  }),
};
