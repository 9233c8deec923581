import { useState } from 'react';
import { View } from 'react-native';
import type { PartModel } from '@hoppla/core/model';
import { changePart, changeSettings, type Settings } from '@hoppla/core/toy';
import { Amount, Choice, PlainButton, Quiet } from '../../controls';
import { edit } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { ScaleSheet } from './ScaleSheet';

const say = words.plan;
const MATERIALS: readonly Settings['fillWith'][] = ['polyester', 'cotton', 'wool', 'yarn ends'];

/** What it is filled with, and what the bag weighed less. */
export function Bag({ part }: { part: PartModel }) {
  const { toy, units } = useToy();
  const [open, setOpen] = useState(false);
  const { fillWith, noPlastic } = toy.settings;
  const own = part.part.weighedG;
  const weigh = (grams: number | null) =>
    edit(say.weighed, { station: 'plan', part: part.part.id }, (so) =>
      changePart(so, part.part.id, { weighedG: grams === null || grams === 0 ? null : grams * units.oneG }),
    );
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
      <Amount
        label={say.weigh(part.name)}
        value={own === null ? null : own / units.oneG}
        unit={units.weightOf}
        note={say.weighIt}
        onSay={weigh}
      />
      <View style={{ flexDirection: 'row' }}>
        <PlainButton label={say.scale} onPress={() => setOpen(true)} />
      </View>
      {open ? (
        <ScaleSheet onUse={(grams) => weigh(grams / units.oneG)} onClose={() => setOpen(false)} />
      ) : null}
      <Quiet>{own === null ? say.weighHow : say.weighedHow}</Quiet>
    </>
  );
}
