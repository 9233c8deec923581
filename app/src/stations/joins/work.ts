import type { ViewName } from '@hoppla/core/picture';
import type { Hanger, Strands, SurfaceWork } from '@hoppla/core/feature';
import { add, type Vec3 } from '@hoppla/core/form';
import { holeSpot, type Placed } from '@hoppla/core/join';
import { surfaceWorks, type SurfaceSite, type ToyModel } from '@hoppla/core/model';
import { setFeature } from '@hoppla/core/toy';
import { edit } from '../../documents';
import type { Pick as Picked, PickAction } from '../../stage';
import { screenWords } from '../../words';

/** What is worked on the surface, put into it or hung on it. */
export type Work = SurfaceWork | Strands | Hanger;

/** Changes a piece of work in one step of the history; small steps that follow each other are gathered. */
export const changeWork = (name: string, work: Work): void =>
  edit(name, { station: 'joins' }, (toy) => setFeature(toy, work), `work:${work.id}:${name}`);

/** Which of its two ends a touch of the toy or a step moves. */
export interface EndChoice {
  end: 'from' | 'to';
  setEnd: (end: 'from' | 'to') => void;
}

/** The lines of a piece of work; none of what is no line. */
export const linesOf = (model: ToyModel, id: string): readonly SurfaceSite[] =>
  surfaceWorks(model).find((w) => w.feature.id === id)?.sites ?? [];

/** The side of the toy from which a line of work is seen; null for other work, which is seen from where one looks already. */
export function sideOf(model: ToyModel, id: string): ViewName | null {
  const stations = linesOf(model, id)[0]?.stations;
  if (!stations) return null;
  const [x, y, z] = stations.reduce<Vec3>((sum, s) => add(sum, s.out), [0, 0, 0]);
  const sides: [ViewName, number][] = [
    ['front', z],
    ['back', -z],
    ['left', x],
    ['right', -x],
    ['top', y],
  ];
  return sides.reduce((a, b) => (b[1] > a[1] + 1e-6 ? b : a))[0];
}

const say = screenWords.surface;

/** What can be done with a stitch that was touched while work is shown: it begins there, or its line ends there. */
export const workHere =
  (model: ToyModel, id: string, end: EndChoice['end']) =>
  (pick: Picked, piece: Placed): PickAction | null => {
    const work = model.toy.features.find((f) => f.id === id);
    if (pick.layer !== 0 || pick.round === 0) return null;
    const spot = holeSpot(piece.form.fabric, pick.round, pick.at === 'hole' ? pick.index : pick.index + 1);
    const copy = (of: { part: string; copy: string | null }) => (of.part === piece.part ? of.copy : null);
    if (work?.kind === 'surface' && end === 'to') {
      const to = { ...spot, part: piece.part, copy: copy(work.end) };
      return { label: say.here.to, run: () => changeWork(say.moves, { ...work, end: to }) };
    }
    if (work?.kind !== 'surface' && work?.kind !== 'strands' && work?.kind !== 'hanger') return null;
    const next = { ...work, part: piece.part, copy: copy(work), place: spot };
    return { label: say.here.from, run: () => changeWork(say.moves, next) };
  };
