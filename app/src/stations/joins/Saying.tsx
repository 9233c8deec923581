import { useState } from 'react';
import { View } from 'react-native';
import type { StoredJoin } from '@hoppla/core/join';
import {
  hangWords,
  saidOfJoin,
  saidProblem,
  sewingSaid,
  type SewingSaid,
  type ToyModel,
} from '@hoppla/core/model';
import { joinWords } from '@hoppla/core/words';
import { Field, PlainButton, ProblemLine, Quiet } from '../../controls';
import { screenWords as words } from '../../words';
import { change, namesOf } from './change';

const say = words.joins;

/** The place in the maker's own words: typed, read, and followed from then on. */
export function Saying({ join, model }: { join: StoredJoin; model: ToyModel }) {
  const { guest, host } = namesOf(model, join);
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const lost = model.unfollowed.find((u) => u.join.id === join.id);
  const put = () => {
    const said = saidOfJoin(model, join, typed);
    if (!said || typed.trim() === '') return;
    const why = saidProblem(said, typed.trim(), host);
    setProblem(why);
    if (why !== null || said.place === null || typeof said.place === 'string') return;
    change(say.said, { ...join, at: said.place, hang: said.read.hang });
    setTyped('');
  };
  return (
    <View style={{ gap: 8 }}>
      {sewingSaid(model, join).map((told) => (
        <TextSays key={told.words} join={join} told={told} />
      ))}
      <View style={{ flexDirection: 'row', alignItems: 'flex-end', gap: 8, flexWrap: 'wrap' }}>
        <Field
          label={say.where}
          value={typed}
          onChange={(text) => (setTyped(text), setProblem(null))}
          onDone={put}
          placeholder={say.whereHint}
          most={160}
        />
        <PlainButton label={say.put} onPress={put} disabled={typed.trim() === ''} />
      </View>
      {problem ? <ProblemLine where={guest} sentence={problem} severity="warning" /> : null}
      {lost ? (
        <ProblemLine where={guest} sentence={joinWords.hangFault[lost.fault]} severity="warning" />
      ) : null}
      {join.hang && !lost ? (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
          <Quiet flex={1}>{say.follows(hangWords(model, join.hang))}</Quiet>
          <PlainButton label={say.letGo} onPress={() => change(say.letGo, { ...join, hang: null })} />
        </View>
      ) : null}
    </View>
  );
}

/** What the text says of this seam: put there by a tap where it is understood; what is not taken from it is told. */
function TextSays({
  join,
  told: { words: sentence, said, left, followed },
}: {
  join: StoredJoin;
  told: SewingSaid;
}) {
  const place = said?.place;
  return (
    <View style={{ gap: 8, alignItems: 'flex-start' }}>
      <Quiet>{words.face.textTells(sentence, said ? '' : say.textNotUnderstood)}</Quiet>
      {said && left ? <Quiet>{say.notTaken(left)}</Quiet> : null}
      {place && typeof place !== 'string' && !followed ? (
        <PlainButton
          label={say.asText}
          onPress={() => change(say.said, { ...join, at: place, hang: said.read.hang })}
        />
      ) : null}
    </View>
  );
}
