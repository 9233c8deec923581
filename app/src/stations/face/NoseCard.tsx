import { useState } from 'react';
import { View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import { movedNose, noseSaid, resolveNose, type Head, type Nose } from '@hoppla/core/feature';
import { removeFeature } from '@hoppla/core/toy';
import { marksOn, type PartModel } from '@hoppla/core/model';
import { stitchWords } from '@hoppla/core/words';
import { Choice, Field, Nudge, PlainButton, ProblemLine, Quiet, Tag, Title, Words } from '../../controls';
import { edit } from '../../documents';
import { useToy } from '../frame/useToy';
import { change } from './change';
import { ringIsUp } from './ringIsUp';
import { HardwareFields, MmField } from './Hardware';
import { OnCopies } from './OnCopies';
import { rimOf } from './stitchEnds';
import { screenWords as words } from '../../words';

const say = words.face;

/** The nose: where it is, by steps, by touch and in words; how large, plastic or embroidered; on which copies; or none. */
export function NoseCard({
  part,
  head,
  nose,
  onBack,
}: {
  part: PartModel;
  head: Head;
  nose: Nose;
  onBack: () => void;
}) {
  const at = resolveNose(head, nose);
  const up = ringIsUp(part) ? -1 : 1;
  const onChange = (next: Nose) => change(say.nose, part, next, `nose:${nose.id}`);
  const move = (
    label: string,
    arrow: string,
    by: { rounds: number; holes: number },
    what: 'rounds' | 'stitches',
  ) => {
    const next = movedNose(part.form, nose, by);
    const there = next && resolveNose(head, next);
    return (
      <Nudge
        key={label}
        direction={label}
        arrow={arrow}
        result={there && there.state !== 'homeless' ? holeTag(there.name)[what] : say.cannot}
        disabled={!next}
        onPress={() => change(say.noseMove, part, next)}
      />
    );
  };
  // Numbers grow to the right on the mat as on the tape.
  const grows = ringIsUp(part) === part.form.direction < 0 ? 1 : -1;
  return (
    <>
      <Title role="heading" aria-level={2}>
        {words.stitching.on(say.nose, part.name)}
      </Title>
      {at.state === 'homeless' ? (
        <Words role="alert">{say.homeless}</Words>
      ) : (
        <View style={{ flexDirection: 'row' }}>
          <Tag of={say.nose} {...holeTag(at.name)} />
        </View>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {move(say.up, '↑', { rounds: up, holes: 0 }, 'rounds')}
        {move(say.down, '↓', { rounds: -up, holes: 0 }, 'rounds')}
        {move(words.joins.moves.left, '←', { rounds: 0, holes: -grows }, 'stitches')}
        {move(words.joins.moves.right, '→', { rounds: 0, holes: grows }, 'stitches')}
      </View>
      <Quiet>{say.noseTouch}</Quiet>
      <Where part={part} head={head} nose={nose} />
      <Choice
        label={say.noseMaking}
        options={[
          { id: 'safety nose', label: say.plasticNose },
          { id: 'embroidered', label: say.thread },
        ]}
        chosen={nose.making}
        onChoose={(making) => onChange({ ...nose, making: making as Nose['making'] })}
      />
      <Sizes nose={nose} onChange={onChange} />
      <HardwareFields
        it={nose}
        widthMm={Math.max(nose.widthMm, nose.heightMm)}
        plastic={nose.making === 'safety nose'}
        onChange={onChange}
      />
      <OnCopies part={part} it={nose} onChange={onChange} />
      <PlainButton
        label={say.noseRemove}
        danger
        onPress={() => (
          onBack(),
          edit(say.noseRemove, { station: 'face', part: part.part.id }, (toy) => removeFeature(toy, nose.id))
        )}
      />
    </>
  );
}

/** Its place in words. */
function Where({ part, head, nose }: { part: PartModel; head: Head; nose: Nose }) {
  const { model } = useToy();
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const submit = () => {
    if (typed.trim() === '') return;
    const marks = marksOn(model, part);
    const next = noseSaid(head, nose, marks, typed, rimOf(marks, part));
    setWrong(next ? null : typed);
    if (!next) return;
    setTyped('');
    change(say.noseMove, part, next);
  };
  return (
    <View style={{ gap: 6 }}>
      <Field label={words.stitching.where} value={typed} onChange={setTyped} onDone={submit} />
      {wrong === null ? null : (
        <ProblemLine where={say.nose} sentence={stitchWords.notRead(wrong)} severity="error" />
      )}
      <View style={{ flexDirection: 'row' }}>
        <PlainButton label={words.stitching.put} disabled={typed.trim() === ''} onPress={submit} />
      </View>
    </View>
  );
}

/** How large it is. */
function Sizes({ nose, onChange }: { nose: Nose; onChange: (next: Nose) => void }) {
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      <MmField
        label={say.noseWidth}
        mm={nose.widthMm}
        onChange={(widthMm) => onChange({ ...nose, widthMm })}
      />
      <MmField
        label={say.noseHeight}
        mm={nose.heightMm}
        onChange={(heightMm) => onChange({ ...nose, heightMm })}
      />
    </View>
  );
}
