import { View } from 'react-native';
import { hangersOf, strandWorks, surfaceWorks, type ToyModel } from '@hoppla/core/model';
import { removeFeature } from '@hoppla/core/toy';
import { PlainButton } from '../../controls';
import { edit } from '../../documents';
import { screenWords as words } from '../../words';
import { HangerCard } from './HangerCard';
import { StrandsCard } from './StrandsCard';
import { SurfaceCard } from './SurfaceCard';
import type { EndChoice } from './work';

const say = words.surface;

/** The chosen work on the surface: what it comes to, what is in its way, and its small steps. */
export function WorkCard({ id, model, ends }: { id: string; model: ToyModel; ends: EndChoice }) {
  const line = surfaceWorks(model).find((w) => w.feature.id === id);
  const hair = strandWorks(model).find((w) => w.feature.id === id);
  const ring = hangersOf(model).find((w) => w.feature.id === id);
  const work = (line ?? hair ?? ring)?.feature;
  if (!work) return null;
  return (
    <>
      {line ? <SurfaceCard state={line} model={model} ends={ends} /> : null}
      {hair ? <StrandsCard state={hair} model={model} /> : null}
      {ring ? <HangerCard state={ring} model={model} /> : null}
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <PlainButton
          label={say.remove}
          danger
          onPress={() => edit(say.remove, { station: 'joins' }, (toy) => removeFeature(toy, id))}
        />
      </View>
    </>
  );
}
