import { useState } from 'react';
import { View } from 'react-native';
import { begunPart } from '@hoppla/core/record';
import { Choice, Field, PlainButton, Title } from '../../controls';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';

const say = screenWords.working;
const RINGS = ['4', '5', '6', '7', '8'] as const;

/** A part that is made up on the hook: its name, and with how many stitches its ring begins. */
export function BeginOnHook({ onBegin }: { onBegin: (text: string) => void }) {
  const { toy } = useToy();
  const [name, setName] = useState('');
  const [ring, setRing] = useState<(typeof RINGS)[number]>('6');
  return (
    <View style={{ gap: 10 }}>
      <Title role="heading" aria-level={2}>
        {say.begin}
      </Title>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12, alignItems: 'flex-end' }}>
        <Field label={say.name} value={name} onChange={setName} placeholder={say.namePlaceholder} />
        <PlainButton
          label={say.start}
          onPress={() =>
            onBegin(begunPart(name.trim() === '' ? say.unnamed : name, Number(ring), toy.settings.terms))
          }
        />
      </View>
      <Choice
        label={say.ring}
        options={RINGS.map((id) => ({ id, label: id }))}
        chosen={ring}
        onChoose={setRing}
      />
    </View>
  );
}
