import { postTag } from '../../address';
import { TIME } from '../../figures';
import { modelOf, surfaceWorks, type SurfaceState, type ToyModel } from '../../model';
import { surfaceWords as say } from '../../words';
import { insideName } from '../naming';
import { taskKey, type TaskBase, type TaskKind } from '../task';

/** A line of fins or spikes worked into the surface, and its twin. */
export interface SurfaceTask extends TaskBase {
  kind: 'surface';
  called: string;
  motif: string;
  count: number;
  yarnM: number;
  /** the addresses of the stations, line by line */
  tags: readonly (readonly string[])[];
  seams: number;
}

function task({ feature, sites, yarnM, movements }: SurfaceState): SurfaceTask {
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
    tags,
    seams: sites.reduce((n, s) => n + s.line.seams.length, 0),
    points: [],
    minutes:
      movements / TIME.stitchesAMinuteSmall.value +
      (TIME.clamp.value + 2 * TIME.weaveIn.value) * sites.length,
    content: `${feature.motif}:${tags.map((t) => t.join()).join(';')}`,
  };
}

const works = (model: ToyModel): SurfaceTask[] =>
  surfaceWorks(model).flatMap((state) => (state.sites.length > 0 ? [task(state)] : []));

export const surface: TaskKind<SurfaceTask> = {
  sign: 'needle',
  rests: false,
  ofToy: works,
  words: ({ called, count, motif, yarnM, tags, seams, part, copy }, { model, units }) => ({
    title: say.work(called, insideName(modelOf(model, part), copy)),
    short: called,
    detail: say.workDetail(count, motif, units.yarn(yarnM * 1000)),
    notes: [say.mark, ...tags.map((line) => line.join(', ')), ...(seams > 0 ? [say.seams(seams)] : [])],
    reason: say.workReason,
  }),
};
