import { HOLDS, TIME } from '../../figures';
import type { ToyModel } from '../../model';
import { guestsOf, pieceKey } from '../../join';
import { planWords as say } from '../../words';
import { pointsOfToy, pointWords } from '../points';
import type { TaskBase, TaskKind } from '../task';

export interface EndsTask extends TaskBase {
  kind: 'ends';
  count: number;
}

export interface InspectTask extends TaskBase {
  kind: 'inspect';
}

const whole = { part: '', copy: '' };

/** How deep an end is buried after its knot, mm: as the maker says, else as is usual. */
const buriedMm = ({ toy }: ToyModel): number => toy.safety.buriedMm ?? HOLDS.buriedMm.value;

/** Every end of yarn woven in; a thread has two of its own. Those of what a round catches were woven in before that round. */
export const weaveIn: TaskKind<EndsTask> = {
  sign: 'needle',
  rests: false,
  last: 'but one',
  ofToy: (model, before) => {
    const caught = new Set(model.caught.flatMap(({ join }) => guestsOf(join).map(pieceKey)));
    const left = before.filter((e) => !caught.has(pieceKey(e)));
    const count = left.reduce((n, e) => n + e.count * (e.what === 'thread' ? 2 : 1), 0);
    const minutes = count * TIME.weaveIn.value;
    return [
      { kind: 'ends', ...whole, key: 'ends', about: '', count, points: [], minutes, content: String(count) },
    ];
  },
  words: ({ count }, { model, units }) => ({
    title: say.ends(count),
    short: say.short.ends,
    detail: `${say.buried(units.length(buriedMm(model)))} ${say.endsDetail}`,
    notes: [],
    reason: say.endsReason,
  }),
};

export const inspect: TaskKind<InspectTask> = {
  sign: 'look',
  rests: false,
  last: 'very',
  ofToy: (model) => [
    {
      kind: 'inspect',
      ...whole,
      key: 'inspect',
      about: '',
      points: pointsOfToy(model),
      minutes: 0,
      content: '',
    },
  ],
  words: ({ points }) => ({
    title: say.inspect,
    short: say.short.inspect,
    detail: say.inspectDetail,
    notes: pointWords(points),
    reason: say.inspectReason,
  }),
};
