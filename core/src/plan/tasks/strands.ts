import { isOn } from '../../feature';
import { TIME } from '../../figures';
import { modelOf, strandWorks, type StrandState, type ToyModel } from '../../model';
import { surfaceWords as say } from '../../words';
import { fixed } from '../../gauge';
import { insideName } from '../naming';
import type { Use } from '../uses';
import {
  finished,
  taskKey,
  type Due,
  type OfPiece,
  type PieceAtHand,
  type TaskBase,
  type TaskKind,
  type TaskWords,
  type Telling,
} from '../task';

/** Hair, a fringe or tassels: cut and put in. */
export interface StrandsTask<
  K extends 'strands' | 'strands-last' = 'strands' | 'strands-last',
> extends TaskBase {
  kind: K;
  called: string;
  yarns: number;
  cutMm: number;
  colour: string;
  hangsMm: number;
  fix: StrandState['feature']['fix'];
  open: boolean;
}

function task<K extends StrandsTask['kind']>(
  kind: K,
  { feature, places, hangsMm }: StrandState,
  of: OfPiece,
): StrandsTask<K> {
  const mine = places.filter((p) => p.piece.copy === of.copy).length;
  return {
    kind,
    ...of,
    key: taskKey('strands', of.copy, feature.id),
    about: feature.id,
    called: feature.name,
    yarns: mine * feature.together,
    cutMm: feature.cutMm,
    colour: feature.colour,
    hangsMm,
    fix: feature.fix,
    open: feature.before === 'closing',
    points: [],
    minutes: mine * TIME.strand.value,
    content: `${mine}:${feature.together}:${feature.cutMm}:${feature.fix}`,
  };
}

const ofPiece = ({ model, part, of, goes }: PieceAtHand): Due<StrandsTask<'strands'>>[] =>
  strandWorks(model).flatMap((state) => {
    const { feature, places } = state;
    if (feature.before !== 'closing' || !isOn(feature, of) || places.length === 0) return [];
    const after = 1 + Math.max(...places.map((p) => p.round));
    // While the part is open and empty, as far as its rounds are there.
    return [
      {
        after: Math.max(
          after,
          Math.min(goes[0]?.at.after ?? part.fabric.rounds.length, part.fabric.rounds.length),
        ),
        task: task('strands', state, of),
      },
    ];
  });

const ofToy = (model: ToyModel): StrandsTask<'strands-last'>[] =>
  strandWorks(model).flatMap((state) => {
    if (state.feature.before === 'closing') return [];
    const copies = [...new Set(state.places.map((p) => p.piece.copy))];
    return copies.map((copy) => task('strands-last', state, { part: state.feature.part, copy }));
  });

const words = (
  { called, part, copy, yarns, cutMm, hangsMm, fix, open }: StrandsTask,
  { model, units }: Telling,
): TaskWords => ({
  title: say.strands(called, insideName(modelOf(model, part), copy)),
  short: called,
  detail: `${say.strandsDetail(yarns, units.length(cutMm), hangsMm > 0 ? units.length(hangsMm) : null, units.yarn(yarns * cutMm))}; ${say.fixes[fix]}`,
  notes: [],
  reason: open ? say.strandsOpen : say.strandsLast,
});

const uses = ({ yarns, cutMm, colour }: StrandsTask): Use[] => [
  { what: 'yarn', colour, lengthMm: fixed(yarns * cutMm) },
];

/** Put in while the part is open. */
export const strands: TaskKind<StrandsTask<'strands'>> = {
  sign: 'needle',
  rests: false,
  ofPiece,
  uses,
  words,
};

/** Put in when everything else is done. */
export const strandsLast: TaskKind<StrandsTask<'strands-last'>> = {
  sign: 'needle',
  rests: false,
  ofToy,
  needs: (task) => finished(task),
  uses,
  words,
};
