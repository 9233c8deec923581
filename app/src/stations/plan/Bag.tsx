import { useState } from 'react';
import { View } from 'react-native';
import type { PartModel } from '@hoppla/core/model';
import { changePart, changeSettings, type Settings } from '@hoppla/core/toy';
import { Choice, Field, PlainButton, Quiet, Words } from '../../controls';
import { edit } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.plan;
const MATERIALS: readonly Settings['fillWith'][] = ['polyester', 'cotton', 'wool', 'yarn ends'];

/** What it is filled with, and what the bag weighed less. */
export function Bag({ part }: { part: PartModel }) {
  const { toy, units } = useToy();
  const [typed, setTyped] = useState<string | null>(null);
  const { fillWith, noPlastic } = toy.settings;
  const own = part.part.weighedG;
  const weigh = () => {
    const grams = Number((typed ?? '').replace(',', '.')) * (units.weightOf === 'oz' ? 28.349523125 : 1);
    setTyped(null);
    const weighedG = Number.isFinite(grams) && grams > 0 ? grams : null;
    if (weighedG === null && typed !== '') return;
    edit(say.weighed, { station: 'plan', part: part.part.id }, (so) =>
      changePart(so, part.part.id, { weighedG }),
    );
  };
  return (
    <>
      <Choice
        label={say.fillWith}
        options={MATERIALS.map((id) => ({ id, label: say.materials[id] }))}
        chosen={fillWith}
        onChoose={(id) =>
          edit(say.fillWith, { station: 'plan' }, (so) => changeSettings(so, { fillWith: id }))
        }
      />
      <View style={{ flexDirection: 'row' }}>
        <PlainButton
          label={noPlastic ? say.plasticNone : say.plasticAny}
          chosen={noPlastic === true}
          onPress={() =>
            edit(say.plasticNone, { station: 'plan' }, (so) => changeSettings(so, { noPlastic: !noPlastic }))
          }
        />
      </View>
      <Words fontWeight="600">{say.weigh(part.name)}</Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 8 }}>
        <Field
          label={say.weigh(part.name)}
          hideLabel
          value={typed ?? (own === null ? '' : units.bareWeight(own))}
          onChange={setTyped}
          onDone={weigh}
          unit={units.weightOf}
          numeric
        />
        <PlainButton label={say.weighIt} onPress={weigh} />
      </View>
      <Quiet>{own === null ? say.weighHow : say.weighedHow}</Quiet>
    </>
  );
}
