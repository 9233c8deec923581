import { useState } from 'react';
import { View } from 'react-native';
import { BEGINNINGS, begunPart, FEWEST_BEGUN, type Beginning } from '@hoppla/core/record';
import { Choice, Field, numberTyped, PlainButton, Quiet, Title } from '../../controls';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';

const say = screenWords.working;
/** More are tapped by nobody. */
const MOST = 400;

/** A part that is made up on the hook: its name, how it begins, and with how many stitches. */
export function BeginOnHook({ onBegin }: { onBegin: (text: string) => void }) {
  const { toy } = useToy();
  const [name, setName] = useState('');
  const [how, setHow] = useState<Beginning>('ring');
  const [stitches, setStitches] = useState('6');
  const n = numberTyped(stitches);
  const begins = n !== null && Number.isInteger(n) && n >= FEWEST_BEGUN[how] && n <= MOST;
  return (
    <View style={{ gap: 10 }}>
      <Title role="heading" aria-level={2}>
        {say.begin}
      </Title>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12, alignItems: 'flex-end' }}>
        <Field label={say.name} value={name} onChange={setName} placeholder={say.namePlaceholder} />
        <View style={{ width: 130 }}>
          <Field label={say.stitches} value={stitches} onChange={setStitches} numeric />
        </View>
        <PlainButton
          label={say.start}
          disabled={!begins}
          onPress={() =>
            onBegin(begunPart(name.trim() === '' ? say.unnamed : name, how, n ?? 0, toy.settings.terms))
          }
        />
      </View>
      <Choice
        label={say.how}
        options={BEGINNINGS.map((id) => ({ id, label: say.begins[id] }))}
        chosen={how}
        onChoose={setHow}
      />
      {begins ? null : <Quiet role="status">{say.fewest(FEWEST_BEGUN[how], MOST)}</Quiet>}
    </View>
  );
}
