import { postTag } from '../../address';
import { TIME, YARN_RANGE_PERCENT } from '../../figures';
import { within } from '../../gauge';
import { modelOf, surfaceWorks, type SurfaceState, type ToyModel } from '../../model';
import { surfaceWords as say } from '../../words';
import { insideName } from '../naming';
import { pieceKey } from '../../join';
import { fiddlyMinutes } from '../figures';
import { finished, taskKey, type Need, type OfPiece, type TaskBase, type TaskKind } from '../task';

/** A line of fins or spikes worked into the surface, and its twin. */
export interface SurfaceTask extends TaskBase {
  kind: 'surface';
  called: string;
  motif: string;
  count: number;
  yarnM: number;
  colour: string;
  /** the addresses of the stations, line by line */
  tags: readonly (readonly string[])[];
  seams: number;
  /** the pieces that it runs over, and the seams between them */
  over: readonly OfPiece[];
  sewn: readonly string[];
}

/** Keys of the seams between pieces that a line runs over. */
const seamsBetween = (model: ToyModel, over: readonly OfPiece[]): string[] => {
  const runsOver = (piece: OfPiece) => over.some((o) => pieceKey(o) === pieceKey(piece));
  return model.sites.flatMap(({ join, sites }) =>
    sites.flatMap((s) =>
      runsOver({ part: join.guest.part, copy: s.copy }) && runsOver(join.at)
        ? [taskKey('sew', s.copy, join.id)]
        : [],
    ),
  );
};

function task(model: ToyModel, { feature, sites, yarnM, movements }: SurfaceState): SurfaceTask {
  const stood = sites.flatMap((s) =>
    s.stations.map(({ at: { piece } }) => ({ part: piece.part, copy: piece.copy })),
  );
  const over = [...new Map(stood.map((o) => [pieceKey(o), o])).values()];
  const tags = sites.map((s) => s.stations.map(({ name }) => postTag(name)));
  return {
    kind: 'surface',
    part: feature.part,
    copy: sites[0].copy,
    key: taskKey('surface', sites[0].copy, feature.id),
    about: feature.id,
    called: feature.name,
    motif: feature.motif,
    count: sites.length * feature.stations,
    yarnM,
    colour: feature.colour,
    tags,
    seams: sites.reduce((n, s) => n + s.line.seams.length, 0),
    over,
    sewn: seamsBetween(model, over),
    points: [],
    minutes: fiddlyMinutes(movements, model.toy) + (TIME.clamp.value + 2 * TIME.weaveIn.value) * sites.length,
    content: `${feature.motif}:${tags.map((t) => t.join()).join(';')}`,
  };
}

const works = (model: ToyModel): SurfaceTask[] =>
  surfaceWorks(model).flatMap((state) => (state.sites.length > 0 ? [task(model, state)] : []));

export const surface: TaskKind<SurfaceTask> = {
  sign: 'needle',
  rests: false,
  ofToy: works,
  uses: ({ yarnM, colour }) => [
    { what: 'yarn', colour, lengthMm: within(yarnM * 1000, YARN_RANGE_PERCENT.value) },
  ],
  needs: ({ over, sewn }) => [
    ...finished(...over),
    ...sewn.map((key): Need => ({ key, why: 'over a seam' })),
  ],
  words: ({ called, count, motif, yarnM, tags, seams, part, copy }, { model, units }) => ({
    title: say.work(called, insideName(modelOf(model, part), copy)),
    short: called,
    detail: say.workDetail(count, motif, units.yarn(yarnM * 1000)),
    notes: [say.mark, ...tags.map((line) => line.join(', ')), ...(seams > 0 ? [say.seams(seams)] : [])],
    reason: say.workReason,
  }),
};
