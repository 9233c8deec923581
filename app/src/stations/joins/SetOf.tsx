import { useState } from 'react';
import { View } from 'react-native';
import type { SewnJoin } from '@hoppla/core/join';
import { modelOf, readSet, setOf, type ToyModel } from '@hoppla/core/model';
import { Field, PlainButton, ProblemLine, Quiet } from '../../controls';
import { edit, newId } from '../../documents';
import { screenWords as words } from '../../words';
import { namesOf } from './change';

const say = words.joins;

/** All copies of a part set on its host at once, in the maker's words: so many round it, so many on each of its stretches. */
export function SetOf({ join, model }: { join: SewnJoin; model: ToyModel }) {
  const { guest } = namesOf(model, join);
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  if (modelOf(model, join.guest.part).copies.length < 3) return null;
  const put = () => {
    const said = readSet(typed);
    const set = said && setOf(model, join, said, newId);
    if (!set) return setProblem(say.setNotRead(typed.trim()));
    if ('asked' in set) return setProblem(say.setTooMany(set.asked, set.made));
    setProblem(null);
    setTyped('');
    edit(say.set, { station: 'joins', join: join.id }, () => set);
  };
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', alignItems: 'flex-end', gap: 8, flexWrap: 'wrap' }}>
        <Field
          label={say.set}
          value={typed}
          onChange={(text) => (setTyped(text), setProblem(null))}
          placeholder={say.setHint}
          onDone={put}
        />
        <PlainButton label={say.setPut} onPress={put} disabled={typed.trim() === ''} />
      </View>
      {problem ? (
        <ProblemLine where={guest} sentence={problem} severity="error" />
      ) : (
        <Quiet>{say.setHow}</Quiet>
      )}
    </View>
  );
}
