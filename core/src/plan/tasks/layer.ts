import type { FabricLayer } from '../../fabric';
import { bodyRounds, type PartModel } from '../../model';
import { printItems, type Terms } from '../../notation';
import { planWords as say } from '../../words';
import { roundMinutes } from '../figures';
import { chainWords, layerWords } from '../sizesOfWork';
import {
  taskKey,
  type Due,
  type PieceAtHand,
  type TaskBase,
  type TaskKind,
  type TaskWords,
  type Telling,
} from '../task';

/** A frill, an edging or a fold: work that is not the part itself, at its turn in the text. */
export interface LayerTask<K extends 'layer' | 'fold' = 'layer' | 'fold'> extends TaskBase {
  kind: K;
  layer: FabricLayer['kind'];
  loop: FabricLayer['loop'];
  /** index of the layer in the part's fabric */
  index: number;
  /** label of the round that it is worked into */
  on: string;
  afterRound: number;
  stitches: number;
}

const written = ({ reading }: PartModel, { rounds }: FabricLayer, terms: Terms): string =>
  rounds.map((r) => printItems(reading.rounds[r.reading].items, terms)).join('; ');

/** Layers of a part as steps: folds by themselves, as they wait for the filling. */
const ofPiece =
  <K extends LayerTask['kind']>(kind: K) =>
  ({ model, part, of }: PieceAtHand): Due<LayerTask<K>>[] =>
    part.fabric.layers.flatMap((one, index) => {
      if ((one.kind === 'fold') !== (kind === 'fold')) return [];
      const on = part.fabric.rounds[Math.max(0, one.on)];
      const about = `${one.rounds[0].mark}.${one.rounds[0].nth}`;
      const task: LayerTask<K> = {
        kind,
        ...of,
        key: taskKey('layer', of.copy, about),
        about,
        layer: one.kind,
        loop: one.loop,
        index,
        on: on.label,
        afterRound: on.number,
        stitches: one.rounds.reduce((sum, r) => sum + r.count, 0),
        points: [],
        minutes: roundMinutes(one.rounds, model.toy),
        content: written(part, one, 'us'),
      };
      return [{ after: bodyRounds(part, one.rounds[0].reading), task }];
    });

const words = (task: LayerTask, { part, inside, units }: Telling): TaskWords => {
  const layerIs = part.fabric.layers[task.index];
  const titles = {
    fold: () => say.foldShut(inside),
    edging: () => say.edgeRound(inside),
    layer: () => say.layerOn(inside, task.on, task.loop ?? 'front'),
  };
  return {
    title: titles[task.layer](),
    short: say.short.layer,
    detail: say.layerDetail(written(part, layerIs, part.terms), task.stitches),
    notes: [...layerWords(part, task.index, units), ...chainWords(part, layerIs.rounds, units)],
    reason: task.kind === 'fold' ? say.foldReason : say.layerReason,
  };
};

/** What is worked on a part while it is open. */
export const layer: TaskKind<LayerTask<'layer'>> = {
  sign: 'ring',
  rests: false,
  ofPiece: ofPiece('layer'),
  words,
};

/** A part folded shut, when its filling is in. */
export const fold: TaskKind<LayerTask<'fold'>> = {
  sign: 'close',
  rests: false,
  ofPiece: ofPiece('fold'),
  words,
};
