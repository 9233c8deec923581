import { useState } from 'react';
import { View } from 'react-native';
import type { ToldPoint } from '@hoppla/core/safety';
import { answerPoint } from '@hoppla/core/toy';
import { safetyWords } from '@hoppla/core/words';
import { Field, PlainButton, Words } from '../../controls';
import { edit } from '../../documents';
import { screenWords as words } from '../../words';

const say = words.safety;

const answer = (point: string, said: string | null): void =>
  edit(say.answerSaid, { station: 'safety' }, (so) => answerPoint(so, point, said));

/** The maker's words about a point: kept and printed. */
export function Answer({ point }: { point: ToldPoint }) {
  const [typed, setTyped] = useState<string | null>(null);
  if (typed !== null) {
    const done = () => {
      if (typed.trim() !== '') answer(point.id, typed.trim());
      setTyped(null);
    };
    return (
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 8, flexGrow: 1 }}>
        <Field label={say.answerIs} value={typed} onChange={setTyped} onDone={done} most={300} />
        <PlainButton label={say.keep} onPress={done} />
      </View>
    );
  }
  if (point.answered === null)
    return (
      <PlainButton label={say.answer} spoken={`${say.answer}: ${point.title}`} onPress={() => setTyped('')} />
    );
  return (
    <View style={{ gap: 6, flexGrow: 1 }}>
      <Words fontWeight="600">{safetyWords.answered(point.answered)}</Words>
      <View style={{ flexDirection: 'row' }}>
        <PlainButton label={say.answerBack} onPress={() => answer(point.id, null)} />
      </View>
    </View>
  );
}
