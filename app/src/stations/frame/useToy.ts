import { useGlobalSearchParams, usePathname, useRouter } from 'expo-router';
import { type Toy, type ToyFile } from '@hoppla/core/toy';
import { type PartModel, type ToyModel } from '@hoppla/core/model';
import { checkToy, shieldOf, type Shield, type ToldPoint } from '@hoppla/core/safety';
import { withTests } from '@hoppla/core/record';
import { unitWords, type UnitWords } from '@hoppla/core/words';
import { modelNow, useDrawnToy } from '../../documents';
import { stationOf } from '../stations';

export interface ToyHere {
  file: ToyFile;
  /** the newest design; `model` may be a typing pause behind it */
  toy: Toy;
  model: ToyModel;
  /** the part in the address bar, or the first */
  part: PartModel | null;
  /** safety points, with what the tests of pieces tell */
  points: ToldPoint[];
  shield: Shield;
  writing: boolean;
  /** how this toy's maker reads lengths and weights */
  units: UnitWords;
  choosePart: (id: string) => void;
}

/** The open toy with everything computed from it, and the part that the address bar names. */
export function useToy(): ToyHere {
  const { file, settled, writing } = useDrawnToy();
  if (!file || !settled) throw new Error('a station is shown without an open toy');
  const router = useRouter();
  const { part: wanted } = useGlobalSearchParams<{ part?: string }>();
  const model = modelNow(settled);
  const points = withTests(checkToy(model), model, file);
  const station = stationOf(usePathname().split('/').pop());
  const part =
    model.parts.find((p) => p.part.id === wanted) ?? station?.opensOn?.(model) ?? model.parts[0] ?? null;
  return {
    file,
    toy: file.toy,
    model,
    part,
    points,
    shield: shieldOf(points),
    writing,
    units: unitWords(file.toy.settings.units),
    choosePart: (id) => router.setParams({ part: id }),
  };
}
